import type { Schemas } from "../api/client";

/** A cut list as it was told. */
export type Told = Schemas["ToldListDoc"];
export type Entries = Record<string, string>;

/** Entries as the fields of a cut list: `cloth.outer.width` is the width of the outer's cloth, `numbers.wall.width` one number. */
export function grouped(entries: Entries): Partial<Told> {
  const told: Partial<Told> = {};
  const tabs: string[] = [];
  for (const [field, text] of Object.entries(entries)) {
    const [group, name, ...rest] = field.split(".") as [string, string, ...string[]];
    if (!text.trim()) continue;
    switch (group) {
      case "tabs":
        tabs[Number(name)] = text;
        break;
      case "cloth": {
        const cloth = told.cloth?.[name];
        told.cloth = {
          ...told.cloth,
          [name]: { ...(typeof cloth === "object" ? cloth : {}), [rest[0]!]: text },
        };
        break;
      }
      case "numbers":
      case "size":
      case "allowance":
      case "claims":
      case "over":
        told[group] = { ...told[group], [[name, ...rest].join(".")]: text };
    }
  }
  return tabs.length > 0 ? { ...told, tabs: Array.from(tabs, (t) => t ?? "") } : told;
}

/** A number without a unit, with the one it was written in. */
export function withUnit(text: string, unit: string): string {
  return /^[\d.,/ ]+$/.test(text) && text.trim() ? `${text.trim()} ${unit}` : text;
}
