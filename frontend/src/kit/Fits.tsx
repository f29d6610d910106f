import type { Schemas } from "../api/client";
import { VerdictIcon } from "./Verdicts";
import { say } from "../words/say";

interface Props {
  fits: Schemas["FitDoc"][];
  title?: string;
}

/** Which things on the shelf go into it, why, and what would move it one grade; the best first. */
export function Fits({ fits, title = say("fits-shelf") }: Props) {
  if (fits.length === 0) return null;
  return (
    <>
      <h3>{title}</h3>
      <ul className="fits">
        {fits.map((fit) => (
          <li key={fit.thing} className={`verdict ${fit.verdict}`}>
            <VerdictIcon verdict={fit.verdict} />
            <div>
              <strong>{fit.thing}</strong>
              <p>
                {fit.checks.map((check) => (
                  <span key={check.id} title={check.message}>
                    {check.title}
                    {check.fix && <em> ({check.fix.toLowerCase()})</em>}
                    {check !== fit.checks[fit.checks.length - 1] && ", "}
                  </span>
                ))}
              </p>
            </div>
          </li>
        ))}
      </ul>
    </>
  );
}
