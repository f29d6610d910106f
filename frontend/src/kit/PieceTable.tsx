import { useState } from "react";
import type { Draft, Piece } from "../api/client";
import { Grips, type Moved } from "./Grips";
import { PieceDrawing } from "./PieceDrawing";
import type { Place } from "./path";
import { Rulers } from "./Rulers";
import { useSize } from "./useSize";
import { useTableView } from "./useTableView";
import { say } from "../words/say";

interface Props {
  draft: Draft;
  roles: string[];
  roleNames: Record<string, string>;
  lit: ReadonlySet<string>;
  showMarks?: boolean;
  /** Brought nearer, moved about, with rulers along the edge and what is drawn to choose from. */
  tools?: boolean;
  onPoint?: (edge: string | null) => void;
  onSum?: (name: string) => void;
  /** Lets parts be taken hold of and moved. */
  onMove?: Moved;
}

interface Item {
  piece: Draft["pieces"][number];
  role: string;
  count: number;
  /** What is cut: the piece's own cut line, or that of a layer by its rule. */
  outline: Piece["cut_outline"];
  box: { x0: number; x1: number; y0: number; y1: number };
  /** The first drawing of a piece carries its sizes. */
  first: boolean;
  /** A strip much longer than everything else is shown cut short. */
  short: boolean;
}

interface Laid extends Item {
  x: number;
  y: number;
}

const GAP = 24;
const RULER = 18;
const TOP = 44;
// The buttons below the pieces.
const TOOLS = 34;

/** Pieces in rows, in the number of rows that lets them be drawn largest. */
function lay(items: Item[], edge: number, width: number, height: number): { scale: number; laid: Laid[] } {
  let best: { scale: number; rows: Item[][] } = { scale: 0, rows: [items] };
  for (let columns = 1; columns <= items.length; columns++) {
    const rows: Item[][] = [];
    for (let i = 0; i < items.length; i += columns) rows.push(items.slice(i, i + columns));
    const wide = Math.max(
      ...rows.map((row) => {
        const margins = edge + 14 + GAP * (row.length - 1);
        return row.reduce((sum, { box }) => sum + box.x1 - box.x0, 0) / Math.max(1, width - margins);
      }),
    );
    const high = rows.reduce((sum, row) => sum + Math.max(...row.map(({ box }) => box.y1 - box.y0)), 0);
    const scale = Math.min(1 / wide, (height - TOP * rows.length - 14) / high);
    if (scale > best.scale) best = { scale, rows };
  }
  const scale = Math.max(0.02, best.scale);
  const laid: Laid[] = [];
  let y = TOP;
  for (const row of best.rows) {
    let x = edge;
    for (const item of row) {
      laid.push({ ...item, x, y });
      x += (item.box.x1 - item.box.x0) * scale + GAP;
    }
    y += Math.max(...row.map(({ box }) => box.y1 - box.y0)) * scale + TOP;
  }
  return { scale, laid };
}

/** What is cut of a piece from the cloths of one role: what is cut alike is one, however many layers it is for. */
function alike(piece: Piece, role: string): { outline: Piece["cut_outline"]; count: number }[] {
  const found = new Map<string, { outline: Piece["cut_outline"]; count: number }>();
  for (const cut of piece.cuts.filter((c) => c.role === role)) {
    const outline = cut.outline ?? piece.cut_outline;
    const key = JSON.stringify(outline);
    found.set(key, { outline, count: cut.count + (found.get(key)?.count ?? 0) });
  }
  return [...found.values()];
}

