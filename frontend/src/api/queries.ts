import { keepPreviousData, useQuery, type QueryClient } from "@tanstack/react-query";
import { api, unwrap, type Draft, type Unit } from "./client";

/** What there is to choose from, in a unit; in the maker's own where none is named, in none yet where that is not known. */
export function useCatalogue(unit?: Unit | null) {
  return useQuery({
    enabled: unit !== null,
    queryKey: ["catalogue", unit],
    queryFn: async () =>
      unwrap(await api.GET("/api/catalogue", { params: { query: { unit: unit ?? undefined } } })),
    staleTime: Infinity,
    // The table stays while the ruler is changed.
    placeholderData: keepPreviousData,
  });
}

export function useSettings() {
  return useQuery({
    queryKey: ["settings"],
    queryFn: async () => unwrap(await api.GET("/api/settings")),
    // What is changed here is known here; what another window changed is seen by the next view, so much later.
    staleTime: 10_000,
  });
}

const SHELF = {
  queryKey: ["things"],
  queryFn: async () => unwrap(await api.GET("/api/things")),
};

export function useThings() {
  return useQuery({ ...SHELF, select: (shelf) => shelf.things });
}

/** What lies on the shelf and cannot be read any more. */
export function useUnread() {
  return useQuery({ ...SHELF, select: (shelf) => shelf.unread });
}

export function useProjects(enabled = true) {
  return useQuery({
    enabled,
    queryKey: ["projects"],
    queryFn: async () => unwrap(await api.GET("/api/projects")).projects,
  });
}

/** The list of projects is another: an answer that is on its way was given before, and would be taken for the new one. */
export async function projectsChanged(client: QueryClient) {
  await client.cancelQueries({ queryKey: ["projects"] });
  await client.invalidateQueries({ queryKey: ["projects"] });
}

/** How long a make takes at this maker's own pace; asked again when its work is another. */
export function usePace(draft: Draft) {
  const work = draft.steps.map((step) => [step.kind, step.minutes] as const);
  return useQuery({
    queryKey: ["pace", work.map(([kind, minutes]) => `${kind} ${minutes.toFixed(2)}`).join()],
    queryFn: async () =>
      unwrap(
        await api.POST("/api/pace", { body: { steps: work.map(([kind, minutes]) => ({ kind, minutes })) } }),
      ),
    staleTime: 60_000,
  });
}
