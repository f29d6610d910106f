import type { Draft } from "../api/client";
import { FormTable } from "./FormTable";
import { RoundForm } from "./RoundForm";
import { say } from "../words/say";

interface Props {
  name: string;
  draft: Draft;
  inRound: boolean;
  /** Whether its sizes can be entered on the drawing. */
  open: boolean;
  labels: Record<string, { label: string; help: string }>;
  errors: Record<string, string>;
  lit: ReadonlySet<string>;
  onSeen: (inRound: boolean) => void;
  onField: (field: string, text: string) => void;
  onSum: (name: string | null) => void;
  onPoint: (edge: string | null) => void;
}

/** The sewn form: with its measures, or turned in the hand. */
export function FormZone({
  name,
  draft,
  inRound,
  open,
  labels,
  errors,
  lit,
  onSeen,
  onField,
  onSum,
  onPoint,
}: Props) {
  return (
    <section className="zone zone-form" aria-labelledby="zone-form">
      <div className="zone-head">
        <h2 id="zone-form">{name}</h2>
        <div className="seen" role="group" aria-label={say("zone-form")}>
          {(["measures", "round"] as const).map((way, i) => (
            <button
              key={way}
              type="button"
              aria-pressed={inRound === (i === 1)}
              onClick={() => onSeen(i === 1)}
            >
              {say(`zone-form.${way}`)}
            </button>
          ))}
        </div>
      </div>
      <p className="zone-sub">{say("zone-form.help")}</p>
      {inRound ? (
        <RoundForm draft={draft} lit={lit} onPoint={onPoint} />
      ) : (
        <FormTable
          draft={draft}
          labels={labels}
          errors={errors}
          lit={lit}
          open={open}
          onChange={onField}
          onSum={onSum}
        />
      )}
    </section>
  );
}
