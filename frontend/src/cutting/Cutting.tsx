import { Link, Navigate, NavLink, useParams } from "react-router";
import { Places } from "../kit/Places";
import { Top } from "../kit/Top";
import { say } from "../words/say";
import { ClothLay } from "./ClothLay";
import { CutPlan } from "./CutPlan";
import { Makes } from "./Makes";
import { Shopping } from "./Shopping";
import { useCutting } from "./useCutting";
import "./cutting.css";

const PARTS = [
  ["lay", say("cutting-lay")],
  ["cut", say("cutting-cut")],
  ["buy", say("cutting-buy")],
] as const;

/** The cutting table: everything laid on its cloth, the order to cut, what to buy. */
export function Cutting() {
  const { id = "", part = "" } = useParams();
  if (!PARTS.some(([name]) => name === part)) return <Navigate to={`/cutting/${id}/lay`} replace />;
  return <Table key={id} id={id} part={part} />;
}

function Table({ id, part }: { id: string; part: string }) {
  const table = useCutting(id);
  const { cutting } = table;
  return (
    <div className="page">
      <Top>
        <Places />
      </Top>
      <main className="linen cutting" aria-busy={!cutting && !table.missing}>
        {table.missing && (
          <p>
            {say("gone.text")} <Link to="/cutting">{say("cutting-title")}</Link>
          </p>
        )}
        {cutting && (
          <>
            <header className="cutting-head">
              <h1>
                {cutting.name ||
                  cutting.makes
                    .filter((make) => !make.gone)
                    .map((make) => make.name)
                    .join(", ") ||
                  say("cutting-gone")}
              </h1>
              <nav aria-label={say("cutting-parts")}>
                {PARTS.map(([name, text]) => (
                  <NavLink key={name} to={`/cutting/${id}/${name}`}>
                    {text}
                  </NavLink>
                ))}
              </nav>
            </header>
            {table.trouble && (
              <p className="measure-error static cutting-trouble" role="alert">
                {table.trouble}{" "}
                <button type="button" className="link" onClick={table.forget}>
                  {say("cutting-read")}
                </button>
              </p>
            )}
            <div className="cutting-columns">
              <div className="cutting-main">
                {part === "lay" &&
                  cutting.table.cloths.map((cloth) => (
                    <ClothLay key={cloth.key} id={id} cloth={cloth} cutting={cutting} table={table} />
                  ))}
                {part === "cut" && <CutPlan id={id} cutting={cutting} table={table} />}
                {part === "buy" && <Shopping id={id} cutting={cutting} table={table} />}
              </div>
              <Makes cutting={cutting} table={table} />
            </div>
          </>
        )}
      </main>
    </div>
  );
}
