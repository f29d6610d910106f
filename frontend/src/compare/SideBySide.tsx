import { Link } from "react-router";
import type { Draft } from "../api/client";
import { facetsOf, FormPicture } from "../kit/FormPicture";
import { VerdictIcon } from "../kit/Verdicts";
import { say } from "../words/say";

export interface Side {
  key: string;
  name: string;
  /** Where it lies on the table, if it does. */
  to?: string;
  draft: Draft;
  /** What was learnt from it. */
  taught?: string[];
}

function tall(draft: Draft): number {
  return Math.max(...draft.solid.facets.flatMap((f) => f.space.map((p) => p[2]!)));
}

/** Two drafts beside each other: how they look to one scale, what they take, and how they fit. */
export function SideBySide({ sides }: { sides: [Side, Side] }) {
  const tallest = Math.max(...sides.map(({ draft }) => tall(draft)));
  return (
    <div className="compare-scroll" tabIndex={0} role="region" aria-label={say("compare-both")}>
      <table className="compare">
        <thead>
          <tr>
            <td />
            {sides.map(({ key, name, to, draft }) => (
              <th key={key} scope="col">
                <FormPicture
                  facets={facetsOf(draft)}
                  carried={draft.solid.carried}
                  object={draft.object}
                  width={300}
                  height={Math.round(280 * Math.max(0.3, tall(draft) / tallest)) + 20}
                  label={say("drawn", { name })}
                />
                {to ? <Link to={to}>{name}</Link> : name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows(sides).map(([label, ...cells]) => (
            <tr key={label} className={cells[0] === cells[1] ? "" : "differs"}>
              <th scope="row">{label}</th>
              {cells.map((cell, i) => (
                <td key={i}>{cell}</td>
              ))}
            </tr>
          ))}
          <tr>
            <th scope="row">{say("compare-fit")}</th>
            {sides.map(({ key, draft }) => (
              <td key={key}>
                <ul className="compare-checks">
                  {draft.checks
                    .filter((c) => c.id.startsWith("fit.") || c.verdict === "stop" || c.verdict === "warn")
                    .map((check) => (
                      <li key={check.id}>
                        <VerdictIcon verdict={check.verdict} /> {check.title}
                      </li>
                    ))}
                </ul>
              </td>
            ))}
          </tr>
        </tbody>
      </table>
    </div>
  );
}

/** A label, and what each of the two has of it. */
type Row = [string, string, string];

/** What the two take and measure, row by row; what only one has is told as nothing for the other. */
function rows([a, b]: [Side, Side]): Row[] {
  const both = (label: string, tell: (draft: Draft) => string): Row => [label, tell(a.draft), tell(b.draft)];
  const found: Row[] = [
    both(say("compare-pieces"), (d) =>
      String(d.pieces.flatMap((p) => p.cuts).reduce((n, c) => n + c.count, 0)),
    ),
    both(say("compare-seams"), (d) => String(d.seams_sewn)),
    both(say("compare-minutes"), (d) => String(Math.round(d.steps.reduce((n, s) => n + s.minutes, 0)))),
    both(say("compare-steps"), (d) => String(d.steps.length)),
  ];
  const needs = new Map<string, string>();
  for (const { draft } of [a, b])
    for (const need of draft.needs)
      needs.set(need.id, need.width ? say("compare-cloth", { role: need.role_text }) : need.name);
  for (const [id, label] of needs)
    found.push(both(label, (d) => d.needs.find((need) => need.id === id)?.buy.text ?? "–"));
  const names = new Map<string, string>();
  for (const { draft } of [a, b])
    for (const [name, chain] of Object.entries(draft.sums))
      if (name.startsWith("finished.") || name.endsWith(".cut_width") || name.endsWith(".cut_height"))
        names.set(name, chain.name);
  for (const [name, label] of names) found.push(both(label, (d) => d.sums[name]?.total.text ?? "–"));
  return found;
}
