import { useQuery } from "@tanstack/react-query";
import { api, unwrap, type Schemas } from "../api/client";
import { Coming } from "../kit/Coming";
import { Ticked } from "../kit/Ticked";
import { tell } from "../kit/Troubles";
import { useInTurn } from "../kit/useInTurn";
import { say } from "../words/say";

interface Props {
  id: string;
  /** Only its question is shown till somebody asks for it. */
  closed?: boolean;
  onChanged?: () => void;
}

/** Why it is made: what was wrong before. It is what the finished make is tried against. */
export function Why({ id, closed = false, onChanged }: Props) {
  const why = useQuery({
    queryKey: ["why", id],
    queryFn: async () => unwrap(await api.GET("/api/projects/{id}/why", { params: { path: { id } } })),
  });
  const inTurn = useInTurn<Schemas["Why"]>(["why", id]);
  const keep = (changes: (now: Schemas["WhyTold"]) => Partial<Schemas["WhyTold"]>) =>
    inTurn(async ({ wrong, text }) => {
      const body = { wrong, text, ...changes({ wrong, text }) };
      return unwrap(await api.PUT("/api/projects/{id}/why", { params: { path: { id } }, body }));
    }).then(() => onChanged?.(), tell);
  const write = (text: string) => keep(() => ({ text }));
  if (why.isLoading) return <Coming />;
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
                  keep((now) => {
                    const others = now.wrong.filter((other) => other !== name);
                    return { wrong: ticked ? [...others, name] : others };
                  })
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
          onBlur={(event) => event.target.value !== text && void write(event.target.value)}
        />
      </label>
    </details>
  );
}
