import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, unwrap, type Schemas } from "../api/client";
import { troubleOf } from "../api/trouble";
import { Places } from "../kit/Places";
import { Top } from "../kit/Top";
import { useInTurn } from "../kit/useInTurn";
import { say } from "../words/say";
import { Invite } from "./Invite";
import "./devices.css";

type Sharing = Schemas["Sharing"];
type Device = Schemas["DeviceShown"];

/** Devices beside this machine: whether they are let in at all, who sees what, how one comes in, and which have. */
export function Devices() {
  const [invited, setInvited] = useState<Schemas["Invitation"] | null>(null);
  const [trouble, setTrouble] = useState("");
  const [notice, setNotice] = useState("");
  const sharing = useQuery({
    queryKey: ["devices"],
    queryFn: async () => unwrap(await api.GET("/api/devices")),
    // As long as a code is shown somebody waits to see that the device has come in; and it takes a moment till devices are answered.
    refetchInterval: ({ state }) => (invited || (state.data?.shared && !state.data.answered) ? 1500 : false),
  });
  const shown = sharing.data;
  const inTurn = useInTurn<Sharing>(["devices"]);
  const change = async (asked: () => Promise<Sharing>) => {
    setTrouble("");
    setNotice("");
    try {
      await inTurn(asked);
    } catch (error) {
      setTrouble(troubleOf(error));
    }
  };
  const turn = (shared: boolean) => {
    setInvited(null);
    return change(async () => unwrap(await api.PUT("/api/devices", { body: { shared } })));
  };
  const set = (device: Device, what: Partial<Pick<Device, "name" | "may">>) =>
    change(async () => {
      const body = { name: device.name, may: device.may, ...what };
      return unwrap(await api.PUT("/api/devices/{id}", { params: { path: { id: device.id } }, body }));
    });
  const takeOff = (device: Device) =>
    change(async () => {
      const path = { id: device.id };
      const now = unwrap(await api.DELETE("/api/devices/{id}", { params: { path } }));
      setNotice(say("devices-off-done", { name: device.name }));
      return now;
    });
  const came = invited && shown?.devices.find((device) => device.id === invited.device);
  return (
    <div className="page">
      <Top>
        <Places />
      </Top>
      <main className="linen shelf-page devices" aria-busy={sharing.isLoading}>
        <section className="panel" aria-labelledby="devices">
          <h1 id="devices">{say("devices")}</h1>
          {shown && (
            <>
              <label className="switch">
                <input
                  type="checkbox"
                  role="switch"
                  checked={shown.shared}
                  onChange={(event) => void turn(event.target.checked)}
                />{" "}
                {say("devices-switch")}
              </label>
              <p role="status">{stateOf(shown)}</p>
            </>
          )}
          {trouble && (
            <p className="measure-error static" role="alert">
              {trouble}
            </p>
          )}
          {shown && shown.addresses.length > 0 && (
            <Invite invited={came ? null : invited} onInvited={setInvited} onTrouble={setTrouble} />
          )}
          <div aria-live="polite">
            {came && <p className="came-in">{say("devices-in", { name: came.name })}</p>}
          </div>
        </section>
        <div>
          <section className="panel" aria-labelledby="devices-list">
            <h2 id="devices-list">{say("devices-list")}</h2>
            {shown?.devices.length === 0 && <p className="hint">{say("devices-none")}</p>}
            <ul>
              {shown?.devices.map((device) => (
                <li key={device.id}>
                  <span>
                    <strong>{device.name}</strong>{" "}
                    <small>{say("devices-when", { came: device.came_in, seen: device.seen })}</small>
                  </span>
                  <label>
                    {say("devices-may")}{" "}
                    <select
                      value={device.may}
                      onChange={(event) => void set(device, { may: event.target.value as Device["may"] })}
                    >
                      <option value="sew">{say("devices-may-sew")}</option>
                      <option value="all">{say("devices-may-all")}</option>
                    </select>
                  </label>
                  <button
                    type="button"
                    className="button"
                    aria-label={say("devices-off-list", { name: device.name })}
                    onClick={() => void takeOff(device)}
                  >
                    {say("devices-take-off")}
                  </button>
                </li>
              ))}
            </ul>
            <p role="status">{notice}</p>
          </section>
          <section className="panel" aria-labelledby="devices-who">
            <h2 id="devices-who">{say("devices-who")}</h2>
            <p>{say("devices-who-none")}</p>
            <p>{say("devices-who-sew")}</p>
            <p>{say("devices-who-all")}</p>
            <p className="caution">{say("devices-who-wire")}</p>
          </section>
        </div>
      </main>
    </div>
  );
}

function stateOf({ shared, answered, addresses }: Sharing) {
  if (!shared) return say("devices-off");
  if (addresses.length === 0) return say("devices-nowhere");
  return say(answered ? "devices-on" : "devices-not-yet", { addresses: addresses.join(", ") });
}
