import type { ReactNode } from "react";
import { Link } from "react-router";
import { say } from "../words/say";

/** The strip along the top of every view. */
export function Top({ children }: { children?: ReactNode }) {
  return (
    <header className="top">
      <Link to="/" className="brand" aria-label={say("egg-tuck.home")}>
        <img src="/egg.svg" alt="" width="27" height="33" />
        <span>{say("egg-tuck")}</span>
      </Link>
      {children}
    </header>
  );
}
