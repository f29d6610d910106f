import { useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useState } from "react";
import { useNavigate } from "react-router";
import { api, byField, Refused, unwrap, type ObjectView, type Schemas, type Thing } from "../api/client";
import { useCatalogue, useSettings, useThings } from "../api/queries";
import { silhouette, ThingDrawing } from "../kit/ThingDrawing";
import { Toast, type Notice } from "../kit/Toast";
import { Top } from "../kit/Top";
import { ProfileRows } from "./ProfileRows";

interface Sketch {
  id: string | null;
  name: string;
  unit: Thing["unit"];
  object: Record<string, string>;
  note: string;
}

/** The shelf of measured things: look, add, change, take off. */
export function Shelf() {
  const things = useThings();
  const settings = useSettings();
  const client = useQueryClient();
  const navigate = useNavigate();
  const [sketch, setSketch] = useState<Sketch | null>(null);
  const [notice, setNotice] = useState<Notice | null>(null);
  const gone = useCallback(() => setNotice(null), []);
  const refresh = () => client.invalidateQueries({ queryKey: ["things"] });

  const remove = async (thing: Thing) => {
    unwrap(await api.DELETE("/api/things/{id}", { params: { path: { id: thing.id } } }));
    await refresh();
    setNotice({
      text: `“${thing.name}” was taken off the shelf.`,
      undo: async () => {
        unwrap(await api.POST("/api/things/{id}/restore", { params: { path: { id: thing.id } } }));
        await refresh();
      },
    });
  };
  const cover = async (thing: Thing) => {
    const project = unwrap(await api.POST("/api/projects", { body: { form: "boxed-bag", thing: thing.id } }));
    await client.invalidateQueries({ queryKey: ["projects"] });
    navigate(`/projects/${project.id}/thing`);
  };
  const tallest = Math.max(1, ...(things.data ?? []).map((t) => heightOf(t.view as unknown as ObjectView)));
  return (
    <div className="page">
      <Top />
      <main className="linen shelf-page">
        <section className="shelf-list" aria-labelledby="shelf">
          <h1 id="shelf">The shelf</h1>
          <ul className="shelf">
            {things.data?.map((thing) => (
              <li key={thing.id}>
                <button
                  type="button"
                  className="thing"
                  onClick={() =>
                    setSketch({
                      id: thing.id,
                      name: thing.name,
                      unit: thing.unit,
                      object: asText(thing.object),
                      note: thing.note,
                    })
                  }
                >
                  <OnBoard view={thing.view as unknown as ObjectView} tallest={tallest} />
                  <strong>{thing.name}</strong>
                  <small>{thing.note}</small>
                  {thing.remarks.map((remark) => (
                    <small key={remark} className="remark">
                      {remark}
                    </small>
                  ))}
                </button>
                <p className="thing-actions">
                  <button type="button" onClick={() => void cover(thing)}>
                    Cover it
                  </button>
                  <button
                    type="button"
                    aria-label={`Take ${thing.name} off the shelf`}
                    onClick={() => void remove(thing)}
                  >
                    Take off
                  </button>
                </p>
              </li>
            ))}
          </ul>
          <button
            type="button"
            className="primary"
            onClick={() =>
              setSketch({
                id: null,
                name: "",
                unit: settings.data?.unit ?? "cm",
                object: { kind: "bottle" },
                note: "",
              })
            }
          >
            Measure another thing
          </button>
        </section>
        {sketch && (
          <Editor
            key={sketch.id ?? "new"}
            first={sketch}
            onClose={() => setSketch(null)}
            onKept={async (name) => {
              setSketch(null);
              await refresh();
              setNotice({ text: `“${name}” stands on the shelf.` });
            }}
          />
        )}
      </main>
      <Toast notice={notice} onGone={gone} />
    </div>
  );
}

function asText(object: Record<string, unknown>): Record<string, string> {
  return Object.fromEntries(Object.entries(object).map(([name, value]) => [name, String(value)]));
}

function heightOf(view: ObjectView): number {
  return Math.max(...view.radii.map((p) => p[0]!));
}

function OnBoard({ view, tallest }: { view: ObjectView; tallest: number }) {
  const radius = Math.max(...view.radii.map((p) => p[1]!));
  const scale = Math.min(150 / tallest, 110 / (2 * radius));
  return (
    <svg width="120" height="158" aria-hidden>
      <path className="glass" d={silhouette(view, { x: 60, y: 154, scale })} />
      <path className="table-line" d="M2 155.5H118" />
    </svg>
  );
}

interface EditorProps {
  first: Sketch;
  onClose: () => void;
  onKept: (name: string) => void;
}

