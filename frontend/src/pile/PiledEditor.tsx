import { useState } from "react";
import { api, byField, Refused, unwrap, type Schemas } from "../api/client";
import { useCatalogue } from "../api/queries";
import { troubleOf } from "../api/trouble";
import { upload } from "../api/upload";
import { Photo } from "../kit/Photo";
import type { Notices } from "../kit/useNotice";
import { useOnce } from "../kit/useOnce";
import { say } from "../words/say";
import { Trace } from "./Trace";
import { useTrace } from "./useTrace";

type Piled = Schemas["PiledThing"];

export interface PiledSketch {
  id: string | null;
  kind: "cloth" | "notion";
  name: string;
  what: string;
  unit: Piled["unit"];
  width: string;
  left: string;
  size: string;
  outline: number[][] | null;
  holes: number[][][];
  washed: boolean;
  directional: boolean;
  price: string;
  note: string;
  photo: boolean;
}

interface Props {
  first: PiledSketch;
  notions: Schemas["NotionKind"][];
  notices: Notices;
  onClose: () => void;
  onChanged: () => void;
  onKept: (name: string) => void;
}

/** One thing on the pile. A scrap is drawn, or traced on a photo with a ruler in it. */
export function PiledEditor({ first, notions, notices, onClose, onChanged, onKept }: Props) {
  const [sketch, setSketch] = useState(first);
  const [errors, setErrors] = useState<Record<string, string>>({});
  const [traced, setTraced] = useState<File | null>(null);
  const catalogue = useCatalogue(sketch.unit);
  const set = (changes: Partial<PiledSketch>) => setSketch((now) => ({ ...now, ...changes }));
  const [outlined] = useState({ outline: first.outline ?? [], holes: first.holes });
  const trace = useTrace(sketch.unit, outlined, () => setErrors({}));
  const cloth = sketch.kind === "cloth";
  const scrap = cloth && sketch.outline !== null;
  const made = sketch.what.startsWith("made:");
  const notion = notions.find((one) => one.id === sketch.what);
  const materials = catalogue.data?.materials;
  const known = materials?.some((one) => one.id === sketch.what);
  const drawn = outlined.outline.length + trace.pointed.points.length > 0;
  const keep = useOnce(async () => {
    try {
      // Its last corner may still be being measured.
      const { outline, holes } = scrap ? await trace.outlined() : { outline: null, holes: [] };
      const body = {
        kind: sketch.kind,
        name: sketch.name,
        what: sketch.what,
        unit: sketch.unit,
        width: sketch.width,
        left: sketch.left,
        size: sketch.size,
        washed: sketch.washed,
        directional: sketch.directional,
        price: sketch.price,
        note: sketch.note,
        outline,
        holes,
      };
      const kept = sketch.id
        ? unwrap(await api.PUT("/api/pile/{id}", { params: { path: { id: sketch.id } }, body }))
        : unwrap(await api.POST("/api/pile", { body }));
      if (traced) await upload<Piled>("PUT", `/api/pile/${kept.id}/photo`, traced);
      onKept(sketch.name);
    } catch (error) {
      setErrors(error instanceof Refused ? byField(error.problem) : { name: troubleOf(error) });
    }
  });
  const text = (name: "name" | "width" | "left" | "size" | "note", label: string, help = "") => (
    <label>
      <span>{label}</span>
      <input
        value={sketch[name]}
        maxLength={name === "note" ? 4000 : 120}
        aria-invalid={errors[name] ? true : undefined}
        onChange={(event) => set({ [name]: event.target.value })}
      />
      <small className={errors[name] ? "entry-error" : ""} role={errors[name] ? "alert" : undefined}>
        {errors[name] ?? help}
      </small>
    </label>
  );
  return (
    <section className="editor panel piled-editor" aria-labelledby="editor">
      <header>
        <h2 id="editor">
          {first.id
            ? first.name
            : say(scrap ? "pile-add-scrap" : cloth ? "pile-add-cloth" : "pile-add-notion")}
        </h2>
        <button type="button" className="slip-close" aria-label={say("editor-close")} onClick={onClose}>
          ×
        </button>
      </header>
      <div className="piled-fields">
        {text("name", say("pile-name"), say("pile-name.help"))}
        {!made && (
          <label>
            <span>{say("pile-what")}</span>
            <select
              value={known === false && cloth ? "" : sketch.what}
              onChange={(e) =>
                set({
                  what: e.target.value,
                  directional: materials?.find((one) => one.id === e.target.value)?.nap ?? false,
                })
              }
            >
              {cloth
                ? materials?.map((one) => (
                    <option key={one.id} value={one.id}>
                      {one.name}
                    </option>
                  ))
                : notions.map((one) => (
                    <option key={one.id} value={one.id}>
                      {one.name}
                    </option>
                  ))}
              {cloth && <option value="">{say("pile-own")}</option>}
            </select>
            <small className={errors.what ? "entry-error" : ""}>{errors.what}</small>
          </label>
        )}
        {cloth && (known === false || sketch.what === "") && (
          <label>
            <span>{say("pile-own")}</span>
            <input value={sketch.what} maxLength={120} onChange={(e) => set({ what: e.target.value })} />
            <small>{say("pile-own.help")}</small>
          </label>
        )}
        <label>
          <span>{say("editor-ruler")}</span>
          <select value={sketch.unit} onChange={(e) => set({ unit: e.target.value as Piled["unit"] })}>
            {["cm", "in", "mm"].map((unit) => (
              <option key={unit}>{unit}</option>
            ))}
          </select>
          <small />
        </label>
        {scrap && !drawn && text("width", say("pile-wide"), say("pile-wide.help"))}
        {scrap && !drawn && text("left", say("pile-high"), say("pile-high.help"))}
        {cloth && !scrap && text("width", say("pile-width"), say("pile-width.help"))}
        {cloth && !scrap && text("left", say("pile-left"), say("pile-left.help"))}
        {!cloth && notion?.sized && text("size", say("pile-size"), say("pile-size.help"))}
        {!cloth && text("left", say(`pile-left-${notion?.told ?? "count"}`))}
        <label>
          <span>
            {say(
              cloth || notion?.told === "length"
                ? sketch.unit === "in"
                  ? "pile-price-yard"
                  : "pile-price-metre"
                : notion?.told === "grams"
                  ? "pile-price-grams"
                  : "pile-price-each",
            )}
          </span>
          <input
            inputMode="decimal"
            value={sketch.price}
            onChange={(event) => set({ price: event.target.value })}
          />
          <small className={errors.price ? "entry-error" : ""}>{errors.price}</small>
        </label>
        {text("note", say("pile-note"))}
      </div>
      {cloth && (
        <p className="piled-ticks">
          <label>
            <input
              type="checkbox"
              checked={sketch.washed}
              onChange={(e) => set({ washed: e.target.checked })}
            />{" "}
            {say("pile-washed")}
          </label>
          <label>
            <input
              type="checkbox"
              checked={sketch.directional}
              onChange={(e) => set({ directional: e.target.checked })}
            />{" "}
            {say("pile-directional")}
          </label>
        </p>
      )}
      {scrap && <Trace trace={trace} errors={errors} onPhoto={setTraced} />}
      {sketch.id && (
        <Photo
          of="pile"
          id={sketch.id}
          kept={sketch.photo}
          notices={notices}
          onKept={(photo) => {
            set({ photo });
            onChanged();
          }}
        />
      )}
      <button type="button" className="primary" onClick={() => keep()}>
        {say("pile-keep")}
      </button>
    </section>
  );
}
