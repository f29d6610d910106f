import { memo, useMemo } from "react";
import type { Draft, ObjectView, Schemas } from "../api/client";
import { rimOf, type Carried } from "./carried";
import { behind, depthOf, looking, project, TILT } from "./projection";

/** A flat part in space; where it lies on its piece is known of a draft, not of a small picture. */
type Facet = Schemas["PlacedDoc"] & Partial<Schemas["FacetDoc"]>;

type P2 = [number, number];

export interface Scene {
  to: (point: number[]) => P2;
  scale: number;
}

/** A scale and a way to the screen that fits all points into a box. */
function useScene(
  facets: Facet[],
  carried: Carried[],
  object: ObjectView | null,
  width: number,
  height: number,
  margin: number,
): Scene {
  return useMemo(() => {
    const points = [...facets.flatMap((f) => f.space), ...carried.flatMap((c) => c.loops.flat())].map(
      project,
    );
    if (object) {
      const top = Math.max(...object.radii.map((p) => p[0]!));
      const r = Math.max(...object.radii.map((p) => p[1]!));
      const rim = object.radii[object.radii.length - 1]![1]!;
      points.push(project([0, 0, top]), [-r, 0, 0], [r, 0, 0]);
      const [x, y] = project([0, 0, top]);
      points.push([x, y - rim * Math.sin(TILT), 0]);
    }
    const xs = points.map((p) => p[0]);
    const ys = points.map((p) => p[1]);
    const [x0, x1, y0, y1] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
    const scale = Math.max(
      0.02,
      Math.min((width - 2 * margin) / (x1 - x0), (height - 2 * margin) / (y1 - y0)),
    );
    const cx = width / 2 - ((x0 + x1) / 2) * scale;
    const cy = height / 2 - ((y0 + y1) / 2) * scale;
    return {
      scale,
      to: (point) => {
        const [x, y] = project(point);
        return [cx + x * scale, cy + y * scale];
      },
    };
  }, [facets, carried, object, width, height, margin]);
}

function polygon(points: P2[]): string {
  return "M" + points.map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join("L") + "Z";
}

/** The thing inside, as a turned solid: its silhouette between ellipses. */
function thingPath(object: ObjectView, scene: Scene): string {
  const squash = Math.sin(TILT);
  if (!object.round) {
    const [h] = object.radii[object.radii.length - 1]!;
    const r = object.radii[0]![1]!;
    const d = object.depth / 2;
    const corner = (x: number, y: number, z: number) => scene.to([x, y, z]);
    return [
      polygon([corner(-r, -d, 0), corner(r, -d, 0), corner(r, -d, h!), corner(-r, -d, h!)]),
      polygon([corner(r, -d, 0), corner(r, d, 0), corner(r, d, h!), corner(r, -d, h!)]),
      polygon([corner(-r, -d, h!), corner(r, -d, h!), corner(r, d, h!), corner(-r, d, h!)]),
    ].join("");
  }
  const sides = object.radii.map(([h, r]) => {
    const [x, y] = scene.to([0, 0, h!]);
    return { x, y, r: r! * scene.scale };
  });
  const low = sides[0]!;
  const top = sides[sides.length - 1]!;
  const up = sides.map((s) => `${(s.x + s.r).toFixed(1)} ${s.y.toFixed(1)}`);
  const down = [...sides].reverse().map((s) => `${(s.x - s.r).toFixed(1)} ${s.y.toFixed(1)}`);
  return (
    `M${up.join("L")}A${top.r} ${top.r * squash} 0 0 0 ${down[0]}L${down.slice(1).join("L")}` +
    `A${low.r} ${low.r * squash} 0 0 0 ${up[0]}Z` +
    `M${top.x - top.r} ${top.y}A${top.r} ${top.r * squash} 0 0 0 ${top.x + top.r} ${top.y}`
  );
}

