import { useCallback, useMemo, useRef, useState } from "react";

/** What is told at the foot of the table, and how what it tells of is taken back. */
export interface Notice {
  text: string;
  undo?: () => Promise<unknown>;
}

type Work = () => Promise<unknown>;

/** One line at the foot of a view: what was pressed last, with its way back. */
export function useNotice() {
  const [shown, setShown] = useState<Notice | null>(null);
  const pressed = useRef(0);
  const gone = useCallback(() => setShown(null), []);
  /** Told, whatever was told before. */
  const show = useCallback((notice: Notice) => {
    pressed.current += 1;
    setShown(notice);
  }, []);
  /**
   * Does something, tells what came of it, and then asks anew what is shown. What was told before goes with the press: its way back would be
   * taken for that of what was just pressed. The new one is there as soon as the thing is done.
   */
  const doing = useCallback(async (work: () => Promise<Notice | null>, refresh: Work) => {
    const mine = (pressed.current += 1);
    setShown(null);
    const told = await work();
    // Of two presses close together the later one is told, whichever is answered first.
    if (mine === pressed.current) setShown(told);
    await refresh();
  }, []);
  /** Takes something away that can be brought back. */
  const takeAway = useCallback(
    (text: string, { away, back, refresh }: Record<"away" | "back" | "refresh", Work>) => {
      const undo = async () => {
        await back();
        await refresh();
      };
      return doing(async () => {
        await away();
        return { text, undo };
      }, refresh);
    },
    [doing],
  );
  return useMemo(() => ({ shown, show, gone, doing, takeAway }), [shown, show, gone, doing, takeAway]);
}

export type Notices = ReturnType<typeof useNotice>;
