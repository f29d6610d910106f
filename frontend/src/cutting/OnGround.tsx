import { useRef, useState, type KeyboardEvent, type PointerEvent } from "react";
import { LeftOver } from "../kit/LeftOver";
import { pathOf } from "../kit/path";
import { say } from "../words/say";
import type { ClothLaid, Ground, LaidPiece } from "./useCutting";

interface Props {
  ground: Ground;
  cloth: ClothLaid;
  chosen: string | null;
  /** Whether pieces of more than one make lie on it. */
  several: boolean;
  onChoose?: (id: string | null) => void;
  /** Without it nothing can be taken hold of: it is only looked at. */
  onMove?: (laid: LaidPiece, ground: string, x: number, y: number) => Promise<void>;
}

/** In mm, y up: the picture itself turns it over. */
const FLAT = { x: 0, y: 0, scale: 1 };
/** How far a key moves a piece (mm). */
const KEY = 10;
const KEYS: Record<string, [number, number]> = {
  ArrowLeft: [-KEY, 0],
  ArrowRight: [KEY, 0],
  ArrowUp: [0, KEY],
  ArrowDown: [0, -KEY],
};

/** Cloth to scale, its cut end below, with every piece that lies on it: each can be dragged, also onto another piece of cloth. */
export function OnGround({ ground, cloth, chosen, several, onChoose, onMove }: Props) {
  const [wide, high] = [ground.width + 2 * ground.selvedge, Math.max(ground.length, 20)];
  const left = cloth.folded ? 0 : ground.selvedge;
  const straight = (x: number) => `M${x} 0V${high}`;
  // Every piece of cloth is drawn to one scale.
  const widest = Math.max(...cloth.grounds.map((other) => other.width + 2 * other.selvedge));
  const letters = [...new Set(ground.laid.map((one) => one.letter))].join(", ");
  return (
    <figure className="lay-ground" style={{ flexBasis: `${(100 * wide) / widest - 3}%` }}>
      <figcaption>
        {ground.name}
        {ground.used.mm > 0 && !ground.shaped && `: ${ground.used.text}`}
      </figcaption>
      <svg
        data-ground={ground.id}
        data-left={left}
        data-high={high}
        role={onMove ? "group" : "img"}
        aria-label={say("lays-picture", { material: ground.name, letters })}
        viewBox={`-4 -4 ${wide + 8} ${high + 8}`}
        style={{ aspectRatio: `${wide + 8} / ${high + 8}`, maxHeight: "72vh" }}
        onClick={(event) => event.target === event.currentTarget && onChoose?.(null)}
      >
        {ground.shaped ? (
          <g transform={`translate(0 ${high})`}>
            <path className="lay-cloth" d={pathOf(FLAT, ground.outline, true)} />
            {ground.holes.map((hole, nth) => (
              <path key={nth} className="lay-hole" d={pathOf(FLAT, hole, true)} />
            ))}
          </g>
        ) : (
          <>
            <rect className="lay-cloth" width={wide} height={high} />
            <path
              className="selvedge"
              d={`${cloth.folded ? "" : straight(left)}${straight(left + ground.width)}`}
              vectorEffect="non-scaling-stroke"
            />
            {cloth.folded && <path className="lay-fold" d={straight(0)} vectorEffect="non-scaling-stroke" />}
          </>
        )}
        <LeftOver left={left} high={high} rest={ground.left} />
        <g transform={`translate(${left} ${high})`}>
          {ground.laid.map((one) => (
            <OnePiece
              key={one.id}
              one={one}
              cloth={cloth}
              ground={ground.id}
              chosen={one.id === chosen}
              several={several}
              onChoose={onChoose}
              onMove={onMove}
            />
          ))}
        </g>
      </svg>
    </figure>
  );
}

