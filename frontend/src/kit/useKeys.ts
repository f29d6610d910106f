import { useLayoutEffect, type RefObject } from "react";
import { tinykeys, type KeybindingsMap } from "tinykeys";

/** Whether keys are being typed into something. */
export function typing(event: KeyboardEvent): boolean {
  const target = event.target as HTMLElement;
  return target.matches("input:not([type=range]):not([type=radio]):not([type=checkbox]), textarea, select");
}

/** Whether keys are meant for something inside of what listens. */
export const inside = (event: KeyboardEvent) => event.target !== event.currentTarget;

/** Keys of a view, or of one element of it. They are bound before it is seen: a key pressed at once must not find the view before. */
export function useKeys(
  keys: KeybindingsMap,
  ignore: (event: KeyboardEvent) => boolean = typing,
  ref?: RefObject<HTMLElement | null>,
) {
  useLayoutEffect(() => {
    const target = ref ? ref.current : window;
    // Composed letters are no keys; a key held down is one pressed again.
    return target
      ? tinykeys(target, keys, { ignore: (event) => event.isComposing || ignore(event) })
      : undefined;
  });
}
