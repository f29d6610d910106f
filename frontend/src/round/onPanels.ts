import type { Draft, Schemas } from "../api/client";
import { along } from "../kit/FormPicture";
import type { OnPanel } from "./scene";

type Folding = Schemas["FoldingDoc"];

/** The edges that are lit, as lines over the panels of the form. */
export function linesOn(folding: Folding, draft: Draft, lit: ReadonlySet<string>): OnPanel[][] {
  const panels = [...new Set(folding.panels.map((panel) => panel.panel))];
  return draft.pieces.flatMap((piece) =>
    piece.edges
      .filter((edge) => lit.has(edge.id))
      .flatMap((edge) =>
        panels.map((panel) =>
          along(edge.path)
            .map(([x, y]) => onPanel(folding, piece.id, panel, x!, y!))
            .filter((point) => point !== null),
        ),
      ),
  );
}

function onPanel(folding: Folding, piece: string, copy: string, x: number, y: number): OnPanel | null {
  for (let i = 0; i < folding.panels.length; i++) {
    const panel = folding.panels[i]!;
    if (panel.piece !== piece || panel.panel !== copy) continue;
    const [a, b] = [panel.flat[0]!, panel.flat[1]!];
    const d = panel.flat[panel.flat.length - 1]!;
    const [ux, uy, vx, vy] = [b[0]! - a[0]!, b[1]! - a[1]!, d[0]! - a[0]!, d[1]! - a[1]!];
    const det = ux * vy - uy * vx;
    const s = ((x - a[0]!) * vy - (y - a[1]!) * vx) / det;
    const t = (ux * (y - a[1]!) - uy * (x - a[0]!)) / det;
    if (inside(panel.flat, x, y)) return { panel: i, s, t };
  }
  return null;
}

/** Whether a point lies in a panel or on its rim. */
function inside(flat: number[][], x: number, y: number): boolean {
  let within = false;
  for (let i = 0; i < flat.length; i++) {
    const [ax, ay] = flat[i] as [number, number];
    const [bx, by] = flat[(i + 1) % flat.length] as [number, number];
    if (distance(ax, ay, bx, by, x, y) < 0.4) return true;
    if (ay > y !== by > y && x < ((bx - ax) * (y - ay)) / (by - ay) + ax) within = !within;
  }
  return within;
}

function distance(ax: number, ay: number, bx: number, by: number, x: number, y: number): number {
  const [dx, dy] = [bx - ax, by - ay];
  const along = Math.max(0, Math.min(1, ((x - ax) * dx + (y - ay) * dy) / (dx * dx + dy * dy || 1)));
  return Math.hypot(x - ax - along * dx, y - ay - along * dy);
}

/** The edge of a piece that a point on it lies nearest to. */
export function nearestEdge(draft: Draft, id: string, [x, y]: [number, number]): string | null {
  const piece = draft.pieces.find((p) => p.id === id);
  let best: { id: string; away: number } | null = null;
  for (const edge of piece?.edges ?? []) {
    const points = along(edge.path);
    for (let i = 1; i < points.length; i++) {
      const [a, b] = [points[i - 1]!, points[i]!];
      const away = distance(a[0]!, a[1]!, b[0]!, b[1]!, x, y);
      if (!best || away < best.away) best = { id: edge.id, away };
    }
  }
  return best && best.away < 30 ? best.id : null;
}
