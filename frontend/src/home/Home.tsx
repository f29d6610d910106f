import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useCallback, useState } from "react";
import Dropdown from "react-bootstrap/Dropdown";
import { Link, useNavigate } from "react-router";
import { api, Refused, unwrap, type ObjectView, type Schemas } from "../api/client";
import { projectsChanged, useCatalogue, useProjects, useThings } from "../api/queries";
import { troubleOf } from "../api/trouble";
import { FileButton } from "../kit/FileButton";
import { FormPicture } from "../kit/FormPicture";
import { silhouette } from "../kit/ThingDrawing";
import { Toast, type Notice } from "../kit/Toast";
import { Places } from "../kit/Places";
import { Top } from "../kit/Top";
import { say } from "../words/say";

/** All projects, and the question that begins a new one. */
export function Home() {
  const projects = useProjects();
  const client = useQueryClient();
  const navigate = useNavigate();
  const [notice, setNotice] = useState<Notice | null>(null);
  const gone = useCallback(() => setNotice(null), []);
  const refresh = () => projectsChanged(client);

  const remove = async (id: string, name: string) => {
    unwrap(await api.DELETE("/api/projects/{id}", { params: { path: { id } } }));
    await refresh();
    const undo = async () => {
      unwrap(await api.POST("/api/projects/{id}/restore", { params: { path: { id } } }));
      await refresh();
    };
    setNotice({ text: say("home-put-away", { name }), undo: () => void undo() });
  };
  const copy = async (id: string) => {
    const made = unwrap(await api.POST("/api/projects/{id}/copy", { params: { path: { id } } }));
    await refresh();
    setNotice({ text: say("home-copied", { name: made.name }) });
  };
  const bringIn = async (chosen: File) => {
    try {
      const body = JSON.parse(await chosen.text()) as Schemas["ProjectFile"];
      const made = unwrap(await api.POST("/api/projects/import", { body }));
      void navigate(`/projects/${made.id}/pieces`);
    } catch (error) {
      const why = error instanceof Refused ? error.message : say("home-no-project");
      setNotice({ text: say("home-not-in", { name: chosen.name, why }) });
    }
  };
  const all = projects.data ?? [];
  // Variants lie together, under the one worked on last.
  const list = all.filter((p, i) => !p.family || all.findIndex((q) => q.family === p.family) === i);
  return (
    <div className="page">
      <Top>
        <Places />
      </Top>
      <main className="linen home">
        <Begin onTrouble={(text) => setNotice({ text })} />
        <div className="kept-head">
          {list.length > 0 && <h2 id="kept">{say("home-kept")}</h2>}
          <FileButton
            text={say("home-bring-in")}
            label={say("home-file")}
            accept=".json,application/json"
            onFile={(chosen) => void bringIn(chosen)}
          />
        </div>
        {list.length > 0 && (
          <section aria-labelledby="kept">
            <ul className="projects">
              {list.map((project) => (
                <li key={project.id} className="project">
                  <Link to={`/projects/${project.id}/pieces`}>
                    <FormPicture
                      facets={project.picture.facets}
                      carried={project.picture.carried}
                      object={project.picture.object}
                      width={190}
                      height={200}
                      label={say("drawn", { name: project.name })}
                    />
                    <strong>{project.name}</strong>
                    <small>{project.picture.sizes}</small>
                    <small>{say("home-made", { count: project.makes })}</small>
                  </Link>
                  {project.family && (
                    <p className="family">
                      {all
                        .filter((p) => p.family === project.family && p.id !== project.id)
                        .map((p) => (
                          <Link key={p.id} to={`/projects/${p.id}/pieces`}>
                            {p.name}
                          </Link>
                        ))}
                    </p>
                  )}
                  <Dropdown align="end">
                    <Dropdown.Toggle
                      variant="link"
                      className="more"
                      aria-label={say("home-more", { name: project.name })}
                    >
                      ⋯
                    </Dropdown.Toggle>
                    <Dropdown.Menu>
                      <Dropdown.Item onClick={() => void copy(project.id)}>{say("home-copy")}</Dropdown.Item>
                      <Dropdown.Item href={`/api/projects/${project.id}/project.json`}>
                        {say("home-save")}
                      </Dropdown.Item>
                      <Dropdown.Item onClick={() => void remove(project.id, project.name)}>
                        {say("home-away")}
                      </Dropdown.Item>
                    </Dropdown.Menu>
                  </Dropdown>
                </li>
              ))}
            </ul>
          </section>
        )}
      </main>
      <Toast notice={notice} onGone={gone} />
    </div>
  );
}

/** The first of three choices: what is to be covered. */
function Begin({ onTrouble }: { onTrouble: (text: string) => void }) {
  const catalogue = useCatalogue();
  const things = useThings();
  const navigate = useNavigate();
  const client = useQueryClient();
  const begin = useMutation({
    mutationFn: async (from: { preset?: string; thing?: string }) =>
      unwrap(await api.POST("/api/projects", { body: from })),
    onSuccess: async (project, from) => {
      await projectsChanged(client);
      void navigate(`/projects/${project.id}/${from.preset || from.thing ? "thing" : "form"}`);
    },
    onError: (error) => onTrouble(troubleOf(error)),
  });
  return (
    <section className="begin" aria-labelledby="begin">
      <h1 id="begin">{say("home-begin")}</h1>
      <ul className="things">
        {things.data
          ?.filter((thing) => thing.group === "cover")
          .map((thing) => (
            <li key={thing.id}>
              <button type="button" className="thing" onClick={() => begin.mutate({ thing: thing.id })}>
                <Small view={thing.view} />
                <strong>{thing.name}</strong>
                <small>{say("home-on-shelf")}</small>
              </button>
            </li>
          ))}
        {catalogue.data?.presets.map((preset) => (
          <li key={preset.id}>
            <button
              type="button"
              className="thing unverified"
              onClick={() => begin.mutate({ preset: preset.id })}
            >
              <Small view={preset.view} />
              <strong>{say("home-preset", { thing: preset.name })}</strong>
              <small>{say("home-to-measure")}</small>
            </button>
          </li>
        ))}
        <li>
          <button type="button" className="thing unverified" onClick={() => begin.mutate({})}>
            <svg width="70" height="84" viewBox="0 0 70 84" aria-hidden className="dimension">
              <path d="M12 20h46v50H12z" strokeDasharray="4 3" />
              <path d="M12 10h46 M4 20v50" />
            </svg>
            <strong>{say("home-sizes")}</strong>
            <small>{say("home-no-thing")}</small>
          </button>
        </li>
      </ul>
    </section>
  );
}

function Small({ view }: { view: ObjectView }) {
  const height = Math.max(...view.radii.map((p) => p[0]!));
  const radius = Math.max(...view.radii.map((p) => p[1]!));
  const scale = Math.min(76 / Math.max(height, 220), 62 / (2 * radius));
  return (
    <svg width="70" height="84" aria-hidden>
      <path className="glass" d={silhouette(view, { x: 35, y: 82, scale })} />
    </svg>
  );
}
