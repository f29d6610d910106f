import type { Draft, Piece } from "../api/client";
import { LeftOver } from "../kit/LeftOver";
import { boxOf, pathOf } from "../kit/path";
import { say } from "../words/say";

type Lay = Draft["lays"][number];
type Laid = Lay["laid"][number];

/** In mm, y up: the lay itself turns it over. */
const FLAT = { x: 0, y: 0, scale: 1 };

/** Each cloth to scale, from selvedge to selvedge, with everything that is cut from it and what is left. */
export function Lays({ draft }: { draft: Draft }) {
  return (
    <>
      <h2>{say("lays")}</h2>
      {draft.lays.map((lay) => (
        <figure key={`${lay.role} ${lay.material} ${lay.laid[0]?.cut}`} className="lay">
          <figcaption>
            <strong>{lay.material}</strong> ({lay.role_text}){" "}
            {say("lays-length", { length: lay.length.text, width: lay.width.text })}
            {lay.saves.mm > 1 && ` ${say("lays-saves", { length: lay.saves.text })}`}
            {` ${say("lays-waste", { share: Math.round(lay.waste * 100) })}`}
            {lay.grain && lay.laid.some((one) => one.turned) && <em> {say("lays-across")}</em>}
          </figcaption>
          <OnCloth lay={lay} pieces={draft.pieces} />
        </figure>
      ))}
    </>
  );
}

function OnCloth({ lay, pieces }: { lay: Lay; pieces: Piece[] }) {
  const selvedge = (lay.width.mm - lay.usable) / 2;
  const high = lay.length.mm;
  const here = new Set(lay.laid.map((one) => one.piece));
  const told = pieces
    .filter((piece) => here.has(piece.id))
    .map((piece) => piece.letter)
    .join(", ");
  return (
    <svg
      role="img"
      aria-label={say("lays-picture", { material: lay.material, letters: told })}
      viewBox={`-2 -2 ${lay.width.mm + 4} ${high + 4}`}
    >
      <rect className="lay-cloth" width={lay.width.mm} height={high} />
      <path
        className="selvedge"
        d={`M${selvedge} 0V${high}M${lay.width.mm - selvedge} 0V${high}`}
        vectorEffect="non-scaling-stroke"
      />
      <LeftOver left={selvedge} high={high} rest={lay.left} />
      {lay.laid.map((one, nth) => {
        const piece = pieces.find((p) => p.id === one.piece)!;
        return <OnePiece key={nth} one={one} piece={piece} lay={lay} left={selvedge} />;
      })}
    </svg>
  );
}

const EIGHTH = Math.SQRT1_2;

/** What is cut on the bias, from the lower left corner of its square to the upper right one. */
function slanted(one: Laid, box: ReturnType<typeof boxOf>, x: number, high: number) {
  const [cx, cy] = [(box.x0 + box.x1) / 2, (box.y0 + box.y1) / 2];
  const [mx, my] = [x + one.width / 2, high - one.y - one.height / 2];
  return [EIGHTH, -EIGHTH, -EIGHTH, -EIGHTH, mx - EIGHTH * (cx - cy), my + EIGHTH * (cx + cy)];
}

/** Strips side by side from corner to corner of the square over (x, y), their ends square; the width of one cuts off `off` of a side. */
function stripsIn(x: number, y: number, side: number, off: number, count: number) {
  const long = side - count * off;
  return Array.from({ length: count }, (_, nth) => {
    const [left, low] = [x + (nth + 1) * off, y - (count - 1 - nth) * off];
    return `M${left} ${low}l${long} ${-long}l${-off} ${-off}l${-long} ${long}z`;
  }).join("");
}

/** A piece as it lies: upright, turned by a quarter, or slantwise; of what is joined, its part of the strip. */
function OnePiece({ one, piece, lay, left }: { one: Laid; piece: Piece; lay: Lay; left: number }) {
  const outline = piece.cuts[one.cut]!.outline ?? piece.cut_outline;
  const box = boxOf(outline);
  const [x, high] = [left + one.x, lay.length.mm];
  const matrix = one.slanted
    ? slanted(one, box, x, high)
    : one.turned
      ? [0, 1, 1, 0, x + one.over - box.y0, high - one.y - one.over - box.x1]
      : [1, 0, 0, -1, x + one.over - box.x0, high - one.y - one.over + box.y0];
  const wide = box.y1 - box.y0 + 2 * one.over;
  const [cx, cy] = [x + one.width / 2, high - one.y - one.height / 2];
  const size = Math.min(
    70,
    one.width * 0.5,
    one.height * 0.5,
    ...(one.slanted ? [wide * one.strips * 0.85] : []),
  );
  const far = one.slanted ? size * 0.4 : 0.16 * Math.min(one.width, one.height);
  const arrow = one.turned
    ? `M${cx - far} ${cy + size * 0.7}h${2 * far}`
    : `M${cx + size * 0.7} ${cy + far - (one.slanted ? size * 0.7 : 0)}v${-2 * far}`;
  return (
    <g className={`laid-piece ${one.turned ? "across" : ""}`}>
      {one.strips > 1 && (
        <path
          d={stripsIn(x, high - one.y, one.width, wide * EIGHTH, one.strips)}
          fill={`url(#cloth-${lay.role})`}
          vectorEffect="non-scaling-stroke"
        />
      )}
      {(one.part !== null || one.over > 0) && (
        <rect
          x={x}
          y={high - one.y - one.height}
          width={one.width}
          height={one.height}
          fill={`url(#cloth-${lay.role})`}
          vectorEffect="non-scaling-stroke"
        />
      )}
      {one.part === null && one.strips === 1 && (
        <path
          d={pathOf(FLAT, outline, true)}
          transform={`matrix(${matrix[0]} ${matrix[1]} ${-matrix[2]!} ${-matrix[3]!} ${matrix[4]} ${matrix[5]})`}
          fill={`url(#cloth-${lay.role})`}
          vectorEffect="non-scaling-stroke"
        />
      )}
      <path className="grain" d={arrow} markerEnd="url(#arrow)" vectorEffect="non-scaling-stroke" />
      <text x={cx} y={cy + size * 0.35} style={{ fontSize: size }}>
        {piece.letter}
      </text>
    </g>
  );
}
