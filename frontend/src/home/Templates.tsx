import { useQuery, useQueryClient } from "@tanstack/react-query";
import Dropdown from "react-bootstrap/Dropdown";
import { Link, useNavigate } from "react-router";
import { api, unwrap } from "../api/client";
import { projectsChanged } from "../api/queries";
import { Coming } from "../kit/Coming";
import { ProjectPicture } from "../kit/ProjectPicture";
import type { Notices } from "../kit/useNotice";
import { useOnce } from "../kit/useOnce";
import { say } from "../words/say";

/** The maker's own templates: a press begins a make from one, for its own thing or another. */
export function Templates({ notices }: { notices: Notices }) {
  const client = useQueryClient();
  const navigate = useNavigate();
  const kept = useQuery({
    queryKey: ["projects", "templates"],
    queryFn: async () => unwrap(await api.GET("/api/templates")),
  });
  const templates = kept.data?.templates ?? [];
  const begin = useOnce(async (template: string, thing?: string) => {
    const made = unwrap(await api.POST("/api/projects", { body: { template, thing } }));
    await projectsChanged(client);
    void navigate(`/projects/${made.id}/${thing ? "thing" : "pieces"}`);
  });
  const putAway = useOnce(
    (id: string, name: string) => {
      const lie = (away: boolean) => async () =>
        unwrap(await api.POST("/api/projects/away", { body: { ids: [id], away } }));
      return notices.takeAway(say("home-put-away", { name }), {
        away: lie(true),
        back: lie(false),
        refresh: () => projectsChanged(client),
      });
    },
    (id) => id,
  );
  if (kept.isLoading) return <Coming />;
  if (templates.length === 0) return null;
  return (
    <section aria-labelledby="templates">
      <h2 id="templates">{say("home-templates")}</h2>
      <ul className="projects templates">
        {templates.map((one) => (
          <li key={one.id} className="own">
            <button type="button" className="template" onClick={() => begin(one.id)}>
              <ProjectPicture id={one.id} revision={one.revision} width={110} height={110} label="" />
              <strong>{one.name}</strong>
              <small>{one.sizes}</small>
            </button>
            <Dropdown align="end">
              <Dropdown.Toggle
                variant="link"
                className="more"
                aria-label={say("home-template-more", { name: one.name })}
              >
                ⋯
              </Dropdown.Toggle>
              <Dropdown.Menu>
                {one.things.map((thing) => (
                  <Dropdown.Item key={thing.id} onClick={() => begin(one.id, thing.id)}>
                    {say("home-template-for", { thing: thing.name })}
                  </Dropdown.Item>
                ))}
                <Dropdown.Item as={Link} to={`/projects/${one.id}/pieces`}>
                  {say("home-template-change")}
                </Dropdown.Item>
                <Dropdown.Item onClick={() => putAway(one.id, one.name)}>{say("home-away")}</Dropdown.Item>
              </Dropdown.Menu>
            </Dropdown>
          </li>
        ))}
      </ul>
    </section>
  );
}
