import type { Schemas } from "../api/client";

export type Carried = Schemas["CarriedDoc"];

// Sides whose middles lie nearer than this are one side of two parts (mm).
const SAME = 0.4;

/** The sides of the flat parts of something carried that belong to one part only: its outline in space. */
export function rimOf({ loops }: Carried): [number[], number[]][] {
  const sides = loops.flatMap((loop) =>
    loop.map((a, i): [number[], number[]] => [a, loop[(i + 1) % loop.length]!]),
  );
  const cells = new Map<string, number[]>();
  const middles = sides.map(([a, b]) => a.map((v, k) => (v + b[k]!) / 2));
  const cell = (p: number[]) => p.map((v) => Math.floor(v / SAME));
  middles.forEach((middle, i) => {
    const key = cell(middle).join();
    cells.set(key, [...(cells.get(key) ?? []), i]);
  });
  const near = (i: number) => {
    const [x, y, z] = cell(middles[i]!) as [number, number, number];
    for (const dx of [-1, 0, 1])
      for (const dy of [-1, 0, 1])
        for (const dz of [-1, 0, 1])
          for (const other of cells.get([x + dx, y + dy, z + dz].join()) ?? [])
            if (other !== i && Math.hypot(...middles[i]!.map((v, k) => v - middles[other]![k]!)) < SAME)
              return true;
    return false;
  };
  return sides.filter((_, i) => !near(i));
}
