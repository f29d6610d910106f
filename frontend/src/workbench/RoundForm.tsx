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

/** The form in the round, with the way its pieces fold into it. Until the way of new pieces has come the form of those before stays, whole: it
 * is put together once for every draft, when that is on the pieces already. */
export function RoundForm({ draft, lit, onPoint }: Props) {
  const folded = useQuery({
    queryKey: ["fold", draft.spec],
    queryFn: async () => ({ folding: unwrap(await api.POST("/api/folds", { body: draft.spec })), draft }),
    placeholderData: (before) => before,
    staleTime: Infinity,
    // What is kept of each is large.
    gcTime: 30_000,
  });
  if (!folded.data) return <div className="drawing" aria-busy="true" />;
  return (
    <Suspense fallback={<div className="drawing" aria-busy="true" />}>
      <Round folding={folded.data.folding} draft={folded.data.draft} lit={lit} onPoint={onPoint} />
    </Suspense>
  );
}
