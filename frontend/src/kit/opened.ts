import { createContext, useContext, useEffect, useState, type RefObject } from "react";

/** The entry that was asked for from elsewhere, where it can be made now. */
export const Opened = createContext<string | null>(null);

/** Goes to where an entry is made while it is the one asked for: also where that is drawn anew meanwhile. */
export function useOpened(field: string, ref: RefObject<HTMLElement | null>) {
  const asked = useContext(Opened) === field;
  useEffect(() => {
    if (asked) ref.current?.focus();
  }, [asked, ref]);
}

/** The entry asked for, once the place it is made in is shown, and how to ask for one. The maker's next move ends it. */
export function useOpening<Place>(place: Place) {
  const [wanted, want] = useState<{ field: string; on: Place } | null>(null);
  useEffect(() => {
    if (!wanted) return;
    const over = () => want(null);
    window.addEventListener("pointerdown", over);
    window.addEventListener("keydown", over);
    return () => {
      window.removeEventListener("pointerdown", over);
      window.removeEventListener("keydown", over);
    };
  }, [wanted]);
  const open = (field: string, on: Place) => want({ field, on });
  return { opened: wanted?.on === place ? wanted.field : null, open };
}
