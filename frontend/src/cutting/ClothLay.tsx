import { useState } from "react";
import { Swatch } from "../kit/Textures";
import { say } from "../words/say";
import { LaySettings } from "./LaySettings";
import { OnGround } from "./OnGround";
import type { AtTable, ClothLaid, Cutting, LaidPiece } from "./useCutting";

interface Props {
  id: string;
  cloth: ClothLaid;
  cutting: Cutting;
  table: AtTable;
}

/** How long is searched (s). */
const SECONDS = [10, 30, 60];

/** One cloth with everything that is cut from it: dragged, turned, pinned, laid again, and better if somebody looks for it. */
export function ClothLay({ id, cloth, cutting, table }: Props) {
  const [chosen, choose] = useState<string | null>(null);
  const [seconds, setSeconds] = useState(10);
  const search = cutting.searches[cloth.key];
  const running = search && ["running", "stopping"].includes(search.state);
  const cut = cutting.ticks.includes(`cloth ${cloth.key}`);
  const one = cloth.grounds
    .flatMap((ground) => ground.laid.map((laid) => ({ laid, ground })))
    .find(({ laid }) => laid.id === chosen);
  const put = (laid: LaidPiece, ground: string, x: number, y: number, turn: boolean) =>
    table.move({ cloth: cloth.key, cutout: laid.id, ground, x, y, turn });
  const pinned = cloth.grounds.some((ground) => ground.laid.some((laid) => laid.pinned));
  return (
    <section className="panel cloth-lay" aria-label={`${cloth.material}, ${cloth.role_text}`}>
      <header>
        <Swatch role={cloth.role} />
        <h2>
          {cloth.material} <small>{cloth.role_text}</small>
        </h2>
        <p className="lay-told" aria-live="polite">
          {cloth.length.mm > 0 && (
            <strong>{say("lays-length", { length: cloth.length.text, width: cloth.width.text })}</strong>
          )}{" "}
          {cloth.saves.mm > 1 && `${say("lays-saves", { length: cloth.saves.text })} `}
          {say("lays-waste", { share: Math.round(cloth.waste * 100) })}{" "}
          {cloth.laid_across && <em>{say("lays-across")}</em>}
        </p>
      </header>
      {cloth.nowhere.length > 0 && (
        <p className="measure-error static">
          {say("lay-nowhere", { count: cloth.nowhere.length, pieces: cloth.nowhere.join(", ") })}
        </p>
      )}
      {cloth.faults.map((fault, nth) => (
        <p key={nth} className="measure-error static">
          {fault.text}
        </p>
      ))}
      <div className="lay-grounds">
        {cloth.grounds.map((ground) => (
          <OnGround
            key={ground.id}
            ground={ground}
            cloth={cloth}
            chosen={chosen}
            several={cutting.makes.length > 1}
            onChoose={choose}
            onMove={(laid, to, x, y) => (cut ? Promise.resolve() : put(laid, to, x, y, false))}
          />
        ))}
      </div>
      {one && !cut && (
        <p className="lay-one">
          <strong>{one.laid.name}</strong>
          {one.laid.note && <span>{one.laid.note}</span>}
          {one.laid.turns && (
            <button
              type="button"
              className="button"
              onClick={() => void put(one.laid, one.ground.id, one.laid.x, one.laid.y, true)}
            >
              {say("lay-turn")}
            </button>
          )}
          {one.laid.pinned ? (
            <button
              type="button"
              className="button"
              onClick={() => void table.unpin({ cloth: cloth.key, cutout: one.laid.id })}
            >
              {say("lay-unpin")}
            </button>
          ) : (
            <button
              type="button"
              className="button"
              onClick={() => void put(one.laid, one.ground.id, one.laid.x, one.laid.y, false)}
            >
              {say("lay-pin")}
            </button>
          )}
        </p>
      )}
      {cut ? (
        <p className="hint">{say("lay-is-cut")}</p>
      ) : (
        <>
          <p className="lay-actions">
            {running ? (
              <>
                <progress max={search.lasts} value={search.gone} aria-label={say("lay-searching")} />
                <span>{say("lay-searched", { gone: Math.round(search.gone), lasts: search.lasts })}</span>
                <button
                  type="button"
                  className="button"
                  onClick={() => void table.stop({ cloth: cloth.key })}
                >
                  {say("lay-stop")}
                </button>
              </>
            ) : (
              <>
                <button
                  type="button"
                  className="primary"
                  onClick={() => void table.search({ cloth: cloth.key, seconds })}
                >
                  {say("lay-search")}
                </button>
                <label>
                  <span className="visually-hidden">{say("lay-seconds")}</span>
                  <select value={seconds} onChange={(event) => setSeconds(Number(event.target.value))}>
                    {SECONDS.map((count) => (
                      <option key={count} value={count}>
                        {say("lay-seconds.count", { count })}
                      </option>
                    ))}
                  </select>
                </label>
                {pinned && (
                  <>
                    <button
                      type="button"
                      className="button"
                      onClick={() => void table.again({ cloth: cloth.key, keep: true })}
                    >
                      {say("lay-again")}
                    </button>
                    <button
                      type="button"
                      className="button"
                      onClick={() => void table.again({ cloth: cloth.key, keep: false })}
                    >
                      {say("lay-again-all")}
                    </button>
                  </>
                )}
                {search?.state === "done" && <span>{say("lay-found")}</span>}
                {search?.state === "stopped" && <span>{say("lay-stopped")}</span>}
              </>
            )}
            <span className="lay-files">
              <label title={say("lay-kerf.help")}>
                {say("lay-kerf")}{" "}
                <input
                  key={cutting.settings.kerf}
                  size={6}
                  defaultValue={cutting.settings.kerf}
                  placeholder="0"
                  onBlur={({ target }) =>
                    target.value.trim() !== cutting.settings.kerf &&
                    void table.change((now) => ({ settings: { ...now.settings, kerf: target.value.trim() } }))
                  }
                  onKeyDown={(event) => event.key === "Enter" && event.currentTarget.blur()}
                />
              </label>
              {(["pdf", "svg", "dxf"] as const).map((kind) => (
                <a key={kind} href={`/api/cuttings/${id}/lay.${kind}?cloth=${encodeURIComponent(cloth.key)}`}>
                  {kind.toUpperCase()}
                </a>
              ))}
            </span>
          </p>
          <LaySettings cloth={cloth} cutting={cutting} table={table} />
        </>
      )}
    </section>
  );
}
