import { useRef } from "react";
import type { Catalogue, Draft, Layer, Spec } from "../api/client";
import { Materials } from "../kit/Materials";
import { useOpened } from "../kit/opened";
import { Sections } from "../kit/Sections";
import { Swatch } from "../kit/Textures";
import { Backing } from "./Backing";
import { TellApart } from "./TellApart";
import { say } from "../words/say";

interface Props {
  spec: Spec;
  draft: Draft;
  catalogue: Catalogue;
  errors: Record<string, string>;
  onChange: (layers: Layer[]) => void;
}

const OWN = "own";
/** What may lie in a make more than once. */
const STACKED = ["interfacing", "padding"];

/** What a choice of material changes: another cloth has a thickness, a width and a print or nap of its own. */
function chosen(material: string, thickness: string): Partial<Layer> | null {
  if (!material) return null;
  const own = { width: undefined, directional: undefined, confirmed: undefined };
  return material === OWN
    ? { ...own, material: say("layers.own"), thickness }
    : { ...own, material, thickness: undefined };
}

/** The layers of the make, outside in: what each is of, how thick, and whether its print has a way up. */
export function Layers({ spec, draft, catalogue, errors, onChange }: Props) {
  const layers = spec.layers ?? [];
  const first = useRef<HTMLSelectElement>(null);
  useOpened("layers", first);
  const heated = spec.options?.use === "microwave";
  const order = catalogue.roles.map((r) => r.id);
  /** One layer changed, taken away, or, without an index, added after the others of its role. */
  const set = (index: number, role: Layer["role"], change: Partial<Layer> | null) => {
    const now = layers[index] ?? { material: "", role };
    const next = layers.flatMap((l, i) =>
      i !== index ? [l] : change === null ? [] : [{ ...now, ...change }],
    );
    if (!(index in layers) && change) next.push({ ...now, ...change });
    // A steady sort keeps layers of one role in the order they were chosen.
    onChange(next.sort((x, y) => order.indexOf(x.role) - order.indexOf(y.role)));
  };
  /** A row for every layer, and an empty one for a role that has none. */
  const rows = catalogue.roles
    .filter(({ id }) => draft.roles.includes(id) || layers.some((l) => l.role === id))
    .flatMap(({ id, name, seen }) => {
      const of = layers.flatMap((l, i) => (l.role === id ? [i] : []));
      if (of.length === 0) return [{ id, name, seen, index: -1, last: false }];
      return of.map((index, n) => ({
        id,
        seen,
        name: n === 0 ? name : `${name} ${n + 1}`,
        index,
        last: STACKED.includes(id) && n === of.length - 1,
      }));
    });
  return (
    <fieldset className="layers">
      <legend>{say("layers")}</legend>
      {rows.map(({ id, name, seen, index, last }, nth) => {
        const layer = layers[index];
        const material = catalogue.materials.find((m) => m.id === layer?.material);
        const settled = draft.backings.find((b) => b.layer === index && b.role === id);
        const error =
          errors[`layers.${index}.thickness`] ??
          errors[`layers.${index}.margin`] ??
          errors[`layers.${index}.width`] ??
          errors[`layers.${index}.material`] ??
          Object.entries(errors).find(([field]) => field.startsWith(`layers.${index}.`))?.[1];
        return (
          <div key={`${id}-${index}`} className="layer">
            <Swatch role={id} />
            <label>
              <span className="layer-role">{name}</span>
              <select
                ref={nth === 0 ? first : undefined}
                aria-label={name}
                value={layer && !material ? OWN : (layer?.material ?? "")}
                onChange={(e) => set(index, id, chosen(e.target.value, catalogue.own_cloth))}
              >
                {id !== "outer" && <option value="">{say("none")}</option>}
                <Materials catalogue={catalogue} role={id} />
                <option value={OWN}>{say("layers.another")}</option>
              </select>
            </label>
            {layer && !material && (
              <label className="thickness">
                <span className="visually-hidden">{say("layers.called", { layer: name })}</span>
                <input
                  defaultValue={layer.material}
                  maxLength={60}
                  size={16}
                  onBlur={(e) => {
                    const called = e.target.value.trim();
                    if (called && called !== layer.material)
                      set(index, id, { material: called, confirmed: undefined });
                  }}
                />
              </label>
            )}
            {layer && (
              <>
                <label className="thickness">
                  <span className="visually-hidden">{say("layers.thickness", { layer: name })}</span>
                  <input
                    key={material?.id ?? OWN}
                    defaultValue={layer.thickness ?? ""}
                    placeholder={material && say("layers.typical", { length: material.thickness })}
                    size={12}
                    aria-invalid={error ? true : undefined}
                    onChange={(e) => set(index, id, { thickness: e.target.value || undefined })}
                  />
                </label>
                <label className="thickness">
                  {say("layers.wide")}
                  <input
                    key={material?.id ?? OWN}
                    aria-label={say("layers.width", { layer: name })}
                    defaultValue={layer.width ?? ""}
                    placeholder={material && say("layers.typical", { length: material.width })}
                    size={12}
                    aria-invalid={errors[`layers.${index}.width`] ? true : undefined}
                    onChange={(e) => set(index, id, { width: e.target.value || undefined })}
                  />
                </label>
                {seen && (
                  <label className="way-up">
                    <input
                      type="checkbox"
                      checked={layer.directional ?? material?.nap ?? false}
                      onChange={(e) => set(index, id, { directional: e.target.checked })}
                    />
                    {say("layers.way-up")}
                  </label>
                )}
                {id === "padding" && (
                  <label className="thickness">
                    {say("layers.margin")}
                    <input
                      key={layer.margin ?? ""}
                      defaultValue={layer.margin ?? ""}
                      placeholder={say("layers.no-margin")}
                      size={9}
                      aria-invalid={errors[`layers.${index}.margin`] ? true : undefined}
                      onBlur={(e) =>
                        e.target.value !== (layer.margin ?? "") &&
                        set(index, id, { margin: e.target.value || undefined })
                      }
                    />
                  </label>
                )}
                {heated && (
                  <label className="way-up">
                    <input
                      type="checkbox"
                      checked={layer.confirmed ?? false}
                      onChange={(e) => set(index, id, { confirmed: e.target.checked })}
                    />
                    {say("layers.safe")}
                  </label>
                )}
                {material && <p className="layer-facts">{material.facts.join(" · ")}</p>}
                {settled && (
                  <Backing
                    name={name}
                    layer={layer}
                    settled={settled}
                    catalogue={catalogue}
                    index={index}
                    errors={errors}
                    onChange={(change) => set(index, id, change)}
                  />
                )}
              </>
            )}
            {last && (
              <button
                type="button"
                className="link"
                onClick={() => set(layers.length, id, { material: layer!.material })}
              >
                {say("layers.more", { layer: catalogue.roles.find((r) => r.id === id)!.name })}
              </button>
            )}
            {error && <p className="measure-error static">{error}</p>}
          </div>
        );
      })}
      <p className="hint">{say("layers.help")}</p>
      <TellApart />
      <Sections draft={draft} />
    </fieldset>
  );
}
