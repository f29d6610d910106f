import { keepPreviousData, useQuery, useQueryClient } from "@tanstack/react-query";
import { Fragment, useState } from "react";
import Dropdown from "react-bootstrap/Dropdown";
import { Link } from "react-router";
import { DEVICE } from "../api/asking";
import { api, unwrap, type Schemas } from "../api/client";
import { projectsChanged, useCatalogue } from "../api/queries";
import { Coming } from "../kit/Coming";
import { FileButton } from "../kit/FileButton";
import { Pages } from "../kit/Pages";
import { ProjectPicture } from "../kit/ProjectPicture";
import { Find } from "../kit/Find";
import type { Notices } from "../kit/useNotice";
import { useOnce } from "../kit/useOnce";
import { say } from "../words/say";

type State = "" | "new" | "begun" | "made";
const STATES: State[] = ["", "new", "begun", "made"];

interface Props {
  notices: Notices;
  onFile: (file: File) => void;
}

/** All projects, found by words, form and state, page by page; many put away or brought back at once. */
export function OnTable({ notices, onFile }: Props) {
  const client = useQueryClient();
  const catalogue = useCatalogue();
  const [words, setWords] = useState("");
  const [form, setForm] = useState("");
  const [state, setState] = useState<State>("");
  const [since, setSince] = useState("");
  const [away, setAway] = useState(false);
  const [group, setGroup] = useState<"family" | "order">("family");
  const [page, setPage] = useState(0);
  const [chosen, setChosen] = useState<string[] | null>(null);
  const table = useQuery({
    queryKey: ["projects", "table", words, form, state, since, away, group, page],
    queryFn: async () =>
      unwrap(
        await api.GET("/api/table", {
          params: { query: { words, form, state, since, away, group, page } },
        }),
      ),
    placeholderData: keepPreviousData,
  });
  const look = (change: () => void) => {
    change();
    setPage(0);
    setChosen(null);
  };
  const refresh = () => projectsChanged(client);
  const putAway = useOnce(
    (ids: string[], gone: boolean, text: string) => {
      const lie = (away: boolean) => async () =>
        unwrap(await api.POST("/api/projects/away", { body: { ids, away } }));
      const away = async () => {
        await lie(gone)();
        setChosen(null);
      };
      return notices.takeAway(text, { away, back: lie(!gone), refresh });
    },
    (ids) => ids.join(),
  );
  const copy = useOnce(
    (id: string) =>
      notices.doing(async () => {
        const made = unwrap(await api.POST("/api/projects/{id}/copy", { params: { path: { id } } }));
        return { text: say("home-copied", { name: made.name }) };
      }, refresh),
    (id) => id,
  );
  const keepAsTemplate = useOnce(
    (id: string) =>
      notices.doing(async () => {
        const made = unwrap(await api.POST("/api/projects/{id}/template", { params: { path: { id } } }));
        return { text: say("home-template-kept", { name: made.name }) };
      }, refresh),
    (id) => id,
  );
  const shown = table.data;
  const found = shown?.projects ?? [];
  const grouped = group === "order" && !away;
  // Nothing was ever laid on the table, and nothing is looked for.
  const empty = shown && shown.found === 0 && shown.away === 0 && !words && !form && !state && !since;
  const toggle = (id: string) =>
    chosen && setChosen(chosen.includes(id) ? chosen.filter((other) => other !== id) : [...chosen, id]);
  return (
    <section aria-labelledby={empty ? undefined : "kept"} aria-busy={!shown}>
      {table.isLoading && <Coming />}
      <div className="kept-head">
        {!empty && <h2 id="kept">{say(away ? "home-away-list" : "home-kept")}</h2>}
        <FileButton
          text={say("home-bring-in")}
          label={say("home-file")}
          accept=".json,application/json"
          onFile={onFile}
        />
        {!DEVICE && (
          <>
            <Link to="/safe">{say("home-safe")}</Link>
            <Link to="/tablet">{say("devices-short")}</Link>
          </>
        )}
      </div>
      {!empty && (
        <div className="find">
          <Find label={say("home-find")} words={words} onWords={(now) => look(() => setWords(now))} />
          <label>
            {say("home-form")}{" "}
            <select value={form} onChange={(event) => look(() => setForm(event.target.value))}>
              <option value="">{say("home-all")}</option>
              {catalogue.data?.forms.map((one) => (
                <option key={one.id} value={one.id}>
                  {one.name}
                </option>
              ))}
            </select>
          </label>
          <label>
            {say("home-state")}{" "}
            <select value={state} onChange={(event) => look(() => setState(event.target.value as State))}>
              {STATES.map((one) => (
                <option key={one} value={one}>
                  {one ? say(`home-state-${one}`) : say("home-all")}
                </option>
              ))}
            </select>
          </label>
          <label>
            {say("home-since")}{" "}
            <input type="date" value={since} onChange={(event) => look(() => setSince(event.target.value))} />
          </label>
          <label>
            {say("home-group")}{" "}
            <select
              value={group}
              disabled={away}
              onChange={(event) => look(() => setGroup(event.target.value as typeof group))}
            >
              <option value="family">{say("home-group-family")}</option>
              <option value="order">{say("home-group-order")}</option>
            </select>
          </label>
          {((shown?.away ?? 0) > 0 || away) && (
            <label>
              <input
                type="checkbox"
                checked={away}
                onChange={(event) => look(() => setAway(event.target.checked))}
              />{" "}
              {say("home-show-away", { count: shown?.away ?? 0 })}
            </label>
          )}
          <span aria-live="polite">{shown && say("home-found", { count: shown.found })}</span>
          {chosen === null ? (
            <button
              type="button"
              className="button"
              disabled={found.length === 0}
              onClick={() => setChosen([])}
            >
              {say("home-choose")}
            </button>
          ) : (
            <>
              <button
                type="button"
                className="primary"
                disabled={chosen.length === 0}
                onClick={() =>
                  putAway(
                    chosen,
                    !away,
                    say(away ? "home-many-back" : "home-many-away", { count: chosen.length }),
                  )
                }
              >
                {say(away ? "home-back-chosen" : "home-away-chosen", { count: chosen.length })}
              </button>
              <button type="button" className="button" onClick={() => setChosen(found.map((one) => one.id))}>
                {say("home-choose-all")}
              </button>
              <button type="button" className="button" onClick={() => setChosen(null)}>
                {say("home-choose-none")}
              </button>
            </>
          )}
        </div>
      )}
      <ul className="projects">
        {found.map((project, nth) => (
          <Fragment key={`${project.id} ${project.order}`}>
            {grouped && (nth === 0 || found[nth - 1]!.order !== project.order) && (
              <li className="group">
                <h3>{project.order ?? say("home-no-order")}</h3>
              </li>
            )}
            <li className={`project ${chosen?.includes(project.id) ? "chosen" : ""}`}>
              {chosen !== null && (
                <label className="choose">
                  <input
                    type="checkbox"
                    checked={chosen.includes(project.id)}
                    aria-label={say("home-choose-one", { name: project.name })}
                    onChange={() => toggle(project.id)}
                  />
                </label>
              )}
              {away ? (
                <div className="put-away">
                  <Shown project={project} />
                  <button
                    type="button"
                    className="button"
                    onClick={() => putAway([project.id], false, say("home-many-back", { count: 1 }))}
                  >
                    {say("home-back")}
                  </button>
                </div>
              ) : (
                <Link to={`/projects/${project.id}/pieces`}>
                  <Shown project={project} />
                </Link>
              )}
              {project.others.length > 0 && (
                <p className="family">
                  {project.others.map((other) => (
                    <Link key={other.id} to={`/projects/${other.id}/pieces`}>
                      {other.name}
                    </Link>
                  ))}
                </p>
              )}
              {!away && (
                <Dropdown align="end">
                  <Dropdown.Toggle
                    variant="link"
                    className="more"
                    aria-label={say("home-more", { name: project.name })}
                  >
                    ⋯
                  </Dropdown.Toggle>
                  <Dropdown.Menu>
                    <Dropdown.Item onClick={() => copy(project.id)}>{say("home-copy")}</Dropdown.Item>
                    <Dropdown.Item onClick={() => keepAsTemplate(project.id)}>
                      {say("home-template")}
                    </Dropdown.Item>
                    <Dropdown.Item href={`/api/projects/${project.id}/project.json`}>
                      {say("home-save")}
                    </Dropdown.Item>
                    <Dropdown.Item
                      onClick={() =>
                        putAway([project.id], true, say("home-put-away", { name: project.name }))
                      }
                    >
                      {say("home-away")}
                    </Dropdown.Item>
                  </Dropdown.Menu>
                </Dropdown>
              )}
            </li>
          </Fragment>
        ))}
      </ul>
      <Pages page={page} pages={shown?.pages ?? 0} onPage={setPage} />
    </section>
  );
}

function Shown({ project }: { project: Schemas["Found"] }) {
  return (
    <>
      <ProjectPicture
        id={project.id}
        revision={project.revision}
        width={190}
        height={200}
        label={say("drawn", { name: project.name })}
      />
      <strong>{project.name}</strong>
      <small>{project.sizes}</small>
      <small>{say("home-made", { count: project.makes })}</small>
    </>
  );
}
