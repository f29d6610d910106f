import type { ReactNode } from "react";
import { useAsked } from "./useAsked";

interface Props {
  value: string;
  children: ReactNode;
  onChoose: (value: string) => Promise<unknown>;
}

/** A list that shows at once what was chosen, while the server is still being asked. */
export function Chosen({ value, children, onChoose }: Props) {
  const [shown, choose] = useAsked(value, onChoose);
  return (
    <select value={shown} onChange={(event) => choose(event.target.value)}>
      {children}
    </select>
  );
}
