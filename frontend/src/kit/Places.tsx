import type { ReactNode } from "react";
import { NavLink } from "react-router";

const PLACES = [
  ["/", "The table"],
  ["/shelf", "The shelf"],
  ["/fits", "What fits what"],
  ["/habits", "Your habits"],
  ["/check", "Check a cut list"],
] as const;

/** From each place of the workshop to every other, and what can be brought in here. */
export function Places({ children }: { children?: ReactNode }) {
  return (
    <nav className="top-links" aria-label="Places">
      {PLACES.map(([to, name]) => (
        <NavLink key={to} to={to} end>
          {name}
        </NavLink>
      ))}
      {children}
    </nav>
  );
}
