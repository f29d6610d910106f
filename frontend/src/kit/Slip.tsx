import { Link } from "react-router";
import type { Draft, Schemas } from "../api/client";
import { say } from "../words/say";

const SIGNS: Record<string, string> = {
  start: "",
  plus: "+",
  minus: "−",
  times: "×",
  divide: "÷",
  round: "",
  most: "≤",
  least: "≥",
};

/** A chain of sums on a paper slip, in words a person could say aloud. */
export function SumSlip({
  sum,
  onClose,
  onField,
}: {
  sum: Schemas["SumDoc"];
  onClose?: () => void;
  /** To the entry that a line comes from. */
  onField?: (field: string) => void;
}) {
  return (
    <section className="slip" aria-label={say("slip-of", { sum: sum.name })}>
      <header>
        <h3>{say("slip-how", { length: sum.total.text })}</h3>
        {onClose && (
          <button type="button" className="slip-close" aria-label={say("slip-away")} onClick={onClose}>
            ×
          </button>
        )}
      </header>
      <table>
        <tbody>
          {sum.lines.map((line, i) => (
            <tr
              key={i}
              className={`${line.operation === "round" ? "rounded" : ""} ${line.assumed ? "assumed" : ""}`}
            >
              <th scope="row">
                {line.field && onField ? (
                  <button
                    type="button"
                    className="link source"
                    aria-label={say("slip-change", { label: line.label })}
                    onClick={() => onField(line.field!)}
                  >
                    {line.label}
                  </button>
                ) : (
                  line.label
                )}
                {line.assumed && <span className="assumed-word"> {say("slip-assumed")}</span>}
              </th>
              <td>
                {line.operation === "round"
                  ? `→ ${line.total}`
                  : `${SIGNS[line.operation] ?? ""} ${line.amount}`}
              </td>
            </tr>
          ))}
          <tr className="total">
            <th scope="row">{sum.name}</th>
            <td>{sum.total.text}</td>
          </tr>
        </tbody>
      </table>
      {sum.tolerance && <p className="tolerance">{sum.tolerance.why}</p>}
    </section>
  );
}

/** What an edge is sewn to, how long both sides are, and the step that sews them. */
export function SeamSlip({ draft, seam }: { draft: Draft; seam: Draft["seams"][number] }) {
  const steps = draft.steps.filter((step) => step.seams.includes(seam.id));
  return (
    <section className="slip seam-slip" aria-label={say("slip-seam", { seam: seam.name })} aria-live="polite">
      <h3>{seam.name}</h3>
      <p>{Math.abs(seam.difference) < 0.05 ? say("slip-equal", { lengths: seam.text }) : seam.text}</p>
      {steps.map((step) => (
        <p key={step.id}>
          <Link to={`../sew?step=${step.id}`} relative="path">
            {say("slip-sewn", { number: step.number, title: step.title.toLowerCase() })}
          </Link>
        </p>
      ))}
    </section>
  );
}
