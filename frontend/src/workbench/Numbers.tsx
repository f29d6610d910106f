import type { Draft } from "../api/client";
import type { Correction } from "../audit/Corrections";
import { SeamSlip, SumSlip } from "../kit/Slip";
import { ROLES, Swatch } from "../kit/Textures";
import { say } from "../words/say";

interface Props {
  draft: Draft;
  /** The seams of the edge pointed at, told instead of a sum. */
  seams: Draft["seams"];
  open: string | null;
  roleNames: Record<string, string>;
  onOpen: (sum: string) => void;
  onField: (field: string) => void;
}

/** Every number of the make, the chain of the one that is open, and what the textures mean. */
export function Numbers({ draft, seams, open, roleNames, onOpen, onField }: Props) {
  // The sum of the first piece's width, or that of the first size of the form.
  const names = Object.keys(draft.sums);
  const usual =
    [`${draft.pieces[0]!.id}.cut_width`, ...names.filter((n) => n.startsWith("finished."))].find(
      (name) => name in draft.sums,
    ) ?? names[0]!;
  // What is cut as long as it is asked for, elastic, is one number.
  const entries = Object.entries(draft.sums).filter(([name]) => !(`finished.${name}` in draft.sums));
  const corrections = (draft.spec.corrections as Correction[] | undefined) ?? [];
  const shown = open !== null && open in draft.sums ? open : usual;
  return (
    <aside className="zone zone-slips" aria-label={say("zone-numbers")}>
      {seams.map((seam) => (
        <SeamSlip key={seam.id} draft={draft} seam={seam} />
      ))}
      {seams.length === 0 && <SumSlip sum={draft.sums[shown]!} onField={onField} />}
      <ul className="sums" aria-label={say("zone-numbers.all")}>
        {entries.map(([name, chain]) => (
          <li key={name}>
            <button type="button" aria-pressed={shown === name} onClick={() => onOpen(name)}>
              <span>
                {chain.name}
                {chain.tolerance && <small> {chain.tolerance.short}</small>}
              </span>
              <strong>{chain.total.text}</strong>
            </button>
          </li>
        ))}
      </ul>
      {corrections.length > 0 && (
        <section aria-label={say("audit-right")}>
          <h3>{say("zone-corrected")}</h3>
          <ul className="corrections">
            {corrections.map((one, i) => (
              <li key={i}>
                {one.label}: <s>{one.theirs}</s> <strong>{one.ours}</strong>
                {one.reason && <span>, {one.reason.toLowerCase()}</span>}
              </li>
            ))}
          </ul>
        </section>
      )}
      <ul className="legend" aria-label={say("zone-layers")}>
        {ROLES.filter((role) => draft.pieces.some((p) => p.cuts.some((c) => c.role === role))).map((role) => (
          <li key={role}>
            <Swatch role={role} /> {roleNames[role]}
          </li>
        ))}
      </ul>
    </aside>
  );
}
