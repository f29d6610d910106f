import type { ReactNode } from "react";
import { Link } from "react-router";

/** The strip along the top of every view. */
export function Top({ children }: { children?: ReactNode }) {
  return (
    <header className="top">
      <Link to="/" className="brand" aria-label="Egg Tuck: all projects">
        <img src="/egg.svg" alt="" width="27" height="33" />
        <span>Egg Tuck</span>
      </Link>
      {children}
    </header>
  );
}
