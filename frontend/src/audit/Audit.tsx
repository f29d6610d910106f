import { useEffect, useMemo, useRef, useState } from "react";
import { useNavigate } from "react-router";
import { api, byField, type Draft, type Problem, type Schemas } from "../api/client";
import { useCatalogue, useSettings } from "../api/queries";
import { FormPicture, facetsOf } from "../kit/FormPicture";
import { FileButton } from "../kit/FileButton";
import { Places } from "../kit/Places";
import { Top } from "../kit/Top";
import { VerdictIcon } from "../kit/Verdicts";
import { applies, Choices } from "../workbench/Choices";
import { Entry } from "./Entry";
import { Fits } from "../kit/Fits";

type Audit = Schemas["AuditDoc"];
type Entries = Record<string, string>;

/** Somebody else's cut list, read backwards as it is typed. */
export function Audit() {
  const catalogue = useCatalogue();
  const settings = useSettings();
  const navigate = useNavigate();
  const [formId, setFormId] = useState("cylinder");
  const [chosen, setChosen] = useState<Entries>({});
  const [entries, setEntries] = useState<Entries>({});
  const [found, setFound] = useState<Audit | null>(null);
  const [draft, setDraft] = useState<Draft | null>(null);
  const [errors, setErrors] = useState<Entries>({});
  const [trouble, setTrouble] = useState("");
  const asked = useRef(0);

  const form = catalogue.data?.forms.find((f) => f.id === formId);
  const options = useMemo(
    () => Object.fromEntries((form?.options ?? []).map((o) => [o.id, chosen[o.id] ?? o.choices[0]!.id])),
    [form, chosen],
  );
  const body = useMemo(() => {
    const groups: Record<string, Record<string, string>> = {};
    for (const [field, text] of Object.entries(entries)) {
      const [group, ...rest] = field.split(".");
      if (text.trim()) (groups[group!] ??= {})[rest.join(".")] = text;
    }
    const applying = Object.entries(options).filter(([id]) => {
      const option = form?.options.find((o) => o.id === id);
      return option && applies(option.when, options);
    });
    return {
      form: formId,
      unit: settings.data?.unit ?? "cm",
      decimal: settings.data?.decimal ?? ".",
      options: Object.fromEntries(applying),
      layers: [
        { material: "quilting-cotton", role: "outer" },
        { material: "quilting-cotton", role: "lining" },
      ],
      ...groups,
    };
  }, [entries, form, formId, options, settings.data]);

  useEffect(() => {
    if (!settings.data || !form) return;
    const mine = ++asked.current;
    const timer = setTimeout(() => {
      void api.POST("/api/audits", { body }).then(async ({ data, error }) => {
        if (mine !== asked.current) return;
        if (!data) {
          // The last good reading stays while an entry is wrong.
          setErrors(byField(error as unknown as Problem));
          return;
        }
        setErrors({});
        setFound(data);
        const drawn = data.spec ? await api.POST("/api/drafts", { body: data.spec }) : null;
        if (mine === asked.current) setDraft(drawn?.data ?? null);
      });
    }, 120);
    return () => clearTimeout(timer);
  }, [body, form, settings.data]);

  const begin = async () => {
    if (!found?.spec || !form) return;
    const made = await api.POST("/api/projects", { body: { form: formId, name: `${form.name}, corrected` } });
    if (!made.data) return;
    const { id, name, revision } = made.data;
    await api.PUT("/api/projects/{id}", {
      params: { path: { id } },
      body: { name, spec: found.spec, revision },
    });
    navigate(`/projects/${id}/pieces`);
  };
  const bringIn = async (file: File) => {
    const { data, error } = await api.POST("/api/cut-lists/read-table", {
      body: { text: await file.text() },
    });
    if (!data) return setTrouble((error as unknown as Problem).detail);
    setTrouble("");
    const list = data.cut_list as Record<string, Record<string, unknown>> & { form: string; unit?: string };
    const unit = list.unit ?? settings.data?.unit ?? "cm";
    // A number without a unit is in the table's own.
    const written = (value: unknown) =>
      /^[\d.,/ ]+$/.test(String(value)) ? `${String(value)} ${unit}` : String(value);
    setFormId(list.form);
    setChosen(Object.fromEntries(Object.entries(list.options ?? {}).map(([k, v]) => [k, String(v)])));
    setEntries(
      Object.fromEntries(
        ["numbers", "size", "allowance"].flatMap((group) =>
          Object.entries(list[group] ?? {}).map(([name, value]) => [`${group}.${name}`, written(value)]),
        ),
      ),
    );
  };
  const enter = (field: string, text: string) => setEntries((now) => ({ ...now, [field]: text }));
  if (!catalogue.data || !form) return <main className="linen" aria-busy="true" />;

  const labels: Entries = Object.fromEntries([
    ...form.inputs.map((i) => [i.field, i.label]),
    ...(found?.missing ?? []).map((m) => [m.field, m.label]),
    ...(found?.known ?? []).map((k) => [`numbers.${k.name}`, k.label]),
  ]);
  const needed = found?.form === formId ? found.asked : [];
  const others = (found?.known ?? []).map((k) => `numbers.${k.name}`).filter((f) => !needed.includes(f));
  const right = Object.fromEntries((found?.numbers ?? []).map((n) => [`numbers.${n.name}`, n]));
  const findings = found?.findings ?? [];
  const field = (name: string) => (
    <Entry
      key={name}
      field={name}
      label={labels[name] ?? name}
      value={entries[name] ?? ""}
      number={right[name]}
      error={errors[name]}
      onChange={enter}
    />
  );
  return (
    <div className="page">
      <Top>
        <h1 className="visually-hidden">Check a cut list</h1>
        <Places>
          <FileButton
            text="Bring in a table"
            label="Cut list table"
            accept=".csv,text/csv"
            onFile={(file) => void bringIn(file)}
          />
        </Places>
      </Top>
      <main className="linen bench audit">
        {trouble && (
          <p className="measure-error static" role="alert">
            {trouble}
          </p>
        )}
        <section className="zone" aria-labelledby="audit-form">
          <h2 id="audit-form">What it makes</h2>
          <p className="zone-sub">the form, and how it is made</p>
          <label className="from-shelf">
            Form:
            <select
              value={formId}
              onChange={(e) => {
                setFormId(e.target.value);
                setChosen({});
                setEntries({});
                setFound(null);
                setDraft(null);
              }}
            >
              {catalogue.data.forms.map((f) => (
                <option key={f.id} value={f.id}>
                  {f.name}
                </option>
              ))}
            </select>
          </label>
          <div className="all-choices">
            {form.options
              .filter((o) => o.stage === "form" && applies(o.when, options))
              .map((option) => (
                <Choices
                  key={option.id}
                  option={option}
                  value={options[option.id]!}
                  error={errors[`options.${option.id}`]}
                  onChoose={(id, choice) => setChosen((now) => ({ ...now, [id]: choice }))}
                />
              ))}
          </div>
        </section>
        <section className="zone" aria-labelledby="audit-numbers">
          <h2 id="audit-numbers">Their numbers</h2>
          <p className="zone-sub">as the instructions give them; nothing is guessed</p>
          <div className="entries">{needed.map(field)}</div>
          <fieldset className="entries">
            <legend>Seam allowances</legend>
            {form.allowances.map((a) => (
              <Entry
                key={a.field}
                field={a.field}
                label={a.label}
                value={entries[a.field] ?? ""}
                error={errors[a.field]}
                onChange={enter}
              />
            ))}
          </fieldset>
          {others.length > 0 && (
            <fieldset className="entries">
              <legend>Also given, if they tell it</legend>
              {others.map(field)}
              {["girth", "wall_height"]
                .filter((name) => found && name in found.finished)
                .map((name) => (
                  <Entry
                    key={name}
                    field={`claims.${name}`}
                    label={`announced ${name === "girth" ? "girth" : "height"}`}
                    value={entries[`claims.${name}`] ?? ""}
                    error={errors[`claims.${name}`]}
                    onChange={enter}
                  />
                ))}
              <Entry
                field="cloth.outer"
                label="cloth to buy, outer"
                value={entries["cloth.outer"] ?? ""}
                error={errors["cloth.outer"]}
                onChange={enter}
              />
            </fieldset>
          )}
        </section>
        <section className="zone" aria-labelledby="audit-found" aria-live="polite">
          <h2 id="audit-found">What comes of it</h2>
          <p className="zone-sub">
            {found?.missing.length
              ? `still needed: ${found.missing.map((m) => m.label).join(", ")}`
              : findings.length
                ? `${findings.length} to settle`
                : found?.spec
                  ? "every number agrees"
                  : ""}
          </p>
          {draft && (
            <FormPicture
              facets={facetsOf(draft)}
              object={null}
              width={300}
              height={210}
              label={`${form.name} as these numbers make it`}
            />
          )}
          {draft && (
            <p className="made">
              {draft.inputs
                .filter((i) => found?.size[i.field.replace("size.", "")])
                .map((i) => `${labels[i.field]} ${i.value.text}`)
                .join(", ")}
            </p>
          )}
          <ul className="verdicts" aria-label="Disagreements">
            {findings.map((f) => (
              <li key={f.id} className={`verdict ${f.verdict}`} data-check={f.id}>
                <VerdictIcon verdict={f.verdict} />
                <div>
                  <strong>{f.title}</strong>
                  <p>{f.message}</p>
                  {f.name && f.right && `numbers.${f.name}` in right && (
                    <button
                      type="button"
                      className="fix"
                      onClick={() => enter(`numbers.${f.name}`, f.right!.text)}
                    >
                      Use {f.right.text}
                    </button>
                  )}
                </div>
              </li>
            ))}
          </ul>
          {found?.spec && <Fits fits={found.fits} />}
          {found?.spec && (
            <button type="button" className="button" onClick={() => void begin()}>
              Lay it on the table as a project
            </button>
          )}
        </section>
      </main>
    </div>
  );
}
