import { api, type Settings, type Spec, type Thing } from "../api/client";

interface Props {
  spec: Spec;
  things: Thing[];
  /** Kinds of things the form goes round. */
  kinds: string[];
  settings: Settings;
  onChange: (change: (now: Spec) => Spec) => void;
}

type Other = { name?: string };

/** The thing on the bench, and what else is to go into the same make. */
export function FromShelf({ spec, things, kinds, settings, onChange }: Props) {
  const others = (spec.also as Other[] | undefined) ?? [];
  const main = (spec.object as Other | undefined)?.name;
  const suiting = things.filter((t) => kinds.includes(String(t.object.kind)) && t.name !== main);

  /** The thing's measures, written for the ruler of this project. */
  const take = async (thing: Thing, put: (object: Spec["object"]) => void) => {
    const answer = await api.POST("/api/specs/unit", {
      body: {
        spec: { form: spec.form, unit: thing.unit, object: { ...thing.object, name: thing.name } },
        unit: spec.unit as Settings["unit"],
        decimal: settings.decimal,
      },
    });
    if (answer.data) put(answer.data.spec.object);
  };
  const toggle = (thing: Thing, on: boolean) => {
    // From the spec as it is by then: two may be picked before the first has been read.
    const put = (change: (others: Other[]) => Other[]) =>
      onChange((now) => ({ ...now, also: change((now.also as Other[] | undefined) ?? []) }));
    if (on) void take(thing, (object) => put((now) => [...now, object as Other]));
    else put((now) => now.filter((o) => o.name !== thing.name));
  };
  return (
    <div className="shelf-picks">
      <label className="from-shelf">
        {spec.object ? "Another from the shelf:" : "Take one from the shelf:"}
        <select
          value=""
          onChange={(event) => {
            const thing = things.find((t) => t.id === event.target.value);
            if (thing) void take(thing, (object) => onChange((now) => ({ ...now, object })));
          }}
        >
          <option value="">choose…</option>
          {things.map((thing) => (
            <option key={thing.id} value={thing.id}>
              {thing.name}
            </option>
          ))}
        </select>
      </label>
      {spec.object != null && suiting.length > 0 && (
        <details open={others.length > 0}>
          <summary>Must hold other things too</summary>
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
