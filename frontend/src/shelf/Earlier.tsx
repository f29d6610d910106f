import { useQuery } from "@tanstack/react-query";
import { api, unwrap, type Schemas } from "../api/client";
import { say } from "../words/say";

interface Props {
  id: string;
  revision: number;
  onBack: (earlier: Schemas["ThingVersion"]) => void;
}

/** How a thing was measured before; what is put back is kept only when it is kept. */
export function Earlier({ id, revision, onBack }: Props) {
  const query = useQuery({
    queryKey: ["things", id, "versions", revision],
    queryFn: async () =>
      unwrap(await api.GET("/api/things/{id}/versions", { params: { path: { id } } })).versions,
  });
  if (!query.data?.length) return null;
  return (
    <details className="earlier">
      <summary>{say("shelf-earlier", { count: query.data.length })}</summary>
      <ul>
        {query.data.map((one) => (
          <li key={one.revision}>
            {say("shelf-earlier-one", { day: one.day, name: one.name })} <small>{one.measures}</small>{" "}
            <button type="button" className="fix" onClick={() => onBack(one)}>
              {say("shelf-earlier-back")}
            </button>
          </li>
        ))}
      </ul>
    </details>
  );
}
