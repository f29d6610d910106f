import { useRef } from "react";
import { tell } from "./Troubles";

/** Within so long the second half of a double press follows the first (ms). */
const TWICE = 600;

// Whether the press that is being dealt with is the second half of a double press.
let second = false;
window.addEventListener("click", ({ detail }) => (second = detail > 1), { capture: true });

/** A press that makes something: not begun again while it is being answered, nor by the second half of a double press. What goes wrong is told. */
export function useOnce<Told extends unknown[]>(work: (...told: Told) => Promise<unknown>) {
  const running = useRef(false);
  const last = useRef(-TWICE);
  return (...told: Told) => {
    if (running.current || (second && performance.now() - last.current < TWICE)) return;
    running.current = true;
    last.current = performance.now();
    void work(...told)
      .catch(tell)
      .finally(() => (running.current = false));
  };
}
