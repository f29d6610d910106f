import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState, type FormEvent } from "react";
import { api, byField, Refused, unwrap, type Draft } from "../api/client";
import { language, say } from "../words/say";

/** The logbook of a project: what was made, and a new entry. */
export function Log({ id, draft, onLogged }: { id: string; draft: Draft; onLogged: () => void }) {
  const client = useQueryClient();
  const makes = useQuery({
    queryKey: ["makes", id],
    queryFn: async () =>
      unwrap(await api.GET("/api/projects/{id}/makes", { params: { path: { id } } })).makes,
  });
  const [errors, setErrors] = useState<Record<string, string>>({});
  const [round, setRound] = useState(0);
  const names = Object.keys(draft.finished).filter((name) => draft.sums[`finished.${name}`]);

  const submit = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const data = new FormData(event.currentTarget);
    const text = (name: string) => {
      const entered = data.get(name);
      return typeof entered === "string" ? entered : "";
    };
    const minutes = text("minutes").trim();
    if (minutes && !/^\d{1,5}$/.test(minutes)) {
      setErrors({ minutes: say("log-minutes-wrong") });
      return;
    }
    try {
      unwrap(
        await api.POST("/api/projects/{id}/makes", {
          params: { path: { id } },
          body: {
            made_on: text("made_on"),
            minutes: minutes ? Number(minutes) : null,
            measured: Object.fromEntries(names.map((name) => [name, text(`measured.${name}`)])),
            differed: text("differed"),
            next_time: text("next_time"),
          },
        }),
      );
      setErrors({});
      setRound(round + 1);
      await client.invalidateQueries({ queryKey: ["makes", id] });
      onLogged();
    } catch (error) {
      setErrors(error instanceof Refused ? byField(error.problem) : { made_on: say("log-not-kept") });
    }
  };
  const remove = async (make: string) => {
    unwrap(await api.DELETE("/api/projects/{id}/makes/{make}", { params: { path: { id, make } } }));
    await client.invalidateQueries({ queryKey: ["makes", id] });
    onLogged();
  };
  return (
    <div className="panel log">
      <section aria-labelledby="new-make">
        <h2 id="new-make">{say("log-new")}</h2>
        <form key={round} onSubmit={(event) => void submit(event)} noValidate>
          <div className="log-row">
            <label>
              {say("log-on")}{" "}
              <input type="date" name="made_on" defaultValue={new Date().toLocaleDateString("sv")} />
            </label>
            <label>
              {say("log-minutes")} <input name="minutes" inputMode="numeric" size={5} />
            </label>
            {errors.made_on && <p className="measure-error static">{errors.made_on}</p>}
            {errors.minutes && (
              <p className="measure-error static" role="alert">
                {errors.minutes}
              </p>
            )}
          </div>
          <fieldset>
            <legend>{say("log-measured")}</legend>
            <div className="log-row">
              {names.map((name) => (
                <label key={name}>
                  {draft.sums[`finished.${name}`]!.name}
                  <input
                    name={`measured.${name}`}
                    size={8}
                    placeholder={draft.sums[`finished.${name}`]!.total.text}
                  />
                  {errors[`measured.${name}`] && (
                    <span className="measure-error static" role="alert">
                      {errors[`measured.${name}`]}
                    </span>
                  )}
                </label>
              ))}
            </div>
          </fieldset>
          <label className="wide">
            {say("log-differed")}
            <textarea name="differed" rows={2} />
          </label>
          <label className="wide">
            {say("log-next")}
            <textarea name="next_time" rows={2} />
          </label>
          <button type="submit" className="primary">
            {say("log-write")}
          </button>
        </form>
      </section>
      <section aria-labelledby="made">
        <h2 id="made">{say("log-made")}</h2>
        {makes.data?.length === 0 && <p>{say("log-nothing")}</p>}
        <ul className="makes">
          {makes.data?.map((make) => (
            <li key={make.id}>
              <header>
                <strong>
                  {new Date(`${make.made_on}T12:00`).toLocaleDateString(
                    language === "en" ? "en-GB" : language,
                    { dateStyle: "long" },
                  )}
                </strong>
                {make.minutes !== null && <span>{say("log-took", { count: make.minutes })}</span>}
                <button type="button" aria-label={say("log-take-out")} onClick={() => void remove(make.id)}>
                  ×
                </button>
              </header>
              {make.measured.map((m) => (
                <p key={m.name}>{m.remark}</p>
              ))}
              {make.differed && (
                <p>
                  <em>{say("log-differed.was")}</em> {make.differed}
                </p>
              )}
              {make.next_time && (
                <p>
                  <em>{say("log-next.was")}</em> {make.next_time}
                </p>
              )}
            </li>
          ))}
        </ul>
      </section>
    </div>
  );
}
