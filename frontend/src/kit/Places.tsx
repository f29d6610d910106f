import type { ReactNode } from "react";
import { NavLink } from "react-router";
import { SEWS } from "../api/asking";
import { say } from "../words/say";

const PLACES = [
  ["/", say("places.table")],
  ["/shelf", say("places.shelf")],
  ["/cutting", say("places.cutting")],
  ["/pile", say("places.pile")],
  ["/plan", say("places.plan")],
  ["/log", say("places.log")],
  ["/fits", say("places.fits")],
  ["/habits", say("places.habits")],
  ["/machine", say("places.machine")],
  ["/check", say("places.check")],
] as const;
/** Where a device goes that sews and logs. */
const AT_SEWING = PLACES.filter(([to]) => to === "/" || to === "/log");

/** From each place of the workshop to every other, and what can be brought in here. */
export function Places({ children }: { children?: ReactNode }) {
  return (
    <nav className="top-links" aria-label={say("places")}>
      {(SEWS ? AT_SEWING : PLACES).map(([to, name]) => (
        <NavLink key={to} to={to} end>
          {name}
        </NavLink>
      ))}
      {children}
    </nav>
  );
}
