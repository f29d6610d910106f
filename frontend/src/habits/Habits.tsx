import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import type { Catalogue, Settings } from "../api/client";
import { keepHabits } from "../api/habits";
import { useCatalogue, useSettings } from "../api/queries";
import { troubleOf } from "../api/trouble";
import { Places } from "../kit/Places";
import { Top } from "../kit/Top";
import { say } from "../words/say";

type Option = Catalogue["forms"][number]["options"][number];

const UNITS = { cm: say("habits-unit.cm"), in: say("habits-unit.in"), mm: say("habits-unit.mm") };
/** What most sew at. */
const USUAL = { cm: "1 cm", in: "3/8 in", mm: "10 mm" };
const PAPERS = { a4: "A4", letter: say("cloth-paper.letter"), a3: "A3", a0: "A0" };
const TABLES = {
  system: say("habits-table.system"),
  day: say("habits-table.day"),
  night: say("habits-table.night"),
};
const PACES = {
  single: say("habits-pace.single"),
  beginner: say("habits-pace.beginner"),
  expert: say("habits-pace.expert"),
};

/** How this maker works: what every new project begins with. */
export function Habits() {
  const settings = useSettings();
  const catalogue = useCatalogue(settings.data?.unit ?? null);
  const client = useQueryClient();
  const now = settings.data;
  // What cannot be kept of what stands there.
  const [wrong, setWrong] = useState("");
  const save = async (changes: Partial<Settings>) => {
    if (!now) return;
    // From what is known by then: two changes may follow each other closely.
    client.setQueryData(["settings"], { ...now, ...client.getQueryData<Settings>(["settings"]), ...changes });
    await keepHabits(changes);
    // A page is in one language: another is another page.
    if (changes.language) window.location.reload();
    await client.invalidateQueries({ queryKey: ["catalogue"] });
  };
  const choose = <
    K extends Exclude<keyof Settings, "schools" | "machine" | "eases" | "borne" | "evening_days">,
  >(
    label: string,
    name: K,
    choices: Record<string, string>,
  ) => (
    <label>
      <span>{label}</span>
      <select
        aria-label={label}
        value={now![name]}
        onChange={(event) => void save({ [name]: event.target.value })}
      >
        {Object.entries(choices).map(([id, text]) => (
          <option key={id} value={id}>
            {text}
          </option>
        ))}
      </select>
    </label>
  );
  const roundings = catalogue.data?.roundings[now?.unit ?? "cm"] ?? [];
  return (
    <div className="page">
      <Top>
        <Places />
      </Top>
      <main className="linen home">
        <h1>{say("habits-title")}</h1>
        <p className="zone-sub">{say("habits-title.help")}</p>
        {now && catalogue.data && (
          <>
            <section className="panel habits" aria-labelledby="ruler">
              <h2 id="ruler">{say("habits-ruler")}</h2>
              <div className="habit-row">
                {choose(say("habits-unit"), "unit", UNITS)}
                {choose(say("habits-decimal"), "decimal", {
                  ".": say("habits-decimal.point"),
                  ",": say("habits-decimal.comma"),
                })}
                <label>
                  <span>{say("habits-seam")}</span>
                  <input
                    defaultValue={now.allowance}
                    placeholder={USUAL[now.unit]}
                    size={8}
                    aria-invalid={wrong ? true : undefined}
                    onChange={(event) =>
                      void save({ allowance: event.target.value }).then(
                        () => setWrong(""),
                        (error: unknown) => setWrong(troubleOf(error)),
                      )
                    }
                  />
                  {wrong && (
                    <small className="measure-error static" role="alert">
                      {wrong}
                    </small>
                  )}
                </label>
                {choose(say("habits-rounding"), "rounding", {
                  "": say("habits-rounding.usual"),
                  ...Object.fromEntries(roundings.map((r) => [r, r === "none" ? say("nothing") : r])),
                })}
                {choose(say("habits-paper"), "paper", PAPERS)}
                {choose(say("habits-pace"), "pace", PACES)}
                {choose(say("habits-table"), "theme", TABLES)}
                {catalogue.data.languages.length > 1 &&
                  choose(
                    say("habits-language"),
                    "language",
                    Object.fromEntries(catalogue.data.languages.map(({ id, name }) => [id, name])),
                  )}
              </div>
            </section>
            <section className="panel habits" aria-labelledby="schools">
              <h2 id="schools">{say("habits-school")}</h2>
              <p className="zone-sub">{say("habits-school.help")}</p>
              <div className="habit-row">
                {schoolsOf(catalogue.data).map(({ option, forms }) => (
                  <label key={option.id}>
                    <span title={forms.join(", ")}>
                      {option.label}{" "}
                      <small>
                        ({forms.length === 1 ? forms[0] : say("habits-forms", { count: forms.length })})
                      </small>
                    </span>
                    <select
                      value={now.schools[option.id] ?? ""}
                      onChange={(event) => {
                        const schools = { ...now.schools };
                        if (event.target.value) schools[option.id] = event.target.value;
                        else delete schools[option.id];
                        void save({ schools });
                      }}
                    >
                      <option value="">{say("habits-none")}</option>
                      {option.choices.map((choice) => (
                        <option key={choice.id} value={choice.id}>
                          {choice.label}
                        </option>
                      ))}
                    </select>
                  </label>
                ))}
              </div>
            </section>
          </>
        )}
      </main>
    </div>
  );
}

/** Every question that forms ask, once, with all its answers and the forms that ask it. */
function schoolsOf(catalogue: Catalogue): { option: Option; forms: string[] }[] {
  const found = new Map<string, { option: Option; forms: string[] }>();
  for (const form of catalogue.forms)
    for (const option of form.options) {
      // What keeps someone from harm is asked of every make anew.
      if (option.safety) continue;
      const known = found.get(option.id);
      if (!known) found.set(option.id, { option, forms: [form.name] });
      else {
        const choices = option.choices.filter((c) => !known.option.choices.some((k) => k.id === c.id));
        found.set(option.id, {
          option: { ...known.option, choices: [...known.option.choices, ...choices] },
          forms: [...known.forms, form.name],
        });
      }
    }
  return [...found.values()].sort((a, b) => b.forms.length - a.forms.length);
}
