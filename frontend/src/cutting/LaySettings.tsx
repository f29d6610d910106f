import { Link } from "react-router";
import { Chosen } from "../kit/Chosen";
import { Ticked } from "../kit/Ticked";
import { say } from "../words/say";
import { NO_WISH, type AtTable, type ClothLaid, type Cutting, type Wish } from "./useCutting";

const LENGTHS = [
  ["gap", say("lay-gap"), say("lay-gap.help")],
  ["repeat_up", say("lay-repeat-up"), say("lay-repeat-up.help")],
  ["repeat_across", say("lay-repeat-across"), say("lay-repeat-across.help")],
] as const;

/** How a cloth is laid: on what of the pile, folded, across, matched to its print, and how it is bought. */
export function LaySettings({
  cloth,
  cutting,
  table,
}: {
  cloth: ClothLaid;
  cutting: Cutting;
  table: AtTable;
}) {
  const wish: Wish = { ...NO_WISH, ...cutting.settings.cloths[cloth.key] };
  const set = (changes: Partial<Wish>) => table.wish(cloth.key, () => changes);
  const takes = new Map(cloth.fits.map((one) => [one.id, one.letters.join(", ")]));
  const fits = cutting.pile.filter((one) => takes.has(one.id) || wish.on.includes(one.id));
  const hosts = cutting.table.cloths.filter((other) => other.key !== cloth.key);
  const neverAcross = cloth.directional || cloth.stretches;
  return (
    <details className="lay-settings">
      <summary>{say("lay-how")}</summary>
      <div className="lay-row">
        <fieldset>
          <legend>{say("lay-pile")}</legend>
          {fits.length === 0 && (
            <p className="hint">
              {say("lay-pile.none")} <Link to="/pile">{say("pile-title")}</Link>
            </p>
          )}
          {fits.map((one) => (
            <label key={one.id} className="lay-check">
              <Ticked
                checked={wish.on.includes(one.id)}
                onTick={(now) =>
                  table.wish(cloth.key, ({ on }) => {
                    const others = on.filter((other) => other !== one.id);
                    return { on: now ? [...others, one.id] : others };
                  })
                }
              />{" "}
              {one.name}{" "}
              <small>
                {one.text}
                {takes.has(one.id) && `; ${say("lay-takes", { letters: takes.get(one.id)! })}`}
              </small>
            </label>
          ))}
          {wish.on.length > 1 && (
            <label>
              {say("lay-first")}{" "}
              <Chosen value={wish.first} onChoose={(first) => set({ first: first as Wish["first"] })}>
                <option value="least">{say("lay-first.least")}</option>
                <option value="small">{say("lay-first.small")}</option>
                <option value="large">{say("lay-first.large")}</option>
              </Chosen>
            </label>
          )}
        </fieldset>
        <fieldset>
          <legend>{say("lay-cloth")}</legend>
          <label>
            {say("lay-bought")}{" "}
            <Chosen
              value={wish.buy ? wish.sold : "none"}
              onChoose={(sold) =>
                set(sold === "none" ? { buy: false } : { buy: true, sold: sold as Wish["sold"] })
              }
            >
              <option value="length">{say("lay-bought.length")}</option>
              <option value="fat-quarter">{say("lay-bought.quarter")}</option>
              {wish.on.length > 0 && <option value="none">{say("lay-bought.none")}</option>}
            </Chosen>
          </label>
          {hosts.length > 0 && (
            <label>
              {say("lay-from")}{" "}
              <Chosen value={wish.cut_from ?? ""} onChoose={(host) => set({ cut_from: host || null })}>
                <option value="">{say("lay-from.own")}</option>
                {hosts.map((other) => (
                  <option key={other.key} value={other.key}>
                    {other.material}, {other.role_text}
                  </option>
                ))}
              </Chosen>
            </label>
          )}
          {cloth.also.map((guest) => (
            <p key={guest}>
              {say("lay-also")}{" "}
              <button
                type="button"
                className="link"
                onClick={() => void table.wish(guest, () => ({ cut_from: null }))}
              >
                {say("lay-also.apart", { cloth: guest.split(":").slice(0, 2).reverse().join(", ") })}
              </button>
            </p>
          ))}
        </fieldset>
        <fieldset>
          <legend>{say("lay-lying")}</legend>
          <label className="lay-check">
            <Ticked checked={wish.fold} onTick={(now) => set({ fold: now })} /> {say("lay-folded")}
          </label>
          {wish.fold && !cloth.folded && <p className="hint">{say("lay-folded.not")}</p>}
          <label className="lay-check">
            <Ticked
              checked={neverAcross ? false : (wish.across ?? cloth.across)}
              disabled={neverAcross}
              onTick={(now) => set({ across: now })}
            />{" "}
            {say(
              cloth.directional
                ? "lay-may-across.print"
                : cloth.stretches
                  ? "lay-may-across.stretch"
                  : cloth.grain
                    ? "lay-may-across"
                    : "lay-may-across.bare",
            )}
          </label>
          {LENGTHS.map(([name, label, help]) => (
            <label key={name} title={help}>
              {label}{" "}
              <input
                key={wish[name]}
                size={7}
                defaultValue={wish[name]}
                placeholder="0"
                onBlur={(e) =>
                  e.target.value.trim() !== wish[name] && void set({ [name]: e.target.value.trim() })
                }
                onKeyDown={(e) => e.key === "Enter" && e.currentTarget.blur()}
              />
            </label>
          ))}
        </fieldset>
      </div>
    </details>
  );
}
