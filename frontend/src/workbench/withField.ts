import type { Layer, Spec } from "../api/client";
import { withEntry } from "../kit/entries";

/** A spec with one field set; a blank field is taken out, so that the proposal holds again. */
export function withField(spec: Spec, field: string, value: string): Spec {
  const [group, name, key] = field.split(".") as [string, string?, string?];
  const given = value.trim() === "" ? undefined : value;
  switch (group) {
    case "layers":
      return { ...spec, layers: layersWith(spec.layers ?? [], name as Layer["role"], key, value) };
    case "parts": {
      const parts = (spec.parts ?? []).map((part, i) =>
        i === Number(name) && key ? withEntry(part, key, value || undefined) : part,
      );
      return { ...spec, parts };
    }
    case "object":
      return name && spec.object ? { ...spec, object: measured(spec.object, name, given) } : spec;
    case "size":
    case "ease":
    case "allowance":
    case "options":
    case "wearer":
      return name ? { ...spec, [group]: withEntry(spec[group] ?? {}, name, given) } : spec;
    default:
      return withEntry(spec, group, value);
  }
}

/** One layer of a role changed, added, or taken out. */
function layersWith(layers: Layer[], role: Layer["role"], key: string | undefined, value: string): Layer[] {
  if (key) return layers.map((l) => (l.role === role ? withEntry(l, key, value || undefined) : l));
  const others = layers.filter((l) => l.role !== role);
  return value ? [...others, { material: value, role }] : others;
}

/** What the maker types is measured; what is let go of is nobody's. */
function measured(thing: NonNullable<Spec["object"]>, name: string, value: string | undefined) {
  const { assumed = [], ...rest } = withEntry(thing, name, value);
  const left = assumed.filter((measure) => measure !== name);
  return left.length > 0 ? { ...rest, assumed: left } : rest;
}
