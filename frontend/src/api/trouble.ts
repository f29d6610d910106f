import { Refused } from "./client";
import { say } from "../words/say";

/** What is wrong with something that was asked for, in a sentence. */
export function troubleOf(error: unknown): string {
  if (!(error instanceof Refused)) return say("no-answer-again");
  return error.problem.errors?.[0]?.message ?? error.problem.detail;
}
