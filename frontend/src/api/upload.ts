import { say } from "../words/say";
import { api, Refused, unwrap } from "./client";

/** A file on its way to be read. */
export interface Sent {
  id: string;
  name: string;
  stop: () => Promise<void>;
}

let sent: readonly Sent[] = [];
const watching = new Set<() => void>();

function keep(now: readonly Sent[]) {
  sent = now;
  for (const told of watching) told();
}

/** Files on their way, for `useSyncExternalStore`. */
export const onTheWay = {
  now: () => sent,
  watch: (told: () => void) => {
    watching.add(told);
    return () => void watching.delete(told);
  },
};

/** Sends a file as it is. Throws `Refused` with what is wrong with it. */
export async function send<Answer>(
  method: "POST" | "PUT",
  path: string,
  file: Blob,
  query: { [name: string]: string } = {},
  more: { headers?: Record<string, string>; signal?: AbortSignal } = {},
): Promise<Answer> {
  const url = new URL(path, window.location.origin);
  for (const [name, value] of Object.entries(query)) url.searchParams.set(name, value);
  const headers = { "Content-Type": "application/octet-stream", ...more.headers };
  const response = await fetch(url, { method, body: file, headers, signal: more.signal });
  const told: unknown = await response.json();
  return response.ok ? (told as Answer) : unwrap({ error: told, response });
}

/** Sends a file that is read by the server: it may have to wait for others, and can be stopped meanwhile. Throws `Refused`. */
export async function upload<Answer>(
  method: "POST" | "PUT",
  path: string,
  file: Blob,
  query: { [name: string]: string } = {},
): Promise<Answer> {
  const id = Array.from(crypto.getRandomValues(new Uint32Array(3)), (part) => part.toString(36)).join("");
  const given = new AbortController();
  const stop = async () => {
    // What has not come whole yet is not known there: it is sent no further.
    const answer = await api.DELETE("/api/readings/{name}", { params: { path: { name: id } } });
    if (answer.response.status === 404) given.abort();
  };
  keep([...sent, { id, name: file instanceof File ? file.name : "", stop }]);
  try {
    return await send<Answer>(method, path, file, query, {
      headers: { "X-Reading": id },
      signal: given.signal,
    });
  } catch (error) {
    if (!given.signal.aborted) throw error;
    const title = say("way-stopped");
    throw new Refused({ type: "about:blank", title, status: 0, detail: title, errors: [] });
  } finally {
    keep(sent.filter((one) => one.id !== id));
  }
}
