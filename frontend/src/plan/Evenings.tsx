import { useState } from "react";
import { locale, say } from "../words/say";

export interface Value {
  evening: number;
  weekdays: number[];
  at: string;
}

interface Props {
  value: Value;
  /** What is to be otherwise, from how it is by then. */
  onChange: (changes: (now: Value) => Partial<Value>) => void;
}

/** Names of the days, Monday first. */
const DAYS = [...Array(7).keys()].map((day) =>
  new Date(2024, 0, 1 + day).toLocaleDateString(locale, { weekday: "short" }),
);
const LEAST = 15;
const MOST = 720;

/** How long an evening is, on which days there is time, and when it begins. */
export function Evenings({ value, onChange }: Props) {
  const [typed, setTyped] = useState<string | null>(null);
  const [wrong, setWrong] = useState(false);
  const keep = () => {
    const minutes = Math.round(Number(typed));
    setTyped(null);
    const fits = minutes >= LEAST && minutes <= MOST;
    setWrong(typed !== null && !fits);
    if (fits && minutes !== value.evening) onChange(() => ({ evening: minutes }));
  };
  const toggle = (day: number) => {
    const wanted = !value.weekdays.includes(day);
    onChange(({ weekdays }) => {
      const others = weekdays.filter((other) => other !== day);
      const days = wanted ? [...others, day].sort() : others;
      return days.length > 0 ? { weekdays: days } : {};
    });
  };
  return (
    <fieldset className="evenings">
      <legend>{say("evenings")}</legend>
      <label>
        {say("evenings-long")}{" "}
        <input
          type="number"
          min={LEAST}
          max={MOST}
          value={typed ?? value.evening}
          onChange={(event) => setTyped(event.target.value)}
          onBlur={keep}
          onKeyDown={(event) => event.key === "Enter" && keep()}
        />
      </label>
      {wrong && (
        <p className="measure-error static" role="alert">
          {say("evenings-wrong", { least: LEAST, most: MOST })}
        </p>
      )}
      <label>
        {say("evenings-at")}{" "}
        <input
          type="time"
          value={value.at}
          onChange={({ target }) => {
            const at = target.value;
            if (at) onChange(() => ({ at }));
          }}
        />
      </label>
      <span role="group" aria-label={say("evenings-days")}>
        {DAYS.map((name, day) => (
          <button
            key={name}
            type="button"
            className="button"
            aria-pressed={value.weekdays.includes(day)}
            onClick={() => toggle(day)}
          >
            {name}
          </button>
        ))}
      </span>
    </fieldset>
  );
}
