import type { Draft } from "../api/client";
import { usePace } from "../api/queries";
import { Verdicts } from "../kit/Verdicts";
import { say } from "../words/say";

interface Props {
  draft: Draft;
  /** What is wrong with entries that have no field in view. */
  stray: string[];
  onFix: (set: Record<string, string>) => void;
}

/** Minutes as hours and minutes. */
function waits(minutes: number): { hours: number; minutes: number } {
  return { hours: Math.floor(minutes / 60), minutes: minutes % 60 };
}

/** At the foot: what is wrong, what is judged, and what the make takes. */
export function Sentences({ draft, stray, onFix }: Props) {
  const minutes = Math.round(draft.steps.reduce((total, step) => total + step.minutes, 0));
  const pace = usePace(draft);
  const cloth = draft.needs
    .filter((need) => need.width)
    .map((need) => say("costs-role", { length: need.buy.text, role: need.role_text }))
    .join(", ");
  return (
    <footer className="sentences">
      {stray.map((text, nth) => (
        <p key={nth} className="measure-error static" role="alert">
          {text}
        </p>
      ))}
      <Verdicts checks={draft.checks} onFix={onFix} />
      <p className="costs">
        {cloth && `${say("costs-cloth", { cloths: cloth })} `}
        {say("costs-work", { seams: draft.seams_sewn })}{" "}
        {pace.data?.text ?? say("costs-minutes", { minutes })}
        {draft.elapsed > minutes && ` ${say("costs-ready", waits(draft.elapsed))}`}
      </p>
    </footer>
  );
}
