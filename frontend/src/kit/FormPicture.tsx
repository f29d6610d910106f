import { memo, useMemo } from "react";
import type { Draft, ObjectView } from "../api/client";
import type { Carried } from "./carried";
import { formPaths, polygon, type Facet, type FormPaths, type Scene } from "./formPaths";
import { project, TILT } from "./projection";

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
  // A pointer that lights up a seam changes none of it.
  const paths = useMemo(() => formPaths(facets, carried, scene), [facets, carried, scene]);
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
        <SewnOn paths={paths} side="behind" />
        <Cloth paths={paths} side="behind" />
        {object && <path className="glass" d={thingPath(object, scene)} />}
        <Cloth paths={paths} side="before" />
        <path className="crease" d={paths.creases} />
        <SewnOn paths={paths} side="before" />
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

type Side = { paths: FormPaths; side: "behind" | "before" };

const Cloth = memo(function Cloth({ paths, side }: Side) {
  return paths[side].cloth.map(({ key, cloth, smooth, d }) => (
    <path key={key} className={`cloth of-${cloth} ${side} ${smooth ? "smooth" : ""}`} d={d} />
  ));
});

/** What is carried lies behind the form's middle or before it. */
const SewnOn = memo(function SewnOn({ paths, side }: Side) {
  return paths[side].carried.map(({ cloth, d, rim }, nth) => (
    <g key={nth}>
      <path className={`carried of-${cloth} ${side}`} d={d} />
      <path className="crease" d={rim} />
    </g>
  ));
});

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
