import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { DEVICE } from "../api/asking";
import { troubleOf } from "../api/trouble";
import { api, Refused, unwrap, type ObjectView, type Schemas } from "../api/client";
import { projectsChanged, useCatalogue, useThings } from "../api/queries";
import { silhouette } from "../kit/ThingDrawing";
import { Coming } from "../kit/Coming";
import { Toast } from "../kit/Toast";
import { Places } from "../kit/Places";
import { Top } from "../kit/Top";
import { Aside } from "../keeping/Aside";
import { useNotice } from "../kit/useNotice";
import { useOnce } from "../kit/useOnce";
import { say } from "../words/say";
import { OnTable } from "./OnTable";
import { Templates } from "./Templates";

type Meeting = "ask" | "leave" | "replace" | "both";

/** All projects, and the question that begins a new one. */
export function Home() {
  const navigate = useNavigate();
  const notices = useNotice();
  const [have, setHave] = useState<{ file: File; text: string } | null>(null);
  const bringIn = async (chosen: File, meeting: Meeting = "ask") => {
    setHave(null);
    try {
      const body = JSON.parse(await chosen.text()) as Schemas["ProjectFile"];
      const made = unwrap(await api.POST("/api/projects/import", { params: { query: { meeting } }, body }));
      void navigate(`/projects/${made.id}/pieces`);
    } catch (error) {
      if (error instanceof Refused && error.problem.status === 409) {
        setHave({ file: chosen, text: error.message });
        return;
      }
      const why = error instanceof Refused ? error.message : say("home-no-project");
      notices.show({ text: say("home-not-in", { name: chosen.name, why }) });
    }
  };
  const settle = useOnce(bringIn);
  return (
    <div className="page">
      <Top>
        <Places />
      </Top>
      <main className="linen home">
        {!DEVICE && <Aside />}
        {have && (
          <section className="aside-told" role="alert">
            <p>{have.text}</p>
            <p>
              {(["replace", "both", "leave"] as const).map((meeting) => (
                <button
                  key={meeting}
                  type="button"
                  className="button"
                  onClick={() => settle(have.file, meeting)}
                >
                  {say(`have-${meeting}`)}
                </button>
              ))}
            </p>
          </section>
        )}
        <Begin onTrouble={(text) => notices.show({ text })} />
        <Templates notices={notices} />
        <OnTable notices={notices} onFile={(chosen) => void bringIn(chosen)} />
      </main>
      <Toast of={notices} />
    </div>
  );
}

/** So many things lie at hand here; all of them are on the shelf. */
const AT_HAND = 36;

/** The first of three choices: what is to be covered. */
function Begin({ onTrouble }: { onTrouble: (text: string) => void }) {
  const catalogue = useCatalogue();
  const things = useThings();
  const navigate = useNavigate();
  const client = useQueryClient();
  const begin = useOnce(async (from: { preset?: string; thing?: string }) => {
    try {
      const project = unwrap(await api.POST("/api/projects", { body: from }));
      await projectsChanged(client);
      void navigate(`/projects/${project.id}/${from.preset || from.thing ? "thing" : "form"}`);
    } catch (error) {
      onTrouble(troubleOf(error));
    }
  });
  const covered = things.data?.filter((thing) => thing.group === "cover") ?? [];
  return (
    <section className="begin" aria-labelledby="begin">
      <h1 id="begin">{say("home-begin")}</h1>
      {(catalogue.isLoading || things.isLoading) && <Coming />}
      <ul className="things">
        {covered.slice(0, AT_HAND).map((thing) => (
          <li key={thing.id}>
            <button type="button" className="thing" onClick={() => begin({ thing: thing.id })}>
              <Small view={thing.view} />
              <strong>{thing.name}</strong>
              <small>{say("home-on-shelf")}</small>
            </button>
          </li>
        ))}
        {covered.length > AT_HAND && (
          <li>
            <Link className="thing" to="/shelf">
              <strong>{say("home-all-things", { count: covered.length })}</strong>
            </Link>
          </li>
        )}
        {catalogue.data?.presets.map((preset) => (
          <li key={preset.id}>
            <button type="button" className="thing unverified" onClick={() => begin({ preset: preset.id })}>
              <Small view={preset.view} />
              <strong>{say("home-preset", { thing: preset.name })}</strong>
              <small>{say("home-to-measure")}</small>
            </button>
          </li>
        ))}
        <li>
          <button type="button" className="thing unverified" onClick={() => begin({})}>
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
