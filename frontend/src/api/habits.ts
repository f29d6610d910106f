import { api, unwrap, type Schemas, type Settings } from "./client";

/** Changes that were not sent yet, one after the other: what was entered last is kept last. */
const waiting: Waiting[] = [];
let sending = false;

interface Waiting {
  names: string;
  changes: Schemas["SettingsChange"];
  done: Promise<void>;
  settle: (kept: Promise<unknown>) => void;
}

/** Keeps some of the maker's habits. What is entered anew before it was sent replaces it. Throws `Refused` with what is wrong. */
export function keepHabits(changes: Partial<Settings>): Promise<void> {
  const names = Object.keys(changes).sort().join();
  const same = waiting.find((one) => one.names === names);
  if (same) {
    same.changes = changes;
    return same.done;
  }
  let settle!: Waiting["settle"];
  const done = new Promise<void>((resolve, reject) => {
    settle = (kept) => void kept.then(() => resolve(), reject);
  });
  waiting.push({ names, changes, done, settle });
  void send();
  return done;
}

async function send() {
  if (sending) return;
  sending = true;
  for (let next = waiting.shift(); next; next = waiting.shift()) {
    const kept = api.PUT("/api/settings", { body: next.changes, keepalive: true }).then(unwrap);
    next.settle(kept);
    await kept.catch(() => undefined);
  }
  sending = false;
}

// What is still waiting when the page is left goes along at once.
window.addEventListener("pagehide", () => {
  for (const { changes } of waiting.splice(0))
    void api.PUT("/api/settings", { body: changes, keepalive: true });
});
