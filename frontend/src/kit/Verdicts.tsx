import { useState } from "react";
import { tied } from "./words";
import type { Check } from "../api/client";
import { say } from "../words/say";

const ORDER: Record<Check["verdict"], number> = { stop: 0, warn: 1, note: 2, ok: 3 };

export function VerdictIcon({ verdict }: { verdict: Check["verdict"] }) {
  return (
    <svg className={`verdict-icon ${verdict}`} viewBox="0 0 28 28" width="26" height="26" aria-hidden>
      {verdict === "stop" ? (
        <path d="M9 2h10l7 7v10l-7 7H9l-7-7V9z M9 9l10 10 M19 9L9 19" />
      ) : verdict === "warn" ? (
        <path d="M14 3l12 22H2z M14 11v6 M14 20v1.5" />
      ) : verdict === "note" ? (
        <path d="M5 3h13l6 6v16H5z M18 3v6h6 M9 14h10 M9 19h7" />
      ) : (
        <path d="M26 14a12 12 0 1 1-24 0a12 12 0 1 1 24 0z M8.5 14.5l4 4l7-8" />
      )}
    </svg>
  );
}

const IN_FULL = 3;

/** How much a check wants to be read: what is open first, standing cautions after what holds. */
function rank(check: Check): number {
  return ORDER[check.verdict] + (check.id.startsWith("caution") ? 2 : 0);
}

interface Props {
  checks: Check[];
  onFix: (set: Record<string, string>) => void;
}

/** One sentence, whole, with its fix. */
export function Verdict({ check, onFix }: { check: Check; onFix: Props["onFix"] }) {
  return (
    <li className={`verdict ${check.verdict}`} data-check={check.id}>
      <VerdictIcon verdict={check.verdict} />
      <div>
        <strong>
          <span className="visually-hidden">{say(`verdict-${check.verdict}`)}: </span>
          {check.title}
        </strong>
        <p>{tied(check.message)}</p>
        {check.fix && (
          <button type="button" className="fix" onClick={() => onFix(check.fix!.set)}>
            {check.fix.label}
          </button>
        )}
      </div>
    </li>
  );
}

/** Sentences about the draft, the loudest first, each with its one fix; the quiet rest as words to open. */
export function Verdicts({ checks, onFix }: Props) {
  const [opened, setOpened] = useState<ReadonlySet<string>>(new Set());
  const sorted = [...checks].sort((a, b) => rank(a) - rank(b));
  const loud = sorted.filter((c) => c.verdict === "stop" || c.verdict === "warn").length;
  const full = sorted.filter((check, i) => i < Math.max(IN_FULL, loud) || opened.has(check.id));
  const rest = sorted.filter((check) => !full.includes(check));
  return (
    <>
      <ul className="verdicts" aria-label={say("verdicts")}>
        {full.map((check) => (
          <Verdict key={check.id} check={check} onFix={onFix} />
        ))}
      </ul>
      {rest.length > 0 && (
        <ul className="quiet" aria-label={say("verdicts.also")}>
          {rest.map((check) => (
            <li key={check.id}>
              <button
                type="button"
                data-check={check.id}
                title={check.message}
                onClick={() => setOpened(new Set([...opened, check.id]))}
              >
                <VerdictIcon verdict={check.verdict} />
                <span className="visually-hidden">{say(`verdict-${check.verdict}`)}: </span>
                {check.title}
              </button>
            </li>
          ))}
        </ul>
      )}
    </>
  );
}
