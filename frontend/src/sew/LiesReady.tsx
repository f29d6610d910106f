import { locale, say } from "../words/say";
import type { Sitting } from "./useSitting";

interface Props {
  sitting: Sitting;
  onGo: (step: string) => void;
}

/** What there is to know when one comes back to a make: what lies ready, what rests, and what can be done meanwhile. */
export function LiesReady({ sitting, onGo }: Props) {
  const { next, ready, resting, free, state, reminders } = sitting;
  // At a step of its own it is told there.
  const lost = reminders.filter((one) => one.step === null);
  return (
    <details className="lies-ready">
      <summary>{say("ready")}</summary>
      {next && (
        <p>
          {say("ready-next", { number: next.number, step: next.title })}{" "}
          <button type="button" className="fix" onClick={() => onGo(next.id)}>
            {say("ready-go")}
          </button>
        </p>
      )}
      {ready.length > 0 && (
        <ul>
          {ready.map((one) => (
            <li key={`${one.letter} ${one.name}`}>
              <b>{one.letter}</b> {one.name}: {one.text}
            </li>
          ))}
        </ul>
      )}
      {state.map((text, nth) => (
        <p key={nth}>{text}</p>
      ))}
      {resting.map((one) => (
        <p key={one.step.id} className="resting">
          {one.text}
        </p>
      ))}
      {resting.length > 0 && (
        <>
          <p>{free.length > 0 ? say("ready-meanwhile") : say("ready-nothing")}</p>
          <ul>
            {free.slice(0, 4).map((one) => (
              <li key={one.id}>
                <button type="button" className="fix" onClick={() => onGo(one.id)}>
                  {one.number} {one.title}
                </button>
              </li>
            ))}
          </ul>
        </>
      )}
      {next && (
        <p>
          {say("ready-finish", {
            at: new Date(sitting.finish).toLocaleString(locale, {
              weekday: "long",
              hour: "2-digit",
              minute: "2-digit",
            }),
          })}
        </p>
      )}
      {lost.map((one) => (
        <p key={one.id}>
          {one.text} <small>{one.source}</small>
        </p>
      ))}
      <p>
        <small>{sitting.pace}</small>
      </p>
    </details>
  );
}
