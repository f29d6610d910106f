import { useEffect, useRef, useState, type RefObject } from "react";

export interface TableView {
  near: number;
  x: number;
  y: number;
}

const WHOLE: TableView = { near: 1, x: 0, y: 0 };

/** A table that is brought nearer and moved about: by wheel, drag and keys. */
export function useTableView(ref: RefObject<HTMLDivElement | null>, on: boolean) {
  const [at, setAt] = useState(WHOLE);
  const drag = useRef<{ x: number; y: number } | null>(null);
  const zoom = (factor: number, px?: number, py?: number) =>
    setAt((now) => {
      const near = Math.min(12, Math.max(0.5, now.near * factor));
      const box = ref.current?.getBoundingClientRect();
      const [cx, cy] = [px ?? (box?.width ?? 0) / 2, py ?? (box?.height ?? 0) / 2];
      const grown = near / now.near;
      return { near, x: cx - (cx - now.x) * grown, y: cy - (cy - now.y) * grown };
    });
  useEffect(() => {
    const table = ref.current;
    if (!table || !on) return;
    // Not through React: its wheel listener cannot keep the page from scrolling.
    const wheel = (event: WheelEvent) => {
      event.preventDefault();
      const box = table.getBoundingClientRect();
      zoom(event.deltaY < 0 ? 1.12 : 1 / 1.12, event.clientX - box.left, event.clientY - box.top);
    };
    table.addEventListener("wheel", wheel, { passive: false });
    return () => table.removeEventListener("wheel", wheel);
    // eslint-disable-next-line react-hooks/exhaustive-deps -- zoom only sets state
  }, [on, ref]);
  const move = (x: number, y: number) => setAt((now) => ({ ...now, x: now.x + x, y: now.y + y }));
  const keys: Record<string, () => void> = {
    "+": () => zoom(1.25),
    "=": () => zoom(1.25),
    "-": () => zoom(0.8),
    "0": () => setAt(WHOLE),
    ArrowLeft: () => move(40, 0),
    ArrowRight: () => move(-40, 0),
    ArrowUp: () => move(0, 40),
    ArrowDown: () => move(0, -40),
  };
  const handlers = on
    ? {
        onPointerDown: (event: React.PointerEvent) => {
          if ((event.target as Element).closest("button, .edge-hit")) return;
          drag.current = { x: event.clientX, y: event.clientY };
          event.currentTarget.setPointerCapture(event.pointerId);
        },
        onPointerMove: (event: React.PointerEvent) => {
          if (!drag.current) return;
          move(event.clientX - drag.current.x, event.clientY - drag.current.y);
          drag.current = { x: event.clientX, y: event.clientY };
        },
        onPointerUp: () => (drag.current = null),
        onKeyDown: (event: React.KeyboardEvent) => {
          const act = keys[event.key];
          if (!act || event.ctrlKey || event.metaKey || event.target !== event.currentTarget) return;
          event.preventDefault();
          act();
        },
      }
    : {};
  return { at: on ? at : WHOLE, zoom, whole: () => setAt(WHOLE), handlers };
}
