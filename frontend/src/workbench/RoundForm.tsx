import { useQuery } from "@tanstack/react-query";
import { lazy, Suspense } from "react";
import { api, unwrap, type Draft } from "../api/client";

// The part that draws in space is large: it is fetched beside the first draft, and kept out of what must come before anything is
// shown.
const fetchRound = () => import("../round/Round");
const Round = lazy(fetchRound);

/** Has it at hand by the time it is looked at. */
export function prepareRound() {
  void fetchRound();
}

interface Props {
  draft: Draft;
  lit: ReadonlySet<string>;
  onPoint: (edge: string | null) => void;
}

/** The form in the round, with the way its pieces fold into it. */
export function RoundForm({ draft, lit, onPoint }: Props) {
  const folding = useQuery({
    queryKey: ["fold", draft.spec],
    queryFn: async () => unwrap(await api.POST("/api/folds", { body: draft.spec })),
    placeholderData: (before) => before,
    staleTime: Infinity,
  });
  if (!folding.data) return <div className="drawing" aria-busy="true" />;
  return (
    <Suspense fallback={<div className="drawing" aria-busy="true" />}>
      <Round folding={folding.data} draft={draft} lit={lit} onPoint={onPoint} />
    </Suspense>
  );
}
