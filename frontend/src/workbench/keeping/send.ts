import { api, unwrap, type Draft, type Project } from "../../api/client";
import type { Job } from "./state";
import { say } from "../../words/say";

export type Answer = { project: Project; draft: Draft } | { draft: Draft };

/** Asks the server for what a job is about. Throws `Refused`, or what the browser throws where nobody answers. */
export async function send(id: string, job: Job): Promise<Answer> {
  if (job.kind === "draft") return { draft: unwrap(await api.POST("/api/drafts", { body: job.spec })) };
  const path = { params: { path: { id } } };
  if (job.kind !== "save") {
    const body = { revision: job.revision };
    const { draft, ...project } = unwrap(
      job.kind === "undo"
        ? await api.POST("/api/projects/{id}/undo", { ...path, body })
        : await api.POST("/api/projects/{id}/redo", { ...path, body }),
    );
    return { project, draft };
  }
  const { spec, revision, touch } = job;
  const body = { name: job.name.trim() || say("bar-nameless"), spec, revision, touch };
  // What is on its way when the window is closed still arrives; browsers refuse that to more than 64 kB.
  const keepalive = new Blob([JSON.stringify(body)]).size < 60_000;
  const { draft, ...project } = unwrap(await api.PUT("/api/projects/{id}", { ...path, body, keepalive }));
  return { project, draft };
}
