import type { Draft } from "../api/client";
import { apart } from "../kit/apart";
import { FormPicture, facetsOf } from "../kit/FormPicture";
import { Measure } from "../kit/Measure";
import { useSize } from "../kit/useSize";
import { say } from "../words/say";

interface Props {
  draft: Draft;
  labels: Record<string, { label: string; help: string }>;
  errors: Record<string, string>;
  lit: ReadonlySet<string>;
  /** Whether measures are edited here, or only shown. */
  open: boolean;
  onChange: (field: string, text: string) => void;
  onSum: (name: string) => void;
}

/** The form with the thing inside, its measures edited where they are drawn. */
export function FormTable({ draft, labels, errors, lit, open, onChange, onSum }: Props) {
  const [ref, size] = useSize<HTMLDivElement>();
  const inputs = new Map(draft.inputs.map((input) => [input.field, input]));
  const fit = draft.checks.find((check) => check.id === "fit.girth");
  const glow = draft.pieces.flatMap((piece) =>
    piece.edges
      .filter((e) => lit.has(e.id))
      .flatMap((e) => [
        { piece: piece.id, panel: "front", path: e.path },
        { piece: piece.id, panel: "back", path: e.path },
      ]),
  );
  return (
    <div className="drawing form-table" ref={ref}>
      {size.width > 0 && (
        <FormPicture
          facets={facetsOf(draft)}
          carried={draft.solid.carried}
          object={draft.object}
          width={size.width}
          height={size.height}
          margin={open ? 74 : 26}
          lit={glow}
          lines={draft.pieces.flatMap((piece) =>
            piece.marks.filter((m) => m.kind === "tie").map((m) => ({ piece: piece.id, path: m.path })),
          )}
          label={say("form-view")}
        >
          {(scene) => {
            if (!open) return null;
            const spans = draft.solid.spans;
            const spots = spans.map((span) => {
              const [x0, y0] = scene.to(span.start);
              const [x1, y1] = scene.to(span.end);
              const upright = Math.abs(x1 - x0) < 8;
              const x = (x0 + x1) / 2 + (upright ? 62 : span.field === "size.base_depth" ? 34 : 0);
              const y = (y0 + y1) / 2 + (upright ? 0 : span.field === "ease.girth" ? 0 : 26);
              return {
                x: Math.min(Math.max(x, 52), size.width - 58),
                y,
                w: 38,
                h: labels[span.field] ? 27 : 16,
              };
            });
            const placed = apart(spots, size.height);
            return spans.map((span, i) => {
              const input = inputs.get(span.field);
              const style = { left: placed[i]!.x, top: placed[i]!.y };
              const words = labels[span.field]?.label;
              if (!input || !words)
                return (
                  <button
                    key={span.field}
                    type="button"
                    className="result pinned"
                    style={style}
                    disabled={!draft.sums[span.field]}
                    aria-label={say(draft.sums[span.field] ? "measure-how" : "measure-is", {
                      label: span.name ?? words ?? "",
                      length: span.value.text,
                    })}
                    onClick={() => onSum(span.field)}
                  >
                    {span.value.text}
                  </button>
                );
              const verdict = span.field === "ease.girth" ? fit : undefined;
              return (
                <div key={span.field} className="pin" style={style}>
                  <Measure
                    input={input}
                    label={words}
                    help={labels[span.field]?.help}
                    error={errors[span.field]}
                    onChange={onChange}
                  />
                  <span className={`pin-label ${verdict?.verdict ?? ""}`} aria-hidden>
                    {verdict ? `${words}: ${verdict.title.toLowerCase()}` : words}
                  </span>
                </div>
              );
            });
          }}
        </FormPicture>
      )}
    </div>
  );
}
