import { useState, type RefObject } from "react";
import { useHands } from "./useHands";
import { inside, useKeys } from "./useKeys";

export interface TableView {
  near: number;
  x: number;
  y: number;
}

const WHOLE: TableView = { near: 1, x: 0, y: 0 };

/** A table that is brought nearer and moved about: by wheel, drag, two fingers and keys. */
export function useTableView(ref: RefObject<HTMLDivElement | null>, on: boolean) {
  const [at, setAt] = useState(WHOLE);
  const zoom = (factor: number, px?: number, py?: number) =>
    setAt((now) => {
      const near = Math.min(12, Math.max(0.5, now.near * factor));
      const box = ref.current?.getBoundingClientRect();
      const [cx, cy] = [px ?? (box?.width ?? 0) / 2, py ?? (box?.height ?? 0) / 2];
      const grown = near / now.near;
      return { near, x: cx - (cx - now.x) * grown, y: cy - (cy - now.y) * grown };
    });
  const move = (x: number, y: number) => setAt((now) => ({ ...now, x: now.x + x, y: now.y + y }));
  useHands(ref, { moved: move, nearer: zoom }, on);
  const act = (does: () => void) => (event: KeyboardEvent) => {
    event.preventDefault();
    does();
  };
  const keys = {
    "[Shift]+([+=])": act(() => zoom(1.25)),
    "-": act(() => zoom(0.8)),
    "0": act(() => setAt(WHOLE)),
    ArrowLeft: act(() => move(40, 0)),
    ArrowRight: act(() => move(-40, 0)),
    ArrowUp: act(() => move(0, 40)),
    ArrowDown: act(() => move(0, -40)),
  };
  useKeys(on ? keys : {}, inside, ref);
  return { at: on ? at : WHOLE, zoom, whole: () => setAt(WHOLE) };
}
