import { useQuery } from "@tanstack/react-query";
import { useParams } from "react-router";
import { api, unwrap } from "../api/client";
import { Places } from "../kit/Places";
import { Top } from "../kit/Top";
import { SideBySide, type Side } from "./SideBySide";
import { say } from "../words/say";

function useSide(id: string) {
  return useQuery({
    queryKey: ["side", id],
    queryFn: async (): Promise<Side> => {
      const project = unwrap(await api.GET("/api/projects/{id}", { params: { path: { id } } }));
      const draft = unwrap(await api.POST("/api/drafts", { body: project.spec }));
      return { key: id, name: project.name, to: `/projects/${id}/pieces`, draft };
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
  return (
    <div className="page">
      <Top>
        <Places />
      </Top>
      <main className="linen home" aria-busy={!ready}>
        <h1>{say("compare-title")}</h1>
        {sides.some((side) => side.isError) && <p>{say("compare-gone")}</p>}
        {ready && <SideBySide sides={ready} />}
      </main>
    </div>
  );
}
