import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, unwrap, type Schemas, type Spec } from "../api/client";

type Option = Schemas["OptionInfo"];

/** Whether an input or option has a meaning with the choices made. */
export function applies(when: Record<string, string[]>, options: Record<string, string>): boolean {
  return Object.entries(when).every(([field, values]) =>
    values.includes(options[field.split(".")[1]!] ?? ""),
  );
}

interface Props {
  option: Option;
  value: string;
  error?: string;
  /** What the choices are made for: with it each tells what it would change. */
  spec?: Spec;
  onChoose: (option: string, choice: string) => void;
}

/** Schools as little pictures, each with its reason. */
export function Choices({ option, value, error, spec, onChoose }: Props) {
  const [pointed, setPointed] = useState<string | null>(null);
  const [asked, setAsked] = useState(false);
  const changes = useQuery({
    enabled: asked && spec !== undefined,
    queryKey: ["choices", option.id, spec],
    queryFn: async () =>
      unwrap(await api.POST("/api/choices", { body: { spec: spec!, option: option.id } })).choices,
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  });
  const told = option.choices.find((c) => c.id === (pointed ?? value));
  const would = told && told.id !== value && changes.data?.find((choice) => choice.id === told.id);
  return (
    <fieldset
      className="choices"
      data-option={option.id}
      onPointerEnter={() => setAsked(true)}
      onFocus={() => setAsked(true)}
    >
      <legend>{option.label}</legend>
      <div className="choice-row">
        {option.choices.map((choice) => (
          <label
            key={choice.id}
            className={`choice ${choice.id === value ? "chosen" : ""}`}
            onPointerEnter={() => setPointed(choice.id)}
            onPointerLeave={() => setPointed(null)}
          >
            <input
              type="radio"
              className="visually-hidden"
              name={option.id}
              value={choice.id}
              checked={choice.id === value}
              onChange={() => onChoose(option.id, choice.id)}
            />
            {choice.picture.length === 3 && (
              <svg viewBox="0 0 40 40" width="40" height="40" aria-hidden>
                <path className="tint" d={choice.picture[2]} />
                <path className="full" d={choice.picture[0]} />
                <path className="broken" d={choice.picture[1]} />
              </svg>
            )}
            <span>{choice.label}</span>
          </label>
        ))}
      </div>
      {told && (
        <p className="why">
          {told.why}
          {would && (
            <strong className={`would ${would.refused ? "refused" : ""}`}>
              {would.changes.join(would.refused ? " " : "; ")}
            </strong>
          )}
        </p>
      )}
      {error && (
        <p className="measure-error static" role="alert">
          {error}
        </p>
      )}
    </fieldset>
  );
}
