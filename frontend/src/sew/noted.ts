import type { Schemas } from "../api/client";
import { say } from "../words/say";

/** The allowance of most seams, as it is called in a spec. */
export const ALLOWANCE = "allowance.default";

/** What a note says: in own words, or what was made otherwise. */
export function noted(note: Schemas["MakeNote"], options: Schemas["OptionInfo"][]): string {
  if (note.field === ALLOWANCE)
    return [say("note-sewed-with", { allowance: note.did }), note.text].filter(Boolean).join(". ");
  const option = options.find((one) => `options.${one.id}` === note.field);
  const choice = option?.choices.find((one) => one.id === note.did);
  return [option && choice ? `${option.label}: ${choice.label}` : "", note.text].filter(Boolean).join(". ");
}
