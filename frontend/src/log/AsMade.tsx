import { useQuery } from "@tanstack/react-query";
import { Link, useParams } from "react-router";
import { api, unwrap } from "../api/client";
import { OnGround } from "../cutting/OnGround";
import { facetsOf, FormPicture } from "../kit/FormPicture";
import { PieceTable } from "../kit/PieceTable";
import { Places } from "../kit/Places";
import { Top } from "../kit/Top";
import { useCatalogue } from "../api/queries";
import { say } from "../words/say";
import { dayOf } from "./Made";

const NOTHING: ReadonlySet<string> = new Set();

/** A make as it was made on its day, whatever its project has become since: form, sizes, pieces, cloth, lay and order of work. */
export function AsMade() {
  const { id = "", make = "" } = useParams();
  const catalogue = useCatalogue();
  const made = useQuery({
    queryKey: ["made", make],
    queryFn: async () =>
      unwrap(await api.GET("/api/projects/{id}/makes/{make}/as-made", { params: { path: { id, make } } })),
    staleTime: Infinity,
  });
  const makes = useQuery({
    queryKey: ["makes", id],
    queryFn: async () => unwrap(await api.GET("/api/projects/{id}/makes", { params: { path: { id } } })),
  });
  const entry = makes.data?.makes.find((one) => one.id === make);
  const draft = made.data?.draft;
  const roleNames = Object.fromEntries((catalogue.data?.roles ?? []).map((r) => [r.id, r.name]));
  const took = Object.fromEntries((entry?.times ?? []).map((one) => [one.step, one.took]));
  return (
    <div className="page">
      <Top>
        <Places />
      </Top>
      <main className="linen home as-made" aria-busy={made.isLoading || makes.isLoading}>
        {made.isError && (
          <p>
            {say("made-gone")} <Link to={`/projects/${id}/log`}>{say("made-back")}</Link>
          </p>
        )}
        {draft && (
          <>
            <h1>
              {entry ? say("made-title", { name: entry.name, day: dayOf(entry.made_on) }) : say("made-it")}
            </h1>
            <p>
              <Link to={`/projects/${id}/log`}>{say("made-back")}</Link>
            </p>
            <div className="made-top">
              <FormPicture
                facets={facetsOf(draft)}
                carried={draft.solid.carried}
                object={draft.object}
                width={260}
                height={280}
                label={say("drawn", { name: entry?.name ?? "" })}
              />
              <dl>
                {Object.keys(draft.finished).map(
                  (name) =>
                    draft.sums[`finished.${name}`] && (
                      <div key={name}>
                        <dt>{draft.sums[`finished.${name}`]!.name}</dt>
                        <dd>{draft.sums[`finished.${name}`]!.total.text}</dd>
                      </div>
                    ),
                )}
              </dl>
              <ul>
                {draft.needs.map((need) => (
                  <li key={need.id}>
                    {need.role_text} {need.name}: {need.exact.text}
                  </li>
                ))}
              </ul>
            </div>
            <section className="made-pieces" aria-label={say("zone-pieces")}>
              <PieceTable draft={draft} roles={Object.keys(roleNames)} roleNames={roleNames} lit={NOTHING} />
            </section>
            {made.data!.lay.length > 0 && (
              <section>
                <h2>{say("made-lay")}</h2>
                {made.data!.lay.map((cloth) => (
                  <div key={cloth.key} className="made-cloth">
                    <h3>
                      {cloth.material} <small>{cloth.role_text}</small>
                    </h3>
                    <div className="lay-grounds">
                      {cloth.grounds.map((ground) => (
                        <OnGround
                          key={ground.id}
                          ground={ground}
                          cloth={cloth}
                          chosen={null}
                          several={false}
                        />
                      ))}
                    </div>
                  </div>
                ))}
              </section>
            )}
            <section>
              <h2>{say("made-steps")}</h2>
              <ol>
                {draft.steps.map((step) => (
                  <li key={step.id}>
                    {step.title}
                    {took[step.id] !== undefined && ` (${say("made-took", { minutes: took[step.id]! })})`}
                  </li>
                ))}
              </ol>
            </section>
          </>
        )}
      </main>
    </div>
  );
}
