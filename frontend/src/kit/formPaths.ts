import type { Schemas } from "../api/client";
import { rimOf, type Carried } from "./carried";
import { behind, depthOf, looking, project, TILT } from "./projection";

/** A flat part in space; where it lies on its piece is known of a draft, not of a small picture. */
export type Facet = Schemas["PlacedDoc"] & Partial<Schemas["FacetDoc"]>;

export type P2 = [number, number];

export interface Scene {
  to: (point: number[]) => P2;
  scale: number;
}

/** A path of cloth, and how it is drawn. */
export interface Drawn {
  key: string;
  cloth: string;
  smooth: boolean;
  d: string;
}

interface CarriedPath {
  cloth: string;
  d: string;
  rim: string;
}

/** What lies behind the thing in the form, and what lies before it. */
export interface FormPaths {
  behind: { cloth: Drawn[]; carried: CarriedPath[] };
  before: { cloth: Drawn[]; carried: CarriedPath[] };
  creases: string;
}

/** The sewn form as paths on the picture. */
export function formPaths(facets: Facet[], carried: Carried[], scene: Scene): FormPaths {
  const parts = facets.map((facet) => facet.space);
  const looks = looking(parts);
  const sorted = facets
    .map((facet, nth) => ({ facet, middle: depthOf(facet.space), looks: looks[nth]! }))
    .sort((p, q) => p.looks - q.looks || q.middle - p.middle);
  const half = sorted.findIndex((one) => one.looks >= 0);
  const at = half < 0 ? sorted.length : half;
  const cloth = (part: typeof sorted) =>
    clothPaths(
      part.map(({ facet }) => facet),
      scene,
    );
  const liesBehind = behind(parts, looks);
  const sewnOn = (far: boolean) =>
    carried.map((part) => carriedPath(part, (p) => liesBehind(p) === far, scene));
  return {
    behind: { cloth: cloth(sorted.slice(0, at)), carried: sewnOn(true) },
    before: { cloth: cloth(sorted.slice(at)), carried: sewnOn(false) },
    creases: creases(facets, scene),
  };
}

/** Slices of one curve are one shape: drawn apart, each would show its edge. */
function clothPaths(facets: Facet[], scene: Scene): Drawn[] {
  const shapes = new Map<string, { smooth: boolean; cloth: string; paths: string[] }>();
  facets.forEach((facet, nth) => {
    const key = facet.smooth ? facet.piece : `${nth}`;
    const shape = shapes.get(key) ?? { smooth: facet.smooth, cloth: facet.cloth ?? "bought", paths: [] };
    const points = facet.space.map(scene.to);
    const [a, b, c] = points as [P2, P2, P2];
    const turn = (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]);
    // All the same way round, or two that lie on each other would leave a hole.
    shape.paths.push(polygon(turn < 0 ? points.reverse() : points));
    shapes.set(key, shape);
  });
  return [...shapes].map(([key, { smooth, cloth, paths }]) => ({ key, smooth, cloth, d: paths.join("") }));
}

function carriedPath(part: Carried, here: (points: number[][]) => boolean, scene: Scene): CarriedPath {
  const loops = part.loops.filter(here).map((loop) => polygon(loop.map(scene.to)));
  const rim = rimOf(part)
    .filter(here)
    .map(([a, b]) => line(a, b, scene));
  return { cloth: part.cloth ?? "bought", d: loops.join(""), rim: rim.join("") };
}

/** To a tenth of a point: finer is not seen. */
const tenth = (value: number) => Math.round(value * 10) / 10;

export function polygon(points: P2[]): string {
  let d = "";
  for (const [x, y] of points) d += `${d ? "L" : "M"}${tenth(x)} ${tenth(y)}`;
  return d + "Z";
}

function line(a: number[], b: number[], scene: Scene): string {
  const [[x0, y0], [x1, y1]] = [scene.to(a), scene.to(b)];
  return `M${tenth(x0)} ${tenth(y0)}L${tenth(x1)} ${tenth(y1)}`;
}

/** Tenths of a millimetre, ten metres to both sides; more than a form has corners. Three of them are still told apart in one number. */
const SPAN = 200_000;

/** The same number for corners that lie within a tenth of a millimetre of each other. */
function placeOf(point: number[]): number {
  return point.reduce((place, way) => place * SPAN + Math.round(way * 10) + SPAN / 2, 0);
}

/** The ink lines of curved cloth: its free edges, its sharp edges, and where it turns away from the eye. */
function creases(facets: Facet[], scene: Scene): string {
  const corners = new Map<number, number>();
  const edges = new Map<number, { ends: [number[], number[]]; sides: number[][] }>();
  for (const { space, smooth } of facets) {
    if (!smooth) continue;
    const side = normal(space);
    const numbers = space.map((point) => {
      const place = placeOf(point);
      const number = corners.get(place) ?? corners.size;
      corners.set(place, number);
      return number;
    });
    space.forEach((p, i) => {
      const next = (i + 1) % space.length;
      const [one, other] = [numbers[i]!, numbers[next]!];
      if (one === other) return;
      const key = Math.min(one, other) * SPAN + Math.max(one, other);
      const edge = edges.get(key);
      if (edge) edge.sides.push(side);
      else edges.set(key, { ends: [p, space[next]!], sides: [side] });
    });
  }
  const lines: string[] = [];
  for (const { ends, sides } of edges.values()) {
    const [a, b] = sides;
    const toward = sides.map(facing);
    const bend = a && b ? Math.abs(a[0]! * b[0]! + a[1]! * b[1]! + a[2]! * b[2]!) : 0;
    const shown = !b || toward.some((t) => t !== toward[0]) || (bend < 0.8 && toward.some((t) => t));
    if (shown) lines.push(line(...ends, scene));
  }
  return lines.join("");
}

/** The unit normal of a flat part, from its longest diagonals. */
function normal(space: number[][]): number[] {
  const [a, b, c] = space as [number[], number[], number[]];
  const d = space[3];
  const [ux, uy, uz] = [c[0]! - a[0]!, c[1]! - a[1]!, c[2]! - a[2]!];
  const from = d ? b : a;
  const to = d ?? b;
  const [vx, vy, vz] = [to[0]! - from[0]!, to[1]! - from[1]!, to[2]! - from[2]!];
  const n = [uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx];
  const length = Math.hypot(n[0]!, n[1]!, n[2]!) || 1;
  return [n[0]! / length, n[1]! / length, n[2]! / length];
}

/** Whether a part with this normal shows its outside, for walls wound the same way round. */
function facing(n: number[]): boolean {
  const [, , depth] = project([n[0]!, n[1]!, 0]);
  return depth * Math.cos(TILT) - n[2]! * Math.sin(TILT) > 0;
}
