import { useState } from "react";
import type { Schemas } from "../api/client";
import { Ticked } from "../kit/Ticked";
import { copyText } from "../kit/copyText";
import { say } from "../words/say";
import type { AtTable, Cutting } from "./useCutting";

type Buying = Schemas["BuyingDoc"];

/** What to buy over all makes, less what the pile has, as it is sold; what it costs. */
export function Shopping({ id, cutting, table }: { id: string; cutting: Cutting; table: AtTable }) {
  const [copied, setCopied] = useState(false);
  const rows = cutting.table.shopping;
  const copy = async () => {
    const text = rows
      .filter((row) => !row.enough)
      .map((row) => `${row.buy}  ${row.name}${row.role ? ` (${row.role})` : ""}`)
      .join("\n");
    await copyText(text);
    setCopied(true);
  };
  return (
    <section className="panel shopping" aria-labelledby="shopping">
      <header>
        <h2 id="shopping">{say("buy-title")}</h2>
        <p className="lay-actions">
          <a className="button" target="_blank" rel="noreferrer" href={`/api/cuttings/${id}/shopping.pdf`}>
            {say("buy-print")}
          </a>
          <button type="button" className="button" onClick={() => void copy()}>
            {say(copied ? "buy-copied" : "buy-copy")}
          </button>
          <a className="button" href={`/api/cuttings/${id}/shopping.csv`}>
            {say("buy-csv")}
          </a>
        </p>
      </header>
      <table className="needs">
        <thead>
          <tr>
            <th scope="col">{say("buy-got")}</th>
            <th scope="col">{say("cloth-what")}</th>
            <th scope="col">{say("cloth-buy")}</th>
            <th scope="col">{say("buy-why")}</th>
            <th scope="col">{say("buy-pack")}</th>
            <th scope="col">{say("buy-price")}</th>
            <th scope="col">{say("buy-cost")}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <Row key={row.id} row={row} cutting={cutting} table={table} />
          ))}
        </tbody>
        {cutting.table.total && (
          <tfoot>
            <tr>
              <th scope="row" colSpan={6}>
                {say("buy-total")}
              </th>
              <td>
                <strong>{cutting.table.total}</strong>
              </td>
            </tr>
          </tfoot>
        )}
      </table>
      {cutting.table.total && (
        <>
          <h3>{say("buy-each")}</h3>
          <ul className="costs">
            {cutting.table.costs.map((cost) => (
              <li key={cost.make}>
                <strong>{cost.make}</strong> {say("buy-each.one", { cost: cost.each })}
                {cost.count > 1 && ` ${say("buy-each.all", { count: cost.count, cost: cost.cost })}`}
                {cost.lacks.length > 0 && (
                  <small>{say("buy-each.lacks", { what: cost.lacks.join(", ") })}</small>
                )}
              </li>
            ))}
          </ul>
        </>
      )}
      <p className="hint">{say("buy-hint")}</p>
    </section>
  );
}

function Row({ row, cutting, table }: { row: Buying; cutting: Cutting; table: AtTable }) {
  const tick = `bought ${row.id}`;
  const got = cutting.ticks.includes(tick);
  const tell = (name: "price" | "pack", text: string) => {
    if (text.trim() === row[name]) return;
    void table.price({
      what: row.what,
      kind: row.kind,
      price: row.price,
      pack: row.pack,
      [name]: text.trim(),
    });
  };
  const field = (name: "price" | "pack", label: string) => (
    <input
      key={row[name]}
      inputMode="decimal"
      size={6}
      aria-label={label}
      placeholder={say(name === "pack" ? "buy-pack" : "buy-price")}
      defaultValue={row[name]}
      onBlur={(event) => tell(name, event.target.value)}
      onKeyDown={(event) => event.key === "Enter" && event.currentTarget.blur()}
    />
  );
  return (
    <tr className={got ? "got" : ""}>
      <td>
        <Ticked
          checked={got}
          label={say("buy-got.label", { name: row.name })}
          onTick={(now) => table.tick({ line: tick, done: now })}
        />
      </td>
      <th scope="row">
        {row.name} {row.role && <small>{row.role}</small>}
        {cutting.makes.length > 1 && <small className="for-makes">{row.makes.join(", ")}</small>}
        {row.notes.map((note) => (
          <small key={note} className="for-makes">
            {note}
          </small>
        ))}
      </th>
      <td>
        <strong>{row.enough ? say("buy-nothing") : row.buy}</strong>
        {row.have && <small>{say("buy-have", { amount: row.have })}</small>}
        {row.left && <small>{say("buy-left", { amount: row.left })}</small>}
      </td>
      <td>
        {row.sums.length > 0 ? (
          <details>
            <summary>{row.exact}</summary>
            <table className="buy-sums">
              <tbody>
                {row.sums.map((part, nth) => (
                  <tr key={nth}>
                    <th scope="row">{part.label}</th>
                    <td>{part.amount}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </details>
        ) : (
          row.exact
        )}
      </td>
      <td>{row.kind !== "cloth" && field("pack", say("buy-pack.label", { name: row.name }))}</td>
      <td>{field("price", say("buy-price.label", { name: row.name }))}</td>
      <td>{row.cost}</td>
    </tr>
  );
}
