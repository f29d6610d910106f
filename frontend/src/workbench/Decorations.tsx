import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, unwrap, type Part, type Schemas, type Spec } from "../api/client";
import { say } from "../words/say";

type Occasion = Schemas["OccasionAsked"]["occasion"];

const OCCASIONS: Record<Occasion, string> = {
  everyday: say("decorate.everyday"),
  gift: say("decorate.gift"),
  wedding: say("decorate.wedding"),
  birth: say("decorate.birth"),
  feast: say("decorate.feast"),
  stall: say("decorate.stall"),
};

interface Props {
  spec: Spec;
  onAdd: (part: Part) => void;
}

/** What could be worked on the make for an occasion, each tried on it first: with what it adds, or what speaks against it. */
export function Decorations({ spec, onAdd }: Props) {
  const [occasion, setOccasion] = useState<Occasion | "">("");
  const ideas = useQuery({
    enabled: occasion !== "",
    queryKey: ["decorations", occasion, spec],
    queryFn: async () =>
      unwrap(await api.POST("/api/decorations", { body: { spec, occasion: occasion as Occasion } })).ideas,
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  });
  return (
    <div className="decorations">
      <label>
        {say("decorate")}{" "}
        <select value={occasion} onChange={(event) => setOccasion(event.target.value as Occasion | "")}>
          <option value="">{say("decorate.none")}</option>
          {Object.entries(OCCASIONS).map(([id, name]) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      </label>
      {occasion !== "" && ideas.data && (
        <ul aria-label={say("decorate.ideas")}>
          {ideas.data.map((idea, nth) => (
            <li key={nth} className={idea.against.length ? "against" : ""}>
              <strong>{idea.title}</strong> <span>{idea.why}</span>
              {idea.against.map((text, nth) => (
                <p key={nth}>
                  <b>{say("decorate.against")}</b> {text}
                </p>
              ))}
              {idea.part && <small>{idea.adds.join(" · ")}</small>}
              {idea.part && (
                <button type="button" className="quiet-button" onClick={() => onAdd(idea.part!)}>
                  {say("decorate.add", { idea: idea.title })}
                </button>
              )}
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
