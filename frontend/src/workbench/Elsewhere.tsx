import { useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "react-router";
import { projectsChanged } from "../api/queries";
import { tell } from "../kit/Troubles";
import { say } from "../words/say";

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
  return (
    <div className="elsewhere-bar" role="alert">
      <span>{say("elsewhere")}</span>
      {(["mine", "theirs", "both"] as const).map((keep) => (
        <button key={keep} type="button" className="button" onClick={() => void choose(keep).catch(tell)}>
          {say(`elsewhere-${keep}`)}
        </button>
      ))}
    </div>
  );
}
