import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, unwrap } from "../api/client";
import { Coming } from "../kit/Coming";
import { tell } from "../kit/Troubles";
import { say } from "../words/say";

/** A file could not be used and was set aside: told where everything would lie, with the newest whole copy to bring back. */
export function Aside() {
  const client = useQueryClient();
  const [busy, setBusy] = useState(false);
  const keeping = useQuery({
    queryKey: ["keeping"],
    queryFn: async () => unwrap(await api.GET("/api/keeping")),
  });
  const aside = keeping.data?.aside;
  if (keeping.isLoading) return <Coming />;
  if (!aside) return null;
  const newest = aside.newest;
  const settle = async (name?: string) => {
    setBusy(true);
    try {
      if (name)
        unwrap(
          await api.POST("/api/copies/{name}", { params: { path: { name } }, body: { meeting: "leave" } }),
        );
      unwrap(await api.DELETE("/api/set-aside"));
      await client.invalidateQueries();
    } finally {
      setBusy(false);
    }
  };
  return (
    <section className="aside-told" role="alert">
      <p>{aside.text}</p>
      <p>{newest ? say("aside-copy", { copy: newest.text }) : say("aside-no-copy")}</p>
      <p>
        {newest && (
          <button
            type="button"
            className="primary"
            disabled={busy}
            onClick={() => void settle(newest.name).catch(tell)}
          >
            {say("aside-bring")}
          </button>
        )}{" "}
        <button type="button" className="button" disabled={busy} onClick={() => void settle().catch(tell)}>
          {say("aside-without")}
        </button>
      </p>
    </section>
  );
}
