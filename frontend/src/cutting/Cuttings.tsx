import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { api, unwrap, type Schemas } from "../api/client";
import { useProjects } from "../api/queries";
import { troubleOf } from "../api/trouble";
import { ProjectPicture } from "../kit/ProjectPicture";
import { Places } from "../kit/Places";
import { Toast } from "../kit/Toast";
import { Top } from "../kit/Top";
import { Find } from "../kit/Find";
import { useNotice } from "../kit/useNotice";
import { useOnce } from "../kit/useOnce";
import { say } from "../words/say";
import "./cutting.css";

/** By its own name, or by what is cut; of that everything may have been put away. */
function called(one: Schemas["CuttingSummary"]): string {
  return one.name || one.makes.join(", ") || say("cutting-gone");
}

/** So many are shown at once; others are found by their names. */
const SHOWN = 48;

/** What is being cut, and a new table for several makes. */
export function Cuttings() {
  const projects = useProjects();
  const client = useQueryClient();
  const navigate = useNavigate();
  const [chosen, setChosen] = useState<string[]>([]);
  const [words, setWords] = useState("");
  const [trouble, setTrouble] = useState("");
  const notices = useNotice();
  const cuttings = useQuery({
    queryKey: ["cuttings"],
    queryFn: async () => unwrap(await api.GET("/api/cuttings")).cuttings,
  });
  const begin = useOnce(async () => {
    try {
      const makes = chosen.map((project) => ({ project, count: 1 }));
      const made = unwrap(await api.POST("/api/cuttings", { body: { name: "", makes } }));
      await client.invalidateQueries({ queryKey: ["cuttings"] });
      void navigate(`/cutting/${made.id}/lay`);
    } catch (error) {
      setTrouble(troubleOf(error));
    }
  });
  const clear = useOnce(
    (one: Schemas["CuttingSummary"]) => {
      const params = { path: { id: one.id } };
      return notices.takeAway(say("cutting-cleared", { name: called(one) }), {
        away: async () => unwrap(await api.DELETE("/api/cuttings/{id}", { params })),
        back: async () => unwrap(await api.POST("/api/cuttings/{id}/restore", { params })),
        refresh: () => client.invalidateQueries({ queryKey: ["cuttings"] }),
      });
    },
    ({ id }) => id,
  );
  // What is chosen stays in sight, whatever is looked for.
  const named = (name: string) =>
    words
      .toLowerCase()
      .split(/\s+/)
      .every((word) => name.toLowerCase().includes(word));
  const every = projects.data ?? [];
  const found = every.filter((one) => chosen.includes(one.id) || named(one.name));
  return (
    <div className="page">
      <Top>
        <Places />
      </Top>
      <main className="linen home" aria-busy={cuttings.isLoading || projects.isLoading}>
        <h1>{say("cutting-title")}</h1>
        {(cuttings.data?.length ?? 0) > 0 && (
          <ul className="cuttings">
            {cuttings.data!.map((one) => (
              <li key={one.id}>
                <Link to={`/cutting/${one.id}/lay`}>{called(one)}</Link>
                <button
                  type="button"
                  className="quiet-button"
                  aria-label={say("cutting-clear.label", { name: called(one) })}
                  onClick={() => clear(one)}
                >
                  {say("cutting-clear")}
                </button>
              </li>
            ))}
          </ul>
        )}
        <h2>{say("cutting-new")}</h2>
        <p className="zone-sub">{say("cutting-new.help")}</p>
        {every.length > SHOWN && (
          <Find label={say("home-find")} words={words} onWords={setWords}>
            {" "}
            <small>{say("home-found", { count: found.length })}</small>
          </Find>
        )}
        <ul className="cutting-choose">
          {found.slice(0, SHOWN + chosen.length).map((project) => (
            <li key={project.id}>
              <label>
                <input
                  type="checkbox"
                  checked={chosen.includes(project.id)}
                  onChange={(event) =>
                    setChosen(
                      event.target.checked
                        ? [...chosen, project.id]
                        : chosen.filter((id) => id !== project.id),
                    )
                  }
                />
                <ProjectPicture
                  id={project.id}
                  revision={project.revision}
                  width={84}
                  height={84}
                  label={say("drawn", { name: project.name })}
                />
                {project.name}
              </label>
            </li>
          ))}
        </ul>
        {trouble && (
          <p className="measure-error static" role="alert">
            {trouble}
          </p>
        )}
        <button type="button" className="primary" disabled={chosen.length === 0} onClick={() => begin()}>
          {say("cutting-begin", { count: chosen.length })}
        </button>
      </main>
      <Toast of={notices} />
    </div>
  );
}

/** From a make to its own cutting table. */
export function ToCutting() {
  const { id = "" } = useParams();
  const navigate = useNavigate();
  const client = useQueryClient();
  useEffect(() => {
    let over = false;
    void api.POST("/api/projects/{id}/cutting", { params: { path: { id } } }).then((answer) => {
      if (over) return;
      if (!answer.data) return void navigate("/cutting", { replace: true });
      client.setQueryData(["cutting", answer.data.id], answer.data);
      void navigate(`/cutting/${answer.data.id}/lay`, { replace: true });
    });
    return () => {
      over = true;
    };
  }, [client, id, navigate]);
  return <main className="linen" aria-busy="true" />;
}
