import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, byField, Refused, unwrap, type Schemas, type Settings } from "../api/client";
import { keepHabits } from "../api/habits";
import { useSettings } from "../api/queries";
import { Coming } from "../kit/Coming";
import { Places } from "../kit/Places";
import { Top } from "../kit/Top";
import { Lessons } from "../sew/Lessons";
import { say } from "../words/say";
import "./machine.css";

type Told = Schemas["MachineTold"];
type Length = "free_arm" | "stack" | "foot_edge" | "needle_moves" | "plate" | "finger" | "fist";

type Entry = [Length, string, string];

const OF_THE_MACHINE: Entry[] = [
  ["free_arm", say("machine-free-arm"), say("machine-free-arm.help")],
  ["stack", say("machine-stack"), say("machine-stack.help")],
  ["foot_edge", say("machine-foot-edge"), say("machine-foot-edge.help")],
  ["needle_moves", say("machine-needle-moves"), say("machine-needle-moves.help")],
  ["plate", say("machine-plate"), say("machine-plate.help")],
];

const OF_THE_HAND: Entry[] = [
  ["finger", say("machine-finger"), say("machine-finger.help")],
  ["fist", say("machine-fist"), say("machine-fist.help")],
];

/** The maker's own machine and tools: told once, held against every make. */
export function Machine() {
  const settings = useSettings();
  return (
    <div className="page">
      <Top>
        <Places />
      </Top>
      <main className="linen home">
        <h1>{say("machine-title")}</h1>
        <p className="zone-sub">{say("machine-title.help")}</p>
        {settings.isLoading && <Coming />}
        {settings.data && <Told key={settings.data.unit} settings={settings.data} />}
      </main>
    </div>
  );
}

function Told({ settings }: { settings: Settings }) {
  const client = useQueryClient();
  const [told, setTold] = useState<Told>(settings.machine);
  const [errors, setErrors] = useState<Record<string, string>>({});
  const known = useQuery({
    queryKey: ["bench-tools"],
    queryFn: async () => unwrap(await api.GET("/api/bench/tools")).tools,
    staleTime: Infinity,
  });
  const save = async (changes: Partial<Told>) => {
    const machine = { ...told, ...changes };
    setTold(machine);
    try {
      await keepHabits({ machine });
    } catch (error) {
      // What was kept stays kept while an entry is none.
      if (!(error instanceof Refused)) throw error;
      setErrors(byField(error.problem));
      return;
    }
    setErrors({});
    client.setQueryData(["settings"], {
      ...settings,
      ...client.getQueryData<Settings>(["settings"]),
      machine,
    });
    await client.invalidateQueries({ queryKey: ["bench"] });
  };
  const tick = (list: "feet" | "tools", id: string, here: boolean) => {
    const before = told[list] ?? [];
    void save({ [list]: here ? [...before, id] : before.filter((one) => one !== id) });
  };
  const ticks = (list: "feet" | "tools") => (
    <section className="panel habits" aria-labelledby={list}>
      <h2 id={list}>{say(`machine-${list}`)}</h2>
      {known.isLoading && <Coming />}
      <p className="zone-sub">{say(`machine-${list}.help`)}</p>
      <ul className="owned">
        {known.data
          ?.filter((tool) => tool.foot === (list === "feet"))
          .map((tool) => (
            <li key={tool.id}>
              <label>
                <input
                  type="checkbox"
                  checked={told[list]?.includes(tool.id) ?? false}
                  onChange={(event) => tick(list, tool.id, event.target.checked)}
                />{" "}
                <strong>{tool.name}</strong> <small>{tool.job}</small>
              </label>
            </li>
          ))}
      </ul>
    </section>
  );
  const entries = (asked: Entry[]) => (
    <div className="habit-row">
      {asked.map(([name, label, help]) => {
        const error = errors[`machine.${name}`];
        return (
          <label key={name}>
            <span>{label}</span>
            <input
              value={told[name]}
              aria-invalid={error ? true : undefined}
              aria-describedby={`${name}-help`}
              onChange={(event) => void save({ [name]: event.target.value })}
            />
            <small id={`${name}-help`} className={error ? "entry-error" : ""}>
              {error ?? help}
            </small>
          </label>
        );
      })}
    </div>
  );
  return (
    <>
      <section className="panel habits" aria-labelledby="machine">
        <h2 id="machine">{say("machine-measures")}</h2>
        {entries(OF_THE_MACHINE)}
      </section>
      <section className="panel habits" aria-labelledby="hand">
        <h2 id="hand">{say("machine-hand")}</h2>
        <p className="zone-sub">{say("machine-hand.help")}</p>
        {entries(OF_THE_HAND)}
      </section>
      {ticks("feet")}
      {ticks("tools")}
      <section className="panel habits" aria-labelledby="stitches">
        <h2 id="stitches">{say("machine-stitches")}</h2>
        <p className="zone-sub">{say("machine-stitches.help")}</p>
        <Lessons />
      </section>
    </>
  );
}
