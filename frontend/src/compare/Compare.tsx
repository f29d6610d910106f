import { useQuery } from "@tanstack/react-query";
import { useParams } from "react-router";
import { api, unwrap, type Schemas } from "../api/client";
import { dayOf } from "../log/Made";
import { Places } from "../kit/Places";
import { Top } from "../kit/Top";
import { SideBySide, type Side } from "./SideBySide";
import { say } from "../words/say";

function useSide(id: string) {
  return useQuery({
    queryKey: ["side", id],
    queryFn: async (): Promise<Side> => {
      const [, of, make] = /^made:([^:]+):([^:]+)$/.exec(id) ?? [];
      if (of && make) {
        const path = { id: of, make };
        const { draft } = unwrap(
          await api.GET("/api/projects/{id}/makes/{make}/as-made", { params: { path } }),
        );
        const { makes } = unwrap(await api.GET("/api/projects/{id}/makes", { params: { path: { id: of } } }));
        const entry = makes.find((one) => one.id === make);
        const name = say("compare-made", { name: entry?.name ?? "", day: entry ? dayOf(entry.made_on) : "" });
        return { key: id, name, to: `/projects/${of}/made/${make}`, draft, taught: entry && taughtBy(entry) };
      }
      const project = unwrap(await api.GET("/api/projects/{id}", { params: { path: { id } } }));
      const draft = unwrap(await api.POST("/api/drafts", { body: project.spec }));
      return { key: id, name: project.name, to: `/projects/${id}/pieces`, draft };
    },
    staleTime: 0,
  });
}

/** What is to be minded from a make. */
function taughtBy(entry: Schemas["Make"]): string[] {
  const noted = entry.notes
    .filter((note) => note.kind === "next-time")
    .map((note) => `${note.title}: ${note.text}`);
  const measured = entry.measured.map((one) => one.remark);
  return [...measured, ...entry.trial.remarks, entry.differed, entry.next_time, ...noted].filter(Boolean);
}

/** Two makes beside each other: how they look, what they take, and how they fit. */
export function Compare() {
  const { one = "", other = "" } = useParams();
  const sides = [useSide(one), useSide(other)];
  const shown = sides.map((side) => side.data).filter((side) => side !== undefined);
  const ready = shown.length === 2 ? (shown as [Side, Side]) : null;
  return (
    <div className="page">
      <Top>
        <Places />
      </Top>
      <main className="linen home" aria-busy={sides.some((side) => side.isLoading)}>
        <h1>{say("compare-title")}</h1>
        {sides.some((side) => side.isError) && <p>{say("compare-gone")}</p>}
        {ready && <SideBySide sides={ready} />}
        {shown.map(
          (side) =>
            side.taught &&
            side.taught.length > 0 && (
              <section key={side.key}>
                <h2>{say("compare-taught")}</h2>
                <ul>
                  {side.taught.map((text, nth) => (
                    <li key={nth}>{text}</li>
                  ))}
                </ul>
              </section>
            ),
        )}
      </main>
    </div>
  );
}
