import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, unwrap, type Schemas } from "../api/client";
import { useSettings } from "../api/queries";
import { pathOf } from "../kit/path";
import { Places } from "../kit/Places";
import { Toast } from "../kit/Toast";
import { Top } from "../kit/Top";
import { useNotice } from "../kit/useNotice";
import { useOnce } from "../kit/useOnce";
import { say } from "../words/say";
import { PiledEditor, type PiledSketch } from "./PiledEditor";
import "./pile.css";

type Piled = Schemas["PiledThing"];

/** What cloth and notions there are: look, add, change, take off. */
export function Pile() {
  const settings = useSettings();
  const client = useQueryClient();
  const [sketch, setSketch] = useState<PiledSketch | null>(null);
  const notices = useNotice();
  const pile = useQuery({
    queryKey: ["pile"],
    queryFn: async () => unwrap(await api.GET("/api/pile")),
  });
  const refresh = () => client.invalidateQueries({ queryKey: ["pile"] });
  const remove = useOnce(
    ({ id, name }: Piled) => {
      const params = { path: { id } };
      return notices.takeAway(say("shelf-taken", { name }), {
        away: async () => unwrap(await api.DELETE("/api/pile/{id}", { params })),
        back: async () => unwrap(await api.POST("/api/pile/{id}/restore", { params })),
        refresh,
      });
    },
    ({ id }) => id,
  );
  const begin = (kind: "cloth" | "notion", scrap: boolean) =>
    setSketch({
      id: null,
      kind,
      name: "",
      what: kind === "cloth" ? "quilting-cotton" : "zip",
      unit: settings.data?.unit ?? "cm",
      width: "",
      left: "",
      size: "",
      outline: scrap ? [] : null,
      holes: [],
      washed: false,
      directional: false,
      price: "",
      note: "",
      photo: false,
    });
  const open = (one: Piled) =>
    setSketch({
      ...one,
      kind: one.kind === "cloth" ? "cloth" : "notion",
      // A part made ahead is what it is.
      what: one.notion === "made" ? one.what : (one.notion ?? one.what),
    });
  const here = pile.data?.pile ?? [];
  const groups = [
    ["cloth", say("pile-cloth"), here.filter((one) => one.kind === "cloth" && !one.outline)],
    ["scraps", say("pile-scraps"), here.filter((one) => one.outline)],
    ["notions", say("pile-notions"), here.filter((one) => one.kind !== "cloth")],
  ] as const;
  return (
    <div className="page">
      <Top>
        <Places />
      </Top>
      <main className="linen shelf-page" aria-busy={pile.isLoading}>
        <div className="shelf-list">
          <h1>{say("pile-title")}</h1>
          <p className="zone-sub">{say("pile-title.help")}</p>
          <p className="lay-actions">
            <button type="button" className="primary" onClick={() => begin("cloth", false)}>
              {say("pile-add-cloth")}
            </button>
            <button type="button" className="button" onClick={() => begin("cloth", true)}>
              {say("pile-add-scrap")}
            </button>
            <button type="button" className="button" onClick={() => begin("notion", false)}>
              {say("pile-add-notion")}
            </button>
          </p>
          {groups.map(([id, title, list]) => (
            <section key={id} aria-labelledby={`pile-${id}`}>
              <h2 id={`pile-${id}`}>{title}</h2>
              {list.length === 0 && <p className="hint">{say("pile-nothing")}</p>}
              <ul className="pile">
                {list.map((one) => (
                  <li key={one.id} className={one.empty ? "empty" : ""}>
                    <button type="button" className="piled" onClick={() => open(one)}>
                      {one.photo ? (
                        <img src={`/api/pile/${one.id}/photo`} alt="" width="64" height="64" />
                      ) : (
                        <Shape one={one} />
                      )}
                      <span>
                        <strong>{one.name}</strong>
                        <small>{one.name === one.what_name ? "" : one.what_name}</small>
                        {one.facts[0] && <small>{one.facts.slice(0, 2).join(", ")}</small>}
                        <small>{amount(one)}</small>
                        {one.reserved && <small>{say("pile-reserved", { amount: one.reserved })}</small>}
                        {one.empty && <small>{say("pile-empty")}</small>}
                        {one.kind === "cloth" && (
                          <small>{say(one.washed ? "pile-washed" : "pile-unwashed")}</small>
                        )}
                      </span>
                    </button>
                    <button
                      type="button"
                      className="slip-close"
                      aria-label={say("shelf-take-off.label", { name: one.name })}
                      onClick={() => remove(one)}
                    >
                      ×
                    </button>
                  </li>
                ))}
              </ul>
            </section>
          ))}
        </div>
        {sketch && pile.data && (
          <PiledEditor
            key={sketch.id ?? `${sketch.kind} ${sketch.outline !== null}`}
            first={sketch}
            notions={pile.data.notions}
            notices={notices}
            onClose={() => setSketch(null)}
            onChanged={() => void refresh()}
            onKept={(name) => {
              setSketch(null);
              notices.show({ text: say("shelf-kept", { name }) });
              void refresh();
            }}
          />
        )}
      </main>
      <Toast of={notices} />
    </div>
  );
}

function amount(one: Piled): string {
  if (one.kind === "cloth")
    return one.outline
      ? say("pile-over-all", { width: one.width, length: one.left })
      : say("pile-off-roll", { width: one.width, length: one.amount });
  if (one.kind === "count") return say("pile-count", { number: one.left, size: one.size });
  if (one.kind === "grams") return say("pile-grams", { grams: one.left });
  return one.size ? say("pile-sized", { amount: one.amount, size: one.size }) : one.amount;
}

/** A scrap drawn small; of everything else a mark. */
function Shape({ one }: { one: Piled }) {
  if (!one.outline)
    return (
      <svg width="64" height="64" aria-hidden className="pile-mark">
        {one.kind === "cloth" ? (
          <>
            <rect x="8" y="18" width="48" height="28" rx="14" />
            <path d="M42 18v28" />
          </>
        ) : (
          <circle cx="32" cy="32" r="18" />
        )}
      </svg>
    );
  const xs = one.outline.map((p) => p[0]!);
  const ys = one.outline.map((p) => p[1]!);
  const scale = 56 / Math.max(Math.max(...xs), Math.max(...ys), 1);
  return (
    <svg width="64" height="64" aria-hidden className="pile-mark">
      {[one.outline, ...one.holes].map((ring, nth) => (
        <path key={nth} d={pathOf({ x: 4, y: 60, scale }, ring, true)} />
      ))}
    </svg>
  );
}
