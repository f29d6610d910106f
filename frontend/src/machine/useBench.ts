import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { api, unwrap, type Spec } from "../api/client";

/** What a make asks of the maker's machine and tools. */
export function useBench(spec: Spec) {
  return useQuery({
    queryKey: ["bench", spec],
    queryFn: async () => unwrap(await api.POST("/api/bench", { body: spec })),
    placeholderData: keepPreviousData,
  }).data;
}
