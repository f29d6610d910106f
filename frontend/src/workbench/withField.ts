import type { Spec } from "../api/client";

/** A spec with one field set; a blank field is taken out, so that the proposal holds again. */
export function withField(spec: Spec, field: string, value: string): Spec {
  const [group, name] = field.split(".") as [string, string?];
  if (!name) return { ...spec, [group]: value };
  if (group === "layers") {
    const layers = (spec.layers as Record<string, unknown>[] | undefined) ?? [];
    const key = field.split(".")[2];
    if (key)
      return {
        ...spec,
        layers: layers.map((l) => (l.role === name ? { ...l, [key]: value || undefined } : l)),
      };
    if (!value) return { ...spec, layers: layers.filter((l) => l.role !== name) };
    return { ...spec, layers: [...layers.filter((l) => l.role !== name), { material: value, role: name }] };
  }
  if (group === "parts") {
    const key = field.split(".")[2]!;
    const parts = (spec.parts as Record<string, unknown>[] | undefined) ?? [];
    return {
      ...spec,
      parts: parts.map((part, i) => (i === Number(name) ? { ...part, [key]: value || undefined } : part)),
    };
  }
  const values = { ...(spec[group] as Record<string, unknown> | undefined) };
  if (value.trim() === "") delete values[name];
  else values[name] = value;
  if (group === "object" && Array.isArray(values.assumed)) {
    // What the maker types is measured; what is let go of is nobody's.
    const left = values.assumed.filter((measure) => measure !== name);
    if (left.length > 0) values.assumed = left;
    else delete values.assumed;
  }
  return { ...spec, [group]: values };
}
