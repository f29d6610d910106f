import { useLayoutEffect } from "react";
import { useNavigate } from "react-router";
import { typing } from "../kit/Keys";
import { STAGES, type Stage } from "./Tape";

/** Stages by number and bracket, undo and redo. */
export function useStageKeys(id: string, stage: Stage, onStep: (way: "undo" | "redo") => void) {
  const navigate = useNavigate();
  useLayoutEffect(() => {
    const press = (event: KeyboardEvent) => {
      const control = event.ctrlKey || event.metaKey;
      const key = event.key.toLowerCase();
      if (control && (key === "z" || key === "y")) {
        // Notes keep the browser's own undo; measures are undone with everything else.
        if ((event.target as HTMLElement).matches("textarea")) return;
        event.preventDefault();
        (document.activeElement as HTMLElement | null)?.blur();
        onStep(key === "y" || event.shiftKey ? "redo" : "undo");
        return;
      }
      if (control || event.altKey || typing(event)) return;
      const at = STAGES.indexOf(stage);
      const to = /^[1-7]$/.test(event.key)
        ? Number(event.key) - 1
        : event.key === "["
          ? at - 1
          : event.key === "]"
            ? at + 1
            : null;
      if (to !== null && STAGES[to]) void navigate(`/projects/${id}/${STAGES[to]}`);
    };
    window.addEventListener("keydown", press);
    return () => window.removeEventListener("keydown", press);
  }, [id, navigate, onStep, stage]);
}
