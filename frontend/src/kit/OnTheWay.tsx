import { useQuery } from "@tanstack/react-query";
import { useEffect, useState, useSyncExternalStore } from "react";
import { api, unwrap } from "../api/client";
import { onTheWay, type Sent } from "../api/upload";
import { say } from "../words/say";

/** What is read sooner is not told of (ms). */
const SOON = 600;

/** Files that were sent and are not read yet: how far each is, and an end to it. */
export function OnTheWay() {
  const sent = useSyncExternalStore(onTheWay.watch, onTheWay.now);
  if (sent.length === 0) return null;
  return (
    <div className="on-the-way" role="status">
      {sent.map((one) => (
        <One key={one.id} one={one} />
      ))}
    </div>
  );
}

function One({ one }: { one: Sent }) {
  const [late, setLate] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setLate(true), SOON);
    return () => clearTimeout(timer);
  }, []);
  const far = useQuery({
    queryKey: ["reading", one.id],
    enabled: late,
    refetchInterval: SOON,
    queryFn: async () =>
      unwrap(await api.GET("/api/readings/{name}", { params: { path: { name: one.id } } })),
  });
  if (!late || !far.data) return null;
  return (
    <p>
      <progress aria-hidden /> {say("way", { file: one.name || say("way-photo"), far: far.data.text })}{" "}
      <button type="button" className="button" onClick={() => void one.stop()}>
        {say("way-stop")}
      </button>
    </p>
  );
}
