import { useQuery } from "@tanstack/react-query";
import { api, unwrap, type Spec } from "../api/client";
import { Fits } from "../kit/Fits";
import { say } from "../words/say";

/** Everything on the shelf tried in the make as it now is. */
export function ShelfFits({ spec }: { spec: Spec }) {
  const fits = useQuery({
    queryKey: ["fits", spec],
    queryFn: async () => unwrap(await api.POST("/api/fits", { body: spec })).fits,
    placeholderData: (before) => before,
  });
  return <Fits fits={fits.data ?? []} title={say("fits-of-shelf")} />;
}
