import type { Catalogue, Layer } from "../api/client";
import { say } from "../words/say";

interface Props {
  catalogue: Catalogue;
  role: Layer["role"];
}

/** What a layer can be of, to choose from: first what is sold for it, then the rest. */
export function Materials({ catalogue, role }: Props) {
  const sold = catalogue.roles.find((r) => r.id === role)?.sold ?? [];
  const [here, others] = [true, false].map((is) =>
    catalogue.materials.filter((m) => sold.includes(m.id) === is),
  );
  return (
    <>
      {here!.map((m) => (
        <option key={m.id} value={m.id}>
          {m.name}
        </option>
      ))}
      <optgroup label={say("materials-others")}>
        {others!.map((m) => (
          <option key={m.id} value={m.id}>
            {m.name}
          </option>
        ))}
      </optgroup>
    </>
  );
}
