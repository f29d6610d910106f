import { useInfiniteQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Link } from "react-router";
import { api, unwrap, type Schemas } from "../api/client";
import { Places } from "../kit/Places";
import { Top } from "../kit/Top";
import { VerdictIcon } from "../kit/Verdicts";
import { say } from "../words/say";

type Fit = Schemas["FitDoc"];
type Make = Schemas["MakeFits"];

/** So many makes are tried by themselves. */
const AT_FIRST = 24;

/** Every thing on the shelf tried in every make on the table, at the size it is drafted for. */
export function FitTable() {
  const [page, setPage] = useState(0);
  const table = useInfiniteQuery({
    queryKey: ["fits", "all", page],
    queryFn: async ({ pageParam }) =>
      unwrap(await api.GET("/api/fits", { params: { query: { make: pageParam, page } } })),
    initialPageParam: 0,
    getNextPageParam: (last) => last.next,
    staleTime: 0,
  });
  const { hasNextPage, isFetching, isError, fetchNextPage } = table;
  const [opened, setOpened] = useState<{ thing: string; make: Make; fit: Fit } | null>(null);
  const makes = table.data?.pages.flatMap((one) => one.makes) ?? [];
  const first = table.data?.pages[0];
  // A row or a wider one moves those below it: the first makes are shown when all of them have come.
  const more = hasNextPage && makes.length < AT_FIRST;
  const rows = first?.things.filter((thing) => makes.some((make) => thing.id in make.fits)) ?? [];
  // The first makes come by themselves, the others when they are asked for.
  useEffect(() => {
    if (more && !isFetching && !isError) void fetchNextPage();
  }, [more, isFetching, isError, fetchNextPage]);
  return (
    <div className="page">
      <Top>
        <Places />
      </Top>
      <main className="linen home fit-page" aria-busy={table.isLoading || (more && !isError)}>
        <h1>{say("fits-title")}</h1>
        <p className="zone-sub">{say("fits-title.help")}</p>
        {table.data && !isFetching && !hasNextPage && rows.length === 0 && (
          <p className="empty">{say("fits-nothing")}</p>
        )}
        {rows.length > 0 && (
          <div className="fit-scroll" tabIndex={0} role="region" aria-label={say("fits-table")}>
            <table className="fit-table">
              <thead>
                <tr>
                  <td />
                  {makes.map((make) => (
                    <th key={make.id} scope="col">
                      <Link to={`/projects/${make.id}/ease`}>{make.name}</Link>
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {rows.map((thing) => (
                  <tr key={thing.id}>
                    <th scope="row">{thing.name}</th>
                    {makes.map((make) => {
                      const fit = make.fits[thing.id];
                      return (
                        <td key={make.id}>
                          {fit && (
                            <button
                              type="button"
                              className={`fit-mark ${fit.verdict}`}
                              aria-label={say("fits-one", {
                                thing: thing.name,
                                make: make.name,
                                fit: wordFor(fit),
                              })}
                              aria-pressed={opened?.fit === fit}
                              onClick={() => setOpened({ thing: thing.name, make, fit })}
                            >
                              <VerdictIcon verdict={fit.verdict} />
                              <span>{wordFor(fit)}</span>
                            </button>
                          )}
                        </td>
                      );
                    })}
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        )}
        <p className="lay-actions">
          {hasNextPage && makes.length >= AT_FIRST && (
            <button
              type="button"
              className="button"
              disabled={isFetching}
              onClick={() => void fetchNextPage()}
            >
              {say("fits-more")}
            </button>
          )}
          {(first?.pages ?? 0) > 1 && (
            <>
              <button
                type="button"
                className="button"
                disabled={page === 0}
                onClick={() => setPage(page - 1)}
              >
                {say("fits-things-before")}
              </button>{" "}
              {say("book-page", { page: page + 1, pages: first!.pages })}{" "}
              <button
                type="button"
                className="button"
                disabled={page + 1 >= first!.pages}
                onClick={() => setPage(page + 1)}
              >
                {say("fits-things-after")}
              </button>
            </>
          )}
        </p>
        {opened && (
          <section className="panel fit-why" aria-live="polite" aria-labelledby="why">
            <h2 id="why">{say("fits-why", { thing: opened.thing, make: opened.make.name })}</h2>
            <ul>
              {opened.fit.checks.map((check) => (
                <li key={check.id}>
                  <strong>{check.title}.</strong> {check.message} {check.fix && <em>{check.fix}.</em>}
                </li>
              ))}
            </ul>
            <Link className="button" to={`/projects/${opened.make.id}/ease`}>
              {say("fits-open", { make: opened.make.name })}
            </Link>
          </section>
        )}
      </main>
    </div>
  );
}

/** What decides, in one word: the loudest of its checks. */
function wordFor(fit: Fit): string {
  return (fit.checks.find((check) => check.verdict === fit.verdict) ?? fit.checks[0])?.title ?? "";
}
