import { useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { Link, Navigate, useNavigate, useParams } from "react-router";
import { SEWS } from "../api/asking";
import { api, unwrap, type Draft, type FormId, type Settings, type Spec } from "../api/client";
import { keepHabits } from "../api/habits";
import { useCatalogue, useSettings, useThings } from "../api/queries";
import { PieceTable } from "../kit/PieceTable";
import { SumSlip } from "../kit/Slip";
import { ROLES } from "../kit/Textures";
import { Top } from "../kit/Top";
import { tell } from "../kit/Troubles";
import { Log } from "../log/Log";
import { keepProgress, Sew } from "../sew/Sew";
import { Bar } from "./Bar";
import { Choosing } from "./Choosing";
import { Cloth } from "./Cloth";
import { Fields } from "./Fields";
import { Schools } from "./Schools";
import { Elsewhere } from "./Elsewhere";
import { FormZone } from "./FormZone";
import { Numbers } from "./Numbers";
import { prepareRound } from "./RoundForm";
import { Sentences } from "./Sentences";
import { canBeAt, STAGES, Tape, type Stage } from "./Tape";
import { ThingZone } from "./ThingZone";
import { useStageKeys } from "./useStageKeys";
import { Answered } from "../kit/answered";
import { Opened, useOpening } from "../kit/opened";
import { useProject } from "./useProject";
import { withField } from "./withField";
import { say } from "../words/say";

const NOTHING: ReadonlySet<string> = new Set();

/** The seams an edge is sewn in: more than one where copies of its piece are sewn to different things. */
function seamsOf(draft: Draft, edge: string) {
  return draft.seams.filter((s) => s.a.includes(edge) || s.b.includes(edge));
}

export function Workbench() {
  const { id = "", stage = "" } = useParams();
  if (!STAGES.includes(stage as Stage)) return <Navigate to={`/projects/${id}/thing`} replace />;
  if (!canBeAt(stage as Stage)) return <Navigate to={`/projects/${id}/sew`} replace />;
  return <Bench key={id} id={id} stage={stage as Stage} />;
}

function Bench({ id, stage }: { id: string; stage: Stage }) {
  const work = useProject(id);
  const { draft, spec, errors, project, change, setField } = work;
  const catalogue = useCatalogue(spec ? spec.unit : null);
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

  // Where it is not what is looked at first, after what is.
  useEffect(() => {
    if (inRound) return prepareRound();
    const waiting = setTimeout(prepareRound, 500);
    return () => clearTimeout(waiting);
  }, [inRound]);

  const form = catalogue.data?.forms.find((f) => f.id === spec?.form);
  const kind = catalogue.data?.objects.find((o) => o.id === spec?.object?.kind);
  const labels = useMemo(() => {
    const found: Record<string, { label: string; help: string }> = {};
    for (const input of [...(form?.inputs ?? []), ...(form?.allowances ?? [])]) found[input.field] = input;
    for (const measure of kind?.measures ?? []) found[`object.${measure.name}`] = measure;
    return found;
  }, [form, kind]);
  /** What a sentence's button sets. */
  const mend = (set: Record<string, string>) =>
    change((now) => Object.entries(set).reduce((s, [field, value]) => withField(s, field, value), now));
  const roleNames = useMemo(
    () => Object.fromEntries((catalogue.data?.roles ?? []).map((r) => [r.id, r.name])),
    [catalogue.data],
  );
  const lit = useMemo(() => {
    if (!draft || !pointed) return NOTHING;
    return new Set([pointed, ...seamsOf(draft, pointed).flatMap((seam) => [...seam.a, ...seam.b])]);
  }, [draft, pointed]);

  const { step } = work;
  useStageKeys(id, stage, step);
  const { opened, open } = useOpening(stage);
  const saveSettings = useCallback(
    async (changes: Partial<Settings>) => {
      if (!settings.data) return;
      const known = { ...settings.data, ...client.getQueryData<Settings>(["settings"]), ...changes };
      client.setQueryData(["settings"], known);
      await keepHabits(changes);
    },
    [client, settings.data],
  );
  const latest = useRef(spec);
  useEffect(() => {
    latest.current = spec;
  }, [spec]);
  /** Takes the spec as the server turns it; what was entered while that was on its way is turned with it, not lost. */
  const turn = async (asked: (now: Spec) => Promise<Spec>) => {
    for (let nth = 0; nth < 5; nth += 1) {
      const sent = latest.current;
      if (!sent) return;
      const told = await asked(sent);
      if (latest.current === sent || nth === 4) {
        change(() => told);
        return;
      }
    }
  };
  /** A part put down elsewhere on its piece: the lengths that say where it lies now are the server's. */
  const move = async (part: number, nth: number, right: number, up: number, marks: boolean) => {
    if (!latest.current) return false;
    const body = { spec: latest.current, part, nth, right, up, marks };
    const { fields } = unwrap(await api.POST("/api/parts/places", { body }));
    if (Object.keys(fields).length === 0) return false;
    change((now) =>
      Object.entries(fields).reduce((spec, [field, text]) => withField(spec, field, text), now),
    );
    return true;
  };
  const changeUnit = async (unit: Settings["unit"]) => {
    if (!settings.data) return;
    const { decimal } = settings.data;
    await turn(
      async (now) => unwrap(await api.POST("/api/specs/unit", { body: { spec: now, unit, decimal } })).spec,
    );
    await saveSettings({ unit });
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
    open(field, to);
  };
  const changeForm = async (next: FormId) => {
    await turn(
      async (now) => unwrap(await api.POST("/api/specs/form", { body: { spec: now, form: next } })).spec,
    );
  };
  // Ticks that are being kept.
  const onTheWay = useRef<Promise<unknown>>(Promise.resolve());
  const onProgress = useCallback(
    (steps: string[], at: string) => {
      // What is ticked, as it is seen here.
      const before = done ?? project?.done ?? [];
      setDone(steps);
      const kept = async () => {
        const now = await keepProgress(id, before, steps, at);
        client.setQueryData(
          ["project", id],
          (old: object | undefined) => old && { ...old, at_step: now.at_step, done: now.done },
        );
        // What was made ahead is done, whatever is ticked.
        setDone((shown) => (shown === steps ? null : shown));
      };
      // One after the other: what was ticked last is kept last.
      onTheWay.current = onTheWay.current.then(kept).catch(tell);
    },
    [client, id, done, project?.done],
  );

  if (work.missing)
    return (
      <div className="page">
        <Top />
        <main className="linen home">
          <h1>{say("gone")}</h1>
          <p>
            {say("gone.text")} <Link to="/">{say("gone.back")}</Link>
          </p>
        </main>
      </div>
    );
  const ticked = done ?? project?.done ?? [];
  const ready = draft && spec && project && catalogue.data && settings.data && form;
  const known = new Set([...(draft?.inputs ?? []), draft?.room].map((input) => input?.field));
  const pieceRoles: string[] =
    stage === "pieces" ? [...ROLES] : ROLES.filter((r) => r !== "interfacing" && r !== "padding");
  // The thing's own stage has a field for every measure.
  const asked = new Set(stage === "thing" ? kind?.measures.map((m) => `object.${m.name}`) : []);
  const stray = Object.entries(errors).filter(
    ([field]) =>
      !known.has(field) && !asked.has(field) && !field.startsWith("options.") && !field.startsWith("layers."),
  );

  return (
    <Answered.Provider value={!["opening", "keeping", "offline", "full", "closed"].includes(work.keeping)}>
      <Opened.Provider value={opened}>
        <div className="page">
          <Bar
            project={project}
            id={id}
            name={work.name}
            keeping={work.keeping}
            unit={spec?.unit}
            ready={Boolean(ready)}
            things={(things.data ?? []).filter((t) => form?.objects.includes(String(t.object.kind)))}
            scales={form?.scales ?? []}
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
              done={draft?.steps.filter((step) => ticked.includes(step.id)).length ?? 0}
              makes={project?.makes ?? 0}
            />
          </Bar>
          {work.keeping === "elsewhere" && <Elsewhere id={id} settle={work.settle} />}
          {!ready ? (
            <main className="linen" aria-busy="true" />
          ) : (
            <>
              <main className={`linen bench stage-${stage}`}>
                {(stage === "thing" || stage === "form") && (
                  <ThingZone
                    stage={stage}
                    spec={spec}
                    draft={draft}
                    kind={kind}
                    id={id}
                    kinds={form.objects}
                    things={things.data ?? []}
                    labels={labels}
                    errors={errors}
                    onField={setField}
                    onChange={change}
                  />
                )}
                {["thing", "form", "ease", "pieces"].includes(stage) && (
                  <FormZone
                    name={form.name}
                    draft={draft}
                    inRound={inRound}
                    open={stage === "form" || stage === "thing"}
                    labels={labels}
                    errors={errors}
                    lit={lit}
                    onSeen={setRound}
                    onField={setField}
                    onSum={setSum}
                    onPoint={point}
                  />
                )}
                {(stage === "form" || stage === "ease") && (
                  <Choosing
                    id={id}
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
                    onFix={mend}
                  >
                    <div className="all-choices">
                      <Schools
                        stage="cloth"
                        form={form}
                        draft={draft}
                        errors={errors}
                        onChoose={(name, choice) =>
                          change((now) => withField(now, `options.${name}`, choice))
                        }
                      />
                    </div>
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
                    settings={settings.data}
                    done={ticked}
                    options={form.options}
                    onProgress={onProgress}
                    onTaken={() => {
                      // An answer that was given before would bring back what is not done any more.
                      void onTheWay.current.then(() => {
                        setDone(null);
                        return client.invalidateQueries({ queryKey: ["project", id] });
                      });
                    }}
                    onPace={(pace) => void saveSettings({ pace })}
                  />
                )}
                {stage === "log" && (
                  <Log
                    id={id}
                    draft={draft}
                    options={form.options}
                    onLogged={() => void client.invalidateQueries({ queryKey: ["project", id] })}
                  />
                )}
                {stage !== "sew" && stage !== "log" && (
                  <section className="zone zone-pieces" aria-labelledby="zone-pieces">
                    <h2 id="zone-pieces">{say("zone-pieces")}</h2>
                    <p className="zone-sub">{say("zone-pieces.help")}</p>
                    <PieceTable
                      draft={draft}
                      roles={pieceRoles}
                      roleNames={roleNames}
                      lit={lit}
                      tools={stage === "pieces"}
                      onPoint={point}
                      onSum={setSum}
                      onMove={move}
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
              {stage !== "sew" && !SEWS && (
                <Sentences draft={draft} stray={stray.map(([, text]) => text)} onFix={mend} />
              )}
            </>
          )}
        </div>
      </Opened.Provider>
    </Answered.Provider>
  );
}
