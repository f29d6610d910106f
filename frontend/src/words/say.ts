import { FluentBundle, FluentResource } from "@fluent/bundle";
import type { Sentences } from "./sentences";

/** Only the language of the page is fetched. */
const TEXTS = import.meta.glob<Record<string, string>>("./texts/*.ts", { import: "default" });
/** English in marks and a third longer: for looking whether all words come from the catalogue and have room. */
const STRETCHED = "en-XA";

/** The language the page was sent in. */
const sent = document.documentElement.lang;
const stretched = sent === STRETCHED;
export const language = stretched ? "en" : sent;
/** How days and times are written. */
export const locale = language === "en" ? "en-GB" : language;

const bundle = new FluentBundle(language, {
  useIsolating: false,
  transform: (text) => (stretched ? text.replace(/[aeiou]/gi, (vowel) => vowel + vowel.toLowerCase()) : text),
});
for (const text of Object.values((await TEXTS[`./texts/${language}.ts`]?.()) ?? {}))
  bundle.addResource(new FluentResource(text));

export type Sentence = keyof Sentences;
type Blanks<Id extends Sentence> = [Sentences[Id]] extends [never]
  ? []
  : [filled: Record<Sentences[Id], string | number>];

/** A sentence of the catalogue in the language of the page. */
export function say<Id extends Sentence>(id: Id, ...[filled]: Blanks<Id>): string {
  const [name, attribute] = id.split(".") as [string, string?];
  const message = bundle.getMessage(name);
  const pattern = attribute ? message?.attributes[attribute] : message?.value;
  if (!pattern) return id;
  const said = bundle.formatPattern(pattern, filled);
  return stretched ? `«${said}»` : said;
}
