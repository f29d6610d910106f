import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, unwrap, type Schemas } from "../api/client";
import { troubleOf } from "../api/trouble";
import { send } from "../api/upload";
import { FileButton } from "../kit/FileButton";
import { Places } from "../kit/Places";
import { Top } from "../kit/Top";
import { useOnce } from "../kit/useOnce";
import { say } from "../words/say";
import { Away } from "./Away";
import "./keeping.css";

type Meeting = "leave" | "replace" | "both";
const MEETINGS: Meeting[] = ["leave", "replace", "both"];

/** Where everything is kept: saved and brought back, its dated copies, what was put away. */
export function Keeping() {
  const client = useQueryClient();
  const keeping = useQuery({
    queryKey: ["keeping"],
    queryFn: async () => unwrap(await api.GET("/api/keeping")),
  });
  const [meeting, setMeeting] = useState<Meeting>("leave");
  const [brought, setBrought] = useState<Schemas["BroughtBack"] | null>(null);
  const [trouble, setTrouble] = useState("");
  const [busy, setBusy] = useState(false);
  const bring = async (work: () => Promise<Schemas["BroughtBack"]>) => {
    setBusy(true);
    setTrouble("");
    setBrought(null);
    try {
      setBrought(await work());
      await client.invalidateQueries();
    } catch (error) {
      setTrouble(troubleOf(error));
    } finally {
      setBusy(false);
    }
  };
  const fromCopy = (name: string) =>
    bring(async () =>
      unwrap(await api.POST("/api/copies/{name}", { params: { path: { name } }, body: { meeting } })),
    );
  const copyNow = useOnce(async () =>
    client.setQueryData(["keeping"], unwrap(await api.POST("/api/copies"))),
  );
  const shown = keeping.data;
  return (
    <div className="page">
      <Top>
        <Places />
      </Top>
      <main className="linen shelf-page keeping" aria-busy={keeping.isLoading}>
        <div>
          <h1>{say("keeping")}</h1>
          {shown && <p className="zone-sub">{say("keeping-folder", { folder: shown.folder })}</p>}
          <section className="panel" aria-labelledby="keeping-all">
            <h2 id="keeping-all">{say("keeping-all")}</h2>
            <p>{say("keeping-all.help")}</p>
            <p className="keeping-actions">
              <a className="primary" href="/api/everything.zip" download>
                {say("keeping-save")}
              </a>
              <FileButton
                text={say("keeping-bring")}
                label={say("keeping-file")}
                accept=".zip,.sqlite3,application/zip"
                onFile={(file) => void bring(() => send("POST", `/api/everything?meeting=${meeting}`, file))}
              />
            </p>
            <label>
              {say("keeping-meeting")}{" "}
              <select value={meeting} onChange={(event) => setMeeting(event.target.value as Meeting)}>
                {MEETINGS.map((one) => (
                  <option key={one} value={one}>
                    {say(`keeping-meeting-${one}`)}
                  </option>
                ))}
              </select>
            </label>
            <div aria-live="polite">
              {busy && <p>{say("keeping-busy")}</p>}
              {trouble && (
                <p className="measure-error static" role="alert">
                  {trouble}
                </p>
              )}
              {brought && <Brought told={brought} />}
            </div>
          </section>
          <section className="panel" aria-labelledby="keeping-copies">
            <h2 id="keeping-copies">{say("keeping-copies")}</h2>
            <p>{say("keeping-copies.help")}</p>
            <p>
              <button type="button" className="button" onClick={() => copyNow()}>
                {say("keeping-copy-now")}
              </button>
            </p>
            {shown?.copies.length === 0 && <p className="hint">{say("keeping-no-copies")}</p>}
            <ul className="copies">
              {shown?.copies.map((copy) => (
                <li key={copy.name}>
                  <span>
                    {copy.text} <small>{copy.size}</small>
                  </span>
                  <button
                    type="button"
                    className="button"
                    disabled={busy}
                    aria-label={say("keeping-back.label", { copy: copy.text })}
                    onClick={() => void fromCopy(copy.name)}
                  >
                    {say("keeping-back")}
                  </button>
                </li>
              ))}
            </ul>
          </section>
        </div>
        <Away />
      </main>
    </div>
  );
}

function Brought({ told }: { told: Schemas["BroughtBack"] }) {
  return (
    <div className="brought">
      {told.texts.map((text, nth) => (
        <p key={nth}>{text}</p>
      ))}
      {told.others.length > 0 && (
        <details>
          <summary>{say("keeping-others", { count: told.others.length })}</summary>
          <p>{told.others.join(", ")}</p>
        </details>
      )}
      {told.unread.length > 0 && (
        <p className="measure-error static">{say("keeping-left-out", { names: told.unread.join(", ") })}</p>
      )}
    </div>
  );
}
