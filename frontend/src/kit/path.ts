/** Turning `[x, y, bulge]` lists in mm into SVG paths on the screen (y down). Arcs stay arcs. */

export interface Place {
  /** Screen position of the origin, and pixels for each mm. */
  x: number;
  y: number;
  scale: number;
}

export function onScreen(place: Place, x: number, y: number): [number, number] {
  return [place.x + x * place.scale, place.y - y * place.scale];
}

function segment(place: Place, from: number[], to: number[]): string {
  const [x, y] = onScreen(place, to[0]!, to[1]!);
  const bulge = from[2] ?? 0;
  if (bulge === 0) return `L${x.toFixed(2)} ${y.toFixed(2)}`;
  const chord = Math.hypot(to[0]! - from[0]!, to[1]! - from[1]!) * place.scale;
  const radius = (chord * (1 + bulge * bulge)) / (4 * Math.abs(bulge));
  return `A${radius} ${radius} 0 ${Math.abs(bulge) > 1 ? 1 : 0} ${bulge < 0 ? 1 : 0} ${x.toFixed(2)} ${y.toFixed(2)}`;
}

export function pathOf(place: Place, points: number[][], closed: boolean): string {
  const first = points[0];
  if (!first) return "";
  const [x, y] = onScreen(place, first[0]!, first[1]!);
  const parts = [`M${x.toFixed(2)} ${y.toFixed(2)}`];
  points.slice(1).forEach((point, i) => parts.push(segment(place, points[i]!, point)));
  if (closed) parts.push(segment(place, points[points.length - 1]!, first), "Z");
  return parts.join("");
}

export function boxOf(points: number[][]): { x0: number; y0: number; x1: number; y1: number } {
  const xs = points.map((p) => p[0]!);
  const ys = points.map((p) => p[1]!);
  return { x0: Math.min(...xs), y0: Math.min(...ys), x1: Math.max(...xs), y1: Math.max(...ys) };
}
