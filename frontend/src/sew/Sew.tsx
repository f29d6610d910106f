import { useCallback, useEffect, useMemo, useState } from "react";
import { api, unwrap, type Draft, type Project, type Settings } from "../api/client";
import { PieceTable } from "../kit/PieceTable";
import { useKeys } from "../kit/useKeys";
import { language, say } from "../words/say";
import { spoken, StepCard } from "./StepCard";

interface Props {
  project: Project;
  draft: Draft;
  roleNames: Record<string, string>;
  settings: Settings;
  done: string[];
  onProgress: (done: string[], at: string) => void;
  onPace: (pace: Settings["pace"]) => void;
}

/** One step at a time, large, with its own picture; the place is kept between sittings. */
export function Sew({ project, draft, roleNames, settings, done, onProgress, onPace }: Props) {
  const ids = useMemo(() => draft.steps.map((step) => step.id), [draft.steps]);
  const [at, setAt] = useState(() => {
    const asked = new URLSearchParams(window.location.search).get("step") ?? project.at_step;
    const kept = asked ? ids.indexOf(asked) : -1;
    return Math.max(0, kept);
  });
  const index = Math.min(at, ids.length - 1);
  const step = draft.steps[index]!;
  const finished = new Set(done);
  // Ticks of steps that this make no longer has, since it was changed or is told in other steps.
  const lost = done.filter((id) => !ids.includes(id)).length;

  const go = useCallback(
    (to: number, tick?: boolean) => {
      const next = Math.min(Math.max(to, 0), ids.length - 1);
      setAt(next);
      const here = ids[index]!;
      onProgress(tick && !done.includes(here) ? [...done, here] : done, ids[next]!);
    },
    [done, ids, index, onProgress],
  );
  const toggle = (id: string) =>
    onProgress(finished.has(id) ? done.filter((d) => d !== id) : [...done, id], ids[index]!);

  const forth = (event: KeyboardEvent) => {
    // On a button the space bar presses it.
    if (event.key === " " && (event.target as HTMLElement).matches("button")) return;
    event.preventDefault();
    go(index + 1, event.key === " ");
  };
  const back = (event: KeyboardEvent) => {
    event.preventDefault();
    go(index - 1);
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

  // Open, though something after it is done: added when its moment had passed, or passed over.
  const lastDone = draft.steps.findLastIndex((s) => finished.has(s.id));
  const late = (i: number) => i < lastDone && !finished.has(ids[i]!);
  /** What has closed the pieces of a step that is late; nothing while they can still be laid flat. */
  const shut = draft.steps.find((s) => s.id === step.before && finished.has(s.id));
  const settingsAhead = draft.steps.filter((s) => !finished.has(s.id) && s.changed.length > 0).length;

  const whole = settings.pace === "beginner";
  const readAloud = () => {
    window.speechSynthesis.cancel();
    const aloud = new SpeechSynthesisUtterance(spoken(step, whole).join(". "));
    aloud.lang = language;
    window.speechSynthesis.speak(aloud);
  };
  const left = draft.steps.filter((s) => !finished.has(s.id)).reduce((sum, s) => sum + s.minutes, 0);
  const roles = step.layer === "lining" || step.layer === "outer" ? [step.layer] : ["outer", "lining"];
  const picture = roles.some((role) => draft.pieces.some((p) => p.cuts.some((c) => c.role === role)))
    ? roles
    : ["outer"];
  return (
    <div className="sew">
      <button
        type="button"
        className="side-tap back"
        aria-label={say("sew-back")}
        onClick={() => go(index - 1)}
        disabled={index === 0}
      >
        ‹
      </button>
      <article className={`step ${settings.pace}`} aria-live="polite">
        <p className="step-count">
          {say("sew-count", {
            number: step.number,
            steps: ids.length,
            minutes: Math.max(1, Math.round(left)),
          })}
          {" · "}
          {say("sew-settings", { count: settingsAhead })}
        </p>
        {late(index) && (
          <p className="step-late">
            {shut ? say("sew-late.shut", { number: shut.number, step: shut.title }) : say("sew-late")}
          </p>
        )}
        {lost > 0 && <p className="step-count">{say("sew-lost", { count: lost })}</p>}
        <StepCard step={step} whole={whole} />
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
          <button type="button" onClick={() => onPace(whole ? "expert" : "beginner")}>
            {whole ? say("sew-brief") : say("sew-full")}
          </button>
          <button
            type="button"
            className="primary"
            onClick={() => go(index + 1, true)}
            disabled={index === ids.length - 1 && finished.has(step.id)}
          >
            {index === ids.length - 1 ? say("sew-finished") : say("sew-done-next")}
          </button>
        </p>
      </article>
      <div className="step-picture">
        <PieceTable
          draft={draft}
          roles={picture}
          roleNames={roleNames}
          lit={new Set(step.edges)}
          showMarks={step.edges.length === 0}
        />
      </div>
      <button
        type="button"
        className="side-tap next"
        aria-label={say("sew-next")}
        onClick={() => go(index + 1)}
        disabled={index === ids.length - 1}
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
    step.changed.includes("stitch") && step.stitch
      ? say("sew-stitch", { length: step.stitch.text })
      : undefined,
  ];
  return set.filter(Boolean).join(", ");
}

export async function keepProgress(id: string, done: string[], at: string): Promise<Project> {
  return unwrap(
    await api.PUT("/api/projects/{id}/progress", { params: { path: { id } }, body: { done, at_step: at } }),
  );
}
