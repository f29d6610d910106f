import type { Catalogue, Draft } from "../api/client";
import { entryOf } from "../kit/entries";
import { applies, Choices } from "./Choices";

interface Props {
  stage: string;
  form: Catalogue["forms"][number];
  draft: Draft;
  errors: Record<string, string>;
  onChoose: (option: string, choice: string) => void;
}

/** The questions of a stage that have a meaning with the choices made: one that changes nothing as things are is not asked. */
export function Schools({ stage, form, draft, errors, onChoose }: Props) {
  const options = draft.spec.options ?? {};
  return form.options
    .filter((o) => o.stage === stage && applies(o.when, options) && !draft.idle.includes(o.id))
    .map((option) => (
      <Choices
        key={option.id}
        option={option}
        value={entryOf(options, option.id) ?? ""}
        error={errors[`options.${option.id}`]}
        spec={draft.spec}
        onChoose={onChoose}
      />
    ));
}
