import { useQuery } from "@tanstack/react-query";
import { api, unwrap, type Spec } from "../api/client";
import { Fits } from "../kit/Fits";
import { dayOf } from "../log/Made";
import { say } from "../words/say";

/** Everything on the shelf tried in the make as it now is, and what was really tried in it when it was made. */
export function ShelfFits({ id, spec }: { id: string; spec: Spec }) {
  const fits = useQuery({
    queryKey: ["fits", spec],
    queryFn: async () => unwrap(await api.POST("/api/fits", { body: spec })).fits,
    placeholderData: (before) => before,
  });
  const makes = useQuery({
    queryKey: ["makes", id],
    queryFn: async () => unwrap(await api.GET("/api/projects/{id}/makes", { params: { path: { id } } })),
  });
  const tried = (makes.data?.makes ?? []).flatMap((make) => make.uses.map((use) => ({ ...use, make })));
  return (
    <>
      <Fits fits={fits.data ?? []} title={say("fits-of-shelf")} />
      {tried.length > 0 && (
        <ul className="found-uses" aria-label={say("fits-found")}>
          {tried.map(({ what, fits: goes, make }) => (
            <li key={`${make.id} ${what}`}>
              {say(goes ? "fits-found-yes" : "fits-found-no", { what, day: dayOf(make.made_on) })}
            </li>
          ))}
        </ul>
      )}
    </>
  );
}
