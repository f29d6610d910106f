import createClient from "openapi-fetch";
import type { components, paths } from "./schema";
import { say } from "../words/say";

export const api = createClient<paths>({ baseUrl: window.location.origin });

export type Schemas = components["schemas"];
export type Draft = Schemas["DraftDoc"];
/** A draft without its order of work. */
export type Drawn = Omit<Draft, "steps" | "elapsed">;
export type Piece = Schemas["PieceDoc"];
export type Check = Schemas["CheckDoc"];
export type Step = Schemas["StepDoc"];
export type Project = Schemas["Project"];
export type Thing = Schemas["Thing"];
export type Catalogue = Schemas["Catalogue"];
export type Settings = Schemas["Settings"];
export type Unit = Settings["unit"];
export type ObjectView = Schemas["ObjectDoc"];
export type Problem = Schemas["Problem"];
export type Spec = Schemas["SpecDoc"];
export type FormId = Spec["form"];
export type Layer = Schemas["LayerDoc"];
export type Part = Schemas["PartDoc"];
export type Measures = Schemas["ThingDoc"];
export type Shape = Schemas["ShapeDoc"];
export type BlockRow = Schemas["BlockRowDoc"];

/** A problem document as something to throw and catch. */
export class Refused extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail);
  }
}

/** The data of an answer, or the problem it came with as an exception. */
export function unwrap<T>(answer: { data?: T; error?: unknown; response: Response }): T {
  if (answer.data !== undefined || answer.response.ok) return answer.data as T;
  const problem = answer.error as Partial<Problem> | undefined;
  throw new Refused({
    type: "about:blank",
    title: problem?.title ?? say("no-answer"),
    status: answer.response.status,
    detail: problem?.detail ?? say("no-answer.text"),
    errors: problem?.errors ?? [],
  });
}

/** Problems by field, the first for each. */
export function byField(problem: Problem): Record<string, string> {
  const found: Record<string, string> = {};
  for (const { field, message } of problem.errors ?? []) found[field] ??= message;
  return found;
}
