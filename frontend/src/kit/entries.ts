/** An entry of a document by a name that is only known at work, as it was written. */
export function entryOf(document: object | undefined, name: string): string | undefined {
  const found: unknown = document && Object.getOwnPropertyDescriptor(document, name)?.value;
  return typeof found === "string" || typeof found === "number" ? String(found) : undefined;
}

/** The document with one entry set, or without it. */
export function withEntry<T extends object>(document: T, name: string, value: string | undefined): T {
  if (value !== undefined) return { ...document, [name]: value };
  return Object.fromEntries(Object.entries(document).filter(([own]) => own !== name)) as T;
}
