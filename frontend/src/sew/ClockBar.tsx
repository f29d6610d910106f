import type { Schemas } from "../api/client";
import { say } from "../words/say";

interface Props {
  clock: Schemas["Clock"];
  onAct: (act: Schemas["ClockAct"]["act"]) => void;
}

/** The clock of the make in hand: pressed once to begin, and when something comes between. */
export function ClockBar({ clock, onAct }: Props) {
  return (
    <div className={`clock-bar ${clock.running ?? "off"}`} role="group" aria-label={say("clock")}>
      <span className="clock-dial" aria-hidden="true" />
      {clock.running === null ? (
        <button type="button" className="button" onClick={() => onAct("start")}>
          {say("clock-start")}
        </button>
      ) : (
        <>
          {clock.running === "hands" ? (
            <>
              <button type="button" className="button" onClick={() => onAct("pause")}>
                {say("clock-pause")}
              </button>
              <button type="button" className="button" onClick={() => onAct("wait")}>
                {say("clock-wait")}
              </button>
            </>
          ) : (
            <button type="button" className="primary" onClick={() => onAct("resume")}>
              {say("clock-on")}
            </button>
          )}
          <button type="button" className="button" onClick={() => onAct("stop")}>
            {say("clock-stop")}
          </button>
        </>
      )}
      <small aria-live="off">
        {clock.running === "wait" ? say("clock-waiting") : clock.running === "away" ? say("clock-away") : ""}{" "}
        {clock.text}
      </small>
    </div>
  );
}
