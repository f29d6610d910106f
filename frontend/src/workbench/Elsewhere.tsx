import { useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "react-router";
import { projectsChanged } from "../api/queries";
import { Both } from "../kit/Both";
import { tell } from "../kit/Troubles";

interface Props {
  id: string;
  /** Answers with the id of a variant, where both are kept. */
  settle: (keep: "mine" | "theirs" | "both") => Promise<string | null>;
}

/** The project was changed in another window, or on another device: nothing is dropped before the maker has said which goes on. */
export function Elsewhere({ settle }: Props) {
  const client = useQueryClient();
  const navigate = useNavigate();
  const choose = async (keep: "mine" | "theirs" | "both") => {
    const other = await settle(keep);
    await projectsChanged(client);
    if (other) void navigate(`/projects/${other}/pieces`);
  };
  return <Both ways={["mine", "theirs", "both"]} onChoose={(which) => void choose(which).catch(tell)} />;
}
