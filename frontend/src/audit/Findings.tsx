import type { Schemas } from "../api/client";
import { VerdictIcon } from "../kit/Verdicts";
import { say } from "../words/say";

type Audit = Schemas["AuditDoc"];

interface Props {
  findings: Audit["findings"];
  /** The numbers given, by field. */
  numbers: Record<string, Audit["numbers"][number]>;
  labels: Record<string, string>;
  /** Takes the right number for one of theirs, with the reason. */
  onRight: (name: string, right: string, reason: string) => void;
}

/** Every disagreement, with the right number and what else would settle it. */
export function Findings({ findings, numbers, labels, onRight }: Props) {
  const called = (name: string) => labels[`numbers.${name}`] ?? name;
  return (
    <ul className="verdicts" aria-label={say("audit-disagree")}>
      {findings.map(({ id, verdict, title, message, name, right, others }) => (
        <li key={id} className={`verdict ${verdict}`} data-check={id}>
          <VerdictIcon verdict={verdict} />
          <div>
            <strong>{title}</strong>
            <p>{message}</p>
            {name && right && `numbers.${name}` in numbers && (
              <button type="button" className="fix" onClick={() => onRight(name, right.text, title)}>
                {say("audit-use", { length: right.text, label: called(name) })}
              </button>
            )}
            {others.map((other) => (
              <button
                key={other.name}
                type="button"
                className="fix"
                onClick={() => onRight(other.name, other.right.text, title)}
              >
                {say("audit-or", { length: other.right.text, label: called(other.name) })}
              </button>
            ))}
          </div>
        </li>
      ))}
    </ul>
  );
}
