import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { Link } from "react-router";
import { DEVICE, SEWS } from "../api/asking";
import { api, unwrap, type Draft, type Project, type Schemas, type Settings } from "../api/client";
import { Coming } from "../kit/Coming";
import { useKeys } from "../kit/useKeys";
import { language, say } from "../words/say";
import { spoken, StepCard, stitchOf } from "./StepCard";
import { StepPicture } from "./StepPicture";
import { useBench } from "../machine/useBench";
import { AtStep } from "./AtStep";
import { Beside } from "./Beside";
import { Reminders } from "./Reminders";
import { ClockBar } from "./ClockBar";
import { LiesReady } from "./LiesReady";
import { usePictures } from "./usePictures";
import { useSitting } from "./useSitting";

const PACES = [
  ["single", say("habits-pace.single")],
  ["beginner", say("habits-pace.beginner")],
  ["expert", say("habits-pace.expert")],
] as const;

interface Props {
  project: Project;
  draft: Draft;
  settings: Settings;
  done: string[];
  /** What can be chosen of this form. */
  options: Schemas["OptionInfo"][];
  onProgress: (done: string[], at: string) => void;
  onPace: (pace: Settings["pace"]) => void;
  /** A part that was made ahead was taken from the pile, or given back. */
  onTaken: () => void;
}

