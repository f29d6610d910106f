import { useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useMemo, useState } from "react";
import { Link, Navigate, useNavigate, useParams } from "react-router";
import { api, unwrap, type Settings, type Spec, type Thing } from "../api/client";
import { useCatalogue, useSettings, useThings } from "../api/queries";
import { Measure } from "../kit/Measure";
import { PieceTable } from "../kit/PieceTable";
import { SeamSlip, SumSlip } from "../kit/Slip";
import { ROLES, Swatch } from "../kit/Textures";
import { ThingDrawing } from "../kit/ThingDrawing";
import { Top } from "../kit/Top";
import { Verdicts } from "../kit/Verdicts";
import { Log } from "../log/Log";
import { keepProgress, Sew } from "../sew/Sew";
import { Bar } from "./Bar";
import { applies, Choices } from "./Choices";
import { Cloth } from "./Cloth";
import { Forms } from "./Forms";
import { FromDrawer } from "./FromDrawer";
import { FromShelf } from "./FromShelf";
import { FormTable } from "./FormTable";
import { measuresOf } from "./measuresOf";
import { Layers } from "./Layers";
import { PanelShape } from "./PanelShape";
import { Parts } from "./Parts";
import { prepareRound, RoundForm } from "./RoundForm";
import { ShelfFits } from "./ShelfFits";
import { STAGES, Tape, type Stage } from "./Tape";
import { useStageKeys } from "./useStageKeys";
import { useProject, withField } from "./useProject";

/** Waits for the field to be drawn, then opens it. */
function focusField(field: string, tries = 20) {
  const selector =
    field === "layers"
      ? ".layers select"
      : field === "rounding"
        ? ".ruler-step select"
        : `[data-field="${field}"]`;
  const box = document.querySelector<HTMLElement>(selector);
  if (box) box.focus();
  else if (tries > 0) setTimeout(() => focusField(field, tries - 1), 50);
}

export function Workbench() {
  const { id = "", stage = "" } = useParams();
  if (!STAGES.includes(stage as Stage)) return <Navigate to={`/projects/${id}/thing`} replace />;
  return <Bench key={id} id={id} stage={stage as Stage} />;
}

