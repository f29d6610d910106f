import { useNavigate } from "react-router";
import { SEWS } from "../api/asking";
import { useKeys } from "../kit/useKeys";
import { STAGES, type Stage } from "./Tape";

/** Stages by number and bracket, undo and redo. */
export function useStageKeys(id: string, stage: Stage, onStep: (way: "undo" | "redo") => void) {
  const navigate = useNavigate();
  const step = (way: "undo" | "redo") => (event: KeyboardEvent) => {
    event.preventDefault();
    (document.activeElement as HTMLElement | null)?.blur();
    if (!SEWS) onStep(way);
  };
  const go = (to: (key: string) => number) => (event: KeyboardEvent) => {
    const next = STAGES[to(event.key)];
    if (next) void navigate(`/projects/${id}/${next}`);
  };
  const at = STAGES.indexOf(stage);
  // Notes keep the browser's own undo; measures are undone with everything else.
  useKeys(
    {
      "Control+z": step("undo"),
      "Meta+z": step("undo"),
      "Control+Shift+z": step("redo"),
      "Meta+Shift+z": step("redo"),
      "Control+[Shift]+y": step("redo"),
      "Meta+[Shift]+y": step("redo"),
    },
    (event) => (event.target as HTMLElement).matches("textarea"),
  );
  useKeys({
    "[Shift]+([1-7])": go((key) => Number(key) - 1),
    // On many keyboards a bracket is written with a second key, which some systems tell as control and alt.
    "[Shift]+[Alt]+[Control]+[": go(() => at - 1),
    "[Shift]+[Alt]+[Control]+]": go(() => at + 1),
  });
}
