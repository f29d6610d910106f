import { Ticked } from "../kit/Ticked";
import { OnGround } from "./OnGround";
import { say } from "../words/say";
import type { AtTable, Cutting } from "./useCutting";

/** In which order to cut, cloth by cloth, to be ticked off; what is cut later; what is taken from the pile when a cloth is done. */
export function CutPlan({ id, cutting, table }: { id: string; cutting: Cutting; table: AtTable }) {
  const done = (line: string) => cutting.ticks.includes(line);
  const cloths = new Map(cutting.table.cloths.map((cloth) => [cloth.key, cloth]));
  const several = cutting.makes.length > 1;
  return (
    <>
      <p className="lay-actions">
        <a className="button" target="_blank" rel="noreferrer" href={`/api/cuttings/${id}/plan.pdf`}>
          {say("cut-print")}
        </a>
      </p>
      {cutting.table.plan.map((plan) => {
        const whole = `cloth ${plan.cloth}`;
        const lines = plan.lines.map((line) => ({ ...line, tick: `piece ${plan.cloth} ${line.id}` }));
        const cut = lines.filter((line) => done(line.tick)).length;
        return (
          <section key={plan.cloth} className="panel cut-plan" aria-label={plan.title}>
            <header>
              <h2>{plan.title}</h2>
              <span>{say("cut-counted", { done: cut, lines: lines.length })}</span>
            </header>
            {plan.notes.map((note) => (
              <p key={note}>{note}</p>
            ))}
            <div className="cut-lay">
              {cloths
                .get(plan.cloth)
                ?.grounds.filter((ground) => ground.laid.length > 0)
                .map((ground) => (
                  <OnGround
                    key={ground.id}
                    ground={ground}
                    cloth={cloths.get(plan.cloth)!}
                    chosen={null}
                    several={several}
                  />
                ))}
            </div>
            <ol>
              {lines.map((line) => (
                <li key={line.id} className={line.wait ? "waits" : ""}>
                  <label>
                    <Ticked
                      checked={done(line.tick)}
                      onTick={(now) => table.tick({ line: line.tick, done: now })}
                    />
                    <b className="cut-letter">{line.letter}</b>
                    <span>
                      <strong>{line.name}</strong> {several && <em>{line.make}</em>} {line.text}
                      {line.how.map((how) => (
                        <small key={how}>{how}</small>
                      ))}
                      {line.wait && <small className="cut-wait">{line.wait}</small>}
                    </span>
                  </label>
                </li>
              ))}
            </ol>
            <p className="cut-label">{say("cut-label")}</p>
            <button
              type="button"
              className={done(whole) ? "button" : "primary"}
              onClick={() => void table.tick({ line: whole, done: !done(whole) })}
            >
              {say(done(whole) ? "cut-give-back" : "cut-all")}
            </button>
            {done(whole) && <p className="hint">{say("cut-taken")}</p>}
          </section>
        );
      })}
      {cutting.table.late.length > 0 && (
        <section className="panel cut-plan" aria-labelledby="cut-late">
          <h2 id="cut-late">{say("cut-late")}</h2>
          <ul>
            {cutting.table.late.map((late) => (
              <li key={late}>{late}</li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}
