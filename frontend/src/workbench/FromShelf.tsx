import type { Spec, Thing } from "../api/client";
import { measuresOf } from "./measuresOf";
import { say } from "../words/say";

interface Props {
  spec: Spec;
  things: Thing[];
  /** Kinds of things the form goes round. */
  kinds: string[];
  onChange: (change: (now: Spec) => Spec) => void;
}

/** The thing on the bench, and what else is to go into the same make. */
export function FromShelf({ spec, things, kinds, onChange }: Props) {
  const others = spec.also ?? [];
  const main = spec.object?.name;
  const covered = things.filter((t) => kinds.includes(t.object.kind));
  const suiting = covered.filter((t) => t.name !== main);

  const toggle = (thing: Thing, on: boolean) =>
    // From the spec as it is by then: two may be picked in one go.
    onChange((now) => {
      const also = now.also ?? [];
      return {
        ...now,
        also: on ? [...also, measuresOf(thing, spec)] : also.filter((other) => other.name !== thing.name),
      };
    });
  return (
    <div className="shelf-picks">
      <label className="from-shelf">
        {spec.object ? say("pick-another") : say("pick-first")}
        <select
          value=""
          onChange={(event) => {
            const thing = things.find((t) => t.id === event.target.value);
            if (thing) onChange((now) => ({ ...now, object: measuresOf(thing, now) }));
          }}
        >
          <option value="">{say("choose")}</option>
          {covered.map((thing) => (
            <option key={thing.id} value={thing.id}>
              {thing.name}
            </option>
          ))}
        </select>
      </label>
      {spec.object != null && suiting.length > 0 && (
        <details open={others.length > 0}>
          <summary>{say("pick-too")}</summary>
          {suiting.map((thing) => (
            <label key={thing.id} className="too">
              <input
                type="checkbox"
                checked={others.some((o) => o.name === thing.name)}
                onChange={(event) => toggle(thing, event.target.checked)}
              />{" "}
              {thing.name}
            </label>
          ))}
        </details>
      )}
    </div>
  );
}
