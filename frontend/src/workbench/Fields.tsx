import type { Catalogue, Draft, Thing } from "../api/client";
import { Measure } from "../kit/Measure";
import { applies } from "./Choices";
import { FromDrawer } from "./FromDrawer";
import { say } from "../words/say";

interface Props {
  stage: string;
  form: Catalogue["forms"][number];
  draft: Draft;
  things: Thing[];
  errors: Record<string, string>;
  setField: (field: string, text: string) => void;
}

/** The sizes settled at a stage that have no place on a drawing, and hardware that settles them. */
export function Fields({ stage, form, draft, things, errors, setField }: Props) {
  const options = draft.spec.options as Record<string, string>;
  const drawn = new Set(draft.solid.spans.map((s) => s.field));
  const [asked, states] = [
    [...form.inputs, ...(form.room ? [form.room] : [])],
    [...draft.inputs, ...(draft.room ? [draft.room] : [])],
  ];
  const known = new Map(states.map((input) => [input.field, input]));
  const fields = asked.filter(
    (i) => i.stage === stage && !drawn.has(i.field) && applies(i.when, options) && known.has(i.field),
  );
  if (fields.length === 0) return null;
  return (
    <div className="field-row">
      {fields.map((item) => (
        <Measure
          key={item.field}
          input={known.get(item.field)!}
          showLabel
          label={item.label}
          help={item.help}
          error={errors[item.field]}
          onChange={setField}
        />
      ))}
      <FromDrawer
        things={things}
        label={say("from-drawer")}
        fields={Object.fromEntries(fields.map((i) => [i.field, i.field]))}
        onTake={(settled) => Object.entries(settled).forEach(([field, value]) => setField(field, value))}
      />
    </div>
  );
}
