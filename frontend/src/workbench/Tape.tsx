import { useEffect, useRef } from "react";
import { Link } from "react-router";
import { SEWS } from "../api/asking";
import type { Draft } from "../api/client";
import { say } from "../words/say";

export const STAGES = ["thing", "form", "ease", "pieces", "cloth", "sew", "log"] as const;
export type Stage = (typeof STAGES)[number];

/** A device that sews and logs is at those stages only. */
export function canBeAt(stage: Stage): boolean {
  return !SEWS || stage === "sew" || stage === "log";
}

type State = "settled" | "open" | "blocked";

function stateOf(
  stage: Stage,
  draft: Draft | null,
  errors: Record<string, string>,
  done: number,
  makes: number,
): State {
  const groups: Record<string, Stage> = {
    object: "thing",
    size: "form",
    options: "form",
    allowance: "ease",
    layers: "ease",
  };
  if (Object.keys(errors).some((f) => groups[f.split(".")[0]!] === stage)) return "blocked";
  if (!draft) return "open";
  if (stage === "sew") return done >= draft.steps.length ? "settled" : "open";
  if (stage === "log") return makes > 0 ? "settled" : "open";
  const here = draft.checks.filter((check) => check.stage === stage);
  if (here.some((check) => check.verdict === "stop")) return "blocked";
  // What the program assumed is open until the maker settles it.
  return here.some((check) => check.verdict === "warn" || check.id.endsWith(".assumed")) ? "open" : "settled";
}

interface Props {
  id: string;
  stage: Stage;
  draft: Draft | null;
  errors: Record<string, string>;
  done: number;
  makes: number;
}

/** The line of work, one tape moved along freely. */
export function Tape({ id, stage, draft, errors, done, makes }: Props) {
  const list = useRef<HTMLOListElement>(null);
  useEffect(() => {
    // On a narrow table the tape is pulled along to the stage at hand.
    const here = list.current?.querySelector<HTMLElement>("[aria-current]")?.parentElement;
    if (here && list.current) list.current.scrollLeft = here.offsetLeft - list.current.clientWidth / 2 + 40;
  }, [stage]);
  return (
    <nav className="tape" aria-label={say("stages")}>
      <ol ref={list}>
        {STAGES.filter(canBeAt).map((name) => {
          const state = stateOf(name, draft, errors, done, makes);
          return (
            <li key={name} className={state}>
              <Link to={`/projects/${id}/${name}`} aria-current={name === stage ? "step" : undefined}>
                <svg viewBox="0 0 14 14" width="14" height="14" aria-hidden>
                  {state === "settled" && <path d="M2 7.5l3.5 4L12 3" />}
                  {state === "open" && <circle cx="7" cy="7" r="4" />}
                  {state === "blocked" && <path d="M2.5 2.5l9 9 M11.5 2.5l-9 9" />}
                </svg>
                {say(`stage-${name}`)}
                <span className="visually-hidden">{say(`stage-is-${state}`)}</span>
              </Link>
            </li>
          );
        })}
      </ol>
    </nav>
  );
}
