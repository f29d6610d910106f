import { say } from "../words/say";

export type Which = "mine" | "theirs" | "both";

/** Something was changed elsewhere while it was changed here: the maker says which goes on. */
export function Both({ ways, onChoose }: { ways: readonly Which[]; onChoose: (which: Which) => void }) {
  return (
    <div className="elsewhere-bar" role="alert">
      <span>{say("elsewhere")}</span>
      {ways.map((which) => (
        <button key={which} type="button" className="button" onClick={() => onChoose(which)}>
          {say(`elsewhere-${which}`)}
        </button>
      ))}
    </div>
  );
}
