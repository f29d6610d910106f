import type { Schemas } from "../api/client";

export type Carried = Schemas["CarriedDoc"];

type Side = [number[], number[]];
type Middle = [number, number, number];

// Sides whose middles lie nearer than this are one side of two parts (mm).
const SAME = 0.4;

const known = new WeakMap<Carried, Side[]>();

/** The sides of the flat parts of something carried that belong to one part only: its outline in space. Found once. */
export function rimOf(carried: Carried): Side[] {
  const found = known.get(carried) ?? rim(carried);
  known.set(carried, found);
  return found;
}

function rim({ loops }: Carried): Side[] {
  const sides = loops.flatMap((loop) => loop.map((a, i): Side => [a, loop[(i + 1) % loop.length]!]));
  const middles = sides.map(([a, b]): Middle => [
    (a[0]! + b[0]!) / 2,
    (a[1]! + b[1]!) / 2,
    (a[2]! + b[2]!) / 2,
  ]);
  const cells = new Map<number, number[]>();
  const cell = (v: number) => Math.floor(v / SAME);
  // Far cells may share a key: what lies in them is measured all the same.
  const key = (x: number, y: number, z: number) =>
    Math.imul(x, 73856093) ^ Math.imul(y, 19349663) ^ Math.imul(z, 83492791);
  middles.forEach(([x, y, z], i) => {
    const at = key(cell(x), cell(y), cell(z));
    const here = cells.get(at);
    if (here) here.push(i);
    else cells.set(at, [i]);
  });
  const near = (i: number, others: number[] | undefined) => {
    const [x, y, z] = middles[i]!;
    return others?.some((other) => {
      const [px, py, pz] = middles[other]!;
      return other !== i && (px - x) ** 2 + (py - y) ** 2 + (pz - z) ** 2 < SAME * SAME;
    });
  };
  const shared = (i: number) => {
    const [x, y, z] = middles[i]!;
    const [cx, cy, cz] = [cell(x), cell(y), cell(z)];
    for (let dx = -1; dx <= 1; dx++)
      for (let dy = -1; dy <= 1; dy++)
        for (let dz = -1; dz <= 1; dz++) if (near(i, cells.get(key(cx + dx, cy + dy, cz + dz)))) return true;
    return false;
  };
  return sides.filter((_, i) => !shared(i));
}
