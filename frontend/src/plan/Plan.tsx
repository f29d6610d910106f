import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { api, unwrap, type Schemas, type Settings } from "../api/client";
import { keepHabits } from "../api/habits";
import { useProjects, useSettings } from "../api/queries";
import { Chosen } from "../kit/Chosen";
import { Places } from "../kit/Places";
import { Toast } from "../kit/Toast";
import { Top } from "../kit/Top";
import { tell } from "../kit/Troubles";
import { useNotice } from "../kit/useNotice";
import { useOnce } from "../kit/useOnce";
import { say } from "../words/say";
import { dayOf } from "../log/Made";
import { Evenings, type Value } from "./Evenings";
import { OrderForm } from "./OrderForm";
import "./plan.css";

type Order = Schemas["OrderShown"];
const STATES: Order["state"][] = ["asked", "making", "ready", "given"];

/** By its own name, or by what is made; of that everything may have been put away. */
function called(one: Schemas["BatchSummary"]): string {
  return one.name || one.makes.join(", ") || say("batch-empty");
}

/** For whom, what and by when; what belongs together; and what is made together, evening by evening. */
export function Plan() {
  const client = useQueryClient();
  const navigate = useNavigate();
  const settings = useSettings();
  const projects = useProjects();
  const [open, setOpen] = useState<string | null>(null);
  const notices = useNotice();
  const orders = useQuery({
    queryKey: ["orders"],
    queryFn: async () => unwrap(await api.GET("/api/orders")),
  });
  const batches = useQuery({
    queryKey: ["batches"],
    queryFn: async () => unwrap(await api.GET("/api/batches")).batches,
  });
  const refresh = async () => {
    await client.invalidateQueries({ queryKey: ["orders"] });
    await client.invalidateQueries({ queryKey: ["batches"] });
  };
  const save = async (wanted: (now: Value) => Partial<Value>) => {
    // From what is known by then: two changes may follow each other closely.
    const known = client.getQueryData<Settings>(["settings"])!;
    const now = { ...eveningsOf(known), ...wanted(eveningsOf(known)) };
    const changes = { evening: now.evening, evening_days: now.weekdays, evening_at: now.at };
    client.setQueryData(["settings"], { ...known, ...changes });
    await keepHabits(changes);
    await refresh();
  };
  const change = async (order: Order, changes: Partial<Schemas["OrderTold"]>) => {
    unwrap(
      await api.PUT("/api/orders/{id}", {
        params: { path: { id: order.id } },
        body: { ...told(order), ...changes },
      }),
    );
    await refresh();
  };
  const remove = useOnce(
    ({ id, title }: Order) => {
      const params = { path: { id } };
      return notices.takeAway(say("order-away", { title }), {
        away: async () => unwrap(await api.DELETE("/api/orders/{id}", { params })),
        back: async () => unwrap(await api.POST("/api/orders/{id}/restore", { params })),
        refresh,
      });
    },
    ({ id }) => id,
  );
  const together = useOnce(async (name: string, makes: Schemas["BatchMakeTold"][]) => {
    const made = unwrap(await api.POST("/api/batches", { body: { name, makes } }));
    await client.invalidateQueries({ queryKey: ["batches"] });
    void navigate(`/plan/${made.id}`);
  });
  const cut = useOnce(async (name: string, makes: Schemas["BatchMakeTold"][]) => {
    const made = unwrap(await api.POST("/api/cuttings", { body: { name, makes } }));
    await client.invalidateQueries({ queryKey: ["cuttings"] });
    void navigate(`/cutting/${made.id}/lay`);
  });
  const drop = useOnce(
    (one: Schemas["BatchSummary"]) => {
      const params = { path: { id: one.id } };
      return notices.takeAway(say("order-away", { title: called(one) }), {
        away: async () => unwrap(await api.DELETE("/api/batches/{id}", { params })),
        back: async () => unwrap(await api.POST("/api/batches/{id}/restore", { params })),
        refresh,
      });
    },
    ({ id }) => id,
  );
  const every = orders.data?.orders ?? [];
  return (
    <div className="page">
      <Top>
        <Places />
      </Top>
      <main
        className="linen home plan"
        aria-busy={orders.isLoading || batches.isLoading || projects.isLoading || settings.isLoading}
      >
        <h1>{say("plan-title")}</h1>
        {settings.data && (
          <Evenings
            value={eveningsOf(settings.data)}
            onChange={(changes) => void save(changes).catch(tell)}
          />
        )}
        <section aria-labelledby="orders">
          <h2 id="orders">{say("orders")}</h2>
          {every.length === 0 && <p>{say("orders-none")}</p>}
          <ul className="orders">
            {every.map((order) =>
              open === order.id ? (
                <li key={order.id} className="panel">
                  <OrderForm
                    order={order}
                    projects={projects.data ?? []}
                    onKept={() => {
                      setOpen(null);
                      void refresh();
                    }}
                    onLeave={() => setOpen(null)}
                  />
                </li>
              ) : (
                <li key={order.id} className={`panel order-${order.state}`}>
                  <header>
                    <strong>
                      {order.count > 1 && `${order.count} × `}
                      {order.project ? (
                        <Link to={`/projects/${order.project_id}/pieces`}>{order.title}</Link>
                      ) : (
                        order.title
                      )}
                    </strong>
                    {order.whom && <span>{say("order-whom", { whom: order.whom })}</span>}
                    {order.due && (
                      <span className={order.late ? "late" : ""}>
                        {say("order-by", { day: dayOf(order.due) })}
                      </span>
                    )}
                    <label>
                      <span className="visually-hidden">{say("order-state")}</span>
                      <Chosen
                        value={order.state}
                        onChoose={(state) => change(order, { state: state as Order["state"] }).catch(tell)}
                      >
                        {STATES.map((state) => (
                          <option key={state} value={state}>
                            {say(`order-${state}`)}
                          </option>
                        ))}
                      </Chosen>
                    </label>
                  </header>
                  <p>
                    {[
                      order.project !== order.title && order.project,
                      order.cloth,
                      order.theme,
                      order.together && say("order-in", { name: order.together }),
                      order.price,
                      order.note,
                    ]
                      .filter(Boolean)
                      .join(" · ")}
                  </p>
                  {order.dates.map((text, nth) => (
                    <p key={nth} className="order-date">
                      {text}
                    </p>
                  ))}
                  <p className="made-actions">
                    <button type="button" className="button" onClick={() => setOpen(order.id)}>
                      {say("order-change")}
                    </button>
                    {order.project_id && order.project && (
                      <button
                        type="button"
                        className="button"
                        onClick={() =>
                          together(order.title, [{ project: order.project_id!, count: order.count }])
                        }
                      >
                        {say("order-evenings")}
                      </button>
                    )}
                    <button type="button" className="button" onClick={() => remove(order)}>
                      {say("order-drop")}
                    </button>
                  </p>
                </li>
              ),
            )}
          </ul>
          {open === "" ? (
            <div className="panel">
              <OrderForm
                projects={projects.data ?? []}
                onKept={() => {
                  setOpen(null);
                  void refresh();
                }}
                onLeave={() => setOpen(null)}
              />
            </div>
          ) : (
            <p className="made-actions">
              <button type="button" className="primary" onClick={() => setOpen("")}>
                {say("order-new")}
              </button>
              {every.some((order) => order.due) && <a href="/api/orders.ics">{say("order-calendar")}</a>}
            </p>
          )}
        </section>
        {(orders.data?.sets.length ?? 0) > 0 && (
          <section aria-labelledby="sets">
            <h2 id="sets">{say("sets")}</h2>
            <ul className="orders">
              {orders.data!.sets.map((set) => (
                <li key={set.name} className="panel">
                  <strong>{set.name}</strong>
                  <p>{set.texts.join(" ")}</p>
                  {set.makes.length > 0 && (
                    <p className="made-actions">
                      <button type="button" className="button" onClick={() => cut(set.name, set.makes)}>
                        {say("set-cut")}
                      </button>
                      <button type="button" className="button" onClick={() => together(set.name, set.makes)}>
                        {say("set-plan")}
                      </button>
                    </p>
                  )}
                </li>
              ))}
            </ul>
          </section>
        )}
        <section aria-labelledby="batches">
          <h2 id="batches">{say("batches")}</h2>
          <ul className="cuttings">
            {batches.data?.map((one) => (
              <li key={one.id}>
                <Link to={`/plan/${one.id}`}>{called(one)}</Link>
                <button
                  type="button"
                  className="quiet-button"
                  aria-label={say("batch-drop.label", { name: called(one) })}
                  onClick={() => drop(one)}
                >
                  {say("batch-drop")}
                </button>
              </li>
            ))}
          </ul>
          <NewBatch projects={projects.data ?? []} onBegin={(makes) => together("", makes)} />
        </section>
      </main>
      <Toast of={notices} />
    </div>
  );
}

