import { useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useMemo, useState } from "react";
import { Link, Navigate, useNavigate, useParams } from "react-router";
import { api, unwrap, type Draft, type FormId, type Settings } from "../api/client";
import { useCatalogue, useSettings, useThings } from "../api/queries";
import { PieceTable } from "../kit/PieceTable";
import { SumSlip } from "../kit/Slip";
import { ROLES } from "../kit/Textures";
import { ThingDrawing } from "../kit/ThingDrawing";
import { Top } from "../kit/Top";
import { Verdicts } from "../kit/Verdicts";
import { Log } from "../log/Log";
import { keepProgress, Sew } from "../sew/Sew";
import { Bar } from "./Bar";
import { Choosing } from "./Choosing";
import { Cloth } from "./Cloth";
import { FromShelf } from "./FromShelf";
import { Fields } from "./Fields";
import { FormTable } from "./FormTable";
import { Numbers } from "./Numbers";
import { prepareRound, RoundForm } from "./RoundForm";
import { STAGES, Tape, type Stage } from "./Tape";
import { Unmeasured } from "./Unmeasured";
import { useStageKeys } from "./useStageKeys";
import { Answered } from "../kit/answered";
import { useProject } from "./useProject";
import { withField } from "./withField";

/** The seams an edge is sewn in: more than one where copies of its piece are sewn to different things. */
function seamsOf(draft: Draft, edge: string) {
  return draft.seams.filter((s) => s.a.includes(edge) || s.b.includes(edge));
}

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
  const catalogue = useCatalogue(spec?.unit);
  const settings = useSettings();
  const things = useThings();
  const client = useQueryClient();
  const navigate = useNavigate();
  const [pointed, setPointed] = useState<string | null>(null);
  // The slip tells of the edge last pointed at until a number is opened, so that it can be reached.
  const [told, setTold] = useState<string | null>(null);
  const [sum, openSum] = useState<string | null>(null);
  const point = useCallback((edge: string | null) => {
    setPointed(edge);
    if (edge) setTold(edge);
  }, []);
  const setSum = useCallback((name: string | null) => {
    openSum(name);
    setTold(null);
  }, []);
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
  const lit = useMemo(() => {
    if (!draft || !pointed) return new Set<string>();
    return new Set([pointed, ...seamsOf(draft, pointed).flatMap((seam) => [...seam.a, ...seam.b])]);
  }, [draft, pointed]);

  const { step } = work;
  useStageKeys(id, stage, step);
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
    void navigate(`/projects/${id}/${to}`);
    focusField(field);
  };
  const changeForm = async (next: FormId) => {
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
  const minutes = draft ? Math.round(draft.steps.reduce((total, step) => total + step.minutes, 0)) : 0;
  const cloth = draft?.needs
    .filter((n) => n.width)
    .map((n) => `${n.buy.text} ${n.role}`)
    .join(", ");
  const known = new Set(draft?.inputs.map((input) => input.field));
  const pieceRoles: string[] =
    stage === "pieces" ? [...ROLES] : ROLES.filter((r) => r !== "interfacing" && r !== "padding");
  // The thing's own stage has a field for every measure.
  const asked = new Set(stage === "thing" ? kind?.measures.map((m) => `object.${m.name}`) : []);
  const stray = Object.entries(errors).filter(
    ([field]) =>
      !known.has(field) && !asked.has(field) && !field.startsWith("options.") && !field.startsWith("layers."),
  );

  return (
    <Answered.Provider value={work.keeping !== "keeping" && work.keeping !== "offline"}>
      <div className="page">
        <Bar
          project={project}
          id={id}
          name={work.name}
          keeping={work.keeping}
          unit={spec?.unit}
          ready={Boolean(ready)}
          things={(things.data ?? []).filter((t) => form?.objects.includes(String(t.object.kind)))}
          steps={work.steps}
          onName={work.rename}
          onStep={work.step}
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
                  <h2 id="zone-thing">
                    {(spec.object as { name?: string } | undefined)?.name ?? "The thing"}
                  </h2>
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
                    <p className="empty">No thing is measured: it is drafted from its finished sizes.</p>
                  )}
                  {stage === "thing" && draft.object && kind && (
                    <Unmeasured kind={kind} inputs={draft.inputs} errors={errors} onChange={setField} />
                  )}
                  {stage === "thing" && (
                    <FromShelf
                      spec={spec}
                      things={things.data ?? []}
                      kinds={form.objects}
                      onChange={change}
                    />
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
                    <RoundForm draft={draft} lit={lit} onPoint={point} />
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
                <Choosing
                  stage={stage}
                  form={form}
                  spec={spec}
                  draft={draft}
                  catalogue={catalogue.data}
                  things={things.data ?? []}
                  errors={errors}
                  change={change}
                  setField={setField}
                  onForm={(next) => void changeForm(next)}
                />
              )}
              {stage === "cloth" && (
                <Cloth
                  id={id}
                  draft={draft}
                  settings={settings.data}
                  onPaper={(paper) => void saveSettings({ paper })}
                >
                  <Fields
                    stage="cloth"
                    form={form}
                    draft={draft}
                    things={things.data ?? []}
                    errors={errors}
                    setField={setField}
                  />
                </Cloth>
              )}
              {stage === "sew" && (
                <Sew
                  project={project}
                  draft={draft}
                  roleNames={roleNames}
                  settings={settings.data}
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
                    onPoint={point}
                    onSum={setSum}
                  />
                </section>
              )}
              {stage === "pieces" && (
                <Numbers
                  draft={draft}
                  seams={told ? seamsOf(draft, told) : []}
                  open={sum}
                  roleNames={roleNames}
                  onOpen={setSum}
                  onField={goTo}
                />
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
                  {draft.seams_sewn === 1 ? "1 seam" : `${draft.seams_sewn} seams`}. About {minutes} min.
                </p>
              </footer>
            )}
          </>
        )}
      </div>
    </Answered.Provider>
  );
}