/** A labelled drawing to measure by; drawn afresh with every entry. */
function Editor({ first, onClose, onKept }: EditorProps) {
  const [sketch, setSketch] = useState(first);
  const [look, setLook] = useState<Schemas["ThingLook"] | null>(null);
  const [errors, setErrors] = useState<Record<string, string>>({});
  const catalogue = useCatalogue(sketch.unit);
  const kind = catalogue.data?.objects.find((o) => o.id === sketch.object.kind);
  const preset = catalogue.data?.presets.find((p) => p.kind === sketch.object.kind);

  useEffect(() => {
    let over = false;
    void api
      .POST("/api/things/look", { body: { unit: sketch.unit, object: sketch.object } })
      .then((answer) => {
        if (over) return;
        if (answer.data) {
          setLook(answer.data);
          setErrors({});
        } else setErrors(byField(answer.error as Schemas["Problem"]));
      });
    return () => {
      over = true;
    };
  }, [sketch.object, sketch.unit]);

  const set = (field: string, text: string) => {
    const name = field.split(".")[1]!;
    const object = { ...sketch.object, [name]: text };
    if (!text.trim()) delete object[name];
    setSketch({ ...sketch, object });
  };
  const keep = async () => {
    const body = { name: sketch.name, unit: sketch.unit, object: sketch.object, note: sketch.note };
    try {
      if (!sketch.name.trim())
        throw new Refused({
          type: "",
          title: "",
          status: 422,
          detail: "",
          errors: [{ field: "name", message: "Give it a name to find it by." }],
        });
      if (sketch.id) unwrap(await api.PUT("/api/things/{id}", { params: { path: { id: sketch.id } }, body }));
      else unwrap(await api.POST("/api/things", { body }));
      onKept(sketch.name);
    } catch (error) {
      if (error instanceof Refused) setErrors(byField(error.problem));
    }
  };
  const labels = Object.fromEntries((kind?.measures ?? []).map((m) => [`object.${m.name}`, m]));
  const drawing = look ?? (preset ? { view: preset.view, remarks: [] } : null);
  return (
    <section className="editor panel" aria-labelledby="editor">
      <header>
        <h2 id="editor">{first.id ? first.name : "Measure a thing"}</h2>
        <button type="button" className="slip-close" aria-label="Close" onClick={onClose}>
          ×
        </button>
      </header>
      <div className="editor-row">
        <label>
          name{" "}
          <input
            value={sketch.name}
            maxLength={120}
            onChange={(e) => setSketch({ ...sketch, name: e.target.value })}
          />
        </label>
        <label>
          kind{" "}
          <select
            value={sketch.object.kind}
            onChange={(e) => {
              setLook(null);
              setSketch({ ...sketch, object: { kind: e.target.value } });
            }}
          >
            {catalogue.data?.objects.map((o) => (
              <option key={o.id} value={o.id}>
                {o.name}
              </option>
            ))}
          </select>
        </label>
        <label>
          ruler{" "}
          <select
            value={sketch.unit}
            onChange={(e) => setSketch({ ...sketch, unit: e.target.value as Thing["unit"] })}
          >
            <option>cm</option>
            <option>in</option>
            <option>mm</option>
          </select>
        </label>
        {errors.name && (
          <p className="measure-error static" role="alert">
            {errors.name}
          </p>
        )}
      </div>
      <p className="zone-sub">
        {kind?.help}{" "}
        <a
          target="_blank"
          rel="noreferrer"
          href={`/api/measuring-card.pdf?kind=${sketch.object.kind}&unit=${sketch.unit}`}
        >
          Print a card to measure by
        </a>
      </p>
      <div className="editor-measures">
        <div className="editor-picture">
          {drawing && (
            <ThingDrawing
              view={drawing.view as unknown as ObjectView}
              inputs={[]}
              labels={labels}
              errors={{}}
              onChange={set}
            />
          )}
        </div>
        {sketch.object.kind === "profile" && (
          <ProfileRows
            unit={sketch.unit}
            rows={sketch.object.profile ?? ""}
            sticksOut={sketch.object.sticks_out ?? ""}
            error={errors["object.profile"] ?? errors["object.sticks_out"]}
            onRows={(rows) => set("object.profile", rows)}
            onSticksOut={(rows) => set("object.sticks_out", rows)}
          />
        )}
        <ul className="editor-fields">
          {kind?.measures.map((m) => {
            const error = errors[`object.${m.name}`];
            return (
              <li key={m.name}>
                <label>
                  <strong>{m.label}</strong>
                  <input
                    data-field={`object.${m.name}`}
                    value={sketch.object[m.name] ?? ""}
                    size={9}
                    aria-invalid={error && sketch.object[m.name] ? true : undefined}
                    onChange={(e) => set(`object.${m.name}`, e.target.value)}
                  />
                </label>
                <small>{error ? <span className="measure-error static">{error}</span> : m.help}</small>
              </li>
            );
          })}
        </ul>
      </div>
      {drawing?.remarks.map((remark) => (
        <p key={remark} className="remark">
          {remark}
        </p>
      ))}
      <label className="wide">
        note
        <textarea
          rows={2}
          value={sketch.note}
          onChange={(e) => setSketch({ ...sketch, note: e.target.value })}
        />
      </label>
      <button type="button" className="primary" onClick={() => void keep()}>
        Put it on the shelf
      </button>
    </section>
  );
}
