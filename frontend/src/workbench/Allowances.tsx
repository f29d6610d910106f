import type { ReactNode } from "react";
import type { Catalogue, Draft } from "../api/client";
import { Measure } from "../kit/Measure";
import { say } from "../words/say";

interface Props {
  form: Catalogue["forms"][number];
  inputs: Map<string, Draft["inputs"][number]>;
  errors: Record<string, string>;
  onChange: (field: string, text: string) => void;
  children: ReactNode;
}

const LINING = "allowance.lining-";

/** How wide every kind of edge is sewn; the lining's own lie folded away until one is told, for they follow the outer's. */
export function Allowances({ form, inputs, errors, onChange, children }: Props) {
  const asked = form.allowances.filter(({ field }) => inputs.has(field));
  const lining = asked.filter(({ field }) => field.startsWith(LINING));
  const entry = (item: (typeof asked)[number]) => (
    <Measure
      key={item.field}
      input={inputs.get(item.field)!}
      showLabel
      label={item.label}
      error={errors[item.field]}
      onChange={onChange}
    />
  );
  return (
    <fieldset className="allowances">
      <legend>{say("allowances")}</legend>
      <div className="field-row">
        {asked.filter((item) => !lining.includes(item)).map(entry)}
        {children}
      </div>
      {lining.length > 0 && (
        <details
          className="of-lining"
          open={lining.some(({ field }) => inputs.get(field)!.typed !== null || field in errors)}
        >
          <summary>{say("allowances.of-lining")}</summary>
          <div className="field-row">{lining.map(entry)}</div>
        </details>
      )}
    </fieldset>
  );
}
