import type { Catalogue, Draft, Part, Schemas, Spec, Thing } from "../api/client";
import { entryOf, withEntry } from "../kit/entries";
import { Measure } from "../kit/Measure";
import { FromDrawer } from "./FromDrawer";
import { say } from "../words/say";

interface Props {
  spec: Pick<Spec, "parts" | "wearer">;
  catalogue: Catalogue;
  inputs: Map<string, Schemas["InputDoc"]>;
  /** Which copy of which piece each may lie on. */
  hosts?: Draft["hosts"];
  errors: Record<string, string>;
  onChange: (parts: Part[]) => void;
  onField: (field: string, text: string) => void;
  /** The choices that change nothing in this make. */
  idle?: string[];
  things: Thing[];
  onWearer: (wearer: Thing | null) => void;
  /** Their pieces are drawn beside, where they can be taken hold of. */
  movable?: boolean;
}

interface LettersProps {
  label: string;
  name: string;
  value: string;
  error?: string;
  onChange: (text: string) => void;
}

/** A few letters to be worked on cloth. */
function Letters({ label, name, value, error, onChange }: LettersProps) {
  return (
    <label>
      {label}{" "}
      <input
        className="letters"
        size={6}
        maxLength={12}
        aria-label={name}
        aria-invalid={error !== undefined}
        value={value}
        onChange={(event) => onChange(event.target.value)}
      />
      {error && (
        <span className="measure-error static" role="alert">
          {error}
        </span>
      )}
    </label>
  );
}

/** What the make carries besides: straps, tabs, pockets, trims and hardware, each with its own measures. */
export function Parts({
  spec,
  catalogue,
  inputs,
  hosts = [],
  idle = [],
  errors,
  onChange,
  onField,
  things,
  onWearer,
  movable,
}: Props) {
  const parts = spec.parts ?? [];
  const wearers = things.filter((thing) => thing.group === "wearer");
  const wearer = spec.wearer;
  const set = (index: number, name: string, value: string) =>
    onChange(parts.map((part, i) => (i === index ? withEntry(part, name, value) : part)));
  return (
    <fieldset className="parts">
      <legend>{say("parts")}</legend>
      {wearers.length > 0 && (
        <label className="from-drawer">
          {say("parts.for")}{" "}
          <select
            value={wearers.find((w) => w.name === wearer?.name)?.id ?? ""}
            onChange={(event) => onWearer(wearers.find((w) => w.id === event.target.value) ?? null)}
          >
            <option value="">{say("parts.nobody")}</option>
            {wearers.map((w) => (
              <option key={w.id} value={w.id}>
                {w.name}
              </option>
            ))}
          </select>
        </label>
      )}
      {movable && parts.length > 0 && <small className="parts-drag">{say("parts.drag")}</small>}
      {parts.map((part, index) => {
        const kind = catalogue.parts.find((k) => k.id === part.kind);
        if (!kind) return null;
        const name = `${kind.name} ${index + 1}`;
        return (
          <div key={index} className="part" data-part={part.kind}>
            <strong>{kind.name}</strong>
            {(kind.most > 1 || part.count !== undefined) && (
              <label>
                {say("parts.count")}{" "}
                <input
                  type="number"
                  min={1}
                  max={kind.most}
                  aria-label={say("parts.count-of", { part: name })}
                  value={String(part.count ?? kind.count)}
                  onChange={(e) => set(index, "count", e.target.value)}
                />
              </label>
            )}
            {hosts.length > 1 && (
              <label>
                {say("parts.on")}{" "}
                <select
                  aria-label={say("parts.on-label", { part: name })}
                  value={hosts.findIndex((h) => h.piece === part.piece && h.copy === part.copy)}
                  onChange={(e) => {
                    const host = hosts[Number(e.target.value)];
                    onChange(
                      parts.map((old, i) =>
                        i === index ? { ...old, piece: host?.piece, copy: host?.copy } : old,
                      ),
                    );
                  }}
                >
                  <option value={-1}>{say("parts.usual")}</option>
                  {hosts.map((host, i) => (
                    <option key={`${host.piece} ${host.copy}`} value={i}>
                      {host.name}
                    </option>
                  ))}
                </select>
              </label>
            )}
            {kind.choices
              .filter((choice) => !idle.includes(`parts.${index}.${choice.id}`))
              .map((choice) => (
                <label key={choice.id}>
                  {choice.label}{" "}
                  <select
                    aria-label={`${name}, ${choice.label}`}
                    value={entryOf(part, choice.id) ?? choice.choices[0]!.id}
                    onChange={(e) => set(index, choice.id, e.target.value)}
                  >
                    {choice.choices.map((c) => (
                      <option key={c.id} value={c.id}>
                        {c.name}
                      </option>
                    ))}
                  </select>
                  <small>
                    {
                      choice.choices.find((c) => c.id === (entryOf(part, choice.id) ?? choice.choices[0]!.id))
                        ?.why
                    }
                  </small>
                </label>
              ))}
            {kind.text && !idle.includes(`parts.${index}.${kind.text.name}`) && (
              <Letters
                label={kind.text.label}
                name={`${name}, ${kind.text.label}`}
                value={entryOf(part, kind.text.name) ?? ""}
                error={errors[`parts.${index}.${kind.text.name}`]}
                onChange={(text) => set(index, kind.text!.name, text)}
              />
            )}
            {kind.lengths.map((length) => {
              const field = `parts.${index}.${length.name}`;
              const input = inputs.get(field);
              return (
                input && (
                  <Measure
                    key={field}
                    input={input}
                    showLabel
                    label={length.label}
                    error={errors[field]}
                    onChange={onField}
                  />
                )
              );
            })}
            <FromDrawer
              things={things}
              label={say("from-drawer")}
              fields={Object.fromEntries(
                [...kind.lengths.map((l) => l.name), ...kind.choices.map((c) => c.id)].map((measure) => [
                  `parts.${kind.id}.${measure}`,
                  `parts.${index}.${measure}`,
                ]),
              )}
              onTake={(settled) => Object.entries(settled).forEach(([field, value]) => onField(field, value))}
            />
            {errors[`parts.${index}.count`] && (
              <p className="measure-error static" role="alert">
                {errors[`parts.${index}.count`]}
              </p>
            )}
            <button
              type="button"
              className="quiet-button"
              onClick={() => onChange(parts.filter((_, i) => i !== index))}
            >
              {say("parts.off", { part: kind.name })}
            </button>
          </div>
        );
      })}
      <label className="add-part">
        {say("parts.add")}{" "}
        <select
          value=""
          aria-label={say("parts.add-label")}
          onChange={(e) => {
            const kind = catalogue.parts.find((k) => k.id === e.target.value);
            if (kind) onChange([...parts, { kind: kind.id }]);
          }}
        >
          <option value="">{say("parts.some")}</option>
          {catalogue.parts.map((kind) => (
            <option key={kind.id} value={kind.id}>
              {kind.name}
            </option>
          ))}
        </select>
      </label>
    </fieldset>
  );
}
