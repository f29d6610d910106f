import { useState } from "react";
import { api, unwrap, type Schemas } from "../api/client";
import { troubleOf } from "../api/trouble";
import { useOnce } from "../kit/useOnce";
import { say } from "../words/say";

type Invitation = Schemas["Invitation"];
type May = Schemas["NewDevice"]["may"];

/** White round a square, in its own cells, so that a camera finds it. */
const QUIET = 4;

interface Props {
  invited: Invitation | null;
  onInvited: (invited: Invitation | null) => void;
  onTrouble: (text: string) => void;
}

/** A device is named, and shown the square it comes in by. */
export function Invite({ invited, onInvited, onTrouble }: Props) {
  const [name, setName] = useState(say("devices-first-name"));
  const [may, setMay] = useState<May>("sew");
  const show = useOnce(async () => {
    onTrouble("");
    try {
      onInvited(unwrap(await api.POST("/api/devices", { body: { name, may } })));
    } catch (error) {
      onTrouble(troubleOf(error));
    }
  });
  const across = (invited?.cells ?? 0) + 2 * QUIET;
  return (
    <form
      className="invite"
      onSubmit={(event) => {
        event.preventDefault();
        show();
      }}
    >
      <h2>{say("devices-new")}</h2>
      <p>
        <label>
          {say("devices-name")}{" "}
          <input value={name} maxLength={120} required onChange={(event) => setName(event.target.value)} />
        </label>
        <label>
          {say("devices-may")}{" "}
          <select value={may} onChange={(event) => setMay(event.target.value as May)}>
            <option value="sew">{say("devices-may-sew")}</option>
            <option value="all">{say("devices-may-all")}</option>
          </select>
        </label>
        <button type="submit" className="primary">
          {say("devices-show")}
        </button>
      </p>
      {invited && (
        <div className="invitation">
          <svg
            viewBox={`${-QUIET} ${-QUIET} ${across} ${across}`}
            role="img"
            aria-label={say("devices-square", { address: invited.address })}
          >
            <path d={`M${-QUIET} ${-QUIET}h${across}v${across}h${-across}z`} className="quiet" />
            <path d={invited.square} />
          </svg>
          <div>
            <p>{say("devices-scan", { address: invited.at })}</p>
            <p className="code">{invited.code}</p>
            <p>{say("devices-until", { until: invited.until })}</p>
          </div>
        </div>
      )}
    </form>
  );
}
