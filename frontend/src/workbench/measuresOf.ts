import type { Measures, Spec, Thing } from "../api/client";

/** The measures of a kept thing as a spec takes them: on another ruler than its own, with their units. */
export function measuresOf(thing: Thing, spec: Spec): Measures {
  return { ...(thing.unit === spec.unit ? thing.object : thing.written), name: thing.name };
}