/** One step at a time, large, with its own picture; the place is kept between sittings. */
export function Sew({ project, draft, settings, done, options, onProgress, onPace, onTaken }: Props) {
  const { sitting, coming, running, work, again } = useSitting(project);
  const pictures = usePictures(draft.spec);
  const bench = useBench(draft.spec);
  const ids = useMemo(() => draft.steps.map((step) => step.id), [draft.steps]);
  const [at, setAt] = useState(() => {
    const asked = new URLSearchParams(window.location.search).get("step") ?? project.at_step;
    const kept = asked ? ids.indexOf(asked) : -1;
    return Math.max(0, kept);
  });
  const index = Math.min(at, ids.length - 1);
  const step = draft.steps[index]!;
  const single = settings.pace === "single";
  // One thing to do after the other, and last what to look at.
  const actions = pictures.get(step.id)?.actions ?? [];
  const cards = single ? actions.length + (step.check ? 1 : 0) : 1;
  const [thing, setThing] = useState(0);
  // Beginning anew is asked about as long as something of this make is not in the log.
  const [asked, setAsked] = useState(false);
  const unlogged =
    sitting !== undefined &&
    (sitting.clock.hands > 0 || sitting.notes.length > 0 || sitting.photos.length > 0);
  const card = Math.min(thing, Math.max(0, cards - 1));
  const finished = new Set(done);
  // Ticks of steps that this make no longer has, since it was changed or is told in other steps.
  const lost = done.filter((id) => !ids.includes(id)).length;

  const go = useCallback(
    (to: number, tick?: boolean) => {
      const next = Math.min(Math.max(to, 0), ids.length - 1);
      setAt(next);
      setThing(0);
      const here = ids[index]!;
      onProgress(tick && !done.includes(here) ? [...done, here] : done, ids[next]!);
      // Who ticks something off is at work, whatever was waited for.
      if (running) work(tick ? "resume" : "step", ids[next]);
    },
    [done, ids, index, onProgress, running, work],
  );
  const last = index === ids.length - 1;
  const lastCard = card >= cards - 1;
  /** The next thing of this step, or the next step with this one ticked. */
  const onward = (tick: boolean) => (lastCard ? go(index + 1, tick) : setThing(card + 1));
  const backward = () => (card > 0 ? setThing(card - 1) : go(index - 1));
  /** The next one alike: nothing of it is done. */
  const startOver = () => {
    setAsked(false);
    setAt(0);
    setThing(0);
    onProgress([], ids[0]!);
  };
  const toggle = (id: string) =>
    onProgress(finished.has(id) ? done.filter((d) => d !== id) : [...done, id], ids[index]!);

  const forth = (event: KeyboardEvent) => {
    // On a button, or what opens more, the space bar presses it.
    if (event.key === " " && (event.target as HTMLElement).matches("button, summary")) return;
    event.preventDefault();
    onward(event.key === " ");
  };
  const back = (event: KeyboardEvent) => {
    event.preventDefault();
    backward();
  };
  useKeys({ ArrowRight: forth, Space: forth, ArrowLeft: back }, (event) =>
    (event.target as HTMLElement).matches("input, textarea, select"),
  );

  useEffect(() => {
    let lock: WakeLockSentinel | undefined;
    let over = false;
    navigator.wakeLock?.request("screen").then(
      (got) => (over ? void got.release() : (lock = got)),
      () => undefined,
    );
    return () => {
      over = true;
      void lock?.release();
    };
  }, []);

  // Whatever of it was in sight, the next is read from its beginning.
  const place = useRef<HTMLDivElement>(null);
  const text = useRef<HTMLElement>(null);
  const shown = `${index} ${card}`;
  const before = useRef(shown);
  useEffect(() => {
    if (before.current === shown) return;
    before.current = shown;
    text.current?.scrollTo(0, 0);
    place.current?.scrollIntoView();
  }, [shown]);

  // Open, though something after it is done: added when its moment had passed, or passed over.
  const ahead = sitting?.ahead ?? [];
  const lastDone = draft.steps.findLastIndex((s) => finished.has(s.id) && !ahead.includes(s.id));
  const late = (i: number) => i < lastDone && !finished.has(ids[i]!);
  /** What has closed the pieces of a step that is late; nothing while they can still be laid flat. */
  const shut = draft.steps.find((s) => s.id === step.before && finished.has(s.id));
  const settingsAhead = draft.steps.filter((s) => !finished.has(s.id) && s.changed.length > 0).length;

  const whole = settings.pace !== "expert";
  const readAloud = () => {
    window.speechSynthesis.cancel();
    const aloud = new SpeechSynthesisUtterance(
      spoken(step, whole, guides, single ? { actions, card } : undefined).join(". "),
    );
    aloud.lang = language;
    window.speechSynthesis.speak(aloud);
  };
  const picture = pictures.get(step.id);
  const measured = settings.machine.foot_edge || settings.machine.plate || settings.sews_wide;
  const kept = bench?.guides.filter((g) => Math.abs(g.allowance.mm - (step.allowance?.mm ?? -1)) < 0.01);
  const gauged = bench?.gauges.filter((g) => g.step === step.number);
  const guides = [...((measured && step.kind === "sew" && kept) || []), ...(gauged ?? [])].map((g) => g.text);
  return (
    <div className="sew" ref={place}>
      <button
        type="button"
        className="side-tap back"
        aria-label={say("sew-back")}
        onClick={backward}
        disabled={index === 0 && card === 0}
      >
        ‹
      </button>
      <div className="step-picture">{picture && <StepPicture picture={picture} title={step.title} />}</div>
      <article className={`step ${settings.pace}`} aria-live="polite" ref={text}>
        <p className="step-count">
          {say("sew-count", { number: step.number, steps: ids.length })}
          {sitting && `, ${sitting.minutes_text}`}
          {settingsAhead > 0 && ` · ${say("sew-settings", { count: settingsAhead })}`}
        </p>
        {coming && <Coming />}
        {sitting && <ClockBar clock={sitting.clock} onAct={(act) => work(act, step.id)} />}
        {sitting && (done.length > 0 || sitting.reminders.some((one) => one.step === null)) && (
          <LiesReady sitting={sitting} onGo={(to) => go(Math.max(0, ids.indexOf(to)))} />
        )}
        {DEVICE && !window.isSecureContext && index === 0 && (
          <p className="step-count">{say("devices-awake")}</p>
        )}
        <Beside
          id={project.id}
          ticked={project.done.join()}
          onGo={(to) => go(Math.max(0, ids.indexOf(to)))}
          onTaken={onTaken}
        />
        {late(index) && (
          <p className="step-late">
            {shut ? say("sew-late.shut", { number: shut.number, step: shut.title }) : say("sew-late")}
          </p>
        )}
        {lost > 0 && <p className="step-count">{say("sew-lost", { count: lost })}</p>}
        {sitting && sitting.ready_letters.length > 0 && ["cut", "mark"].includes(step.kind) && (
          <p className="reminder">
            {say("beside-not-cut", {
              letters: sitting.ready_letters.join(", "),
              count: sitting.ready_letters.length,
            })}
          </p>
        )}
        {sitting && <Reminders step={step.id} sitting={sitting} onChanged={() => void again()} />}
        <StepCard step={step} whole={whole} guides={guides} one={single ? { actions, card } : undefined} />
        <p className="step-actions">
          <label className="tick">
            <input type="checkbox" checked={finished.has(step.id)} onChange={() => toggle(step.id)} />{" "}
            {say("sew-done")}
          </label>
          {"speechSynthesis" in window && (
            <button type="button" onClick={readAloud}>
              {say("sew-aloud")}
            </button>
          )}
          {!SEWS && (
            <label className="pace">
              {say("sew-pace")}{" "}
              <select
                value={settings.pace}
                onChange={(event) => onPace(event.target.value as Settings["pace"])}
              >
                {PACES.map(([id, name]) => (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ))}
              </select>
            </label>
          )}
          {last && finished.has(step.id) ? (
            <Link className="primary" to={`/projects/${project.id}/log`}>
              {say("sew-log")}
            </Link>
          ) : (
            <button type="button" className="primary" onClick={() => onward(true)}>
              {!lastCard ? say("sew-next-thing") : last ? say("sew-finished") : say("sew-done-next")}
            </button>
          )}
          {done.length > 0 && (last || finished.size === ids.length) && (
            <button type="button" onClick={() => (unlogged ? setAsked(true) : startOver())}>
              {say("sew-again")}
            </button>
          )}
        </p>
        {asked && (
          <p className="reminder" role="alert">
            {say("sew-unlogged")}{" "}
            <Link className="primary" to={`/projects/${project.id}/log`}>
              {say("sew-log")}
            </Link>{" "}
            <button type="button" className="button" onClick={startOver}>
              {say("sew-again-anyway")}
            </button>
          </p>
        )}
        {sitting && (
          <AtStep
            id={project.id}
            step={step.id}
            sitting={sitting}
            options={options.filter((one) => !one.safety)}
            onChanged={() => void again()}
          />
        )}
        {bench && bench.symptoms.length > 0 && (
          <details className="symptoms">
            <summary>{say("sew-symptoms")}</summary>
            {bench.symptoms.map((symptom) => (
              <details key={symptom.id}>
                <summary>{symptom.name}</summary>
                <ol>
                  {symptom.causes.map((cause) => (
                    <li key={cause}>{cause}</li>
                  ))}
                </ol>
                <p>
                  {symptom.remedy}{" "}
                  <button type="button" className="fix" onClick={() => go(symptom.step - 1)}>
                    {say("sew-go-back", { number: symptom.step })}
                  </button>
                </p>
              </details>
            ))}
          </details>
        )}
      </article>
      <button
        type="button"
        className="side-tap next"
        aria-label={say("sew-next")}
        onClick={() => onward(false)}
        disabled={last && lastCard}
      >
        ›
      </button>
      <ol className="step-list" aria-label={say("sew-all")}>
        {draft.steps.map((s, i) => (
          <li key={s.id}>
            <button
              type="button"
              className={`${i === index ? "here" : ""} ${finished.has(s.id) ? "done" : ""} ${late(i) ? "late" : ""}`}
              aria-current={i === index ? "step" : undefined}
              aria-label={`${s.number} ${s.title}`}
              onClick={() => go(i)}
            >
              {finished.has(s.id) ? "✓" : late(i) ? "!" : s.number} <span>{s.title}</span>
              {s.changed.length > 0 && <small>{settingOf(s)}</small>}
            </button>
          </li>
        ))}
      </ol>
    </div>
  );
}

/** What of the machine is set anew with a step. */
function settingOf(step: Draft["steps"][number]): string {
  const set = [
    step.changed.includes("foot") ? step.foot?.name : undefined,
    step.changed.includes("stitch") ? stitchOf(step) : undefined,
  ];
  return set.filter(Boolean).join(", ");
}

/** What was ticked `before`, as it was seen here, tells what another window ticks meanwhile. */
export async function keepProgress(
  id: string,
  before: string[],
  done: string[],
  at: string,
): Promise<Project> {
  return unwrap(
    await api.PUT("/api/projects/{id}/progress", {
      params: { path: { id } },
      body: { done, at_step: at, before },
    }),
  );
}
