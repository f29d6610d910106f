import { Link } from "react-router";
import type { Schemas, Spec } from "../api/client";
import { Verdict } from "../kit/Verdicts";
import { say } from "../words/say";
import { useBench } from "./useBench";
import "./machine.css";

type Tool = Schemas["BenchTool"];

/** Tools and feet to have to hand before starting, what may stand in for one that is missing, and what the machine can. */
export function ToHand({ spec, onFix }: { spec: Spec; onFix: (set: Record<string, string>) => void }) {
  const bench = useBench(spec);
  if (!bench) return null;
  const told = bench.tools.some((tool) => tool.here !== null);
  const missing = bench.tools.filter((tool) => tool.here === false);
  const rest = bench.tools.filter((tool) => tool.here !== false);
  return (
    <section className="to-hand" aria-label={say("hand-title")}>
      <h2>{say("hand-title")}</h2>
      <p className="hint">
        <Link to="/machine">{told ? say("hand-machine") : say("hand-tell")}</Link>
      </p>
      <ul className="verdicts">
        {bench.checks.map((check) => (
          <Verdict key={check.id} check={check} onFix={onFix} />
        ))}
      </ul>
      {missing.length > 0 && (
        <ul className="missing" aria-label={say("hand-missing")}>
          {missing.map((tool) => (
            <li key={tool.id}>
              <strong>{say("hand-lacks", { tool: tool.name })}</strong>{" "}
              {say("hand-instead", { instead: tool.instead, lost: tool.lost })} <Steps tool={tool} />
            </li>
          ))}
        </ul>
      )}
      <ul className="tools">
        {rest.map((tool) => (
          <li key={tool.id} title={tool.job}>
            {tool.here ? "✓ " : ""}
            {tool.name} <Steps tool={tool} />
            {tool.here === null && <small>{say("hand-or", { instead: tool.instead })}</small>}
          </li>
        ))}
      </ul>
      {bench.changes.length > 0 && (
        <p>
          {say("hand-changes", { count: bench.changes.length })}{" "}
          {bench.changes
            .map((change) => say("hand-change", { number: change.step, text: change.text }))
            .join("; ")}
        </p>
      )}
    </section>
  );
}

function Steps({ tool }: { tool: Tool }) {
  return (
    <small className="hint">
      {say("hand-steps", { count: tool.steps.length, numbers: runs(tool.steps) })}
    </small>
  );
}

/** 1, 2, 3, 7 as 1–3, 7. */
function runs(numbers: number[]): string {
  const found: [number, number][] = [];
  for (const n of numbers) {
    const last = found[found.length - 1];
    if (last && last[1] === n - 1) last[1] = n;
    else found.push([n, n]);
  }
  return found.map(([a, b]) => (a === b ? String(a) : `${a}–${b}`)).join(", ");
}
