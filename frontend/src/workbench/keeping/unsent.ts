import type { Spec } from "../../api/client";

/** What was edited and could not be kept yet, and which revision it was an edit of. */
export interface Unsent {
  spec: Spec;
  name: string;
  revision: number;
}

const at = (id: string) => `unsent ${id}`;

/** Kept in the browser, so that it is there when the page is opened again; without room for it it is only on the page. */
export function keepUnsent(id: string, unsent: Unsent | null) {
  try {
    if (unsent) localStorage.setItem(at(id), JSON.stringify(unsent));
    else localStorage.removeItem(at(id));
  } catch {
    // A browser that keeps nothing.
  }
}

export function unsentOf(id: string): Unsent | null {
  try {
    const found = JSON.parse(localStorage.getItem(at(id)) ?? "null") as Partial<Unsent> | null;
    return found?.spec && typeof found.name === "string" && typeof found.revision === "number"
      ? (found as Unsent)
      : null;
  } catch {
    return null;
  }
}
