import { api, unwrap, type Draft, type Drawn, type Project } from "../../api/client";
import { readInParts } from "../../api/inParts";
import type { Job } from "./state";
import { say } from "../../words/say";

/** Read while it comes. */
const AS_IT_COMES = { parseAs: "stream" } as const;
type Stream = ReadableStream<Uint8Array>;
type Told = Omit<Draft, keyof Drawn>;
export type Answer = { project: Project; draft: Draft } | { draft: Draft };

/**
 * Asks the server for what a job is about, and shows what is drawn while its order of work is still told. Throws `Refused`, or what the
 * browser throws where nobody answers.
 */
export async function send(id: string, job: Job, show: (drawn: Drawn) => void): Promise<Answer> {
  if (job.kind === "draft") return { draft: unwrap(await api.POST("/api/drafts", { body: job.spec })) };
  const path = { params: { path: { id } } };
  if (job.kind !== "save") {
    const body = { revision: job.revision };
    return await kept(
      job.kind === "undo"
        ? await api.POST("/api/projects/{id}/undo", { ...path, body, ...AS_IT_COMES })
        : await api.POST("/api/projects/{id}/redo", { ...path, body, ...AS_IT_COMES }),
      show,
    );
  }
  const { spec, revision, touch } = job;
  const body = { name: job.name.trim() || say("bar-nameless"), spec, revision, touch };
  // What is on its way when the window is closed still arrives; browsers refuse that to more than 64 kB.
  const keepalive = new TextEncoder().encode(JSON.stringify(body)).length < 60_000;
  return await kept(await api.PUT("/api/projects/{id}", { ...path, body, keepalive, ...AS_IT_COMES }), show);
}

async function kept(answer: Parameters<typeof unwrap<Stream | null>>[0], show: (drawn: Drawn) => void) {
  const body = unwrap(answer);
  if (!body) throw new TypeError(say("no-answer"));
  const { draft, ...project } = await readInParts<Project & { draft: Drawn }, Told>(body, (early) =>
    show(early.draft),
  );
  return { project, draft };
}
