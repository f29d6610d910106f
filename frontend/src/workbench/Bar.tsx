import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import Dropdown from "react-bootstrap/Dropdown";
import { Link, useNavigate } from "react-router";
import { DEVICE, SEWS } from "../api/asking";
import { api, unwrap, type Catalogue, type Project, type Schemas, type Thing } from "../api/client";
import { projectsChanged, useProjects } from "../api/queries";
import { Places } from "../kit/Places";
import { Top } from "../kit/Top";
import type { Keeping } from "./keeping/state";
import { useOnce } from "../kit/useOnce";
import { say } from "../words/say";

const KEPT: Record<Keeping, string> = {
  opening: say("bar-opening"),
  kept: say("bar-kept"),
  keeping: say("bar-keeping"),
  open: say("bar-open"),
  elsewhere: say("bar-elsewhere"),
  offline: say("bar-offline"),
  full: say("bar-full"),
  closed: say("bar-closed"),
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
  /** What other sizes the form can be had at. */
  scales: Catalogue["forms"][number]["scales"];
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
  scales,
  steps,
  onName,
  onStep,
  onUnit,
  children,
}: Props) {
  if (SEWS)
    return (
      <Top>
        {children}
        <div className="project-name">
          <strong>{name}</strong>
          <small>{say("here-sews", { device: DEVICE })}</small>
        </div>
        <Places />
      </Top>
    );
  return (
    <Top>
      {children}
      <div className="project-name">
        <span className="name-row">
          <input
            aria-label={say("bar-name")}
            value={name}
            maxLength={120}
            readOnly={keeping === "opening"}
            onChange={(e) => onName(e.target.value)}
          />
          <Variants id={id} family={project?.family ?? null} things={things} scales={scales} />
        </span>
        <small role="status" className={keeping}>
          {KEPT[keeping]}
        </small>
        {project?.template && <BeginFrom id={id} />}
      </div>
      <div className="top-buttons">
        <div className="units steps" role="group" aria-label={say("bar-steps")}>
          <button
            type="button"
            aria-label={say("bar-undo")}
            title={say("bar-undo.keys")}
            disabled={!steps.undo && keeping !== "open"}
            onClick={() => onStep("undo")}
          >
            ↶
          </button>
          <button
            type="button"
            aria-label={say("bar-redo")}
            title={say("bar-redo.keys")}
            disabled={!steps.redo}
            onClick={() => onStep("redo")}
          >
            ↷
          </button>
        </div>
        <Link className="button" to={`/projects/${id}/cloth`}>
          {say("bar-print")}
        </Link>
        <div className="units" role="group" aria-label={say("bar-ruler")}>
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

/** A template is told apart, and a make begun from it. */
function BeginFrom({ id }: { id: string }) {
  const client = useQueryClient();
  const navigate = useNavigate();
  const begin = useOnce(async () => {
    const made = unwrap(await api.POST("/api/projects", { body: { template: id } }));
    await projectsChanged(client);
    void navigate(`/projects/${made.id}/pieces`);
  });
  return (
    <small className="is-template" title={say("bar-template.help")}>
      {say("bar-template")}{" "}
      <button type="button" className="fix" onClick={() => begin()}>
        {say("bar-template-begin")}
      </button>
    </small>
  );
}

/** The same make for other things, kept together. */
function Variants({
  id,
  family,
  things,
  scales,
}: Pick<Props, "id" | "things" | "scales"> & { family: string | null }) {
  const [open, setOpen] = useState(false);
  const projects = useProjects(open || family !== null);
  const client = useQueryClient();
  const navigate = useNavigate();
  const others = (projects.data ?? []).filter((p) => family && p.family === family && p.id !== id);
  const make = useOnce(async (body: Schemas["NewVariant"], stage?: "form") => {
    const made = unwrap(await api.POST("/api/projects/{id}/variants", { params: { path: { id } }, body }));
    await projectsChanged(client);
    void navigate(`/projects/${made.id}/${stage ?? "thing"}`);
  });
  return (
    <Dropdown align="end" show={open} onToggle={setOpen}>
      <Dropdown.Toggle variant="link" className="more variants" aria-label={say("bar-variants")}>
        {others.length > 0 ? others.length + 1 : "+"}
      </Dropdown.Toggle>
      <Dropdown.Menu>
        {others.length > 0 && <Dropdown.Header>{say("bar-variants")}</Dropdown.Header>}
        {others.map((other) => (
          <Dropdown.Item key={other.id} as={Link} to={`/projects/${other.id}/pieces`}>
            {other.name}
          </Dropdown.Item>
        ))}
        {others.map((other) => (
          <Dropdown.Item key={`c${other.id}`} as={Link} to={`/compare/${id}/${other.id}`}>
            {say("bar-compare", { name: other.name })}
          </Dropdown.Item>
        ))}
        <Dropdown.Header>{say("bar-again")}</Dropdown.Header>
        <Dropdown.Item onClick={() => make({})}>{say("bar-as-is")}</Dropdown.Item>
        {things.map((thing) => (
          <Dropdown.Item key={thing.id} onClick={() => make({ thing: thing.id })}>
            {say("bar-for", { name: thing.name })}
          </Dropdown.Item>
        ))}
        <Dropdown.Header>{say("bar-scale")}</Dropdown.Header>
        {scales.map((scale) => (
          <Dropdown.Item key={scale} title={say("bar-scale.help")} onClick={() => make({ scale }, "form")}>
            {say(`bar-scale.${scale}`)}
          </Dropdown.Item>
        ))}
      </Dropdown.Menu>
    </Dropdown>
  );
}
