import type { BlockRow, Draft, Spec } from "../api/client";
import { Measure } from "../kit/Measure";
import { say } from "../words/say";

interface Props {
  spec: Spec;
  draft: Draft;
  errors: Record<string, string>;
  onChange: (rows: BlockRow[]) => void;
}

const MOST = 20;

/** The rows of a pieced top, from the top down: a height each, and the widths of its blocks; what is empty takes the rest. */
export function Blocks({ spec, draft, errors, onChange }: Props) {
  const known = new Map(draft.inputs.map((input) => [input.field, input]));
  const rows = spec.blocks?.length ? spec.blocks : rowsOf(known);
  if (rows.length === 0) return null;
  const set = (field: string, text: string) => {
    const [, at, name, nth] = field.split(".");
    onChange(
      rows.map((row, i) => {
        if (i !== Number(at)) return row;
        if (name === "height") return { ...row, height: text };
        return { ...row, widths: row.widths.map((width, k) => (k === Number(nth) ? text : width)) };
      }),
    );
  };
  const changed = (at: number, row: BlockRow | null) =>
    onChange(rows.flatMap((old, i) => (i !== at ? [old] : row ? [row] : [])));
  const field = (name: string, label: string) => {
    const input = known.get(name);
    return (
      input && (
        <Measure key={name} input={input} showLabel label={label} error={errors[name]} onChange={set} />
      )
    );
  };
  return (
    <fieldset className="blocks">
      <legend>{say("blocks")}</legend>
      <p className="zone-sub">{say("blocks.help")}</p>
      <ol>
        {rows.map((row, i) => (
          <li key={i}>
            <div className="field-row">
              {field(`blocks.${i}.height`, say("blocks.height", { row: i + 1 }))}
              {row.widths.map((_, k) =>
                field(`blocks.${i}.widths.${k}`, say("blocks.block", { row: i + 1, block: k + 1 })),
              )}
              <span className="block-buttons">
                {row.widths.length < MOST && (
                  <button
                    type="button"
                    className="quiet-button"
                    aria-label={say("blocks.more-label", { row: i + 1 })}
                    onClick={() => changed(i, { ...row, widths: [...row.widths, ""] })}
                  >
                    {say("blocks.more")}
                  </button>
                )}
                {row.widths.length > 1 && (
                  <button
                    type="button"
                    className="quiet-button"
                    aria-label={say("blocks.fewer-label", { row: i + 1 })}
                    onClick={() => changed(i, { ...row, widths: row.widths.slice(0, -1) })}
                  >
                    {say("blocks.fewer")}
                  </button>
                )}
                {rows.length > 1 && (
                  <button
                    type="button"
                    className="quiet-button"
                    aria-label={say("blocks.off-label", { row: i + 1 })}
                    onClick={() => changed(i, null)}
                  >
                    {say("blocks.off")}
                  </button>
                )}
              </span>
            </div>
          </li>
        ))}
      </ol>
      {errors.blocks && (
        <p className="measure-error static" role="alert">
          {errors.blocks}
        </p>
      )}
      {rows.length < MOST && (
        <button type="button" className="button" onClick={() => onChange([...rows, { widths: [""] }])}>
          {say("blocks.add")}
        </button>
      )}
    </fieldset>
  );
}

/** Rows that nobody has told yet, as the draft lays them. */
function rowsOf(known: Map<string, unknown>): BlockRow[] {
  const rows: BlockRow[] = [];
  while (known.has(`blocks.${rows.length}.height`)) {
    const widths: string[] = [];
    while (known.has(`blocks.${rows.length}.widths.${widths.length}`)) widths.push("");
    rows.push({ widths });
  }
  return rows;
}
