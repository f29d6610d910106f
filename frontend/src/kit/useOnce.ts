import { useRef } from "react";
import { tell } from "./Troubles";

/** Within so long the second half of a double press follows the first (ms). */
const TWICE = 600;

// Whether the press that is being dealt with is the second half of a double press.
let second = false;
window.addEventListener("click", ({ detail }) => (second = detail > 1), { capture: true });

/**
 * A press that makes something, or takes it away: not begun again while it is being answered, nor by the second half of a double press. What
 * goes wrong is told. Where it is done to one of several, `to` says to which: another one may be pressed meanwhile.
 */
export function useOnce<Told extends unknown[]>(
  work: (...told: Told) => Promise<unknown>,
  to: (...told: Told) => string = () => "",
) {
  const running = useRef(new Set<string>());
  const last = useRef(-TWICE);
  return (...told: Told) => {
    const which = to(...told);
    if (running.current.has(which) || (second && performance.now() - last.current < TWICE)) return;
    running.current.add(which);
    last.current = performance.now();
    void work(...told)
      .catch(tell)
      .finally(() => running.current.delete(which));
  };
}
