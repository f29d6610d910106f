import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import Dropdown from "react-bootstrap/Dropdown";
import { Link, useNavigate } from "react-router";
import { api, unwrap, type Project, type Thing } from "../api/client";
import { useProjects } from "../api/queries";
import { Top } from "../kit/Top";
import type { Keeping } from "./keeping/state";

const KEPT: Record<Keeping, string> = {
  kept: "kept",
  keeping: "keeping…",
  open: "an entry is open; the last good state is kept",
  elsewhere: "changed in another window: reload",
  offline: "Egg Tuck does not answer; not kept yet, trying again",
};

interface Props {
  project: Project | undefined;
  id: string;
  name: string;
  keeping: Keeping;
  unit: unknown;
  /** Whether the project and the habits are at hand. */
  ready: boolean;
  /** Things another variant could be for. */
  things: Thing[];
  steps: { undo: boolean; redo: boolean };
  onName: (name: string) => void;
  onStep: (way: "undo" | "redo") => void;
  onUnit: (unit: "cm" | "in") => void;
  children: React.ReactNode;
}

/** Along the top of a project: the tape, its name and variants, a way back from every edit, print and ruler. */
export function Bar({
  project,
  id,
  name,
  keeping,
  unit,
  ready,
  things,
  steps,
  onName,
  onStep,
  onUnit,
  children,
}: Props) {
  return (
    <Top>
      {children}
      <div className="project-name">
        <span className="name-row">
          <input
            aria-label="Name of the project"
            value={name}
            maxLength={120}
            onChange={(e) => onName(e.target.value)}
          />
          <Variants id={id} family={project?.family ?? null} things={things} />
        </span>
        <small role="status" className={keeping}>
          {KEPT[keeping]}
        </small>
      </div>
      <div className="top-buttons">
        <div className="units steps" role="group" aria-label="Back and forward">
          <button
            type="button"
            aria-label="Undo"
            title="Undo (Ctrl Z)"
            disabled={!steps.undo && keeping !== "open"}
            onClick={() => onStep("undo")}
          >
            ↶
          </button>
          <button
            type="button"
            aria-label="Redo"
            title="Redo (Ctrl Shift Z)"
            disabled={!steps.redo}
            onClick={() => onStep("redo")}
          >
            ↷
          </button>
        </div>
        <Link className="button" to={`/projects/${id}/cloth`}>
          Print
        </Link>
        <div className="units" role="group" aria-label="Ruler">
          {(["cm", "in"] as const).map((choice) => (
            <button
              key={choice}
              type="button"
              disabled={!ready}
              aria-pressed={unit === choice}
              onClick={() => onUnit(choice)}
            >
              {choice}
            </button>
          ))}
        </div>
      </div>
    </Top>
  );
}

/** The same make for other things, kept together. */
function Variants({ id, family, things }: { id: string; family: string | null; things: Thing[] }) {
  const [open, setOpen] = useState(false);
  const projects = useProjects(open || family !== null);
  const client = useQueryClient();
  const navigate = useNavigate();
  const others = (projects.data ?? []).filter((p) => family && p.family === family && p.id !== id);
  const make = async (thing?: string) => {
    const made = unwrap(
      await api.POST("/api/projects/{id}/variants", { params: { path: { id } }, body: { thing } }),
    );
    await client.invalidateQueries({ queryKey: ["projects"] });
    void navigate(`/projects/${made.id}/thing`);
  };
  return (
    <Dropdown align="end" show={open} onToggle={setOpen}>
      <Dropdown.Toggle variant="link" className="more variants" aria-label="Variants">
        {others.length > 0 ? others.length + 1 : "+"}
      </Dropdown.Toggle>
      <Dropdown.Menu>
        {others.length > 0 && <Dropdown.Header>Variants</Dropdown.Header>}
        {others.map((other) => (
          <Dropdown.Item key={other.id} as={Link} to={`/projects/${other.id}/pieces`}>
            {other.name}
          </Dropdown.Item>
        ))}
        {others.map((other) => (
          <Dropdown.Item key={`c${other.id}`} as={Link} to={`/compare/${id}/${other.id}`}>
            Compare with {other.name}
          </Dropdown.Item>
        ))}
        <Dropdown.Header>The same again</Dropdown.Header>
        <Dropdown.Item onClick={() => void make()}>as it is</Dropdown.Item>
        {things.map((thing) => (
          <Dropdown.Item key={thing.id} onClick={() => void make(thing.id)}>
            for {thing.name}
          </Dropdown.Item>
        ))}
      </Dropdown.Menu>
    </Dropdown>
  );
}
