import { useRef, useState, type KeyboardEvent, type PointerEvent } from "react";
import type { Draft } from "../api/client";
import { onScreen, type Place } from "./path";
import { tell } from "./Troubles";
import { say } from "../words/say";

/** A part put down elsewhere: so many mm to the right and up, or marks of the ruler. Answers whether it lies elsewhere now. */
export type Moved = (
  part: number,
  nth: number,
  right: number,
  up: number,
  marks: boolean,
) => Promise<boolean>;

interface Props {
  draft: Draft;
  piece: string;
  role: string;
  place: Place;
  onMove: Moved;
}

const KEYS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};

/** Drawn smaller than this (px) it is not moved here: on the table of pieces it is brought nearer. */
const LEAST = 6;

/** The parts that lie on a piece, to be taken hold of and moved: where they then are, the server tells. */
export function Grips({ draft, piece, role, place, onMove }: Props) {
  const counted = new Map<number, number>();
  return draft.grips.map((grip, index) => {
    const [x0, y0, x1, y1] = grip.box as [number, number, number, number];
    const nth = counted.get(grip.part) ?? 0;
    counted.set(grip.part, nth + 1);
    if (Math.max(x1 - x0, y1 - y0) * place.scale < LEAST) return null;
    if (grip.piece !== piece || (grip.role !== null && grip.role !== role)) return null;
    return <Grip key={index} grip={grip} nth={nth} place={place} onMove={onMove} />;
  });
}

function Grip({
  grip,
  nth,
  place,
  onMove,
}: { grip: Draft["grips"][number]; nth: number } & Pick<Props, "place" | "onMove">) {
  const from = useRef<{ x: number; y: number } | null>(null);
  // How far it is from where this draft has it: nothing, as soon as there is another draft.
  const [held, setHeld] = useState({ grip, x: 0, y: 0 });
  const by = held.grip === grip ? held : { x: 0, y: 0 };
  const setBy = (x: number, y: number) => setHeld({ grip, x, y });
  const [low, high] = [grip.box.slice(0, 2), grip.box.slice(2)] as [[number, number], [number, number]];
  const [x0, y1] = onScreen(place, ...low);
  const [x1, y0] = onScreen(place, ...high);
  // A finger needs more than a label is large.
  const [w, h] = [Math.max(18, x1 - x0), Math.max(18, y1 - y0)];
  const taken = (event: PointerEvent) => {
    event.currentTarget.setPointerCapture(event.pointerId);
    from.current = { x: event.clientX, y: event.clientY };
  };
  const moved = (event: PointerEvent) => {
    if (from.current) setBy(event.clientX - from.current.x, event.clientY - from.current.y);
  };
  const letGo = () => {
    if (!from.current) return;
    from.current = null;
    if (Math.hypot(by.x, by.y) < 3) return setBy(0, 0);
    // Where it was let go it stays until the make is drafted with it there.
    onMove(grip.part, nth, by.x / place.scale, -by.y / place.scale, false).then(
      (moved) => !moved && setBy(0, 0),
      (error) => {
        setBy(0, 0);
        tell(error);
      },
    );
  };
  const pressed = (event: KeyboardEvent) => {
    const way = KEYS[event.key];
    if (!way) return;
    event.preventDefault();
    event.stopPropagation();
    void onMove(grip.part, nth, way[0], way[1], true);
  };
  return (
    <rect
      className={`grip ${by.x || by.y ? "held" : ""}`}
      x={(x0 + x1 - w) / 2 + by.x}
      y={(y0 + y1 - h) / 2 + by.y}
      width={w}
      height={h}
      rx="3"
      tabIndex={0}
      role="button"
      aria-label={say("pieces-grip", { part: grip.name })}
      data-part={grip.part}
      onPointerDown={taken}
      onPointerMove={moved}
      onPointerUp={letGo}
      onPointerCancel={() => {
        from.current = null;
        setBy(0, 0);
      }}
      onKeyDown={pressed}
    >
      <title>{say("pieces-grip", { part: grip.name })}</title>
    </rect>
  );
}
