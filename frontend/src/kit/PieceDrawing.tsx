import { memo } from "react";
import type { Piece } from "../api/client";
import { boxOf, onScreen, pathOf, type Place } from "./path";
import { boxOfSpot, isFree, placedRound, type Box, type Ends, type Spot, type Wanted } from "./placing";
import { say } from "../words/say";

interface Props {
  piece: Piece;
  role: string;
  count: number;
  /** Interfacing, padding and a lining of its own may end elsewhere than the outer. */
  outline: Piece["cut_outline"];
  place: Place;
  /** Where a strip that is shown cut short breaks off (mm). */
  until: number;
  roleName: string;
  lit: ReadonlySet<string>;
  /** Small drawings leave the words out. */
  detailed: boolean;
  showMarks: boolean;
  showAllowance: boolean;
  onPoint?: (edge: string | null) => void;
}

/** One piece as it is cut from one cloth: cut line, stitch line, folds, marks, and its edges to point at. */
export const PieceDrawing = memo(function PieceDrawing(props: Props) {
  const { piece, role, count, outline, place, until, roleName, lit, detailed, showMarks, showAllowance } =
    props;
  const { onPoint } = props;
  const box = boxOf(piece.stitch_outline);
  const upright = piece.folds[0] && piece.folds[0].path[0]![0] === piece.folds[0].path[1]![0];
  const strip = box.x1 - box.x0 > 8 * (box.y1 - box.y0);
  const middle = strip
    ? // Between its arrow and where it breaks off.
      box.x0 + Math.min((box.y1 - box.y0) * 1.5, (until - box.x0) * 0.62)
    : upright
      ? box.x0 + (box.x1 - box.x0) * 0.25
      : (box.x0 + box.x1) / 2;
  const level = piece.folds[0] && !upright;
  const [cx, high] = onScreen(
    place,
    middle,
    box.y0 + (box.y1 - box.y0) * (level ? 0.26 : (box.y1 - box.y0) * place.scale < 180 ? 0.58 : 0.47),
  );
  const letter = Math.max(
    11,
    Math.min(34, Math.min((box.x1 - box.x0) * 0.25, (box.y1 - box.y0) * 0.6) * place.scale),
  );
  // What stands below the letter stays clear of notches at the lower edge; alone on something low it stands in the middle.
  const low = (box.y1 - box.y0) * place.scale < 2 * letter;
  const cy = detailed
    ? Math.min(high, onScreen(place, 0, box.y0)[1] - BELOW)
    : low
      ? onScreen(place, 0, (box.y0 + box.y1) / 2)[1] + 0.36 * letter
      : high;
  const marks = piece.marks.filter((m) => m.role === null || m.role === role);
  const [left, top] = onScreen(place, box.x0, box.y1);
  const [right, bottom] = onScreen(place, box.x1, box.y0);
  const head = [roleName, say("pieces-cut", { count })];
  const room = { x0: left, y0: top, x1: right, y1: bottom };
  const taken = [
    { x0: cx - letter * 0.4, y0: cy - letter * 0.75, x1: cx + letter * 0.4, y1: cy },
    ...head.map((line, i) => boxOfSpot({ lines: [line], x: cx, y: cy + 18 + 17 * i, upright: false })),
  ];
  const words = detailed && showMarks ? wordsOf(marks, place, room, taken) : [];
  return (
    <g className={`piece role-${role}`} data-piece={piece.id} data-role={role}>
      <path
        className="cut-line"
        d={pathOf(place, showAllowance ? outline : piece.stitch_outline, true)}
        fill={`url(#cloth-${role})`}
      />
      <path className="stitch-line" d={pathOf(place, piece.stitch_outline, true)} />
      {piece.folds.map((fold) => (
        <path key={fold.id} className="fold-line" d={pathOf(place, fold.path, false)} />
      ))}
      {showMarks &&
        marks.map((mark, i) => {
          if (mark.point) {
            const [x, y] = onScreen(place, mark.point[0]!, mark.point[1]!);
            return (
              <g key={i}>
                <circle className="notch" cx={x} cy={y} r="2.6" />
                {mark.number !== null && detailed && (
                  <Words spot={numberAt(mark, place, room, taken)} name="notch-number" />
                )}
              </g>
            );
          }
          const [x, y] = onScreen(place, mark.path[0]![0]!, mark.path[0]![1]!);
          const last = mark.path[mark.path.length - 1]!;
          const [x1, y1] = onScreen(place, last[0]!, last[1]!);
          if (mark.kind === "up" || mark.kind === "grain") {
            // Across the shaft and back from its tip.
            const long = Math.max(Math.hypot(x1 - x, y1 - y), 1e-6);
            // Too small to be read it would only be in the way.
            if (mark.kind === "grain" && long < 9) return null;
            const head = Math.min(7, 0.6 * long);
            const [u, v] = [(head * (x1 - x)) / long, (head * (y1 - y)) / long];
            const barb = (way: 1 | -1) => `${x1 - u - way * 0.57 * v} ${y1 - v + way * 0.57 * u}`;
            return (
              <g key={i} className="mark-up">
                <path d={`M${x} ${y}L${x1} ${y1}M${barb(1)}L${x1} ${y1}L${barb(-1)}`} />
                {words[i] && <Words spot={words[i]} />}
              </g>
            );
          }
          return (
            <g key={i} className={`mark mark-${mark.kind}`}>
              <path d={pathOf(place, mark.path, false)} />
              {words[i] ? <Words spot={words[i]} /> : detailed && mark.label && <title>{mark.label}</title>}
            </g>
          );
        })}
      <text className="letter" x={cx} y={cy} style={{ fontSize: letter }}>
        {piece.letter}
      </text>
      {detailed && (
        <>
          <text className="piece-role" x={cx} y={cy + 18}>
            {head[0]}
          </text>
          <text className="piece-count" x={cx} y={cy + 35}>
            {head[1]}
          </text>
        </>
      )}
      {piece.edges.map((edge) => (
        <g key={edge.id}>
          {lit.has(edge.id) && <path className="lit" d={pathOf(place, edge.path, false)} />}
          {onPoint && (
            <path
              className="edge-hit"
              d={pathOf(place, edge.path, false)}
              data-edge={edge.id}
              tabIndex={0}
              role="button"
              aria-label={`${edge.name}, ${edge.told.text}`}
              onPointerEnter={() => onPoint(edge.id)}
              onPointerLeave={() => onPoint(null)}
              onFocus={() => onPoint(edge.id)}
              onBlur={() => onPoint(null)}
            />
          )}
        </g>
      ))}
    </g>
  );
});