/** Where a point of a flat piece lies in space: through the facet that holds it. */
export function lift(
  facets: Facet[],
  piece: string,
  panel: string | null,
  x: number,
  y: number,
): number[] | null {
  for (const facet of facets) {
    if (facet.piece !== piece || (panel && facet.panel !== panel && facet.panel !== "whole")) continue;
    if (!facet.flat) continue;
    // The last corner rather than the fourth: slices of a round base have three.
    const [a, b] = facet.flat as [number[], number[]];
    const d = facet.flat[facet.flat.length - 1]!;
    const ux = b[0]! - a[0]!;
    const uy = b[1]! - a[1]!;
    const vx = d[0]! - a[0]!;
    const vy = d[1]! - a[1]!;
    const det = ux * vy - uy * vx;
    const s = ((x - a[0]!) * vy - (y - a[1]!) * vx) / det;
    const t = (ux * (y - a[1]!) - uy * (x - a[0]!)) / det;
    if (s < -0.01 || s > 1.01 || t < -0.01 || t > 1.01) continue;
    const [A, B] = facet.space as [number[], number[]];
    const D = facet.space[facet.space.length - 1]!;
    return [0, 1, 2].map((i) => A[i]! + s * (B[i]! - A[i]!) + t * (D[i]! - A[i]!));
  }
  return null;
}

const NOTHING: Carried[] = [];

interface Props {
  facets: Facet[];
  /** Straps, pockets, tabs: what is sewn to the form. */
  carried?: Carried[];
  object: ObjectView | null;
  width: number;
  height: number;
  margin?: number;
  /** Paths of flat edges to light up, by piece. */
  lit?: { piece: string; panel: string | null; path: number[][] }[];
  /** Lines drawn on the cloth, such as where a ribbon goes. */
  lines?: { piece: string; path: number[][] }[];
  label: string;
  children?: (scene: Scene) => React.ReactNode;
}

/** The sewn form with the thing inside, drawn to scale. */
export const FormPicture = memo(function FormPicture({
  facets,
  carried = NOTHING,
  object,
  width,
  height,
  margin = 12,
  lit = [],
  lines = [],
  label,
  children,
}: Props) {
  const scene = useScene(facets, carried, object, width, height, margin);
  const parts = facets.map((facet) => facet.space);
  const looks = looking(parts);
  const sorted = [...facets]
    .map((facet, nth) => {
      const middle = depthOf(facet.space);
      const [a, b, c] = facet.space.map(scene.to) as [P2, P2, P2];
      const turn = (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]);
      return { facet, middle, turn, looks: looks[nth]! };
    })
    .sort((p, q) => p.looks - q.looks || q.middle - p.middle);
  const half = sorted.filter((one) => one.looks < 0).length;
  // Slices of one curve are one shape: drawn apart, each would show its edge.
  const draw = (part: typeof sorted, side: string) => {
    const shapes = new Map<string, { smooth: boolean; cloth: string; paths: string[] }>();
    part.forEach(({ facet, turn }, i) => {
      const key = facet.smooth ? facet.piece : `${i}`;
      const shape = shapes.get(key) ?? { smooth: facet.smooth, cloth: facet.cloth ?? "bought", paths: [] };
      const points = facet.space.map(scene.to);
      // All the same way round, or two that lie on each other would leave a hole.
      shape.paths.push(polygon(turn < 0 ? points.reverse() : points));
      shapes.set(key, shape);
    });
    return [...shapes].map(([key, { smooth, cloth, paths }]) => (
      <path
        key={`${side}${key}`}
        className={`cloth of-${cloth} ${side} ${smooth ? "smooth" : ""}`}
        d={paths.join("")}
      />
    ));
  };
  // What is carried lies behind the form's middle or before it.
  const liesBehind = behind(parts, looks);
  const sewnOn = (far: boolean) =>
    carried.map((part) => {
      const here = (points: number[][]) => liesBehind(points) === far;
      const side = far ? "behind" : "before";
      const lines = rimOf(part).filter((line) => here(line));
      return (
        <g key={`${part.piece}${side}`}>
          <path
            className={`carried of-${part.cloth ?? "bought"} ${side}`}
            d={part.loops
              .filter(here)
              .map((loop) => polygon(loop.map(scene.to)))
              .join("")}
          />
          <path
            className="crease"
            d={lines.map((line) => `M${line.map((p) => scene.to(p).join(" ")).join("L")}`).join("")}
          />
        </g>
      );
    });
  return (
    <>
      <svg
        width={width}
        height={height}
        role={label ? "img" : undefined}
        aria-label={label || undefined}
        aria-hidden={label ? undefined : true}
        className="form-picture"
      >
        {sewnOn(true)}
        {draw(sorted.slice(0, half), "behind")}
        {object && <path className="glass" d={thingPath(object, scene)} />}
        {draw(sorted.slice(half), "before")}
        <path className="crease" d={creases(facets, scene)} />
        {sewnOn(false)}
        {lines.map(({ piece, path }, i) => (
          <path key={`l${i}`} className="form-line" d={onForm(facets, piece, path, scene)} />
        ))}
        {lit.map(({ piece, panel, path }, i) => {
          const points = along(path)
            .map(([x, y]) => lift(facets, piece, panel, x!, y!))
            .filter((p) => p !== null);
          return points.length > 1 ? (
            <path key={i} className="lit" d={"M" + points.map((p) => scene.to(p).join(" ")).join("L")} />
          ) : null;
        })}
      </svg>
      {children?.(scene)}
    </>
  );
});

