import { useState } from "react";
import type { Catalogue, Schemas } from "../api/client";
import { Measure } from "../kit/Measure";
import { say } from "../words/say";

interface Props {
  kind: Catalogue["objects"][number];
  /** What has a number, measured or assumed. */
  inputs: Schemas["InputDoc"][];
  errors: Record<string, string>;
  onChange: (field: string, text: string) => void;
}

const NOTHING = { value: { mm: 0, text: "" }, typed: null, proposed: null, up: "", down: "" };

/** What could be measured on this kind of thing and has not been: a neck, a handle, a ring at its end. */
export function Unmeasured({ kind, inputs, errors, onChange }: Props) {
  const known = new Map(inputs.map((input) => [input.field, input]));
  // The field being typed in stays until it is left, though it has a number by then.
  const [typing, setTyping] = useState("");
  const missing = kind.measures.filter((m) => m.name === typing || !known.has(`object.${m.name}`));
  if (missing.length === 0) return null;
  return (
    <details className="unmeasured" onBlur={() => setTyping("")}>
      <summary>{say("more-to-measure")}</summary>
      {missing.map((m) => (
        <Measure
          key={m.name}
          input={known.get(`object.${m.name}`) ?? { ...NOTHING, field: `object.${m.name}` }}
          showLabel
          label={m.label}
          help={m.help}
          error={errors[`object.${m.name}`]}
          onChange={(field, text) => {
            setTyping(m.name);
            onChange(field, text);
          }}
        />
      ))}
    </details>
  );
}
