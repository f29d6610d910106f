import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect } from "react";
import { api, unwrap, type Project, type Schemas } from "../api/client";
import { tell } from "../kit/Troubles";
import { useInTurn } from "../kit/useInTurn";

export type Sitting = Schemas["Sitting"];
type Act = Schemas["ClockAct"]["act"];

/** How often the table says that it is still open (ms). */
const ALIVE = 60_000;

/** Where the make in hand stands, and its clock: started once a sitting, from then on each step begins with the one before done. */
export function useSitting(project: Project) {
  const client = useQueryClient();
  const id = project.id;
  const query = useQuery({
    queryKey: ["sitting", id],
    queryFn: async () => unwrap(await api.GET("/api/projects/{id}/sitting", { params: { path: { id } } })),
  });
  const again = useCallback(() => client.invalidateQueries({ queryKey: ["sitting", id] }), [client, id]);
  // What is ticked off changes what lies ready and how long it takes.
  const ticked = project.done.join();
  useEffect(() => void again(), [again, ticked]);
  const inTurn = useInTurn<Sitting>(["sitting", id]);
  const work = useCallback(
    (act: Act, step = "") => {
      const path = { params: { path: { id } } };
      const body = { act, step };
      inTurn(async () =>
        unwrap(await api.POST("/api/projects/{id}/clock", { ...path, body, keepalive: true })),
      ).then(again, tell);
    },
    [again, id, inTurn],
  );
  const running = query.data?.clock.running ?? null;
  useEffect(() => {
    if (!running) return;
    const timer = setInterval(() => work("alive"), ALIVE);
    return () => clearInterval(timer);
  }, [running, work]);
  return { sitting: query.data, coming: query.isLoading, running, work, again };
}
