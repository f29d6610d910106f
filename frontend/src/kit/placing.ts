/** Where the words on a piece stand: on the piece, and none over others. */

export interface Box {
  x0: number;
  y0: number;
  x1: number;
  y1: number;
}

/** Lines of words about a middle: level with the baseline of the first at `y`, or reading upward along `x`. */
export interface Spot {
  lines: string[];
  x: number;
  y: number;
  upright: boolean;
}

export type Ends = [number, number, number, number];

/** Words, and the marks on the screen that say the same: they stand by the first that has room for them. */
export interface Wanted {
  text: string;
  ends: Ends[];
  /** A zone has its words inside: its box. */
  zone: Box | null;
}

// Of the small words of a drawing (px): how wide a character is at most, how high a line.
const CHARACTER = 6.4;
const LINE = 13;
const [ABOVE, BELOW] = [10, 3];
const SHORT = 4;
// So far clear of the stitch line.
const CLEAR = 3;
// So much may touch: letters seldom fill their boxes.
const TOUCH = 1.5;

function wideOf(lines: string[]): number {
  return Math.max(...lines.map((line) => line.length)) * CHARACTER;
}

export function boxOfSpot({ lines, x, y, upright }: Spot): Box {
  const half = wideOf(lines) / 2;
  const over = LINE * (lines.length - 1);
  return upright
    ? { x0: x - ABOVE, y0: y - half, x1: x + over + BELOW, y1: y + half }
    : { x0: x - half, y0: y - ABOVE, x1: x + half, y1: y + over + BELOW };
}

function meet(a: Box, b: Box): boolean {
  return (
    Math.min(a.x1, b.x1) - Math.max(a.x0, b.x0) > TOUCH && Math.min(a.y1, b.y1) - Math.max(a.y0, b.y0) > TOUCH
  );
}

/** Whether a box touches none of those that are taken. */
export function isFree(box: Box, taken: Box[]): boolean {
  return !taken.some((other) => meet(box, other));
}

function within(box: Box, room: Box): boolean {
  return (
    box.x0 >= room.x0 - TOUCH &&
    box.x1 <= room.x1 + TOUCH &&
    box.y0 >= room.y0 - TOUCH &&
    box.y1 <= room.y1 + TOUCH
  );
}

/** Words in so many lines, as even as their spaces let them be. */
export function broken(text: string, count: number): string[] {
  const words = text.split(" ");
  const lines: string[] = [];
  while (words.length > 0) {
    const left = words.join(" ").length / Math.max(1, count - lines.length);
    let line = words.shift()!;
    while (words.length > 0 && line.length + 1 + words[0]!.length / 2 <= left + 1)
      line += ` ${words.shift()!}`;
    lines.push(line);
  }
  return lines;
}

/** Where words may stand by a mark, the best first. */
function spots(text: string, [x0, y0, x1, y1]: Ends, zone: Box | null, room: Box): Spot[] {
  const found: Spot[] = [];
  const [x, y] = [(x0 + x1) / 2, (y0 + y1) / 2];
  const level = Math.abs(y1 - y0) <= Math.abs(x1 - x0);
  const middle = (room.x0 + room.x1) / 2;
  const put = (lines: string[], at: number, top: number) => {
    const half = wideOf(lines) / 2 + CLEAR;
    const inside = Math.min(Math.max(at, room.x0 + half), room.x1 - half);
    found.push({ lines, x: inside, y: top, upright: false });
  };
  const counts = text.includes(" ") ? [1, 2, 3] : [1];
  if (zone) {
    const across = (zone.x0 + zone.x1) / 2;
    for (const count of counts) {
      const lines = broken(text, count);
      put(lines, across, zone.y0 + 15);
      put(lines, across, zone.y1 - 5 - LINE * (lines.length - 1));
    }
    return found;
  }
  if (level) {
    // A mark shorter than its words has them in more lines, so that they stay by it.
    const fitting = counts.filter((count) => wideOf(broken(text, count)) <= Math.abs(x1 - x0) * 1.5);
    for (const lift of [0, 15, 30])
      for (const count of [...fitting, ...counts.filter((one) => !fitting.includes(one))]) {
        const lines = broken(text, count);
        put(lines, x, y - 5 - lift - LINE * (lines.length - 1));
      }
    for (const count of counts) put(broken(text, count), x, y + 14);
    // Beside what stands over its middle.
    for (const side of [-1, 1])
      for (const count of counts) {
        const lines = broken(text, count);
        for (const lift of [15, 0])
          put(lines, x + side * (wideOf(lines) / 2 + 8), y - 5 - lift - LINE * (lines.length - 1));
      }
    return found;
  }
  // A word that is no longer than the mark is wide is read level.
  if (text.length <= SHORT) put([text], x + 8 + wideOf([text]) / 2, y + 4);
  // Along the mark, on the side of the piece's middle first.
  const [inner, outer] = x > middle ? [x - 6, x + 14] : [x + 14, x - 6];
  for (const side of [inner, outer])
    for (const along of [0, -30, 30, -60, 60])
      found.push({ lines: [text], x: side, y: y + along, upright: true });
  for (const count of counts) {
    const lines = broken(text, count);
    const half = wideOf(lines) / 2 + 8;
    for (const along of [0, -30, 30]) put(lines, x > middle ? x - half : x + half, y + along);
  }
  return found;
}

/** The spot of each mark's words; null where there is room for none. `taken` is where other words stand already. */
export function placed(wanted: Wanted[], room: Box, taken: Box[]): (Spot | null)[] {
  const full = [...taken];
  return wanted.map((one) => {
    const tries = one.ends.flatMap((ends) => spots(one.text, ends, one.zone, room));
    const spot = tries.find((tried) => {
      const box = boxOfSpot(tried);
      return within(box, room) && isFree(box, full);
    });
    if (!spot) return null;
    full.push(boxOfSpot(spot));
    return spot;
  });
}

/** The same, clear of the `arrows` too where that can be: words that have no other place are read across one rather than left out. */
export function placedRound(wanted: Wanted[], room: Box, taken: Box[], arrows: Box[]): (Spot | null)[] {
  const clear = placed(wanted, room, [...taken, ...arrows]);
  const there = clear.flatMap((spot) => (spot ? [boxOfSpot(spot)] : []));
  const rest = placed(
    wanted.filter((_, i) => !clear[i]),
    room,
    [...taken, ...there],
  );
  return clear.map((spot) => spot ?? rest.shift() ?? null);
}
