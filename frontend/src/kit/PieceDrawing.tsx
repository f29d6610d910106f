import { memo } from "react";
import type { Piece } from "../api/client";
import { boxOf, onScreen, pathOf, type Place } from "./path";
import { say } from "../words/say";

interface Props {
  piece: Piece;
  role: string;
  count: number;
  /** Interfacing, padding and a lining of its own may end elsewhere than the outer. */
  outline: Piece["cut_outline"];
  place: Place;
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
  const { piece, role, count, outline, place, roleName, lit, detailed, showMarks, showAllowance, onPoint } =
    props;
  const box = boxOf(piece.stitch_outline);
  const upright = piece.folds[0] && piece.folds[0].path[0]![0] === piece.folds[0].path[1]![0];
  const strip = box.x1 - box.x0 > 8 * (box.y1 - box.y0);
  const middle = strip
    ? box.x0 + (box.y1 - box.y0) * 1.5
    : upright
      ? box.x0 + (box.x1 - box.x0) * 0.25
      : (box.x0 + box.x1) / 2;
  const level = piece.folds[0] && !upright;
  const [cx, cy] = onScreen(
    place,
    middle,
    box.y0 + (box.y1 - box.y0) * (level ? 0.26 : (box.y1 - box.y0) * place.scale < 180 ? 0.58 : 0.47),
  );
  const letter = Math.max(
    11,
    Math.min(34, Math.min((box.x1 - box.x0) * 0.25, (box.y1 - box.y0) * 0.6) * place.scale),
  );
  const marks = piece.marks.filter((m) => m.role === null || m.role === role);
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
            const [mx, my] = onScreen(place, (box.x0 + box.x1) / 2, (box.y0 + box.y1) / 2);
            const away = 13 / Math.max(1, Math.hypot(mx - x, my - y));
            return (
              <g key={i}>
                <circle className="notch" cx={x} cy={y} r="2.6" />
                {mark.number !== null && detailed && (
                  <text className="notch-number" x={x + (mx - x) * away} y={y + (my - y) * away + 4}>
                    {mark.number}
                  </text>
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
                {detailed &&
                  mark.kind === "up" &&
                  (mark.label.length > 4 ? (
                    <Along text={mark.label} x={x + 16} y={(y + y1) / 2} />
                  ) : (
                    <text x={x + 8} y={(y + y1) / 2 + 4} style={{ textAnchor: "start" }}>
                      {mark.label}
                    </text>
                  ))}
              </g>
            );
          }
          const topmost = Math.min(...mark.path.map((p) => onScreen(place, p[0]!, p[1]!)[1]));
          return (
            <g key={i} className={`mark mark-${mark.kind}`}>
              <path d={pathOf(place, mark.path, false)} />
              {detailed && !WORDLESS.includes(mark.kind) && told(marks, i) && (
                <MarkLabel
                  text={mark.label ?? ""}
                  ends={[x, y, x1, y1]}
                  zone={mark.kind === "zone" ? [middleOf(mark.path, place), topmost + 15] : null}
                  middle={cx}
                  lift={crowded(marks, mark.path, place) ? 15 : 0}
                />
              )}
            </g>
          );
        })}
      <text className="letter" x={cx} y={cy} style={{ fontSize: letter }}>
        {piece.letter}
      </text>
      {detailed && (
        <>
          <text className="piece-role" x={cx} y={cy + 18}>
            {roleName}
          </text>
          <text className="piece-count" x={cx} y={cy + 35}>
            {say("pieces-cut", { count })}
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

/** Marks that say by their shape what they are. */
const WORDLESS = ["box-line", "line", "point", "centre", "figure"];

/** The first of several marks that say the same carries the words. */
function told(marks: Piece["marks"], index: number): boolean {
  return !marks.slice(0, index).some((m) => m.label === marks[index]!.label);
}

interface LabelProps {
  text: string;
  ends: [number, number, number, number];
  zone: [number, number] | null;
  middle: number;
  /** How much higher its words stand, over a notch's number. */
  lift: number;
}

/** Above a level mark, inside the piece beside an upright one, at the head of a zone. */
function MarkLabel({ text, ends: [x0, y0, x1, y1], zone, middle, lift }: LabelProps) {
  if (zone)
    return (
      <text x={zone[0]} y={zone[1]}>
        {text}
      </text>
    );
  const steep = Math.abs(y1 - y0) > Math.abs(x1 - x0);
  const x = (x0 + x1) / 2;
  const y = (y0 + y1) / 2;
  if (!steep) {
    // A mark shorter than its words has them in two lines, so that they stay on the piece.
    const cut = text.length * 6 > Math.abs(x1 - x0) * 1.5 ? text.indexOf(" ", text.length / 2 - 1) : -1;
    const lines = cut < 0 ? [text] : [text.slice(0, cut), text.slice(cut + 1)];
    return (
      <text>
        {lines.map((line, i) => (
          <tspan key={i} x={x} y={y - 5 - lift - 13 * (lines.length - 1 - i)}>
            {line}
          </tspan>
        ))}
      </text>
    );
  }
  // Along the mark, on the side of the piece's middle.
  return <Along text={text} x={x > middle ? x - 6 : x + 14} y={y} />;
}

/** Whether the number of a notch stands where the words of a level mark would. */
function crowded(marks: Piece["marks"], path: number[][], place: Place): boolean {
  const ends = [path[0]!, path[path.length - 1]!].map((p) => onScreen(place, p[0]!, p[1]!));
  const [left, right] = ends.map((p) => p[0]).sort((a, b) => a - b) as [number, number];
  return marks.some((mark) => {
    if (!mark.point || mark.number === null) return false;
    const [x, y] = onScreen(place, mark.point[0]!, mark.point[1]!);
    return x > left - 12 && x < right + 12 && Math.abs(y - ends[0]![1]) < 20;
  });
}

/** Words that read upward. */
function Along({ text, x, y }: { text: string; x: number; y: number }) {
  return (
    <text x={x} y={y} transform={`rotate(-90 ${x} ${y})`}>
      {text}
    </text>
  );
}

function middleOf(path: number[][], place: Place): number {
  const box = boxOf(path);
  return onScreen(place, (box.x0 + box.x1) / 2, 0)[0];
}
