import { keepPreviousData, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, unwrap, type Schemas } from "../api/client";
import { Coming } from "../kit/Coming";
import { Find } from "../kit/Find";
import { useOnce } from "../kit/useOnce";
import { say } from "../words/say";

/** So many more are shown at a time. */
const MORE = 60;

/** All that was put away, from every place, and brought back from here. */
export function Away() {
  const client = useQueryClient();
  const [words, setWords] = useState("");
  const [count, setCount] = useState(MORE);
  const query = useQuery({
    queryKey: ["away", words, count],
    queryFn: async () => unwrap(await api.GET("/api/away", { params: { query: { words, count } } })),
    placeholderData: keepPreviousData,
  });
  const back = useOnce(
    async (one: Schemas["AwayOne"]) => {
      unwrap(await api.POST("/api/away", { body: { kind: one.kind, id: one.id } }));
      await client.invalidateQueries();
    },
    (one) => one.id,
  );
  const shown = query.data;
  return (
    <section className="panel" aria-labelledby="keeping-away">
      <h2 id="keeping-away">{say("keeping-away")}</h2>
      <p>{say("keeping-away.help")}</p>
      {query.isLoading && <Coming />}
      <Find
        label={say("home-find")}
        words={words}
        onWords={(now) => {
          setWords(now);
          setCount(MORE);
        }}
      />
      {shown?.things.length === 0 && <p className="hint">{say("keeping-none-away")}</p>}
      <ul className="copies">
        {shown?.things.map((one) => (
          <li key={`${one.kind} ${one.id}`}>
            <span>
              <strong>{one.name || say("keeping-nameless")}</strong>{" "}
              <small>{say("keeping-away-when", { what: one.what, day: one.when })}</small>
            </span>
            <button
              type="button"
              className="button"
              aria-label={say("keeping-bring-one", { name: one.name || one.what })}
              onClick={() => back(one)}
            >
              {say("home-back")}
            </button>
          </li>
        ))}
      </ul>
      {(shown?.more ?? 0) > 0 && count < 500 && (
        <button type="button" className="button" onClick={() => setCount(Math.min(500, count + MORE))}>
          {say("keeping-more", { count: shown!.more })}
        </button>
      )}
    </section>
  );
}
