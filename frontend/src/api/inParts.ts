/** An answer as it is when its draft lacks what comes last. */
type Early = { draft: object };
type Whole<E extends Early, Late> = Omit<E, "draft"> & { draft: E["draft"] & Late };

/**
 * Reads an answer whose draft ends on a line of its own: `show` is given what stands before that, where it is there first. The whole answer
 * has the very same objects in it.
 */
export async function readInParts<E extends Early, Late>(
  body: ReadableStream<Uint8Array>,
  show: (early: E) => void,
): Promise<Whole<E, Late>> {
  const reader = body.getReader();
  const decoder = new TextDecoder();
  let text = "";
  let end = -1;
  let early: E | null = null;
  for (let part = await reader.read(); !part.done; part = await reader.read()) {
    const begun = text.length;
    text += decoder.decode(part.value, { stream: true });
    if (end >= 0) continue;
    end = text.indexOf("\n", begun);
    if (end < 0 || end < text.length - 1) continue;
    early = JSON.parse(`${text}}}`) as E;
    show(early);
  }
  if (!early) return JSON.parse(text) as Whole<E, Late>;
  // After the comma, up to the end of the answer itself.
  const late = JSON.parse(`{${text.slice(end + 2, -1)}`) as Late;
  return { ...early, draft: { ...early.draft, ...late } };
}
