import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { api, unwrap, type Draft, type Schemas } from "../api/client";
import { projectsChanged } from "../api/queries";
import { Coming } from "../kit/Coming";
import { tell } from "../kit/Troubles";
import { Toast } from "../kit/Toast";
import { useNotice, type Notice } from "../kit/useNotice";
import { useOnce } from "../kit/useOnce";
import { say } from "../words/say";
import { Entry } from "./Entry";
import { Made } from "./Made";
import { Why } from "./Why";

interface Props {
  id: string;
  draft: Draft;
  options: Schemas["OptionInfo"][];
  onLogged: () => void;
}

/** The logbook of a project: why it is made, a new entry, and every make so far. */
export function Log({ id, draft, options, onLogged }: Props) {
  const client = useQueryClient();
  const navigate = useNavigate();
  const [changing, setChanging] = useState<string | null>(null);
  const notices = useNotice();
  const makes = useQuery({
    queryKey: ["makes", id],
    queryFn: async () => unwrap(await api.GET("/api/projects/{id}/makes", { params: { path: { id } } })),
  });
  const sitting = useQuery({
    queryKey: ["sitting", id],
    queryFn: async () => unwrap(await api.GET("/api/projects/{id}/sitting", { params: { path: { id } } })),
  });
  const refresh = async () => {
    await client.invalidateQueries({ queryKey: ["makes", id] });
    await client.invalidateQueries({ queryKey: ["sitting", id] });
    await client.invalidateQueries({ queryKey: ["learned"] });
    await client.invalidateQueries({ queryKey: ["pace"] });
    onLogged();
  };
  const remove = useOnce(
    (make: string) => {
      const params = { path: { id, make } };
      return notices.takeAway(say("log-out"), {
        away: async () => unwrap(await api.DELETE("/api/projects/{id}/makes/{make}", { params })),
        back: async () => unwrap(await api.POST("/api/projects/{id}/makes/{make}/restore", { params })),
        refresh,
      });
    },
    (make) => make,
  );
  /** How an entry read before is put back, by a change that can be taken back itself. */
  const putBack = (make: string, revision: number, before: number): Promise<void> =>
    notices.doing(async () => {
      const path = { id, make, before: String(before) };
      const now = unwrap(
        await api.POST("/api/projects/{id}/makes/{make}/versions/{before}", {
          params: { path },
          body: { revision },
        }),
      );
      return changedFrom(revision, now);
    }, refresh);
  const changedFrom = (before: number, now: Schemas["Make"]): Notice | null =>
    now.revision === before
      ? null
      : { text: say("log-changed"), undo: () => putBack(now.id, now.revision, before) };
  const changed = (before: Schemas["Make"], now?: Schemas["Make"]) => {
    setChanging(null);
    return notices.doing(() => Promise.resolve(now ? changedFrom(before.revision, now) : null), refresh);
  };
  const again = useOnce(async (make: string) => {
    const made = unwrap(
      await api.POST("/api/projects/{id}/again", { params: { path: { id } }, body: { make } }),
    );
    await projectsChanged(client);
    void navigate(`/compare/${made.id}/made:${id}:${make}`);
  });
  const told = makes.data;
  return (
    <div className="panel log" aria-busy={!told || !sitting.data}>
      {(makes.isLoading || sitting.isLoading) && <Coming />}
      <section aria-labelledby="new-make">
        <h2 id="new-make">{say("log-new")}</h2>
        <Why id={id} onChanged={() => void refresh()} />
        {told && sitting.data && (
          <Entry
            key={told.makes.length}
            id={id}
            sizes={told.sizes}
            tests={told.tests}
            today={told.today}
            sitting={sitting.data}
            steps={draft.steps}
            options={options}
            onKept={() => void refresh()}
          />
        )}
      </section>
      <section aria-labelledby="made">
        <h2 id="made">{say("log-made")}</h2>
        {told?.makes.length === 0 && <p>{say("log-nothing")}</p>}
        <ul className="makes">
          {told?.makes.map((make) => (
            <li key={make.id}>
              {changing === make.id ? (
                <Entry
                  id={id}
                  sizes={make.sizes.length > 0 ? make.sizes : told.sizes}
                  tests={make.tests}
                  today={told.today}
                  options={options}
                  make={make}
                  onKept={(now) => void changed(make, now)}
                  onLeave={() => setChanging(null)}
                />
              ) : (
                <Made
                  id={id}
                  make={make}
                  options={options}
                  onChange={() => setChanging(make.id)}
                  onRemove={() => remove(make.id)}
                  onAgain={() => again(make.id)}
                  onBack={(to) => void putBack(make.id, make.revision, to).catch(tell)}
                  onPhoto={() => void refresh()}
                />
              )}
            </li>
          ))}
        </ul>
      </section>
      <Toast of={notices} />
    </div>
  );
}
