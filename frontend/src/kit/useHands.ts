import { useGesture } from "@use-gesture/react";
import type { RefObject } from "react";

interface Hands {
  /** Taken hold of and moved, in pixels. */
  moved: (x: number, y: number) => void;
  /** Brought nearer by wheel or two fingers, about a point of the element in pixels. */
  nearer: (factor: number, x: number, y: number) => void;
}

const WHEEL = 1.12;

/** Something that is held, moved and brought nearer by mouse, fingers and wheel. */
export function useHands(ref: RefObject<HTMLElement | null>, { moved, nearer }: Hands, enabled = true) {
  const about = (factor: number, [x, y]: [number, number]) => {
    const box = ref.current!.getBoundingClientRect();
    nearer(factor, x - box.left, y - box.top);
  };
  useGesture(
    {
      onDrag: ({ first, event, delta, pinching, cancel }) => {
        // What is pressed or pointed at inside keeps its own way.
        if (pinching || (first && (event.target as Element).closest("button, .edge-hit, .grip"))) cancel();
        else moved(...delta);
      },
      onPinch: ({ offset: [near], delta: [grown], origin }) => about(near / (near - grown), origin),
      onWheel: ({ event, delta: [, down] }) => {
        event.preventDefault();
        // With the control key it is told as fingers on a pad, above.
        if (!event.ctrlKey && down) about(down < 0 ? WHEEL : 1 / WHEEL, [event.clientX, event.clientY]);
      },
    },
    {
      target: ref,
      enabled,
      eventOptions: { passive: false },
      drag: { pointer: { buttons: 1, keys: false } },
    },
  );
}