/** All pieces on the table, to one scale, with their cut sizes. */
export function PieceTable({
  draft,
  roles,
  roleNames,
  lit,
  showMarks = true,
  tools,
  onPoint,
  onSum,
  onMove,
}: Props) {
  const [ref, size] = useSize<HTMLDivElement>();
  const view = useTableView(ref, Boolean(tools));
  const [hidden, setHidden] = useState<ReadonlySet<string>>(new Set());
  const shows = (what: string) => !hidden.has(what);
  const seen = new Set<string>();
  const items: Item[] = draft.pieces.flatMap((piece) =>
    roles.flatMap((role) => {
      // A piece without cuts is bought, or sewn up from others: it lies there once.
      const bought = piece.cuts.length === 0;
      const cuts =
        bought && role === "bought" ? [{ outline: piece.cut_outline, count: 0 }] : alike(piece, role);
      const [x0, y0, x1, y1] = piece.box as [number, number, number, number];
      const box = { x0, y0, x1, y1 };
      return cuts.map((cut) => {
        const first = !seen.has(piece.id);
        seen.add(piece.id);
        return { piece, role, ...cut, box, first, short: false };
      });
    }),
  );
  const widths = items.map(({ box }) => box.x1 - box.x0).sort((a, b) => a - b);
  for (const item of items) {
    const others = widths.filter((w) => w < item.box.x1 - item.box.x0);
    const next = others[others.length - 1];
    const high = item.box.y1 - item.box.y0;
    if (next && item.box.x1 - item.box.x0 > 2 * next && item.box.x1 - item.box.x0 > 8 * high) {
      item.short = true;
      item.box = { ...item.box, x1: item.box.x0 + next * 1.1 };
    }
  }
  // Left of the pieces stand their heights, as wide as they are written, and the ruler.
  const wide = 20 + 8.3 * Math.max(5, ...items.map(({ piece }) => piece.told.height.text.length));
  const margin = wide + (tools ? RULER : 0);
  const whole = lay(items, margin, size.width, size.height - (tools ? TOOLS : 0));
  const { near, x: left, y: top } = view.at;
  const scale = whole.scale * near;
  const laid = whole.laid.map((item) => ({ ...item, x: left + item.x * near, y: top + item.y * near }));
  const edge = left + margin * near;
  const sized = laid.filter((item) => item.first);
  return (
    <div
      className={`drawing piece-table ${tools ? "movable" : ""}`}
      ref={ref}
      tabIndex={tools ? 0 : undefined}
      role={tools ? "group" : undefined}
      aria-label={tools ? say("pieces-view.keys") : undefined}
    >
      {size.width > 0 && (
        <>
          <svg width={size.width} height={size.height} role="group" aria-label={say("pieces-view")}>
            {laid.map(({ piece, role, count, outline, box, x, y, first, short }, nth) => {
              const place: Place = { x: x - box.x0 * scale, y: y + box.y1 * scale, scale };
              const width = (box.x1 - box.x0) * scale;
              const height = (box.y1 - box.y0) * scale;
              return (
                <g key={`${piece.id}-${role}-${nth}`}>
                  {short && (
                    <clipPath id={`short-${piece.id}-${role}`}>
                      <rect x={x - 4} y={y - 4} width={width + 4} height={height + 8} />
                    </clipPath>
                  )}
                  <g clipPath={short ? `url(#short-${piece.id}-${role})` : undefined}>
                    <PieceDrawing
                      piece={piece}
                      role={role}
                      count={count}
                      outline={outline}
                      place={place}
                      until={box.x1}
                      roleName={roleNames[role] ?? role}
                      lit={lit}
                      detailed={width > 92 && height > 130}
                      showMarks={showMarks && shows("marks")}
                      showAllowance={shows("allowances")}
                      onPoint={onPoint}
                    />
                  </g>
                  {onMove && !short && (
                    <Grips draft={draft} piece={piece.id} role={role} place={place} onMove={onMove} />
                  )}
                  {short && (
                    <path
                      className="break-line"
                      d={`M${x + width} ${y - 4}l-4 ${height / 4 + 2}l8 ${height / 4}l-8 ${height / 4}l4 ${height / 4 + 6}`}
                    />
                  )}
                  {first && shows("sizes") && (
                    <g className="dimension">
                      <path
                        d={`M${x} ${y - 18}H${x + width}`}
                        markerStart="url(#arrow)"
                        markerEnd="url(#arrow)"
                      />
                      {Math.abs(x - edge) < 0.01 && (
                        <path
                          d={`M${x - 20} ${y}V${y + height}`}
                          markerStart="url(#arrow)"
                          markerEnd="url(#arrow)"
                        />
                      )}
                    </g>
                  )}
                </g>
              );
            })}
            {tools && (
              <Rulers
                width={size.width}
                height={size.height}
                scale={scale}
                x={edge}
                y={top + TOP * near}
                unit={String(draft.spec.unit)}
              />
            )}
          </svg>
          {(shows("sizes") ? sized : []).flatMap(({ piece, box, x, y }) => {
            const width = (box.x1 - box.x0) * scale;
            const height = (box.y1 - box.y0) * scale;
            const sizes = [
              { side: "width", left: x + width / 2, top: y - 18 },
              // Never so near the top of a narrow strip that it lies on the width.
              { side: "height", left: x - wide / 2, top: y + Math.max(height / 2, 11) },
            ] as const;
            return sizes
              .filter(({ side }) => side === "width" || Math.abs(x - edge) < 0.01)
              .map(({ side, left, top }) => {
                const name = `${piece.id}.cut_${side}`;
                return (
                  <button
                    key={name}
                    type="button"
                    className="result pinned"
                    style={{ left, top }}
                    disabled={!draft.sums[name]}
                    onClick={() => onSum?.(name)}
                    aria-label={say(`pieces-${side}`, { length: piece.told[side].text })}
                  >
                    {piece.told[side].text}
                  </button>
                );
              });
          })}
          {tools && (
            <div className="table-tools" role="group" aria-label={say("pieces-tools")}>
              {(["sizes", "marks", "allowances"] as const).map((what) => (
                <button
                  key={what}
                  type="button"
                  aria-pressed={shows(what)}
                  onClick={() => {
                    const now = new Set(hidden);
                    if (!now.delete(what)) now.add(what);
                    setHidden(now);
                  }}
                >
                  {say(`pieces-tools.${what}`)}
                </button>
              ))}
              <button type="button" aria-label={say("pieces-tools.nearer")} onClick={() => view.zoom(1.25)}>
                +
              </button>
              <button type="button" aria-label={say("pieces-tools.farther")} onClick={() => view.zoom(0.8)}>
                −
              </button>
              <button type="button" onClick={view.whole}>
                {say("pieces-tools.all")}
              </button>
            </div>
          )}
        </>
      )}
    </div>
  );
}
