import { useEffect } from "react";
import { say } from "../words/say";

export interface Notice {
  text: string;
  undo?: () => void;
}

/** A line at the foot of the table that goes by itself, with a way back. */
export function Toast({ notice, onGone }: { notice: Notice | null; onGone: () => void }) {
  useEffect(() => {
    if (!notice) return;
    const timer = setTimeout(onGone, notice.undo ? 15000 : 6000);
    return () => clearTimeout(timer);
  }, [notice, onGone]);
  return (
    <div className="toast-line" role="status">
      {notice && (
        <span>
          {notice.text}
          {notice.undo && (
            <button
              type="button"
              onClick={() => {
                notice.undo?.();
                onGone();
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
