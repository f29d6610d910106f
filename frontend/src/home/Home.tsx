import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useCallback, useState } from "react";
import Dropdown from "react-bootstrap/Dropdown";
import { Link, useNavigate } from "react-router";
import { api, Refused, unwrap, type ObjectView, type Schemas } from "../api/client";
import { useCatalogue, useProjects, useThings } from "../api/queries";
import { troubleOf } from "../api/trouble";
import { FileButton } from "../kit/FileButton";
import { FormPicture } from "../kit/FormPicture";
import { silhouette } from "../kit/ThingDrawing";
import { Toast, type Notice } from "../kit/Toast";
import { Places } from "../kit/Places";
import { Top } from "../kit/Top";

/** All projects, and the question that begins a new one. */
export function Home() {
  const projects = useProjects();
  const client = useQueryClient();
  const navigate = useNavigate();
  const [notice, setNotice] = useState<Notice | null>(null);
  const gone = useCallback(() => setNotice(null), []);
  const refresh = () => client.invalidateQueries({ queryKey: ["projects"] });

  const remove = async (id: string, name: string) => {
    unwrap(await api.DELETE("/api/projects/{id}", { params: { path: { id } } }));
    await refresh();
    const undo = async () => {
      unwrap(await api.POST("/api/projects/{id}/restore", { params: { path: { id } } }));
      await refresh();
    };
    setNotice({ text: `“${name}” was put away.`, undo: () => void undo() });
  };
  const copy = async (id: string) => {
    const made = unwrap(await api.POST("/api/projects/{id}/copy", { params: { path: { id } } }));
    await refresh();
    setNotice({ text: `“${made.name}” lies on the table.` });
  };
  const bringIn = async (chosen: File) => {
    try {
      const body = JSON.parse(await chosen.text()) as Schemas["ProjectFile"];
      const made = unwrap(await api.POST("/api/projects/import", { body }));
      void navigate(`/projects/${made.id}/pieces`);
    } catch (error) {
      const why = error instanceof Refused ? error.message : "it is not a project file.";
      setNotice({ text: `“${chosen.name}” could not be brought in: ${why}` });
    }
  };
  const all = projects.data ?? [];
  // Variants lie together, under the one worked on last.
  const list = all.filter((p, i) => !p.family || all.findIndex((q) => q.family === p.family) === i);
  return (
    <div className="page">
      <Top>
        <Places>
          <FileButton
            text="Bring in a project"
            label="Project file"
            accept=".json,application/json"
            onFile={(chosen) => void bringIn(chosen)}
          />
        </Places>
      </Top>
      <main className="linen home">
        <Begin onTrouble={(text) => setNotice({ text })} />
        {list.length > 0 && (
          <section aria-labelledby="kept">
            <h2 id="kept">On the table</h2>
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
                      label={`${project.name}, drawn`}
                    />
                    <strong>{project.name}</strong>
                    <small>{project.picture.sizes}</small>
                    <small>
                      {project.makes > 0
                        ? `made ${project.makes === 1 ? "once" : `${project.makes} times`}`
                        : "not made yet"}
                    </small>
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
                    <Dropdown.Toggle variant="link" className="more" aria-label={`More for ${project.name}`}>
                      ⋯
                    </Dropdown.Toggle>
                    <Dropdown.Menu>
                      <Dropdown.Item onClick={() => void copy(project.id)}>Make a copy</Dropdown.Item>
                      <Dropdown.Item href={`/api/projects/${project.id}/project.json`}>
                        Save as a file
                      </Dropdown.Item>
                      <Dropdown.Item onClick={() => void remove(project.id, project.name)}>
                        Put away
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
      await client.invalidateQueries({ queryKey: ["projects"] });
      void navigate(`/projects/${project.id}/${from.preset || from.thing ? "thing" : "form"}`);
    },
    onError: (error) => onTrouble(troubleOf(error)),
  });
  return (
    <section className="begin" aria-labelledby="begin">
      <h1 id="begin">What shall be covered?</h1>
      <ul className="things">
        {things.data
          ?.filter((thing) => thing.group === "cover")
          .map((thing) => (
            <li key={thing.id}>
              <button type="button" className="thing" onClick={() => begin.mutate({ thing: thing.id })}>
                <Small view={thing.view} />
                <strong>{thing.name}</strong>
                <small>on the shelf</small>
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
              <strong>a {preset.name}</strong>
              <small>to be measured</small>
            </button>
          </li>
        ))}
        <li>
          <button type="button" className="thing unverified" onClick={() => begin.mutate({})}>
            <svg width="70" height="84" viewBox="0 0 70 84" aria-hidden className="dimension">
              <path d="M12 20h46v50H12z" strokeDasharray="4 3" />
              <path d="M12 10h46 M4 20v50" />
            </svg>
            <strong>finished sizes</strong>
            <small>no thing at hand</small>
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
