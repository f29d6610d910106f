import type { Schemas } from "../api/client";

type Folding = Schemas["FoldingDoc"];
type Point = [number, number, number];

/** Slices of a curve whose normals turn by less than this are one curve. */
const SHARP = Math.cos((35 * Math.PI) / 180);

/** The normals of the panels' corners as the form folds: slices of something round share theirs, so that no corner shows between them;
 * a fold stays sharp. */
export class Shading {
  readonly normals: Float32Array;
  /** Each panel's own normal, however round what it is part of. */
  flat: Point[] = [];
  private readonly panels: { start: number; count: number }[];
  /** Corners that lie together when sewn and belong to one curve; each with the panel whose normal it takes part with. */
  private readonly shared: { corners: number[]; panels: number[] }[];

  constructor(folding: Folding, starts: number[]) {
    this.panels = folding.panels.map((panel, i) => ({ start: starts[i]!, count: panel.flat.length }));
    const count = this.panels.reduce((sum, panel) => sum + panel.count, 0);
    this.normals = new Float32Array(count * 3);
    const sewn = folding.stages[folding.stages.length - 1]!;
    const flat = this.panels.map((panel) => normalOf(sewn, panel.start, panel.count));
    const together = new Map<string, { corner: number; panel: number }[]>();
    folding.panels.forEach((panel, i) => {
      if (!panel.smooth) return;
      for (let k = 0; k < panel.flat.length; k++) {
        const corner = starts[i]! + k;
        const at = [0, 1, 2].map((axis) => Math.round(sewn[3 * corner + axis]! * 10) || 0).join();
        const key = `${panel.piece}|${panel.panel}|${at}`;
        together.set(key, [...(together.get(key) ?? []), { corner, panel: i }]);
      }
    });
    this.shared = [];
    for (const group of together.values()) {
      const left = [...group];
      while (left.length) {
        const first = left.shift()!;
        const alike = [first];
        for (let n = left.length - 1; n >= 0; n--) {
          const [a, b] = [flat[first.panel]!, flat[left[n]!.panel]!];
          if (Math.abs(a[0] * b[0] + a[1] * b[1] + a[2] * b[2]) > SHARP) alike.push(...left.splice(n, 1));
        }
        if (alike.length > 1)
          this.shared.push({ corners: alike.map((c) => c.corner), panels: alike.map((c) => c.panel) });
      }
    }
  }

  /** The normals for corners that lie here now (``x, y, z`` one after the other). */
  follow(corners: ArrayLike<number>) {
    const flat = this.panels.map((panel) => normalOf(corners, panel.start, panel.count));
    this.flat = flat;
    this.panels.forEach(({ start, count }, i) => {
      for (let k = start; k < start + count; k++) this.normals.set(flat[i]!, 3 * k);
    });
    for (const { corners: alike, panels } of this.shared) {
      const first = flat[panels[0]!]!;
      const sum: Point = [0, 0, 0];
      for (const panel of panels) {
        const one = flat[panel]!;
        const way = first[0] * one[0] + first[1] * one[1] + first[2] * one[2] < 0 ? -1 : 1;
        one.forEach((v, axis) => (sum[axis] = sum[axis]! + way * v));
      }
      const size = Math.hypot(...sum) || 1;
      alike.forEach((corner, n) => {
        // Each panel's own side stays its own.
        const own = flat[panels[n]!]!;
        const way = own[0] * sum[0] + own[1] * sum[1] + own[2] * sum[2] < 0 ? -1 : 1;
        this.normals.set(
          sum.map((v) => (way * v) / size),
          3 * corner,
        );
      });
    }
  }
}

/** The unit normal of a flat panel (the sum over its corners, so that corners in a line do no harm). */
function normalOf(at: ArrayLike<number>, start: number, count: number): Point {
  const sum: Point = [0, 0, 0];
  for (let k = 0; k < count; k++) {
    const a = 3 * (start + k);
    const b = 3 * (start + ((k + 1) % count));
    sum[0] += (at[a + 1]! - at[b + 1]!) * (at[a + 2]! + at[b + 2]!);
    sum[1] += (at[a + 2]! - at[b + 2]!) * (at[a]! + at[b]!);
    sum[2] += (at[a]! - at[b]!) * (at[a + 1]! + at[b + 1]!);
  }
  const size = Math.hypot(...sum) || 1;
  return [sum[0] / size, sum[1] / size, sum[2] / size];
}
