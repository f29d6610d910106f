import type { Thing } from "../api/client";
import { say } from "../words/say";

interface Props {
  things: Thing[];
  /** The fields hardware can settle here, as the drawer names them, and where each goes in the spec. */
  fields: Record<string, string>;
  label: string;
  onTake: (settled: Record<string, string>) => void;
}

/** Measures taken from hardware that lies in the drawer. Nothing is shown where none of it settles anything. */
export function FromDrawer({ things, fields, label, onTake }: Props) {
  const fitting = things.filter((thing) => Object.keys(thing.sets).some((where) => where in fields));
  if (fitting.length === 0) return null;
  const take = (thing: Thing) =>
    onTake(
      Object.fromEntries(
        Object.entries(thing.sets)
          .filter(([where]) => where in fields)
          .map(([where, value]) => [fields[where]!, value]),
      ),
    );
  return (
    <label className="from-drawer">
      {label}{" "}
      <select
        value=""
        onChange={(event) => {
          const thing = fitting.find((t) => t.id === event.target.value);
          if (thing) take(thing);
        }}
      >
        <option value="">{say("choose")}</option>
        {fitting.map((thing) => (
          <option key={thing.id} value={thing.id}>
            {thing.name}
          </option>
        ))}
      </select>
    </label>
  );
}
