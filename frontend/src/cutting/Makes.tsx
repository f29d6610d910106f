import { Link } from "react-router";
import { useProjects } from "../api/queries";
import { Beside } from "../sew/Beside";
import { say } from "../words/say";
import type { AtTable, Cutting } from "./useCutting";

/** Which makes are cut together, and how many of each. */
export function Makes({ cutting, table }: { cutting: Cutting; table: AtTable }) {
  const projects = useProjects();
  const others = projects.data?.filter((p) => !cutting.makes.some((make) => make.project === p.id)) ?? [];
  /** So many of one make; of none there is none. */
  const set = (project: string, count: number) =>
    table.change(({ makes }) => {
      const known = makes.some((make) => make.project === project);
      const now = known ? makes : [...makes, { project, count }];
      return {
        makes: now
          .map((make) => ({ project: make.project, count: make.project === project ? count : make.count }))
          .filter((make) => make.count > 0),
      };
    });
  return (
    <aside className="panel cutting-makes" aria-labelledby="cutting-makes">
      <h2 id="cutting-makes">{say("cutting-makes")}</h2>
      <ul>
        {cutting.makes.map((make) => (
          <li key={make.project}>
            {make.gone ? (
              <em>{say("cutting-gone")}</em>
            ) : (
              <Link to={`/projects/${make.project}/cloth`}>{make.name}</Link>
            )}
            <label>
              <span className="visually-hidden">{say("cutting-count", { name: make.name })}</span>
              <input
                type="number"
                min={1}
                max={200}
                defaultValue={make.count}
                key={make.count}
                onBlur={(event) => {
                  const count = Number(event.target.value);
                  if (count >= 1 && count !== make.count) void set(make.project, Math.round(count));
                }}
                onKeyDown={(event) => event.key === "Enter" && event.currentTarget.blur()}
              />
            </label>
            {cutting.makes.length > 1 && (
              <button
                type="button"
                className="slip-close"
                aria-label={say("cutting-without", { name: make.name })}
                onClick={() => void set(make.project, 0)}
              >
                ×
              </button>
            )}
            {!make.gone && <Beside id={make.project} ticked="" onTaken={() => void table.look()} />}
          </li>
        ))}
      </ul>
      {others.length > 0 && (
        <label className="cutting-more">
          {say("cutting-with")}
          <select value="" onChange={(event) => void set(event.target.value, 1)}>
            <option value="">{say("cutting-with.none")}</option>
            {others.map((project) => (
              <option key={project.id} value={project.id}>
                {project.name}
              </option>
            ))}
          </select>
        </label>
      )}
      <p className="hint">{say("cutting-makes.help")}</p>
    </aside>
  );
}
