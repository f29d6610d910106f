import { useEffect } from "react";
import { say } from "../words/say";
import type { Notices } from "./useNotice";
import "./toast.css";

/** A line at the foot of the table that goes by itself, with a way back. */
export function Toast({ of: { shown, gone } }: { of: Notices }) {
  useEffect(() => {
    if (!shown) return;
    const timer = setTimeout(gone, shown.undo ? 15000 : 6000);
    return () => clearTimeout(timer);
  }, [shown, gone]);
  return (
    <div className="toast-line" role="status">
      {shown && (
        <span>
          {shown.text}
          {shown.undo && (
            <button
              type="button"
              onClick={() => {
                // Where it is refused, the home of errors tells it.
                void shown.undo?.();
                gone();
              }}
            >
              {say("toast-undo")}
            </button>
          )}
        </span>
      )}
    </div>
  );
}
