import { useRef, useState } from "react";

/** What was asked for, shown at once while the server is still being asked; then what it answered. */
export function useAsked<T>(known: T, ask: (wanted: T) => Promise<unknown>): [T, (wanted: T) => void] {
  const [asked, setAsked] = useState<{ wanted: T } | null>(null);
  const turns = useRef(0);
  const want = (wanted: T) => {
    setAsked({ wanted });
    const mine = ++turns.current;
    // What was asked for since then is still on its way.
    void ask(wanted).finally(() => mine === turns.current && setAsked(null));
  };
  return [asked ? asked.wanted : known, want];
}