function OnePiece({
  one,
  cloth,
  ground,
  chosen,
  several,
  onChoose,
  onMove,
}: Pick<Props, "cloth" | "several" | "onChoose" | "onMove"> & {
  one: LaidPiece;
  ground: string;
  chosen: boolean;
}) {
  const from = useRef<{ x: number; y: number; moved: boolean } | null>(null);
  // How far it is held from where this lay has it: nothing, as soon as there is another.
  const [held, setHeld] = useState({ one, x: 0, y: 0 });
  const by = held.one === one ? held : { x: 0, y: 0 };
  const shape = useRef<SVGGElement>(null);
  const faulty = cloth.faults.some((fault) => fault.pieces.includes(one.id));
  const [cx, cy] = [one.x + one.width / 2, -(one.y + one.height / 2)];
  const size = Math.min(70, one.width * 0.5, one.height * 0.5, one.room * 0.85);
  const small = Math.min(26, (1.5 * one.width) / one.make.length, one.height / 6);
  // Under the letter there is room for whose it is.
  const up = several ? small * 0.7 : 0;
  const middle = cy + size * 0.35 - up;
  const long = one.slant ? 0.4 * one.room : 0.16 * Math.min(one.width, one.height);
  const far = several ? Math.min(long, size * 0.42) : long;
  const across = one.angle === 90 || one.angle === 270;
  // Where "up" of the piece points.
  const [ux, uy] = { 0: [0, -1], 90: [-1, 0], 180: [0, 1], 270: [1, 0] }[one.angle] as [number, number];
  // Beside the letter, or above it: below it stands whose piece it is. Of what lies slantwise further along it.
  const [ax, ay] = one.slant
    ? [cx + size * 0.8, cy - one.slant * size * 0.8]
    : across
      ? [cx, cy - up - size * 0.62]
      : [cx + size * 0.8, cy - up];
  const perPixel = () => 1 / (shape.current!.ownerSVGElement!.getScreenCTM()?.a ?? 1);

  const taken = (event: PointerEvent<SVGGElement>) => {
    event.currentTarget.setPointerCapture(event.pointerId);
    from.current = { x: event.clientX, y: event.clientY, moved: false };
    onChoose?.(one.id);
  };
  const moved = (event: PointerEvent) => {
    const start = from.current;
    if (!start) return;
    const [dx, dy] = [event.clientX - start.x, event.clientY - start.y];
    if (!start.moved && Math.hypot(dx, dy) < 4) return;
    start.moved = true;
    setHeld({ one, x: dx * perPixel(), y: dy * perPixel() });
  };
  const letGo = (event: PointerEvent<SVGGElement>) => {
    const start = from.current;
    from.current = null;
    if (!start?.moved || !onMove) return;
    const put = putDown(event, start, one, ground, perPixel());
    void onMove(one, put.ground, put.x, put.y).finally(() => setHeld({ one, x: 0, y: 0 }));
  };
  const pressed = (event: KeyboardEvent) => {
    const way = KEYS[event.key];
    if (event.key === "Enter" || event.key === " ") onChoose?.(one.id);
    else if (way) void onMove?.(one, ground, one.x + way[0], one.y + way[1]);
    else return;
    event.preventDefault();
  };
  return (
    <g
      ref={shape}
      className={`laid-piece ${onMove ? "movable" : ""} ${chosen ? "chosen" : ""} ${one.pinned ? "pinned" : ""} ${faulty ? "faulty" : ""}`}
      transform={`translate(${by.x} ${by.y})`}
      data-cutout={one.id}
      {...(onMove && {
        role: "button",
        tabIndex: 0,
        "aria-pressed": chosen,
        "aria-label": [one.name, one.note, one.pinned ? say("lay-pinned") : ""].filter(Boolean).join(", "),
        onPointerDown: taken,
        onPointerMove: moved,
        onPointerUp: letGo,
        onPointerCancel: () => {
          from.current = null;
          setHeld({ one, x: 0, y: 0 });
        },
        onKeyDown: pressed,
      })}
    >
      <path
        d={pathOf(FLAT, one.outline, true)}
        fill={`url(#cloth-${cloth.role})`}
        vectorEffect="non-scaling-stroke"
      />
      {one.windows.map((window, nth) => (
        <path
          key={nth}
          className="lay-window"
          d={pathOf(FLAT, window, true)}
          vectorEffect="non-scaling-stroke"
        />
      ))}
      <path
        className="grain"
        d={`M${ax - far * ux} ${ay - far * uy}L${ax + far * ux} ${ay + far * uy}`}
        markerEnd="url(#arrow)"
        vectorEffect="non-scaling-stroke"
      />
      <text x={cx} y={middle} style={{ fontSize: size }}>
        {one.letter}
      </text>
      {several && (
        <text className="of-make" x={cx} y={middle + small * 1.1} style={{ fontSize: small }}>
          {one.make}
        </text>
      )}
      {one.pinned && <circle className="lay-pin" cx={one.x + 14} cy={-(one.y + one.height - 14)} r="7" />}
    </g>
  );
}

/** Where a piece is let go: on the cloth it lay on, or on another that is drawn where the pointer is. */
function putDown(
  event: PointerEvent,
  start: { x: number; y: number },
  one: LaidPiece,
  ground: string,
  perPixel: number,
): { ground: string; x: number; y: number } {
  const right = (event.clientX - start.x) * perPixel;
  const up = -(event.clientY - start.y) * perPixel;
  const own = { ground, x: one.x + right, y: one.y + up };
  const over = document
    .elementsFromPoint(event.clientX, event.clientY)
    .map((element) => element.closest<SVGSVGElement>("svg[data-ground]"))
    .find(Boolean);
  if (!over || over.dataset.ground === ground) return own;
  const home = document.querySelector<SVGSVGElement>(`svg[data-ground="${CSS.escape(ground)}"]`)!;
  // How far from its lower left corner it was taken hold of.
  const at = (svg: SVGSVGElement, x: number, y: number) =>
    new DOMPoint(x, y).matrixTransform(svg.getScreenCTM()!.inverse());
  const held = at(home, start.x, start.y);
  const grip = {
    x: held.x - Number(home.dataset.left) - one.x,
    y: Number(home.dataset.high) - held.y - one.y,
  };
  const put = at(over, event.clientX, event.clientY);
  return {
    ground: over.dataset.ground!,
    x: put.x - Number(over.dataset.left) - grip.x,
    y: Number(over.dataset.high) - put.y - grip.y,
  };
}
