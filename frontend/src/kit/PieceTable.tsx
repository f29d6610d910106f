import type { Draft } from "../api/client";
import { PieceDrawing } from "./PieceDrawing";
import { boxOf, type Place } from "./path";
import { useSize } from "./useSize";

interface Props {
  draft: Draft;
  roles: string[];
  roleNames: Record<string, string>;
  lit: ReadonlySet<string>;
  showMarks?: boolean;
  onPoint?: (edge: string | null) => void;
  onSum?: (name: string) => void;
}

/** All pieces side by side on the table, to one scale, with their cut sizes. */
export function PieceTable({ draft, roles, roleNames, lit, showMarks = true, onPoint, onSum }: Props) {
  const [ref, size] = useSize<HTMLDivElement>();
  const items = draft.pieces.flatMap((piece) =>
    roles.flatMap((role) => {
      const cut = piece.cuts.find((c) => c.role === role);
      return cut ? [{ piece, cut, role, box: boxOf(piece.cut_outline) }] : [];
    }),
  );
  const gap = 26;
  const left = 74;
  const top = 46;
  const wide = items.reduce((sum, { box }) => sum + box.x1 - box.x0, 0);
  const high = Math.max(...items.map(({ box }) => box.y1 - box.y0));
  const scale = Math.max(
    0.02,
    Math.min((size.width - left - 12 - gap * (items.length - 1)) / wide, (size.height - top - 14) / high),
  );
  let x = left;
  const seen = new Set<string>();
  return (
    <div className="drawing piece-table" ref={ref}>
      {size.width > 0 && (
        <>
          <svg width={size.width} height={size.height} role="group" aria-label="The pieces, to scale">
            {items.map(({ piece, cut, role, box }) => {
              const place: Place = { x: x - box.x0 * scale, y: top + box.y1 * scale, scale };
              const width = (box.x1 - box.x0) * scale;
              const x0 = x;
              x += width + gap;
              const first = !seen.has(piece.id);
              seen.add(piece.id);
              return (
                <g key={`${piece.id}-${role}`}>
                  <PieceDrawing
                    piece={piece}
                    role={role}
                    count={cut.count}
                    place={place}
                    roleName={roleNames[role] ?? role}
                    lit={lit}
                    detailed={width > 92}
                    showMarks={showMarks}
                    onPoint={onPoint}
                  />
                  {first && (
                    <g className="dimension">
                      <path
                        d={`M${x0} ${top - 18}H${x0 + width}`}
                        markerStart="url(#arrow)"
                        markerEnd="url(#arrow)"
                      />
                      {x0 === left && (
                        <path
                          d={`M${x0 - 20} ${top}V${top + (box.y1 - box.y0) * scale}`}
                          markerStart="url(#arrow)"
                          markerEnd="url(#arrow)"
                        />
                      )}
                    </g>
                  )}
                </g>
              );
            })}
          </svg>
          {labels(items, left, gap, scale, top).map(({ key, at, name, text, words }) => (
            <button
              key={key}
              type="button"
              className="result pinned"
              style={{ left: at[0], top: at[1] }}
              disabled={!draft.sums[name]}
              onClick={() => onSum?.(name)}
              aria-label={`${words} ${text}: show how`}
            >
              {text}
            </button>
          ))}
        </>
      )}
    </div>
  );
}

interface Item {
  piece: Draft["pieces"][number];
  box: { x0: number; x1: number; y0: number; y1: number };
}

/** Where the cut sizes stand: width above each piece once, height left of the first. */
function labels(items: Item[], left: number, gap: number, scale: number, top: number) {
  const found: { key: string; at: [number, number]; name: string; text: string; words: string }[] = [];
  const seen = new Set<string>();
  let x = left;
  for (const { piece, box } of items) {
    const width = (box.x1 - box.x0) * scale;
    if (!seen.has(piece.id)) {
      seen.add(piece.id);
      found.push({
        key: `${piece.id}-w`,
        at: [x + width / 2, top - 18],
        name: `${piece.id}.cut_width`,
        text: piece.cut_size_text.width,
        words: "cut width",
      });
      if (x === left)
        found.push({
          key: `${piece.id}-h`,
          at: [x - 38, top + ((box.y1 - box.y0) * scale) / 2],
          name: `${piece.id}.cut_height`,
          text: piece.cut_size_text.height,
          words: "cut height",
        });
    }
    x += width + gap;
  }
  return found;
}
