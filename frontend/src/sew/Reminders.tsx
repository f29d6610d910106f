import { api, unwrap } from "../api/client";
import { tell } from "../kit/Troubles";
import { say } from "../words/say";
import type { Sitting } from "./useSitting";

interface Props {
  step: string;
  sitting: Sitting;
  onChanged: () => void;
}

/** What makes before asked to be minded at this step. */
export function Reminders({ step, sitting, onChanged }: Props) {
  const quiet = (note: string) =>
    api.PUT("/api/reminders/{note}", { params: { path: { note } }, body: { quiet: true } }).then(unwrap);
  return (
    <>
      {sitting.reminders
        .filter((one) => one.step === step)
        .map((one) => (
          <div key={one.id} className="reminder" role="note">
            <strong>{say("reminder")}</strong> {one.text} <small>{one.source}</small>{" "}
            <button type="button" className="fix" onClick={() => void quiet(one.id).then(onChanged, tell)}>
              {say("reminder-quiet")}
            </button>
          </div>
        ))}
    </>
  );
}
