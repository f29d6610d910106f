import type { Catalogue, Layer } from "../api/client";
import { Materials } from "../kit/Materials";
import { Swatch } from "../kit/Textures";
import { Entry } from "./Entry";
import { say } from "../words/say";

interface Props {
  catalogue: Catalogue;
  roles: Layer["role"][];
  layers: Layer[];
  entries: Record<string, string>;
  errors: Record<string, string>;
  onLayers: (layers: Layer[]) => void;
  onEnter: (field: string, text: string) => void;
}

/** What the instructions make it of: each layer's cloth, how much of it they buy, how wide, and whether its print has a way up. */
export function Cloths({ catalogue, roles, layers, entries, errors, onLayers, onEnter }: Props) {
  const set = (role: Layer["role"], change: Partial<Layer> | null) => {
    const others = layers.filter((l) => l.role !== role);
    const now = layers.find((l) => l.role === role) ?? { material: "", role };
    onLayers(change ? [...others, { ...now, ...change }] : others);
  };
  return (
    <fieldset className="entries">
      <legend>{say("audit-cloth")}</legend>
      {catalogue.roles
        .filter(({ id, usual }) => usual || roles.includes(id) || layers.some((l) => l.role === id))
        .map(({ id, name, seen }) => {
          const layer = layers.find((l) => l.role === id);
          const nap = catalogue.materials.find((m) => m.id === layer?.material)?.nap;
          return (
            <div key={id} className="told-cloth">
              <label className="entry">
                <span>
                  <Swatch role={id} /> {name}
                </span>
                <select
                  aria-label={say("audit-cloth-of", { role: name })}
                  value={layer?.material ?? ""}
                  onChange={(e) =>
                    set(id, e.target.value ? { material: e.target.value, directional: undefined } : null)
                  }
                >
                  {id !== "outer" && <option value="">{say("none")}</option>}
                  <Materials catalogue={catalogue} role={id} />
                </select>
              </label>
              {layer && (
                <>
                  {(["length", "width"] as const).map((side) => {
                    const field = `cloth.${id}.${side}`;
                    return (
                      <Entry
                        key={side}
                        field={field}
                        label={say(`audit-cloth-${side}`, { role: name })}
                        value={entries[field] ?? ""}
                        error={errors[field] ?? (side === "length" ? errors[`cloth.${id}`] : undefined)}
                        onChange={onEnter}
                      />
                    );
                  })}
                  {seen && (
                    <label className="way-up">
                      <input
                        type="checkbox"
                        checked={layer.directional ?? nap ?? false}
                        onChange={(e) => set(id, { directional: e.target.checked })}
                      />{" "}
                      {say("audit-cloth-up", { role: name })}
                    </label>
                  )}
                </>
              )}
            </div>
          );
        })}
    </fieldset>
  );
}
