import { useEffect, useState } from "react";
import { api, byField, Refused, unwrap, type Measures, type Schemas, type Thing } from "../api/client";
import { useCatalogue } from "../api/queries";
import { entryOf, withEntry } from "../kit/entries";
import { ThingDrawing } from "../kit/ThingDrawing";
import { troubleOf } from "../api/trouble";
import { Both, type Which } from "../kit/Both";
import { Photo } from "../kit/Photo";
import { Earlier } from "./Earlier";
import { ProfileRows } from "./ProfileRows";
import type { Notices } from "../kit/useNotice";
import { useOnce } from "../kit/useOnce";
import { say } from "../words/say";

export interface Sketch {
  id: string | null;
  name: string;
  unit: Thing["unit"];
  object: Measures;
  note: string;
  photo: boolean;
  /** Which it is a change of. */
  revision?: number;
}

/** In the place of whatever there is. */
const NEWEST = 0;

const GROUPS = {
  cover: say("shelf-cover.group"),
  hardware: say("shelf-hardware.group"),
  wearer: say("shelf-wearer.group"),
};

interface EditorProps {
  first: Sketch;
  notices: Notices;
  onClose: () => void;
  /** Something kept with it changed while it stays open. */
  onChanged: () => void;
  onKept: (name: string) => void;
}

/** A labelled drawing to measure by; drawn afresh with every entry. */
export function Editor({ first, notices, onClose, onChanged, onKept }: EditorProps) {
  const [sketch, setSketch] = useState(first);
  const [look, setLook] = useState<Schemas["ThingLook"] | null>(null);
  const [errors, setErrors] = useState<Record<string, string>>({});
  const [elsewhere, setElsewhere] = useState(false);
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
        } else setErrors(byField(answer.error));
      });
    return () => {
      over = true;
    };
  }, [sketch.object, sketch.unit]);

  const set = (field: string, text: string) => {
    const name = field.split(".")[1]!;
    setSketch((now) => ({ ...now, object: withEntry(now.object, name, text.trim() ? text : undefined) }));
  };
  const save = async (revision: number | undefined) => {
    const { name, unit, object, note } = sketch;
    const body = { name, unit, object, note };
    try {
      if (!sketch.name.trim())
        throw new Refused({
          type: "",
          title: "",
          status: 422,
          detail: "",
          errors: [{ field: "name", message: say("editor-name.wanted") }],
        });
      const path = { params: { path: { id: sketch.id ?? "" } } };
      if (sketch.id)
        unwrap(
          await api.PUT("/api/things/{id}", {
            ...path,
            body: { ...body, revision: revision === NEWEST ? undefined : revision },
          }),
        );
      else unwrap(await api.POST("/api/things", { body }));
      onKept(sketch.name);
    } catch (error) {
      const problem = error instanceof Refused ? error.problem : null;
      if (problem?.status === 409) setElsewhere(true);
      else setErrors(problem?.errors?.length ? byField(problem) : { whole: troubleOf(error) });
    }
  };
  const keep = useOnce(() => save(sketch.revision));
  /** Changed elsewhere meanwhile: of two measurings one goes on, or both lie on the shelf. */
  const settle = async (which: Which) => {
    setElsewhere(false);
    if (which === "theirs") return onClose();
    if (which === "mine") return save(NEWEST);
    try {
      const { name, unit, object, note } = sketch;
      unwrap(await api.POST("/api/things", { body: { name, unit, object, note } }));
      onKept(name);
    } catch (error) {
      setErrors({ whole: troubleOf(error) });
    }
  };
  const labels = Object.fromEntries((kind?.measures ?? []).map((m) => [`object.${m.name}`, m]));
  const usual = kind?.view ?? preset?.view;
  const drawing = look ?? (usual ? { view: usual, remarks: [] } : null);
  return (
    <section className="editor panel" aria-labelledby="editor">
      <header>
        <h2 id="editor">{first.id ? first.name : say("editor-new")}</h2>
        <button type="button" className="slip-close" aria-label={say("editor-close")} onClick={onClose}>
          ×
        </button>
      </header>
      {elsewhere && <Both ways={["mine", "theirs", "both"]} onChoose={(which) => void settle(which)} />}
      {errors.whole && (
        <p className="measure-error static" role="alert">
          {errors.whole}
        </p>
      )}
      {sketch.id && (
        <Earlier
          id={sketch.id}
          revision={sketch.revision ?? 0}
          onBack={({ name, unit, object, note }) =>
            setSketch((now) => ({ ...now, name, unit, object, note }))
          }
        />
      )}
      <div className="editor-row">
        <label>
          {say("editor-name")}{" "}
          <input
            value={sketch.name}
            maxLength={120}
            onChange={(e) => setSketch((now) => ({ ...now, name: e.target.value }))}
          />
        </label>
        <label>
          {say("editor-kind")}{" "}
          <select
            value={sketch.object.kind}
            onChange={(e) => {
              setLook(null);
              setSketch((now) => ({ ...now, object: { kind: e.target.value } }));
            }}
          >
            {(["cover", "hardware", "wearer"] as const).map((group) => (
              <optgroup key={group} label={GROUPS[group]}>
                {catalogue.data?.objects
                  .filter((o) => o.group === group)
                  .map((o) => (
                    <option key={o.id} value={o.id}>
                      {o.name}
                    </option>
                  ))}
              </optgroup>
            ))}
          </select>
        </label>
        <label>
          {say("editor-ruler")}{" "}
          <select
            value={sketch.unit}
            onChange={(e) => setSketch((now) => ({ ...now, unit: e.target.value as Thing["unit"] }))}
          >
            {["cm", "in", "mm"].map((unit) => (
              <option key={unit}>{unit}</option>
            ))}
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
        {kind?.group === "cover" && (
          <a
            target="_blank"
            rel="noreferrer"
            href={`/api/measuring-card.pdf?kind=${sketch.object.kind}&unit=${sketch.unit}`}
          >
            {say("editor-card")}
          </a>
        )}
      </p>
      <div className="editor-measures">
        <div className="editor-picture">
          {drawing && (
            <ThingDrawing view={drawing.view} inputs={[]} labels={labels} errors={{}} onChange={set} />
          )}
        </div>
        {sketch.object.kind === "profile" && (
          <ProfileRows
            unit={sketch.unit}
            rows={entryOf(sketch.object, "profile") ?? ""}
            sticksOut={entryOf(sketch.object, "sticks_out") ?? ""}
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
                    value={entryOf(sketch.object, m.name) ?? ""}
                    size={9}
                    aria-invalid={error && entryOf(sketch.object, m.name) ? true : undefined}
                    onChange={(e) => set(`object.${m.name}`, e.target.value)}
                  />
                </label>
                <small>{error ? <span className="measure-error static">{error}</span> : m.help}</small>
              </li>
            );
          })}
        </ul>
      </div>
      {drawing?.remarks.map((remark, nth) => (
        <p key={nth} className="remark">
          {remark}
        </p>
      ))}
      <label className="wide">
        {say("editor-note")}
        <textarea
          rows={2}
          value={sketch.note}
          onChange={(e) => setSketch((now) => ({ ...now, note: e.target.value }))}
        />
      </label>
      {sketch.id && (
        <Photo
          of="things"
          id={sketch.id}
          kept={sketch.photo}
          notices={notices}
          onKept={(photo) => {
            setSketch((now) => ({ ...now, photo }));
            onChanged();
          }}
        />
      )}
      <button type="button" className="primary" onClick={() => keep()}>
        {kind?.group === "cover" ? say("editor-keep.shelf") : say("editor-keep")}
      </button>
    </section>
  );
}
