import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Link, useParams } from "react-router";
import { useState } from "react";
import { api, unwrap, type Schemas } from "../api/client";
import { troubleOf } from "../api/trouble";
import { Places } from "../kit/Places";
import { Ticked } from "../kit/Ticked";
import { Top } from "../kit/Top";
import { useInTurn } from "../kit/useInTurn";
import { dayOf } from "../log/Made";
import { Beside } from "../sew/Beside";
import { say } from "../words/say";
import { Evenings } from "./Evenings";
import { TimeLine } from "./TimeLine";
import "./plan.css";

type Shown = Schemas["BatchShown"];
type Changes = Partial<Pick<Shown, "name" | "settings">> & { makes?: Schemas["BatchMakeTold"][] };

/** Its makes as they are told to the server: those that are still there. */
const toldOf = (batch: Shown) =>
  batch.makes.filter((make) => !make.gone).map(({ project, count }) => ({ project, count }));

/** How long is searched (s), and how often a search is looked at (ms). */
const SECONDS = [10, 30];
const LOOK = 700;

/** Several makes at once: evening by evening, what is done where, drawn along the time and to be ticked off. */
export function Batch() {
  const { id = "" } = useParams();
  const client = useQueryClient();
  const [trouble, setTrouble] = useState("");
  const key = ["batch", id];
  const batch = useQuery({
    queryKey: key,
    queryFn: async () => unwrap(await api.GET("/api/batches/{id}", { params: { path: { id } } })),
    refetchInterval: (query) =>
      ["running", "stopping"].includes(query.state.data?.search?.state ?? "") ? LOOK : false,
  });
  const inTurn = useInTurn<Shown>(key);
  const doing = async (what: (now: Shown) => Promise<Shown>) => {
    try {
      await inTurn(what);
      setTrouble("");
    } catch (error) {
      setTrouble(troubleOf(error));
      await client.invalidateQueries({ queryKey: key });
    }
  };
  const path = { id };
  const tick = (tasks: string[], done: boolean) =>
    doing(async () =>
      unwrap(await api.PUT("/api/batches/{id}/done", { params: { path }, body: { tasks, done } })),
    );
  const now = batch.data;
  /** What is to be otherwise, from how it is by then: another press may have been answered since this was drawn. */
  const change = (changes: (now: Shown) => Changes) =>
    doing(async (now) => {
      const { revision, name, settings } = now;
      const body = { revision, name, settings, makes: toldOf(now), ...changes(now) };
      return unwrap(await api.PUT("/api/batches/{id}", { params: { path }, body }));
    });
  const begin = (day: string) => change(({ settings }) => ({ settings: { ...settings, begin: day } }));
  const running = now?.search && ["running", "stopping"].includes(now.search.state);
  return (
    <div className="page">
      <Top>
        <Places />
      </Top>
      <main className="linen home plan" aria-busy={batch.isLoading}>
        {batch.isError && (
          <p>
            {say("batch-gone")} <Link to="/plan">{say("batch-back")}</Link>
          </p>
        )}
        {now && (
          <>
            <p>
              <Link to="/plan">{say("batch-back")}</Link>
            </p>
            <h1>
              <input
                className="batch-name"
                aria-label={say("batch-name")}
                defaultValue={now.name}
                placeholder={say("batch-unnamed")}
                maxLength={120}
                onBlur={(event) => {
                  const name = event.target.value;
                  if (name !== now.name) void change(() => ({ name }));
                }}
              />
            </h1>
            <ul className="batch-makes">
              {now.makes.map((make) => (
                <li key={make.project}>
                  <b className="letter">{make.letter || "–"}</b>{" "}
                  {make.gone ? (
                    say("batch-make-gone")
                  ) : (
                    <Link to={`/projects/${make.project}/sew`}>{make.name}</Link>
                  )}{" "}
                  {!make.gone && (
                    <input
                      type="number"
                      min={1}
                      max={100}
                      aria-label={say("batch-count", { name: make.name })}
                      defaultValue={make.count}
                      key={make.count}
                      onBlur={(event) => {
                        const count = Math.min(
                          100,
                          Math.max(1, Math.round(Number(event.target.value)) || make.count),
                        );
                        if (count !== make.count)
                          void change((before) => ({
                            makes: toldOf(before).map((other) =>
                              other.project === make.project ? { ...other, count } : other,
                            ),
                          }));
                      }}
                    />
                  )}
                  {!make.gone && (
                    <Beside
                      id={make.project}
                      ticked=""
                      onTaken={() => void client.invalidateQueries({ queryKey: key })}
                    />
                  )}
                </li>
              ))}
            </ul>
            <Evenings
              value={now.settings}
              onChange={(changes) =>
                void change(({ settings }) => ({ settings: { ...settings, ...changes(settings) } }))
              }
            />
            <label className="batch-begin">
              {say("batch-from")}{" "}
              <input
                type="date"
                value={now.settings.begin}
                onChange={(event) => event.target.value && void begin(event.target.value)}
              />
            </label>
            {trouble && (
              <p className="measure-error static" role="alert">
                {trouble}
              </p>
            )}
            <div className="batch-told" aria-live="polite">
              {now.texts.map((text, nth) => (
                <p key={nth}>{text}</p>
              ))}
            </div>
            {now.evenings.length > 0 && (
              <p className="made-actions">
                {running ? (
                  <>
                    <progress
                      max={now.search!.lasts}
                      value={now.search!.gone}
                      aria-label={say("batch-searching")}
                    />
                    <button
                      type="button"
                      className="button"
                      onClick={() =>
                        void doing(async () =>
                          unwrap(await api.POST("/api/batches/{id}/stop", { params: { path } })),
                        )
                      }
                    >
                      {say("batch-stop")}
                    </button>
                  </>
                ) : (
                  SECONDS.map((seconds) => (
                    <button
                      key={seconds}
                      type="button"
                      className="button"
                      onClick={() =>
                        void doing(async () =>
                          unwrap(
                            await api.POST("/api/batches/{id}/search", {
                              params: { path },
                              body: { seconds },
                            }),
                          ),
                        )
                      }
                    >
                      {say("batch-search", { count: seconds })}
                    </button>
                  ))
                )}
                <a href={`/api/batches/${id}/calendar.ics`}>{say("batch-calendar")}</a>
              </p>
            )}
            {now.evenings.map((evening, nth) => (
              <section key={evening.day} className="panel evening" aria-label={evening.text}>
                <h2>
                  {dayOf(evening.day)} <small>{evening.text}</small>
                </h2>
                <TimeLine evening={evening} places={now.places} length={now.settings.evening} />
                <ol className="evening-rows">
                  {evening.rows.map((row) => (
                    <li key={row.tasks[0]}>
                      <label>
                        <Ticked checked={false} onTick={() => tick(row.tasks, true)} /> <b>{row.title}</b>{" "}
                        {row.makes.join(", ")}
                      </label>{" "}
                      <Link to={`/projects/${row.project}/sew?step=${row.step}`}>{say("batch-how")}</Link>
                      <small>
                        {[now.places.find((place) => place.id === row.place)?.name, row.setting, row.text]
                          .filter(Boolean)
                          .join(" · ")}
                      </small>
                    </li>
                  ))}
                </ol>
                {evening.rests.map((rest) => (
                  <p key={`${rest.make} ${rest.begin}`} className="hint">
                    {rest.text}
                  </p>
                ))}
                {evening.finished.length > 0 && (
                  <p>
                    <strong>{say("batch-finished", { makes: evening.finished.join(", ") })}</strong>
                  </p>
                )}
                {nth === 0 && evening.rows.length > 1 && (
                  <button
                    type="button"
                    className="button"
                    onClick={() =>
                      void tick(
                        evening.rows.flatMap((row) => row.tasks),
                        true,
                      )
                    }
                  >
                    {say("batch-all-done")}
                  </button>
                )}
              </section>
            ))}
            {now.done.length > 0 && (
              <details>
                <summary>{say("batch-done")}</summary>
                <ul>
                  {now.done.map((row) => (
                    <li key={row.tasks.join()}>
                      <label>
                        <Ticked checked onTick={() => tick(row.tasks, false)} /> {row.title}{" "}
                        {row.makes.join(", ")}
                      </label>
                    </li>
                  ))}
                </ul>
              </details>
            )}
          </>
        )}
      </main>
    </div>
  );
}
