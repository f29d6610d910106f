import type { Draft } from "../api/client";
import { SeamSlip, SumSlip } from "../kit/Slip";
import { ROLES, Swatch } from "../kit/Textures";

interface Props {
  draft: Draft;
  /** The seam pointed at, told instead of a sum. */
  seam: Draft["seams"][number] | undefined;
  open: string | null;
  roleNames: Record<string, string>;
  onOpen: (sum: string) => void;
  onField: (field: string) => void;
}

/** Every number of the make, the chain of the one that is open, and what the textures mean. */
export function Numbers({ draft, seam, open, roleNames, onOpen, onField }: Props) {
  const first = `${draft.pieces[0]!.id}.cut_width`;
  const usual = first in draft.sums ? first : Object.keys(draft.sums)[0]!;
  const shown = open !== null && open in draft.sums ? open : usual;
  return (
    <aside className="zone zone-slips" aria-label="Numbers">
      {seam ? <SeamSlip draft={draft} seam={seam} /> : <SumSlip sum={draft.sums[shown]!} onField={onField} />}
      <ul className="sums" aria-label="All numbers">
        {Object.entries(draft.sums).map(([name, chain]) => (
          <li key={name}>
            <button type="button" aria-pressed={shown === name} onClick={() => onOpen(name)}>
              <span>{chain.name}</span>
              <strong>{chain.total.text}</strong>
            </button>
          </li>
        ))}
      </ul>
      <ul className="legend" aria-label="Layers">
        {ROLES.filter((role) => draft.pieces.some((p) => p.cuts.some((c) => c.role === role))).map((role) => (
          <li key={role}>
            <Swatch role={role} /> {roleNames[role]}
          </li>
        ))}
      </ul>
    </aside>
  );
}
