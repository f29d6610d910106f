import { useEffect, useMemo, useRef, useState } from "react";
import { useNavigate } from "react-router";
import {
  api,
  byField,
  type Draft,
  type FormId,
  type Layer,
  type Part,
  type Schemas,
  type Shape,
  type Unit,
  unwrap,
} from "../api/client";
import { useCatalogue, useSettings } from "../api/queries";
import { FormPicture, facetsOf } from "../kit/FormPicture";
import { FileButton } from "../kit/FileButton";
import { Places } from "../kit/Places";
import { Top } from "../kit/Top";
import { applies, Choices } from "../workbench/Choices";
import { withField } from "../workbench/withField";
import { Parts } from "../workbench/Parts";
import { Cloths } from "./Cloths";
import { Corrections, type Correction } from "./Corrections";
import { Entry } from "./Entry";
import { Findings } from "./Findings";
import { grouped, withUnit, type Entries, type Told } from "./told";
import { Fits } from "../kit/Fits";
import { useOnce } from "../kit/useOnce";
import { say } from "../words/say";

type Audit = Schemas["AuditDoc"];

const LAYERS: Layer[] = [
  { material: "quilting-cotton", role: "outer" },
  { material: "quilting-cotton", role: "lining" },
];

/** Somebody else's cut list, read backwards as it is typed. */
export function Audit() {
  const settings = useSettings();
  const [ownUnit, setOwnUnit] = useState<Unit | null>(null);
  const unit = ownUnit ?? settings.data?.unit ?? "cm";
  const catalogue = useCatalogue(ownUnit ?? settings.data?.unit ?? null);
  const navigate = useNavigate();
  const [told, setFormId] = useState<FormId | null>(null);
  const [chosen, setChosen] = useState<Entries>({});
  const [entries, setEntries] = useState<Entries>({});
  const [found, setFound] = useState<Audit | null>(null);
  const [draft, setDraft] = useState<Draft | null>(null);
  const [errors, setErrors] = useState<Entries>({});
  const [trouble, setTrouble] = useState("");
  const [layers, setLayers] = useState<Layer[]>(LAYERS);
  const [parts, setParts] = useState<Part[]>([]);
  const [shape, setShape] = useState<Shape | undefined>(undefined);
  const [corrections, setCorrections] = useState<Record<string, Correction>>({});
  const asked = useRef(0);
  const [heard, setHeard] = useState(false);

  const formId = told ?? catalogue.data?.forms[0]?.id;
  const form = catalogue.data?.forms.find((f) => f.id === formId);
  const options = useMemo(
    () => Object.fromEntries((form?.options ?? []).map((o) => [o.id, chosen[o.id] ?? o.choices[0]!.id])),
    [form, chosen],
  );
  const body = useMemo((): Told | null => {
    if (!formId) return null;
    const applying = Object.entries(options).filter(([id]) => {
      const option = form?.options.find((o) => o.id === id);
      return option && applies(option.when, options);
    });
    return {
      form: formId,
      unit,
      decimal: settings.data?.decimal ?? ".",
      options: Object.fromEntries(applying),
      layers,
      ...(parts.length > 0 ? { parts } : {}),
      ...(shape ? { shape } : {}),
      ...grouped(entries),
    };
  }, [entries, form, formId, layers, options, parts, settings.data, shape, unit]);

  useEffect(() => {
    if (!settings.data || !body) return;
    const mine = ++asked.current;
    const timer = setTimeout(() => {
      const read = async () => {
        const { data, error } = await api.POST("/api/audits", { body });
        if (mine !== asked.current) return;
        if (!data) {
          // The last good reading stays while an entry is wrong.
          setErrors(byField(error));
          return;
        }
        setErrors({});
        setFound(data);
        const drawn = data.spec ? await api.POST("/api/drafts", { body: data.spec }) : null;
        if (mine === asked.current) setDraft(drawn?.data ?? null);
      };
      void read().finally(() => mine === asked.current && setHeard(true));
    }, 120);
    return () => clearTimeout(timer);
  }, [body, settings.data]);

  const begin = useOnce(async () => {
    if (!body || !form) return;
    // What was typed last may still be being read.
    const { spec } = unwrap(await api.POST("/api/audits", { body }));
    if (!spec) return;
    const made = await api.POST("/api/projects", {
      body: { form: formId, name: say("audit-name", { form: form.name }) },
    });
    const { id, name, revision } = unwrap(made);
    const kept = await api.PUT("/api/projects/{id}", {
      params: { path: { id } },
      body: { name, spec: { ...spec, corrections: Object.values(corrections) }, revision },
    });
    unwrap(kept);
    void navigate(`/projects/${id}/pieces`);
  });
  const bringIn = async (file: File) => {
    const { data, error } = await api.POST("/api/cut-lists/read-table", {
      body: { text: await file.text() },
    });
    if (!data) return setTrouble(error.detail);
    setTrouble("");
    const list = data.cut_list;
    const theirs = list.unit ?? unit;
    // A number without a unit is in the table's own.
    const written = (group: "numbers" | "size" | "allowance") =>
      Object.entries(list[group] ?? {}).map(([name, value]) => [
        `${group}.${name}`,
        withUnit(String(value), theirs),
      ]);
    setFormId(list.form);
    setCorrections({});
    setParts(list.parts ?? []);
    setShape(list.shape);
    if (list.layers) setLayers(list.layers);
    setChosen({ ...list.options });
    setEntries(
      Object.fromEntries([...written("numbers"), ...written("size"), ...written("allowance")]) as Entries,
    );
  };
  const enter = (field: string, text: string) => {
    setEntries((now) => ({ ...now, [field]: text }));
    // Typed over, a number is theirs again.
    setCorrections((now) => Object.fromEntries(Object.entries(now).filter(([of]) => of !== field)));
  };
  /** Their number put right: it is kept beside ours, with the reason. */
  const putRight = (name: string, ours: string, reason: string) => {
    const field = `numbers.${name}`;
    const theirs = corrections[field]?.theirs ?? entries[field] ?? "";
    setEntries((now) => ({ ...now, [field]: ours }));
    setCorrections((now) => ({ ...now, [field]: { label: labels[field] ?? name, theirs, ours, reason } }));
  };
  const changeUnit = (next: Unit) => {
    setEntries((now) =>
      Object.fromEntries(Object.entries(now).map(([f, text]) => [f, withUnit(text, unit)])),
    );
    setOwnUnit(next);
  };
  if (!settings.data || !catalogue.data || !form)
    return <main className="linen" aria-busy={settings.isLoading || catalogue.isLoading} />;

  const labels = Object.fromEntries<string>([
    ...form.inputs.map((i): [string, string] => [i.field, i.label]),
    ...(found?.missing ?? []).map((m): [string, string] => [m.field, m.label]),
    ...(found?.known ?? []).map((k): [string, string] => [`numbers.${k.name}`, k.label]),
  ]);
  const needed = found && found.form === formId ? found.asked : [];
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
  /** A lining's own allowances are asked where one hangs by itself. */
  const applying = (field: string) =>
    !field.startsWith("allowance.lining-") ||
    field in entries ||
    (draft?.inputs ?? []).some((input) => input.field === field);
  return (
    <div className="page">
      <Top>
        <h1 className="visually-hidden">{say("audit-title")}</h1>
        <Places>
          <FileButton
            text={say("audit-bring-in")}
            label={say("audit-bring-in.label")}
            accept=".csv,text/csv"
            onFile={(file) => void bringIn(file)}
          />
        </Places>
      </Top>
      <main className="linen bench audit" aria-busy={!heard}>
        {trouble && (
          <p className="measure-error static" role="alert">
            {trouble}
          </p>
        )}
        <section className="zone" aria-labelledby="audit-form">
          <h2 id="audit-form">{say("audit-makes")}</h2>
          <p className="zone-sub">{say("audit-makes.help")}</p>
          <p className="told-unit" role="group" aria-label={say("audit-ruler")}>
            {say("audit-ruler")}:
            {(["cm", "in", "mm"] as const).map((u) => (
              <button key={u} type="button" aria-pressed={unit === u} onClick={() => changeUnit(u)}>
                {u}
              </button>
            ))}
          </p>
          <label className="from-shelf">
            {say("audit-form")}
            <select
              value={formId}
              onChange={(e) => {
                setFormId(e.target.value as FormId);
                setChosen({});
                setEntries({});
                setCorrections({});
                setParts([]);
                setShape(undefined);
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
          <h2 id="audit-numbers">{say("audit-numbers")}</h2>
          <p className="zone-sub">{say("audit-numbers.help")}</p>
          <div className="entries">{needed.map(field)}</div>
          <fieldset className="entries">
            <legend>{say("allowances")}</legend>
            {form.allowances
              .filter(({ field: f }) => applying(f))
              .map((a) => (
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
              <legend>{say("audit-also")}</legend>
              {others.map(field)}
              {Object.keys(found?.finished ?? {})
                .filter((name) => `size.${name}` in labels)
                .map((name) => (
                  <Entry
                    key={name}
                    field={`claims.${name}`}
                    label={say("audit-announced", { size: labels[`size.${name}`]!.toLowerCase() })}
                    value={entries[`claims.${name}`] ?? ""}
                    error={errors[`claims.${name}`]}
                    onChange={enter}
                  />
                ))}
              {(draft?.pieces ?? [])
                .filter((piece) => piece.cuts.length > 0)
                .map((piece) => (
                  <Entry
                    key={piece.id}
                    field={`over.${piece.id}`}
                    label={say("audit-over", { piece: piece.name })}
                    value={entries[`over.${piece.id}`] ?? ""}
                    error={errors[`over.${piece.id}`]}
                    onChange={enter}
                  />
                ))}
              {(["audit-tab-one", "audit-tab-other"] as const).map((which, i) => (
                <Entry
                  key={which}
                  field={`tabs.${i}`}
                  label={say(which)}
                  value={entries[`tabs.${i}`] ?? ""}
                  error={errors[`tabs.${i}`] ?? (i === 1 ? errors.tabs : undefined)}
                  onChange={enter}
                />
              ))}
            </fieldset>
          )}
          <Cloths
            catalogue={catalogue.data}
            roles={draft?.roles ?? []}
            layers={layers}
            entries={entries}
            errors={errors}
            onLayers={setLayers}
            onEnter={enter}
          />
          <Parts
            spec={{ parts }}
            catalogue={catalogue.data}
            inputs={new Map((draft?.inputs ?? []).map((input) => [input.field, input]))}
            errors={errors}
            things={[]}
            onWearer={() => {}}
            onChange={setParts}
            onField={(name, text) =>
              setParts((now) => withField({ form: form.id, parts: now }, name, text).parts ?? [])
            }
          />
        </section>
        <section className="zone" aria-labelledby="audit-found" aria-live="polite">
          <h2 id="audit-found">{say("audit-comes")}</h2>
          <p className="zone-sub">
            {found?.missing.length
              ? say("audit-needed", { numbers: found.missing.map((m) => m.label).join(", ") })
              : findings.length
                ? say("audit-to-settle", { count: findings.length })
                : found?.spec
                  ? say("audit-agrees")
                  : ""}
          </p>
          {draft && (
            <FormPicture
              facets={facetsOf(draft)}
              carried={draft.solid.carried}
              object={null}
              width={300}
              height={210}
              label={say("audit-drawn", { form: form.name })}
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
          <Findings findings={findings} numbers={right} labels={labels} onRight={putRight} />
          <Corrections
            corrections={corrections}
            onReason={(field, reason) =>
              setCorrections((now) => ({ ...now, [field]: { ...now[field]!, reason } }))
            }
            onTakeBack={(field) => enter(field, corrections[field]!.theirs)}
          />
          {found?.spec && <Fits fits={found.fits} />}
          {found?.spec && (
            <button type="button" className="button" onClick={() => begin()}>
              {say("audit-lay")}
            </button>
          )}
        </section>
      </main>
    </div>
  );
}
