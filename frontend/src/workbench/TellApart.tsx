import { say } from "../words/say";

const LAYERS = [
  [say("apart-interfacing"), say("apart-interfacing.look"), say("apart-interfacing.test")],
  [say("apart-sew-in"), say("apart-sew-in.look"), say("apart-sew-in.test")],
  [say("apart-web"), say("apart-web.look"), say("apart-web.test")],
  [say("apart-heavy-web"), say("apart-heavy-web.look"), say("apart-heavy-web.test")],
  [say("apart-cotton"), say("apart-cotton.look"), say("apart-cotton.test")],
  [say("apart-polyester"), say("apart-polyester.look"), say("apart-polyester.test")],
  [say("apart-fusible"), say("apart-fusible.look"), say("apart-fusible.test")],
  [say("apart-foil"), say("apart-foil.look"), say("apart-foil.test")],
  [say("apart-foam"), say("apart-foam.look"), say("apart-foam.test")],
] as const;

/** Telling a layer that has lost its label: by look and feel, and by a test. */
export function TellApart() {
  return (
    <details className="tell-apart">
      <summary>{say("apart")}</summary>
      <p className="hint">{say("apart.help")}</p>
      <dl>
        {LAYERS.map(([name, look, test]) => (
          <div key={name}>
            <dt>{name}</dt>
            <dd>
              {look} <em>{test}</em>
            </dd>
          </div>
        ))}
      </dl>
    </details>
  );
}
