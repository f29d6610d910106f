import { say } from "../words/say";
export interface Correction {
  label: string;
  theirs: string;
  ours: string;
  reason: string;
}

interface Props {
  corrections: Record<string, Correction>;
  onReason: (field: string, reason: string) => void;
  onTakeBack: (field: string) => void;
}

/** What was put right: their number, ours, and why; all three go with the project. */
export function Corrections({ corrections, onReason, onTakeBack }: Props) {
  const all = Object.entries(corrections);
  if (all.length === 0) return null;
  return (
    <section aria-labelledby="put-right">
      <h3 id="put-right">{say("audit-right")}</h3>
      <ul className="corrections">
        {all.map(([field, { label, theirs, ours, reason }]) => (
          <li key={field}>
            <p>
              {label}: <s>{theirs}</s> <strong>{ours}</strong>{" "}
              <button type="button" className="link" onClick={() => onTakeBack(field)}>
                {say("audit-again")}
              </button>
            </p>
            <label>
              {say("audit-why")}{" "}
              <input
                aria-label={say("audit-why.label", { label })}
                value={reason}
                maxLength={300}
                onChange={(e) => onReason(field, e.target.value)}
              />
            </label>
          </li>
        ))}
      </ul>
    </section>
  );
}
