import { useQuery, useQueryClient } from "@tanstack/react-query";
import { api, unwrap, type Schemas } from "../api/client";
import { Ticked } from "../kit/Ticked";
import { tell } from "../kit/Troubles";
import { say } from "../words/say";

interface Props {
  id: string;
  /** Only its question is shown till somebody asks for it. */
  closed?: boolean;
  onChanged?: () => void;
}

/** Why it is made: what was wrong before. It is what the finished make is tried against. */
export function Why({ id, closed = false, onChanged }: Props) {
  const client = useQueryClient();
  const why = useQuery({
    queryKey: ["why", id],
    queryFn: async () => unwrap(await api.GET("/api/projects/{id}/why", { params: { path: { id } } })),
  });
  const keep = async (changes: Partial<Schemas["WhyTold"]>) => {
    if (!why.data) return;
    // From what is known by then: two changes may follow each other closely.
    const now = client.getQueryData<Schemas["Why"]>(["why", id]) ?? why.data;
    const body = { wrong: now.wrong, text: now.text, ...changes };
    client.setQueryData(["why", id], { ...now, ...body });
    try {
      const kept = unwrap(await api.PUT("/api/projects/{id}/why", { params: { path: { id } }, body }));
      client.setQueryData(["why", id], kept);
      onChanged?.();
    } catch (error) {
      client.setQueryData(["why", id], now);
      tell(error);
    }
  };
  if (!why.data) return null;
  const { wrong, text, choices } = why.data;
  return (
    <details className="made-why" open={!closed && (wrong.length > 0 || text !== "")}>
      <summary>{say("why")}</summary>
      <fieldset>
        <legend className="visually-hidden">{say("why")}</legend>
        {choices.map((one) => {
          const name = one.id as (typeof wrong)[number];
          return (
            <label key={one.id}>
              <Ticked
                checked={wrong.includes(name)}
                onTick={(ticked) =>
                  keep({ wrong: ticked ? [...wrong, name] : wrong.filter((other) => other !== name) })
                }
              />{" "}
              {one.text}
            </label>
          );
        })}
      </fieldset>
      <label className="wide">
        {say("why-text")}
        <input
          key={text}
          defaultValue={text}
          maxLength={500}
          onBlur={(event) => event.target.value !== text && void keep({ text: event.target.value })}
        />
      </label>
    </details>
  );
}
