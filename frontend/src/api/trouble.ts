import { Refused } from "./client";

/** What is wrong with something that was asked for, in a sentence. */
export function troubleOf(error: unknown): string {
  if (!(error instanceof Refused)) return "Egg Tuck does not answer. Try again when it runs.";
  return error.problem.errors?.[0]?.message ?? error.problem.detail;
}
