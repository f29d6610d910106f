import { keepPreviousData, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { SEWS } from "../api/asking";
import { api, unwrap, type Schemas } from "../api/client";
import { Coming } from "../kit/Coming";
import { Pages } from "../kit/Pages";
import { Places } from "../kit/Places";
import { Top } from "../kit/Top";
import { tell } from "../kit/Troubles";
import { useInTurn } from "../kit/useInTurn";
import { Find } from "../kit/Find";
import { say } from "../words/say";
import { dayOf } from "./Made";

/** Everything that was made: what it teaches, every entry found again, and the years' sums. */
export function Logbook() {
  const [words, setWords] = useState("");
  const [form, setForm] = useState("");
  const [page, setPage] = useState(0);
  const book = useQuery({
    queryKey: ["logbook", words, form, page],
    queryFn: async () => unwrap(await api.GET("/api/logbook", { params: { query: { words, form, page } } })),
    placeholderData: keepPreviousData,
  });
  return (
    <div className="page">
      <Top>
        <Places />
      </Top>
      <main className="linen home logbook" aria-busy={book.isLoading}>
        <h1>{say("book-title")}</h1>
        {!SEWS && <Learned />}
        <section aria-labelledby="every-make">
          <h2 id="every-make">{say("book-every")}</h2>
          <p className="book-find">
            <Find
              label={say("book-words")}
              words={words}
              onWords={(now) => {
                setWords(now);
                setPage(0);
              }}
            />
            <label>
              {say("book-form")}{" "}
              <select
                value={form}
                onChange={(event) => {
                  setForm(event.target.value);
                  setPage(0);
                }}
              >
                <option value="">{say("book-all")}</option>
                {book.data?.forms.map((one) => (
                  <option key={one.id} value={one.id}>
                    {one.name}
                  </option>
                ))}
              </select>
            </label>
            <span aria-live="polite">{book.data && say("book-found", { count: book.data.found })}</span>
            {!SEWS && <a href="/api/logbook.csv">{say("book-csv")}</a>}
          </p>
          <ul className="book-entries">
            {book.data?.entries.map((one) => (
              <li key={one.make}>
                <Link to={`/projects/${one.project}/log`}>
                  <strong>{one.name}</strong> <span>{dayOf(one.made_on)}</span>
                </Link>
                <small>
                  {[one.minutes !== null && say("log-took", { count: one.minutes }), one.goes, one.next_time]
                    .filter(Boolean)
                    .join(" · ")}
                </small>
              </li>
            ))}
          </ul>
          <Pages page={page} pages={book.data?.pages ?? 0} onPage={setPage} />
        </section>
        {(book.data?.years.length ?? 0) > 0 && (
          <section aria-labelledby="years">
            <h2 id="years">{say("book-years")}</h2>
            {book.data!.years.map((one) => (
              <p key={one.year}>
                <strong>{one.year}</strong> {one.texts.join(" · ")}
              </p>
            ))}
          </section>
        )}
      </main>
    </div>
  );
}

/** What the log proposes, each with its evidence; what was taken over; and this maker's pace. A device that only sews is not told. */
function Learned() {
  const client = useQueryClient();
  const inTurn = useInTurn<Schemas["Learned"]>(["learned"]);
  const learned = useQuery({
    queryKey: ["learned"],
    queryFn: async () => unwrap(await api.GET("/api/learned")),
  });
  const answer = async (proposal: string, told: Schemas["Answer"]["answer"]) => {
    try {
      await inTurn(async () => unwrap(await api.POST("/api/learned", { body: { proposal, answer: told } })));
      await client.invalidateQueries({ queryKey: ["settings"] });
      await client.invalidateQueries({ queryKey: ["bench"] });
    } catch (error) {
      tell(error);
    }
  };
  if (learned.isLoading) return <Coming />;
  if (!learned.data) return null;
  const { proposals, taken, silenced, pace } = learned.data;
  return (
    <section aria-labelledby="learned">
      <h2 id="learned">{say("learned")}</h2>
      {proposals.length === 0 && <p>{say("learned-nothing")}</p>}
      <ul className="proposals">
        {proposals.map((one) => (
          <li key={one.id} className="panel">
            <p>{one.text}</p>
            <p className="made-actions">
              <button type="button" className="primary" onClick={() => void answer(one.id, "take")}>
                {one.does}
              </button>
              <button type="button" className="button" onClick={() => void answer(one.id, "never")}>
                {say("learned-never")}
              </button>
            </p>
            <details>
              <summary>{say("learned-evidence")}</summary>
              <ul>
                {one.evidence.map((each) => (
                  <li key={each.make}>
                    <Link to={`/projects/${each.project}/log`}>
                      {each.name}, {dayOf(each.made_on)}
                    </Link>
                    : {each.text}
                  </li>
                ))}
              </ul>
            </details>
          </li>
        ))}
      </ul>
      {taken.length > 0 && (
        <ul>
          {taken.map((one) => (
            <li key={one.id}>
              {one.text}{" "}
              <button type="button" className="fix" onClick={() => void answer(one.id, "back")}>
                {say("learned-back")}
              </button>
            </li>
          ))}
        </ul>
      )}
      {silenced.length > 0 && (
        <details>
          <summary>{say("learned-silenced")}</summary>
          <ul>
            {silenced.map((one) => (
              <li key={one.id}>
                {one.text}{" "}
                <button type="button" className="fix" onClick={() => void answer(one.id, "back")}>
                  {say("learned-ask")}
                </button>
              </li>
            ))}
          </ul>
        </details>
      )}
      <p>{pace.join(" ")}</p>
    </section>
  );
}
