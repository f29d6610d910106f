/** How the sewn form is looked at: from the front right, a little from above. */

const TURN = (-28 * Math.PI) / 180;
const [COS_TURN, SIN_TURN] = [Math.cos(TURN), Math.sin(TURN)];
export const TILT = (18 * Math.PI) / 180;
const [COS_TILT, SIN_TILT] = [Math.cos(TILT), Math.sin(TILT)];
// What lies no farther from the middle than this share of the whole has no room behind it.
const THIN = 0.001;

/** The way the eye looks: nothing moves on the picture that moves along it. */
const SIGHT = [Math.sin(TURN), Math.cos(TURN), -Math.tan(TILT)];

/** Across and down the picture, and how far behind it. */
export function project([x, y, z]: number[]): [number, number, number] {
  const px = x! * COS_TURN - y! * SIN_TURN;
  const py = x! * SIN_TURN + y! * COS_TURN;
  return [px, -(z! * COS_TILT) + py * -SIN_TILT, py];
}

/** Whether each part of the form looks away from the eye (-1), towards it (1), or lies in its middle and does neither (0). What encloses a
 * room looks outward: all that looks away is behind it. */
export function looking(parts: number[][][]): number[] {
  const points = parts.flat();
  const centre = middleOf(points);
  const least = THIN * spread(points);
  return parts.map((part) => {
    const normal = normalOf(part);
    if (!normal) return 0;
    return look(normal, middleOf(part), centre, SIGHT, least);
  });
}

/** The same of one part, by the way it is looked at; what is nearer than `least` to the middle lies in it. */
export function look(
  normal: number[],
  middle: number[],
  centre: number[],
  sight: number[],
  least: number,
): number {
  const out = dot(normal, middle) - dot(normal, centre);
  return Math.abs(out) <= least ? 0 : -Math.sign(out * dot(sight, normal));
}

/** Tells what lies behind the form's middle: of something flat, on its far side. */
export function behind(parts: number[][][], looks: number[]): (points: number[][]) => boolean {
  const flat = looks.every((look) => look === 0) && parts[0] ? normalOf(parts[0]) : null;
  if (flat) {
    const away = Math.sign(dot(SIGHT, flat));
    const at = dot(middleOf(parts[0]!), flat);
    return (points) => away * (dot(middleOf(points), flat) - at) > 0;
  }
  const depths = parts.map(depthOf);
  const centre = (Math.min(...depths) + Math.max(...depths)) / 2;
  return (points) => depthOf(points) > centre;
}

/** How far behind the picture the middle of some points lies. */
export const depthOf = (points: number[][]) => project(middleOf(points))[2];

const dot = (a: number[], b: number[]) => a[0]! * b[0]! + a[1]! * b[1]! + a[2]! * b[2]!;

function middleOf(points: number[][]): number[] {
  let [x, y, z] = [0, 0, 0];
  for (const p of points) {
    x += p[0]!;
    y += p[1]!;
    z += p[2]!;
  }
  return [x / points.length, y / points.length, z / points.length];
}

function spread(points: number[][]): number {
  const sides = [0, 1, 2].map((axis) => points.map((p) => p[axis]!));
  return Math.hypot(...sides.map((side) => Math.max(...side) - Math.min(...side)));
}

/** Square to a polygon, as long as 1; nothing where it has no area. */
function normalOf(polygon: number[][]): number[] | null {
  const sum = [0, 0, 0];
  polygon.forEach((a, i) => {
    const b = polygon[(i + 1) % polygon.length]!;
    for (let k = 0; k < 3; k++)
      sum[k]! += (a[(k + 1) % 3]! - b[(k + 1) % 3]!) * (a[(k + 2) % 3]! + b[(k + 2) % 3]!);
  });
  const long = Math.hypot(...sum);
  return long > 1e-9 ? sum.map((value) => value / long) : null;
}
