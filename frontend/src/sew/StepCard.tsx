import type { Draft } from "../api/client";
import { tied } from "../kit/words";
import { say } from "../words/say";
import { Lessons } from "./Lessons";

type Step = Draft["steps"][number];

interface Props {
  step: Step;
  /** In full sentences; else in a few words with every number. */
  whole: boolean;
  /** How its allowance is kept at this maker's machine. */
  /** How its lengths are kept at this machine and by this hand. */
  guides: string[];
  /** One thing at a time: all there is to do, and which of it; after the last comes what to look at. */
  one?: One;
}

interface One {
  actions: string[];
  card: number;
}

/** How the machine is set for it, what is new first. */
function settings(step: Step): { text: string; changed: boolean }[] {
  const foot = step.foot && { text: step.foot.name, changed: step.changed.includes("foot") };
  const stitch = step.sewn && { text: stitchOf(step), changed: step.changed.includes("stitch") };
  return [foot, stitch].filter((set) => set !== null);
}

/** The stitch the machine is set to: its kind, and how long it is. */
export function stitchOf(step: Step): string {
  return say("sew-stitch", { sewn: step.sewn ?? "straight", length: step.stitch?.text ?? "" });
}

/** What is done, sentence by sentence. */
function done(step: Step, whole: boolean, one?: One): string[] {
  if (one) return one.actions.slice(one.card, one.card + 1);
  return whole ? step.lines.map((line) => line.text) : step.short;
}

/** Whether it is time to look at what was done. */
function looks(one?: One): boolean {
  return !one || one.card >= one.actions.length;
}

/** What the card shows, in its order: what is read aloud. */
export function spoken(step: Step, whole: boolean, guides: string[], one?: One): string[] {
  const said = [
    step.title,
    ...step.things.map((thing) => `${thing.letter}: ${thing.name}`),
    ...settings(step).map((set) => set.text),
  ];
  said.push(...guides, ...done(step, whole, one));
  if (step.check && looks(one)) said.push(step.check);
  if (step.band && looks(one)) said.push(band(step.band));
  if (step.caution) said.push(step.caution);
  if (step.decided && looks(one)) said.push(`${say("sew-decided")} ${step.decided}`);
  if (step.lost) said.push(`${say("sew-optional")} ${step.lost}`);
  if (whole && step.why) said.push(step.why);
  return said;
}

function band(of: NonNullable<Step["band"]>): string {
  return say("sew-band", { least: of.least.text, most: of.most.text });
}

/** One step: what is taken in hand, how the machine is set, what is done, and what to look at before going on. */
export function StepCard({ step, whole, guides, one }: Props) {
  const sets = settings(step);
  return (
    <>
      <h2>{step.title}</h2>
      {step.things.length > 0 && (
        <ul className="step-things" aria-label={say("sew-things")}>
          {step.things.map((thing) => (
            <li key={`${thing.piece} ${thing.layer}`} title={thing.name}>
              <b className={`letter role-${thing.layer ?? "outer"}`}>{thing.letter}</b> {thing.name}
            </li>
          ))}
        </ul>
      )}
      {sets.length > 0 && (
        <ul className="step-set" aria-label={say("sew-set")}>
          {sets.map((set, nth) => (
            <li key={nth} className={set.changed ? "changed" : ""}>
              {set.changed ? say("sew-change", { setting: set.text }) : set.text}
            </li>
          ))}
        </ul>
      )}
      {guides.map((guide) => (
        <p key={guide} className="step-guide">
          {tied(guide)}
        </p>
      ))}
      {one && one.actions.length > 0 && (
        <p className="step-thing">
          {looks(one)
            ? say("sew-thing.look")
            : say("sew-thing", { number: one.card + 1, things: one.actions.length })}
        </p>
      )}
      <ul className={one ? "step-one" : whole ? "step-lines" : "step-short"}>
        {done(step, whole, one).map((text, nth) => (
          <li key={nth} className={whole && !one ? `part-${step.lines[nth]!.part}` : ""}>
            {tied(text)}
          </li>
        ))}
      </ul>
      {step.stitches.length > 0 && <Lessons stitches={step.stitches} />}
      {step.check && looks(one) && (
        <div className="step-check">
          <strong>{say("sew-look")}</strong> {tied(step.check)} {step.band && tied(band(step.band))}
          {step.causes.length > 0 && (
            <details>
              <summary>{say("sew-wrong")}</summary>
              <ol>
                {step.causes.map((cause) => (
                  <li key={cause}>{cause}</li>
                ))}
              </ol>
              {step.remedy && <p>{step.remedy}</p>}
            </details>
          )}
        </div>
      )}
      {step.caution && (
        <p className="step-caution">
          <strong>{say("sew-careful")}</strong> {step.caution}
        </p>
      )}
      {step.decided && looks(one) && (
        <p className="step-why">
          <strong>{say("sew-decided")}</strong> {tied(step.decided)}
        </p>
      )}
      {step.lost && (
        <p className="step-why">
          <strong>{say("sew-optional")}</strong> {step.lost}
        </p>
      )}
      {whole && step.why && <p className="step-why">{step.why}</p>}
    </>
  );
}