const eveningsOf = (settings: Settings): Value => ({
  evening: settings.evening,
  weekdays: settings.evening_days,
  at: settings.evening_at,
});

/** An order as it is told again. */
function told(order: Order): Schemas["OrderTold"] {
  const { whom, title, project_id, count, theme, cloth, due, state, together, price, note } = order;
  return { whom, title, project_id, count, theme, cloth, due: due || null, state, together, price, note };
}

interface NewBatchProps {
  projects: Schemas["ProjectSummary"][];
  onBegin: (makes: Schemas["BatchMakeTold"][]) => void;
}

/** What is made together, and how many of each. */
function NewBatch({ projects, onBegin }: NewBatchProps) {
  const [counts, setCounts] = useState<Record<string, number>>({});
  const makes = Object.entries(counts)
    .filter(([, count]) => count > 0)
    .map(([project, count]) => ({ project, count }));
  return (
    <details className="batch-new">
      <summary>{say("batch-new")}</summary>
      <ul>
        {projects.map((project) => (
          <li key={project.id}>
            <label>
              <input
                type="number"
                min={0}
                max={100}
                value={counts[project.id] ?? 0}
                onChange={(event) =>
                  setCounts({
                    ...counts,
                    [project.id]: Math.min(100, Math.max(0, Number(event.target.value) || 0)),
                  })
                }
              />{" "}
              {project.name}
            </label>
          </li>
        ))}
      </ul>
      <button type="button" className="primary" disabled={makes.length === 0} onClick={() => onBegin(makes)}>
        {say("batch-begin")}
      </button>
    </details>
  );
}
