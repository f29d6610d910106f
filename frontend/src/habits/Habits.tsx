import { useQueryClient } from "@tanstack/react-query";
import { api, unwrap, type Catalogue, type Settings } from "../api/client";
import { useCatalogue, useSettings } from "../api/queries";
import { Places } from "../kit/Places";
import { Top } from "../kit/Top";

type Option = Catalogue["forms"][number]["options"][number];

const UNITS = { cm: "centimetres", in: "inches", mm: "millimetres" };
const PAPERS = { a4: "A4", letter: "Letter", a3: "A3", a0: "A0" };
const TABLES = { system: "as this machine", day: "day table", night: "night table" };
const PACES = { beginner: "every step with its reason", expert: "steps in brief" };

/** How this maker works: what every new project begins with. */
export function Habits() {
  const settings = useSettings();
  const catalogue = useCatalogue(settings.data?.unit);
  const client = useQueryClient();
  const now = settings.data;
  const save = async (changes: Partial<Settings>) => {
    if (!now) return;
    // From what is known by then: two changes may follow each other closely.
    const body = { ...now, ...client.getQueryData<Settings>(["settings"]), ...changes };
    client.setQueryData(["settings"], body);
    unwrap(await api.PUT("/api/settings", { body }));
    await client.invalidateQueries({ queryKey: ["catalogue"] });
  };
  const choose = <K extends Exclude<keyof Settings, "schools">>(
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
        <h1>Your habits</h1>
        <p className="zone-sub">What every new project begins with. Each project can still differ.</p>
        {now && catalogue.data && (
          <>
            <section className="panel habits" aria-labelledby="ruler">
              <h2 id="ruler">Ruler and paper</h2>
              <div className="habit-row">
                {choose("measure in", "unit", UNITS)}
                {choose("decimal sign", "decimal", { ".": "point", ",": "comma" })}
                <label>
                  <span>every seam</span>
                  <input
                    defaultValue={now.allowance}
                    placeholder={now.unit === "in" ? "3/8 in" : "1 cm"}
                    size={8}
                    onChange={(event) => void save({ allowance: event.target.value })}
                  />
                </label>
                {choose("cut sizes rounded to", "rounding", {
                  "": "the usual mark",
                  ...Object.fromEntries(roundings.map((r) => [r, r === "none" ? "nothing" : r])),
                })}
                {choose("paper", "paper", PAPERS)}
                {choose("sewing guide", "pace", PACES)}
                {choose("table", "theme", TABLES)}
              </div>
            </section>
            <section className="panel habits" aria-labelledby="schools">
              <h2 id="schools">Your school</h2>
              <p className="zone-sub">Where makers differ. “No habit” leaves each form its own first way.</p>
              <div className="habit-row">
                {schoolsOf(catalogue.data).map(({ option, forms }) => (
                  <label key={option.id}>
                    <span title={forms.join(", ")}>
                      {option.label}{" "}
                      <small>({forms.length === 1 ? forms[0] : `${forms.length} forms`})</small>
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
                      <option value="">no habit</option>
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