function Bench({ id, stage }: { id: string; stage: Stage }) {
  const work = useProject(id);
  const { draft, spec, errors, project, change, setField } = work;
  const catalogue = useCatalogue(spec?.unit as string | undefined);
  const settings = useSettings();
  const things = useThings();
  const client = useQueryClient();
  const navigate = useNavigate();
  const [pointed, setPointed] = useState<string | null>(null);
  const [sum, setSum] = useState<string | null>(null);
  const [done, setDone] = useState<string[] | null>(null);
  const [round, setRound] = useState<boolean | null>(null);
  // Where measures are edited they are on the drawing; where only the pieces are looked at, the form is turned in the hand.
  const inRound = round ?? (stage === "pieces" || stage === "ease");

  useEffect(prepareRound, []);

  const form = catalogue.data?.forms.find((f) => f.id === spec?.form);
  const kind = catalogue.data?.objects.find(
    (o) => o.id === (spec?.object as { kind?: string } | undefined)?.kind,
  );
  const labels = useMemo(() => {
    const found: Record<string, { label: string; help: string }> = {};
    for (const input of [...(form?.inputs ?? []), ...(form?.allowances ?? [])]) found[input.field] = input;
    for (const measure of kind?.measures ?? []) found[`object.${measure.name}`] = measure;
    return found;
  }, [form, kind]);
  const roleNames = useMemo(
    () => Object.fromEntries((catalogue.data?.roles ?? []).map((r) => [r.id, r.name])),
    [catalogue.data],
  );
  const seam = useMemo(() => {
    if (!draft || !pointed) return undefined;
    return draft.seams.find((s) => s.a.includes(pointed) || s.b.includes(pointed));
  }, [draft, pointed]);
  const lit = useMemo(
    () => new Set(seam ? [...seam.a, ...seam.b] : pointed ? [pointed] : []),
    [seam, pointed],
  );

  const { step } = work;
  useStageKeys(
    id,
    stage,
    useCallback((way) => void step(way), [step]),
  );
  const saveSettings = useCallback(
    async (changes: Partial<Settings>) => {
      if (!settings.data) return;
      const body = { ...settings.data, ...client.getQueryData<Settings>(["settings"]), ...changes };
      client.setQueryData(["settings"], body);
      unwrap(await api.PUT("/api/settings", { body }));
    },
    [client, settings.data],
  );
  const changeUnit = async (unit: Settings["unit"]) => {
    if (!spec || !settings.data) return;
    const answer = await api.POST("/api/specs/unit", {
      body: { spec, unit, decimal: settings.data.decimal },
    });
    if (answer.data) {
      change(() => answer.data.spec);
      void saveSettings({ unit });
    }
  };
  const changeWearer = (wearer: Thing | null) =>
    change((now) => {
      if (!wearer) return { ...now, wearer: undefined };
      const measures = measuresOf(wearer, now);
      delete measures.kind;
      return { ...now, wearer: measures };
    });
  /** To where an entry is made, with its field opened. */
  const goTo = (field: string) => {
    const group = field.split(".")[0]!;
    const places: Record<string, Stage> = {
      object: "thing",
      allowance: "ease",
      layers: "ease",
      rounding: "ease",
    };
    const to = places[group] ?? (form?.inputs.find((i) => i.field === field)?.stage as Stage) ?? "form";
    setSum(null);
    setRound(to === "form" || to === "thing" ? false : null);
    navigate(`/projects/${id}/${to}`);
    focusField(field);
  };
  const changeForm = async (next: string) => {
    if (!spec) return;
    const answer = await api.POST("/api/specs/form", { body: { spec, form: next } });
    if (answer.data) change(() => answer.data.spec);
  };
  const onProgress = useCallback(
    (steps: string[], at: string) => {
      setDone(steps);
      void keepProgress(id, steps, at).then((kept) =>
        client.setQueryData(
          ["project", id],
          (old: object | undefined) => old && { ...old, at_step: kept.at_step, done: kept.done },
        ),
      );
    },
    [client, id],
  );

  if (work.missing)
    return (
      <div className="page">
        <Top />
        <main className="linen home">
          <h1>That project is not here</h1>
          <p>
            It may have been put away. <Link to="/">Back to the table</Link>
          </p>
        </main>
      </div>
    );
  const ticked = done ?? project?.done ?? [];
  const ready = draft && spec && project && catalogue.data && settings.data && form;
  const options = (draft?.spec.options ?? {}) as Record<string, string>;
  const minutes = draft ? Math.round(draft.steps.reduce((total, step) => total + step.minutes, 0)) : 0;
  const cloth = draft?.needs
    .filter((n) => n.width)
    .map((n) => `${n.buy.text} ${n.role}`)
    .join(", ");
  const here = form?.options.filter((o) => o.stage === stage && applies(o.when, options)) ?? [];
  const drawn = new Set([...(draft?.solid.spans ?? []).map((s) => s.field)]);
  const fields = form?.inputs.filter(
    (i) =>
      (i.stage === stage || (stage === "cloth" && i.stage === "cloth")) &&
      !drawn.has(i.field) &&
      applies(i.when, options),
  );
  const known = new Map(draft?.inputs.map((input) => [input.field, input]));
  const firstSum = draft
    ? `${draft.pieces[0]!.id}.cut_width` in draft.sums
      ? `${draft.pieces[0]!.id}.cut_width`
      : Object.keys(draft.sums)[0]!
    : "";
  const pieceRoles: string[] =
    stage === "pieces" ? [...ROLES] : ROLES.filter((r) => r !== "interfacing" && r !== "padding");
  const stray = Object.entries(errors).filter(
    ([field]) => !known.has(field) && !field.startsWith("options.") && !field.startsWith("layers."),
  );

  return (
    <div className="page">
      <Bar
        project={project}
        id={id}
        name={work.name}
        keeping={work.keeping}
        unit={spec?.unit}
        things={(things.data ?? []).filter((t) => form?.objects.includes(String(t.object.kind)))}
        steps={work.steps}
        onName={work.rename}
        onStep={(way) => void work.step(way)}
        onUnit={(unit) => void changeUnit(unit)}
      >
        <Tape
          id={id}
          stage={stage}
          draft={draft}
          errors={errors}
          done={ticked.length}
          makes={project?.makes ?? 0}
        />
      </Bar>
      {!ready ? (
        <main className="linen" aria-busy="true" />
      ) : (
        <>
          <main className={`linen bench stage-${stage}`}>
            {(stage === "thing" || stage === "form") && (
              <section className="zone zone-thing" aria-labelledby="zone-thing">
                <h2 id="zone-thing">{(spec.object as { name?: string } | undefined)?.name ?? "The thing"}</h2>
                <p className="zone-sub">{kind ? kind.help : "finished sizes, no thing"}</p>
                {draft.object ? (
                  <ThingDrawing
                    view={draft.object}
                    inputs={draft.inputs}
                    labels={labels}
                    errors={errors}
                    onChange={setField}
                  />
                ) : (
                  <p className="empty">No thing is measured: the bag is drafted from its finished sizes.</p>
                )}
                {stage === "thing" && (
                  <FromShelf spec={spec} things={things.data ?? []} kinds={form.objects} onChange={change} />
                )}
              </section>
            )}
            {(stage === "thing" || stage === "form" || stage === "ease" || stage === "pieces") && (
              <section className="zone zone-form" aria-labelledby="zone-form">
                <div className="zone-head">
                  <h2 id="zone-form">{form.name}</h2>
                  <div className="seen" role="group" aria-label="How the form is seen">
                    {(["measures", "in the round"] as const).map((way, i) => (
                      <button
                        key={way}
                        type="button"
                        aria-pressed={inRound === (i === 1)}
                        onClick={() => setRound(i === 1)}
                      >
                        {way}
                      </button>
                    ))}
                  </div>
                </div>
                <p className="zone-sub">finished sizes, on the stitch line</p>
                {inRound ? (
                  <RoundForm draft={draft} lit={lit} onPoint={setPointed} />
                ) : (
                  <FormTable
                    draft={draft}
                    labels={labels}
                    errors={errors}
                    lit={lit}
                    open={stage === "form" || stage === "thing"}
                    onChange={setField}
                    onSum={setSum}
                  />
                )}
              </section>
            )}
            {(stage === "form" || stage === "ease") && (
              <section className="zone zone-choices" aria-label="Choices">
                <div className="all-choices">
                  {stage === "form" && (
                    <Forms
                      spec={draft.spec as Spec}
                      value={form.id}
                      onChoose={(next) => void changeForm(next)}
                    />
                  )}
                  {here.map((option) => (
                    <Choices
                      key={option.id}
                      option={option}
                      value={options[option.id] ?? ""}
                      error={errors[`options.${option.id}`]}
                      onChoose={(name, choice) => change((now) => withField(now, `options.${name}`, choice))}
                    />
                  ))}
                </div>
                {stage === "form" && form.takes_shape && (
                  <PanelShape
                    spec={spec}
                    error={errors.shape}
                    onShape={(shape) =>
                      change((now) => ({
                        ...now,
                        shape,
                        size: { ...(now.size as object), diameter: undefined },
                      }))
                    }
                  />
                )}
                <div className="field-row">
                  {fields?.map((item) => {
                    const input = known.get(item.field);
                    return (
                      input && (
                        <Measure
                          key={item.field}
                          input={input}
                          showLabel
                          label={item.label}
                          help={item.help}
                          error={errors[item.field]}
                          onChange={setField}
                        />
                      )
                    );
                  })}
                  <FromDrawer
                    things={things.data ?? []}
                    label="from the drawer"
                    fields={Object.fromEntries(
                      (fields ?? []).filter((i) => known.has(i.field)).map((i) => [i.field, i.field]),
                    )}
                    onTake={(settled) =>
                      Object.entries(settled).forEach(([field, value]) => setField(field, value))
                    }
                  />
                </div>
                {stage === "form" && (
                  <Parts
                    things={things.data ?? []}
                    onWearer={(wearer) => changeWearer(wearer)}
                    spec={spec}
                    catalogue={catalogue.data!}
                    inputs={known}
                    errors={errors}
                    onChange={(parts) =>
                      change((now) => ({ ...now, parts: parts.length ? parts : undefined }))
                    }
                    onField={setField}
                  />
                )}
                {stage === "ease" && (
                  <>
                    <fieldset className="allowances">
                      <legend>Seam allowances</legend>
                      <div className="field-row">
                        {form.allowances.map((item) => {
                          const input = known.get(item.field);
                          return (
                            input && (
                              <Measure
                                key={item.field}
                                input={input}
                                showLabel
                                label={item.label}
                                error={errors[item.field]}
                                onChange={setField}
                              />
                            )
                          );
                        })}
                        <label className="ruler-step">
                          cut sizes rounded to{" "}
                          <select
                            value={String(spec.rounding ?? "none")}
                            onChange={(e) => setField("rounding", e.target.value)}
                          >
                            {[
                              ...new Set([
                                ...(catalogue.data!.roundings[String(spec.unit)] ?? []),
                                String(spec.rounding ?? "none"),
                              ]),
                            ].map((step) => (
                              <option key={step} value={step}>
                                {step === "none" ? "nothing" : step}
                              </option>
                            ))}
                          </select>
                        </label>
                      </div>
                    </fieldset>
                    <Layers
                      spec={spec}
                      catalogue={catalogue.data!}
                      roles={form.roles}
                      errors={errors}
                      onChange={(layers) => change((now) => ({ ...now, layers }))}
                    />
                    <ShelfFits spec={spec} />
                  </>
                )}
              </section>
            )}
            {stage === "cloth" && (
              <Cloth
                id={id}
                draft={draft}
                settings={settings.data!}
                onPaper={(paper) => void saveSettings({ paper })}
              />
            )}
            {stage === "sew" && (
              <Sew
                project={project}
                draft={draft}
                roleNames={roleNames}
                settings={settings.data!}
                done={ticked}
                onProgress={onProgress}
                onPace={(pace) => void saveSettings({ pace })}
              />
            )}
            {stage === "log" && (
              <Log
                id={id}
                draft={draft}
                onLogged={() => void client.invalidateQueries({ queryKey: ["project", id] })}
              />
            )}
            {stage !== "sew" && stage !== "log" && (
              <section className="zone zone-pieces" aria-labelledby="zone-pieces">
                <h2 id="zone-pieces">The pieces</h2>
                <p className="zone-sub">cut sizes, seam allowance included</p>
                <PieceTable
                  draft={draft}
                  roles={pieceRoles}
                  roleNames={roleNames}
                  lit={lit}
                  tools={stage === "pieces"}
                  onPoint={setPointed}
                  onSum={setSum}
                />
              </section>
            )}
            {stage === "pieces" && (
              <aside className="zone zone-slips" aria-label="Numbers">
                {seam ? (
                  <SeamSlip draft={draft} seam={seam} />
                ) : (
                  <SumSlip sum={draft.sums[sum ?? firstSum] ?? draft.sums[firstSum]!} onField={goTo} />
                )}
                <ul className="sums" aria-label="All numbers">
                  {Object.entries(draft.sums).map(([name, chain]) => (
                    <li key={name}>
                      <button
                        type="button"
                        aria-pressed={(sum ?? firstSum) === name}
                        onClick={() => setSum(name)}
                      >
                        <span>{chain.name}</span>
                        <strong>{chain.total.text}</strong>
                      </button>
                    </li>
                  ))}
                </ul>
                <ul className="legend" aria-label="Layers">
                  {ROLES.filter((role) => draft.pieces.some((p) => p.cuts.some((c) => c.role === role))).map(
                    (role) => (
                      <li key={role}>
                        <Swatch role={role} /> {roleNames[role]}
                      </li>
                    ),
                  )}
                </ul>
              </aside>
            )}
            {sum && stage !== "pieces" && draft.sums[sum] && (
              <div className="slip-over">
                <SumSlip sum={draft.sums[sum]} onClose={() => setSum(null)} onField={goTo} />
              </div>
            )}
          </main>
          {stage !== "sew" && (
            <footer className="sentences">
              {stray.map(([field, text]) => (
                <p key={field} className="measure-error static" role="alert">
                  {text}
                </p>
              ))}
              <Verdicts
                checks={draft.checks}
                onFix={(set) =>
                  change((now) =>
                    Object.entries(set).reduce((s, [field, value]) => withField(s, field, value), now),
                  )
                }
              />
              <p className="costs">
                {cloth && <>Cloth: {cloth}. </>}
                {draft.seams.length} seams. About {minutes} min.
              </p>
            </footer>
          )}
        </>
      )}
    </div>
  );
}
