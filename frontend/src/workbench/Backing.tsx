import type { Catalogue, Draft, Layer } from "../api/client";
import { withEntry } from "../kit/entries";
import { say } from "../words/say";

type Choice = Catalogue["backing"][number];
type Settled = Draft["backings"][number];
type Rule = NonNullable<Layer["cut"]>;

interface Props {
  name: string;
  layer: Layer;
  settled: Settled;
  catalogue: Catalogue;
  index: number;
  errors: Record<string, string>;
  onChange: (change: Partial<Layer>) => void;
}

/** How a layer that lies on a cloth is cut and held, for all its pieces and for single ones. */
export function Backing({ name, layer, settled, catalogue, index, errors, onChange }: Props) {
  const of = (id: string) => catalogue.backing.find((choice) => choice.id === id)!;
  const nameOf = (id: string, value: string) => of(id).choices.find((c) => c.id === value)?.name ?? value;
  const now = { on: settled.on, cut: settled.rule, held: settled.held, in_seams: settled.in_seams } as const;
  const choose = (id: keyof typeof now | "steam", value: string) => (
    <Select
      layer={name}
      choice={of(id)}
      value={value}
      error={errors[`layers.${index}.${id}`]}
      onChange={(chosen) => onChange({ [id]: chosen })}
    />
  );
  const length = (id: "inset" | "low" | "high", typical?: string) => (
    <label className="thickness">
      {say(`layers.${id}`)}
      <input
        aria-label={`${name}, ${say(`layers.${id}`)}`}
        key={layer[id] ?? ""}
        defaultValue={layer[id] ?? ""}
        placeholder={typical}
        size={8}
        aria-invalid={errors[`layers.${index}.${id}`] ? true : undefined}
        onBlur={(e) =>
          e.target.value !== (layer[id] ?? "") && onChange({ [id]: e.target.value || undefined })
        }
      />
    </label>
  );
  const pieces = layer.pieces ?? {};
  // Of what no piece has there is nothing to ask but which shall.
  const lies = settled.pieces.some((row) => row.rule !== "none");
  /** A rule of the layer, or of one of its pieces. */
  const cut = (rule: Rule) => now.cut === rule || settled.pieces.some((row) => row.rule === rule);
  return (
    <details className="backing">
      <summary>
        <span className="visually-hidden">{say("layers.backing", { layer: name })}: </span>
        {settled.notes.join(" · ")}
      </summary>
      <div className="backing-choices">
        {lies && settled.either && choose("on", now.on)}
        {choose("cut", now.cut)}
        {cut("smaller") && length("inset", settled.inset.text)}
        {cut("band") && (
          <>
            {length("low", say("nothing"))}
            {length("high")}
            <span className="hint">{say("layers.band")}</span>
          </>
        )}
        {lies && choose("held", now.held)}
        {settled.caught && choose("in_seams", now.in_seams)}
        {lies && settled.held === "fused" && (
          <>
            <label className="thickness">
              <input
                aria-label={`${name}, ${say("layers.seconds")}`}
                key={layer.seconds ?? ""}
                defaultValue={layer.seconds ?? ""}
                placeholder={String(settled.seconds)}
                size={4}
                aria-invalid={errors[`layers.${index}.seconds`] ? true : undefined}
                onBlur={(e) =>
                  e.target.value !== (layer.seconds ?? "") &&
                  onChange({ seconds: e.target.value || undefined })
                }
              />{" "}
              {say("layers.seconds")}
            </label>
            {choose("steam", settled.steam ? "steam" : "dry")}
          </>
        )}
      </div>
      {settled.pieces.length > 1 && (
        <fieldset className="backing-pieces">
          <legend>{say("layers.by-piece")}</legend>
          {settled.pieces.map((row) => (
            <label key={row.piece}>
              <span>
                <b>{row.letter}</b> {row.name}
              </span>
              <select
                aria-label={`${name}, ${row.letter} ${row.name}`}
                value={row.told ? row.rule : ""}
                onChange={(e) => onChange({ pieces: told(pieces, row.piece, e.target.value) })}
              >
                <option value="">{say("layers.as-layer", { rule: nameOf("cut", row.usual) })}</option>
                {of("cut").choices.map((c) => (
                  <option key={c.id} value={c.id}>
                    {c.name}
                  </option>
                ))}
              </select>
            </label>
          ))}
        </fieldset>
      )}
    </details>
  );
}

/** The rules of single pieces with one changed or let go; none when nothing is left. */
function told(pieces: NonNullable<Layer["pieces"]>, piece: string, rule: string): Layer["pieces"] {
  const next = withEntry(pieces, piece, (rule as Rule) || undefined);
  return Object.keys(next).length > 0 ? next : undefined;
}

function Select({
  layer,
  choice,
  value,
  error,
  onChange,
}: {
  layer: string;
  choice: Choice;
  value: string;
  error?: string;
  onChange: (value: string) => void;
}) {
  return (
    <label className="backing-choice">
      <span>{choice.label}</span>
      <select
        aria-label={`${layer}, ${choice.label}`}
        value={value}
        aria-invalid={error ? true : undefined}
        onChange={(e) => onChange(e.target.value)}
      >
        {choice.choices.map((c) => (
          <option key={c.id} value={c.id}>
            {c.name}
          </option>
        ))}
      </select>
      <small>{choice.choices.find((c) => c.id === value)?.why}</small>
    </label>
  );
}