// From the letter down to the end of the words below it, and the number of a notch (px).
const BELOW = 57;

/** Marks that say by their shape what they are. */
const WORDLESS = ["box-line", "line", "point", "centre", "figure"];

/** The first of several marks that say the same carries the words. */
function told(marks: Piece["marks"], index: number): boolean {
  return !marks.slice(0, index).some((m) => m.label === marks[index]!.label);
}

/** Where the number of a notch stands: a little inward, or beside that where other words stand. */
function numberAt(mark: Piece["marks"][number], place: Place, room: Box, taken: Box[]): Spot {
  const [x, y] = onScreen(place, mark.point![0]!, mark.point![1]!);
  const [dx, dy] = [(room.x0 + room.x1) / 2 - x, (room.y0 + room.y1) / 2 - y];
  const far = Math.max(1, Math.hypot(dx, dy));
  const [u, v] = [dx / far, dy / far];
  const tried = [
    [13, 0],
    [11, 13],
    [11, -13],
    [2, 14],
    [2, -14],
  ].map(([inward, aside]) => ({
    lines: [String(mark.number)],
    x: x + u * inward! - v * aside!,
    y: y + v * inward! + u * aside! + 4,
    upright: false,
  }));
  return tried.find((spot) => isFree(boxOfSpot(spot), taken)) ?? tried[0]!;
}

/** The words of each mark, where there is room for them; the letter of the piece and what stands below it are `taken` first, then notches. */
function wordsOf(marks: Piece["marks"], place: Place, room: Box, taken: Box[]): (Spot | null)[] {
  const notches = marks.flatMap((mark) => {
    if (!mark.point) return [];
    const at = onScreen(place, mark.point[0]!, mark.point[1]!);
    const dot = { x0: at[0] - 3, y0: at[1] - 3, x1: at[0] + 3, y1: at[1] + 3 };
    return mark.number === null ? [dot] : [dot, boxOfSpot(numberAt(mark, place, room, taken))];
  });
  const speaking = marks.flatMap((mark, i) =>
    !mark.point && mark.label && mark.kind !== "grain" && !WORDLESS.includes(mark.kind) && told(marks, i)
      ? [i]
      : [],
  );
  const wanted = speaking.map((i) => wantedOf(marks, i, place));
  const spots = placedRound(wanted, room, [...taken, ...notches], arrowsOf(marks, place));
  return marks.map((_, i) => spots[speaking.indexOf(i)] ?? null);
}

/** Where the arrows of a piece are: of its grain, and of which way it is up. */
function arrowsOf(marks: Piece["marks"], place: Place): Box[] {
  return marks
    .filter((mark) => mark.kind === "grain" || mark.kind === "up")
    .map((mark) => boxOf(mark.path.map((p) => onScreen(place, p[0]!, p[1]!))))
    .map((box) => ({ x0: box.x0 - 4, y0: box.y0, x1: box.x1 + 4, y1: box.y1 }));
}

function wantedOf(marks: Piece["marks"], index: number, place: Place): Wanted {
  const mark = marks[index]!;
  const alike = marks.filter((other) => !other.point && other.label === mark.label);
  const ends = alike.map((other): Ends => {
    const [first, last] = [other.path[0]!, other.path[other.path.length - 1]!];
    return [...onScreen(place, first[0]!, first[1]!), ...onScreen(place, last[0]!, last[1]!)];
  });
  const box = boxOf(mark.path.map((p) => onScreen(place, p[0]!, p[1]!)));
  return { text: mark.label ?? "", ends, zone: mark.kind === "zone" ? box : null };
}

/** Words where they were put. */
function Words({ spot: { lines, x, y, upright }, name }: { spot: Spot; name?: string }) {
  return (
    <text className={name} transform={upright ? `rotate(-90 ${x} ${y})` : undefined}>
      {lines.map((line, i) => (
        <tspan key={i} x={x} y={y + 13 * i}>
          {line}
        </tspan>
      ))}
    </text>
  );
}