/** The ink lines of curved cloth: its free edges, its sharp edges, and where it turns away from the eye. */
function creases(facets: Facet[], scene: Scene): string {
  const edges = new Map<string, { ends: number[][]; sides: number[][] }>();
  for (const { space, smooth } of facets) {
    if (!smooth) continue;
    const side = normal(space);
    space.forEach((p, i) => {
      const q = space[(i + 1) % space.length]!;
      const names = [p, q].map((point) => point.map((v) => v.toFixed(1)).join(" "));
      if (names[0] === names[1]) return;
      const key = names.sort().join("|");
      const edge = edges.get(key) ?? { ends: [p, q], sides: [] };
      edge.sides.push(side);
      edges.set(key, edge);
    });
  }
  const lines: string[] = [];
  for (const { ends, sides } of edges.values()) {
    const [a, b] = sides;
    const toward = sides.map((n) => facing(n));
    const bend = a && b ? Math.abs(a[0]! * b[0]! + a[1]! * b[1]! + a[2]! * b[2]!) : 0;
    const shown = !b || toward.some((t) => t !== toward[0]) || (bend < 0.8 && toward.some((t) => t));
    if (shown) lines.push(`M${scene.to(ends[0]!).join(" ")}L${scene.to(ends[1]!).join(" ")}`);
  }
  return lines.join("");
}

/** The unit normal of a flat part, from its longest diagonals. */
function normal(space: number[][]): number[] {
  const [a, b, c] = [space[0]!, space[1]!, space[2]!];
  const d = space[3] ?? a;
  const u = [0, 1, 2].map((i) => c[i]! - a[i]!);
  const v = [0, 1, 2].map((i) => (d === a ? b[i]! - a[i]! : d[i]! - b[i]!));
  const n = [u[1]! * v[2]! - u[2]! * v[1]!, u[2]! * v[0]! - u[0]! * v[2]!, u[0]! * v[1]! - u[1]! * v[0]!];
  const length = Math.hypot(...n) || 1;
  return n.map((x) => x / length);
}

/** Whether a part with this normal shows its outside, for walls wound the same way round. */
function facing(n: number[]): boolean {
  const [, , depth] = project([n[0]!, n[1]!, 0]);
  return depth * Math.cos(TILT) - n[2]! * Math.sin(TILT) > 0;
}

/** Points along a path, close enough to follow curves and facets. */
export function along(path: number[][]): number[][] {
  const points: number[][] = [];
  path.slice(1).forEach((end, i) => {
    const start = path[i]!;
    const bulge = start[2] ?? 0;
    const steps = 16;
    for (let k = 0; k <= steps; k++) {
      const t = k / steps;
      // The height of an arc over its chord, near enough for a drawing.
      const rise = -2 * bulge * t * (1 - t);
      const dx = end[0]! - start[0]!;
      const dy = end[1]! - start[1]!;
      points.push([start[0]! + dx * t - dy * rise, start[1]! + dy * t + dx * rise]);
    }
  });
  return points;
}

/** A straight line on a flat piece as it runs over the facets of the form. */
function onForm(facets: Facet[], piece: string, path: number[][], scene: Scene): string {
  const [a, b] = [path[0]!, path[path.length - 1]!];
  const steps = 24;
  return ["front", "back"]
    .map((panel) => {
      const points: string[] = [];
      for (let i = 0; i <= steps; i++) {
        const t = i / steps;
        const p = lift(facets, piece, panel, a[0]! + t * (b[0]! - a[0]!), a[1]! + t * (b[1]! - a[1]!));
        if (p)
          points.push(
            scene
              .to(p)
              .map((v) => v.toFixed(1))
              .join(" "),
          );
      }
      return points.length > 1 ? `M${points.join("L")}` : "";
    })
    .join("");
}

export function facetsOf(draft: Draft): Facet[] {
  return draft.solid.facets;
}
