import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { api, unwrap, type Spec } from "../api/client";

/** The pictures of all steps of a make, by step: asked for once, so that going on to the next is at once. */
export function usePictures(spec: Spec) {
  const pictures = useQuery({
    queryKey: ["pictures", spec],
    queryFn: async () => unwrap(await api.POST("/api/pictures", { body: { spec, steps: null } })).pictures,
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  });
  return new Map((pictures.data ?? []).map((picture) => [picture.step, picture]));
}
