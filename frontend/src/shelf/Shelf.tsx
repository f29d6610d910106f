import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { api, unwrap, type ObjectView, type Thing } from "../api/client";
import { projectsChanged, useSettings, useThings, useUnread } from "../api/queries";
import { outlineOf } from "../kit/ThingDrawing";
import { Toast } from "../kit/Toast";
import { Places } from "../kit/Places";
import { Top } from "../kit/Top";
import { Editor, type Sketch } from "./Editor";
import { useNotice } from "../kit/useNotice";
import { useOnce } from "../kit/useOnce";
import { say } from "../words/say";

/** What stands and lies about, each place with the question that adds to it. */
const PLACES = [
  { group: "cover", title: say("shelf-cover"), add: say("shelf-cover.add"), first: "bottle" },
  { group: "hardware", title: say("shelf-hardware"), add: say("shelf-hardware.add"), first: "ring" },
  { group: "wearer", title: say("shelf-wearer"), add: say("shelf-wearer.add"), first: "wearer" },
] as const;

/** The shelf of measured things: look, add, change, take off. */
export function Shelf() {
  const things = useThings();
  const unread = useUnread();
  const settings = useSettings();
  const client = useQueryClient();
  const navigate = useNavigate();
  const [sketch, setSketch] = useState<Sketch | null>(null);
  const notices = useNotice();
  const refresh = () => client.invalidateQueries({ queryKey: ["things"] });
  const remove = useOnce(
    ({ id, name }: Pick<Thing, "id" | "name">) => {
      const params = { path: { id } };
      return notices.takeAway(say("shelf-taken", { name }), {
        away: async () => unwrap(await api.DELETE("/api/things/{id}", { params })),
        back: async () => unwrap(await api.POST("/api/things/{id}/restore", { params })),
        refresh,
      });
    },
    ({ id }) => id,
  );
  const cover = useOnce(async (thing: Thing) => {
    const project = unwrap(await api.POST("/api/projects", { body: { thing: thing.id } }));
    await projectsChanged(client);
    void navigate(`/projects/${project.id}/thing`);
  });
  const open = (thing: Thing) =>
    setSketch({
      id: thing.id,
      name: thing.name,
      unit: thing.unit,
      object: thing.object,
      note: thing.note,
      photo: thing.photo,
      revision: thing.revision,
    });
  const begin = (kind: string) =>
    setSketch({
      id: null,
      name: "",
      unit: settings.data?.unit ?? "cm",
      object: { kind },
      note: "",
      photo: false,
    });
  return (
    <div className="page">
      <Top>
        <Places />
      </Top>
      <main className="linen shelf-page" aria-busy={things.isLoading || unread.isLoading}>
        <div className="shelf-list">
          {unread.data?.map((one) => (
            <p key={one.id} className="measure-error static">
              {say("shelf-unread", { name: one.name })}{" "}
              <button type="button" className="button" onClick={() => remove(one)}>
                {say("shelf-take-off")}
              </button>
            </p>
          ))}
          {PLACES.map(({ group, title, add, first }) => {
            const here = things.data?.filter((thing) => thing.group === group) ?? [];
            return (
              <section key={group} aria-labelledby={`place-${group}`}>
                {group === "cover" ? (
                  <h1 id={`place-${group}`}>{title}</h1>
                ) : (
                  <h2 id={`place-${group}`}>{title}</h2>
                )}
                <ul className="shelf">
                  {here.map((thing) => (
                    <Kept
                      key={thing.id}
                      thing={thing}
                      tallest={Math.max(1, ...here.map((t) => heightOf(t.view)))}
                      onOpen={() => open(thing)}
                      onCover={group === "cover" ? () => cover(thing) : undefined}
                      onRemove={() => remove(thing)}
                    />
                  ))}
                </ul>
                <button
                  type="button"
                  className={group === "cover" ? "primary" : "button"}
                  onClick={() => begin(first)}
                >
                  {add}
                </button>
              </section>
            );
          })}
        </div>
        {sketch && (
          <Editor
            key={sketch.id ?? `new ${sketch.object.kind}`}
            first={sketch}
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

interface KeptProps {
  thing: Thing;
  tallest: number;
  onOpen: () => void;
  onCover?: () => void;
  onRemove: () => void;
}

function Kept({ thing, tallest, onOpen, onCover, onRemove }: KeptProps) {
  return (
    <li>
      <button type="button" className="thing" onClick={onOpen}>
        {thing.photo ? (
          <img className="photo" src={`/api/things/${thing.id}/photo`} alt="" width="120" height="158" />
        ) : (
          <OnBoard view={thing.view} tallest={tallest} />
        )}
        <strong>{thing.name}</strong>
        <small>{thing.note}</small>
        {thing.remarks.map((remark, nth) => (
          <small key={nth} className="remark">
            {remark}
          </small>
        ))}
      </button>
      <p className="thing-actions">
        {onCover && (
          <button type="button" onClick={onCover}>
            {say("shelf-cover-it")}
          </button>
        )}
        <button
          type="button"
          aria-label={say("shelf-take-off.label", { name: thing.name })}
          onClick={onRemove}
        >
          {say("shelf-take-off")}
        </button>
      </p>
    </li>
  );
}

function heightOf(view: ObjectView): number {
  return Math.max(...view.radii.map((p) => p[0]!));
}

function OnBoard({ view, tallest }: { view: ObjectView; tallest: number }) {
  const radius = Math.max(...view.radii.map((p) => p[1]!));
  // Hardware is small and of one size: each piece is drawn as large as its place allows.
  const flat = view.lines.length > 0;
  const high = flat ? 86 : 158;
  const scale = Math.min((high - 8) / (flat ? heightOf(view) : tallest), 110 / (2 * radius));
  return (
    <svg width="120" height={high} aria-hidden>
      <path className="glass" fillRule="evenodd" d={outlineOf(view, { x: 60, y: high - 4, scale })} />
      {!flat && <path className="table-line" d="M2 155.5H118" />}
    </svg>
  );
}
