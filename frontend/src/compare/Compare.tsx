import { useQuery } from "@tanstack/react-query";
import { Link, useParams } from "react-router";
import { api, unwrap, type Draft, type Project } from "../api/client";
import { facetsOf, FormPicture } from "../kit/FormPicture";
import { Top } from "../kit/Top";
import { VerdictIcon } from "../kit/Verdicts";

interface Side {
  project: Project;
  draft: Draft;
}

function useSide(id: string) {
  return useQuery({
    queryKey: ["side", id],
    queryFn: async (): Promise<Side> => {
      const project = unwrap(await api.GET("/api/projects/{id}", { params: { path: { id } } }));
      return { project, draft: unwrap(await api.POST("/api/drafts", { body: project.spec })) };
    },
    staleTime: 0,
  });
}

/** Two makes beside each other: how they look, what they take, and how they fit. */
export function Compare() {
  const { one = "", other = "" } = useParams();
  const sides = [useSide(one), useSide(other)];
  const shown = sides.map((side) => side.data).filter((side) => side !== undefined);
  const ready = shown.length === 2 ? (shown as [Side, Side]) : null;
  // To one scale: the larger of the two decides.
  const tallest = ready
    ? Math.max(...ready.flatMap(({ draft }) => draft.solid.facets.flatMap((f) => f.space.map((p) => p[2]!))))
    : 1;
  return (
    <div className="page">
      <Top>
        <nav className="top-links" aria-label="Places">
          <Link to="/">The table</Link>
        </nav>
      </Top>
      <main className="linen home" aria-busy={!ready}>
        <h1>Side by side</h1>
        {sides.some((side) => side.isError) && <p>One of the two is not here any more.</p>}
        {ready && (
          <div className="compare-scroll" tabIndex={0} role="region" aria-label="The two makes">
            <table className="compare">
              <thead>
                <tr>
                  <td />
                  {ready.map(({ project, draft }) => {
                    const high = Math.max(...draft.solid.facets.flatMap((f) => f.space.map((p) => p[2]!)));
                    const share = Math.max(0.3, high / tallest);
                    return (
                      <th key={project.id} scope="col">
                        <FormPicture
                          facets={facetsOf(draft)}
                          object={draft.object}
                          width={300}
                          height={Math.round(280 * share) + 20}
                          label={`${project.name}, drawn`}
                        />
                        <Link to={`/projects/${project.id}/pieces`}>{project.name}</Link>
                      </th>
                    );
                  })}
                </tr>
              </thead>
              <tbody>
                {rows(ready).map(([label, ...cells]) => (
                  <tr key={label} className={cells[0] === cells[1] ? "" : "differs"}>
                    <th scope="row">{label}</th>
                    {cells.map((cell, i) => (
                      <td key={i}>{cell}</td>
                    ))}
                  </tr>
                ))}
                <tr>
                  <th scope="row">how it fits</th>
                  {ready.map(({ project, draft }) => (
                    <td key={project.id}>
                      <ul className="compare-checks">
                        {draft.checks
                          .filter(
                            (c) => c.id.startsWith("fit.") || c.verdict === "stop" || c.verdict === "warn",
                          )
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
        )}
      </main>
    </div>
  );
}

type Row = [string, string, string];

/** What the two take and measure, row by row; what only one has is told as nothing for the other. */
function rows([a, b]: [Side, Side]): Row[] {
  const both = (label: string, tell: (draft: Draft) => string): Row => [label, tell(a.draft), tell(b.draft)];
  const found: Row[] = [
    both("pieces to cut", (d) => String(d.pieces.flatMap((p) => p.cuts).reduce((n, c) => n + c.count, 0))),
    both("seams", (d) => String(d.seams.length)),
    both("minutes, about", (d) => String(Math.round(d.steps.reduce((n, s) => n + s.minutes, 0)))),
    both("steps", (d) => String(d.steps.length)),
  ];
  const needs = new Map<string, string>();
  for (const { draft } of [a, b])
    for (const need of draft.needs) needs.set(need.id, need.width ? `${need.role} cloth` : need.name);
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
