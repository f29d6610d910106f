import type { Schemas } from "../api/client";
import { say } from "../words/say";

type Tool = Schemas["StepPictureDoc"]["tools"][number];

/** Signs of what is taken to hand, in lines. */
const SIGNS: Record<Tool, string> = {
  scissors: "M6 5L22 25M26 5L10 25M8 25a3.4 3.4 0 1 0 .1 0M24 25a3.4 3.4 0 1 0 .1 0",
  iron: "M4 24H28L25 13H13Q6 14 4 24M13 13Q13 7 20 7H25L25 13",
  pen: "M6 26L8 20L22 6L26 10L12 24ZM19 9L23 13",
  machine: "M4 26H28V22H22V6H6V13H10V10H16V22H4ZM8 13V22",
  needle: "M5 27L24 8M24 8a3 3 0 1 1 3-3a3 3 0 0 1-3 3M26 6Q32 16 22 18T14 28",
  hands: "M9 27V15Q9 12 11 12T13 15V8Q13 6 15 6T17 8V14V7Q17 5 19 5T21 7V14V9Q21 7 23 7T25 9V20L22 27Z",
};

/** One of them, with its name for who does not see it. */
export function ToolSign({ tool }: { tool: Tool }) {
  return (
    <svg
      className="tool-sign"
      width="34"
      height="34"
      viewBox="0 0 32 32"
      role="img"
      aria-label={say(`tool.${tool}`)}
    >
      <path d={SIGNS[tool]} />
    </svg>
  );
}
