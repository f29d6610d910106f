import { useId } from "react";
import type { Schemas } from "../api/client";
import { say } from "../words/say";

interface Props {
  field: string;
  label: string;
  value: string;
  number?: Schemas["NumberDoc"];
  error?: string;
  onChange: (field: string, text: string) => void;
}

/** A number as somebody gave it, with the right one beside it where they differ: both are kept. */
export function Entry({ field, label, value, number, error, onChange }: Props) {
  const id = useId();
  const off = number && Math.abs(number.difference) > 0.3;
  return (
    <div className={`entry ${off ? "off" : ""}`}>
      <label htmlFor={id}>{label}</label>
      <input
        id={id}
        data-field={field}
        value={value}
        autoComplete="off"
        aria-invalid={error ? true : undefined}
        aria-describedby={error || off ? `${id}-say` : undefined}
        onChange={(e) => onChange(field, e.target.value)}
      />
      {error ? (
        <p id={`${id}-say`} className="measure-error static" role="alert">
          {error}
        </p>
      ) : (
        off && (
          <p id={`${id}-say`} className="right">
            {say("audit-rest", { length: number.right.text })}
          </p>
        )
      )}
    </div>
  );
}
