import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { SEWS } from "../api/asking";
import { api, unwrap, type Schemas } from "../api/client";
import { projectsChanged } from "../api/queries";
import { Coming } from "../kit/Coming";
import { useInTurn } from "../kit/useInTurn";
import { useOnce } from "../kit/useOnce";
import { say } from "../words/say";

type Shown = Schemas["Beside"];

interface Props {
  id: string;
  /** A change of this asks anew. */
  ticked: string;
  onGo?: (step: string) => void;
  onTaken: () => void;
}

/** What of a make can be made by itself: parts that lie ready or are made ahead, and small extras beside it. */
export function Beside({ id, ticked, onGo, onTaken }: Props) {
  const client = useQueryClient();
  const navigate = useNavigate();
  // Till the maker opens or shuts it, it is open as long as something lies ready.
  const [open, setOpen] = useState<boolean | null>(null);
  const query = useQuery({
    queryKey: ["beside", id, ticked],
    queryFn: async () => unwrap(await api.GET("/api/projects/{id}/beside", { params: { path: { id } } })),
    placeholderData: (before) => before,
  });
  const inTurn = useInTurn<Shown>(["beside", id, ticked]);
  const shown = query.data;
  // Away from the sewing only what lies ready is of use.
  const parts = shown?.parts.filter((part) => onGo || part.taken || part.on_pile.length > 0) ?? [];
  const extras = onGo && !SEWS ? (shown?.extras ?? []) : [];
  const after = async (asked: () => Promise<Shown>) => {
    await inTurn(asked);
    await client.invalidateQueries({ queryKey: ["pile"] });
    onTaken();
  };
  const path = { params: { path: { id } } };
  const take = useOnce((first: string, pile: string) =>
    after(async () =>
      unwrap(await api.POST("/api/projects/{id}/beside/taken", { ...path, body: { first, pile } })),
    ),
  );
  const giveBack = useOnce((first: string) =>
    after(async () =>
      unwrap(
        await api.DELETE("/api/projects/{id}/beside/taken/{first}", { params: { path: { id, first } } }),
      ),
    ),
  );
  const putBy = useOnce((first: string, count: number) =>
    after(async () =>
      unwrap(await api.POST("/api/projects/{id}/beside/made", { ...path, body: { first, count } })),
    ),
  );
  const begin = useOnce(async (form: string) => {
    const begun = unwrap(await api.POST("/api/projects/{id}/extras", { ...path, body: { form } }));
    await projectsChanged(client);
    void navigate(`/plan/${begun.batch}`);
  });
  if (query.isLoading) return <Coming />;
  if (!shown || parts.length + extras.length + shown.loose.length === 0) return null;
  const ready = parts.some((part) => part.on_pile.length > 0 && !part.taken && !part.done);
  return (
    <details
      className="lies-ready beside"
      open={open ?? ready}
      onToggle={(event) => setOpen(event.currentTarget.open)}
    >
      <summary>{say(ready ? "beside-ready" : "beside")}</summary>
      <ul>
        {parts.map((part) => (
          <li key={part.first}>
            <b>{part.letters.join(", ")}</b> {part.name}
            {part.done && !part.taken && ` ✓`}
            <p>
              {part.text}{" "}
              {onGo && !part.done && (
                <button type="button" className="fix" onClick={() => onGo(part.steps[0]!.id)}>
                  {say("beside-go", { number: part.steps[0]!.number })}
                </button>
              )}
            </p>
            {part.taken && (
              <p className="taken">
                {say("beside-taken")}{" "}
                <button type="button" className="fix" onClick={() => giveBack(part.first)}>
                  {say("beside-back")}
                </button>
              </p>
            )}
            {!part.taken &&
              !part.done &&
              part.on_pile.map((one) => (
                <p key={one.id}>
                  {say("beside-on-pile", { name: one.name, count: one.left })}{" "}
                  <button type="button" className="fix" onClick={() => take(part.first, one.id)}>
                    {say("beside-take")}
                  </button>
                </p>
              ))}
            {!part.taken && part.joins && onGo && (
              <PutBy name={part.name} onPut={(count) => putBy(part.first, count)} />
            )}
          </li>
        ))}
        {shown.loose.map((first) => (
          <li key={first}>
            {say("beside-loose")}{" "}
            <button type="button" className="fix" onClick={() => giveBack(first)}>
              {say("beside-back")}
            </button>
          </li>
        ))}
      </ul>
      {extras.length > 0 && (
        <ul>
          {extras.map((extra) => (
            <li key={extra.form}>
              {extra.name}: {extra.text}{" "}
              <button type="button" className="fix" onClick={() => begin(extra.form)}>
                {say("beside-extra")}
              </button>
            </li>
          ))}
        </ul>
      )}
      {parts.some((part) => part.taken) && (
        <p>
          <small>{say("beside-cloth")}</small>
        </p>
      )}
    </details>
  );
}

/** So many that were made ahead go to the pile. */
function PutBy({ name, onPut }: { name: string; onPut: (count: number) => void }) {
  const [count, setCount] = useState("1");
  const number = Number(count);
  const fine = Number.isInteger(number) && number >= 1 && number <= 500;
  return (
    <form
      className="put-by"
      onSubmit={(event) => {
        event.preventDefault();
        if (fine) onPut(number);
      }}
    >
      <label>
        {say("beside-more")}{" "}
        <input
          type="number"
          min={1}
          max={500}
          value={count}
          aria-label={say("beside-more.label", { name })}
          onChange={(event) => setCount(event.target.value)}
        />
      </label>{" "}
      <button type="submit" className="fix" disabled={!fine}>
        {say("beside-put")}
      </button>
    </form>
  );
}
