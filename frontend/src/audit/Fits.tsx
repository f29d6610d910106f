import type { Schemas } from "../api/client";
import { VerdictIcon } from "../kit/Verdicts";

/** Which things on the shelf go into it, and how. */
export function Fits({ fits }: { fits: Schemas["FitDoc"][] }) {
  if (fits.length === 0) return null;
  return (
    <>
      <h3>From your shelf</h3>
      <ul className="fits">
        {fits.map((fit) => (
          <li key={fit.thing} className={`verdict ${fit.verdict}`}>
            <VerdictIcon verdict={fit.verdict} />
            <div>
              <strong>{fit.thing}</strong>
              <p>{fit.checks.map((c) => c.title).join(", ")}</p>
            </div>
          </li>
        ))}
      </ul>
    </>
  );
}
