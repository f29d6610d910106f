import { useState } from "react";
import { Link } from "react-router";
import type { Draft, Settings } from "../api/client";
import { Swatch } from "../kit/Textures";
import { ToHand } from "../machine/ToHand";
import { say } from "../words/say";
import { Lays } from "./Lays";

interface Props {
  id: string;
  draft: Draft;
  settings: Settings;
  onPaper: (paper: Settings["paper"]) => void;
  onFix: (set: Record<string, string>) => void;
  /** What else is settled here. */
  children?: React.ReactNode;
}

/** Files in open formats, by what is done with them. */
const FILES: [string, [string, string][]][] = [
  [
    say("files-pattern"),
    [
      ["pattern.svg", "SVG"],
      ["pattern.dxf", "DXF"],
    ],
  ],
  [
    say("files-form"),
    [
      ["form.glb", "GLB"],
      ["form.obj", "OBJ"],
      ["form.stl", "STL"],
    ],
  ],
  [
    say("files-numbers"),
    [
      ["cut-list.csv", say("files-numbers.cut-list")],
      ["draft.json", say("files-numbers.draft")],
      ["project.json", say("files-numbers.project")],
    ],
  ],
];

/** What to have ready, and everything that leaves the table on paper or as a file. */
export function Cloth({ id, draft, settings, onPaper, onFix, children }: Props) {
  const stops = draft.checks.filter((check) => check.verdict === "stop");
  const [read, setRead] = useState(false);
  const [looking, setLooking] = useState(false);
  const blocked = stops.length > 0 && !read;
  const query = `paper=${settings.paper}${read ? "&acknowledged=yes" : ""}`;
  return (
    <div className="panel cloth-stage">
      <h2>{say("cloth-ready")}</h2>
      {children}
      <table className="needs">
        <thead>
          <tr>
            <th scope="col">{say("cloth-what")}</th>
            <th scope="col">{say("cloth-for")}</th>
            <th scope="col">{say("cloth-buy")}</th>
            <th scope="col">{say("cloth-exact")}</th>
            <th scope="col">{say("cloth-note")}</th>
          </tr>
        </thead>
        <tbody>
          {draft.needs.map((need) => (
            <tr key={need.id}>
              <th scope="row">{need.name}</th>
              <td>
                {need.role_text && (
                  <>
                    <Swatch role={need.role} /> {need.role_text}
                  </>
                )}
              </td>
              <td>
                <strong>{need.buy.text}</strong>
                {need.width && ` ${say("cloth-buy.wide", { width: need.width.text })}`}
              </td>
              <td>{need.exact.text}</td>
              <td>{need.note}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <Lays draft={draft} />
      <p className="to-cutting">
        <Link className="primary button" to={`/projects/${id}/cutting`}>
          {say("cutting-open")}
        </Link>{" "}
        {say("cutting-open.help")}
      </p>
      <ToHand spec={draft.spec} onFix={onFix} />
      <h2>{say("cloth-files")}</h2>
      <p className="paper-choice">
        {say("cloth-paper")}
        {(["a4", "letter", "a3", "a0"] as const).map((paper) => (
          <label key={paper}>
            <input
              type="radio"
              name="paper"
              checked={settings.paper === paper}
              onChange={() => onPaper(paper)}
            />{" "}
            {paper === "letter" ? say("cloth-paper.letter") : paper.toUpperCase()}
          </label>
        ))}
      </p>
      {stops.length > 0 && (
        <label className="acknowledge">
          <input type="checkbox" checked={read} onChange={(event) => setRead(event.target.checked)} />{" "}
          {say("cloth-acknowledge", { checks: stops.map((s) => s.title).join("”, “") })}
        </label>
      )}
      <p className="exports">
        <Paper className="primary" blocked={blocked} href={`/api/projects/${id}/pattern.pdf?${query}`}>
          {say("cloth-print")}
        </Paper>
        <Paper blocked={blocked} href={`/api/projects/${id}/pattern.pdf?part=guide&${query}`}>
          {say("cloth-guide")}
        </Paper>
        <Paper blocked={blocked} href={`/api/projects/${id}/pattern.pdf?part=pocket&${query}`}>
          {say("cloth-pocket")}
        </Paper>
        <Paper
          blocked={blocked}
          href={`/api/projects/${id}/pattern.pdf?part=pattern&paper=sheet${read ? "&acknowledged=yes" : ""}`}
        >
          {say("cloth-sheet")}
        </Paper>
        <button type="button" aria-pressed={looking} disabled={blocked} onClick={() => setLooking(!looking)}>
          {say("cloth-look")}
        </button>
      </p>
      {looking && !blocked && (
        <img
          className="print-view"
          alt={say("cloth-look.alt")}
          src={`/api/projects/${id}/pages.svg?paper=${settings.paper}&now=${encodeURIComponent(draft.pieces.map((p) => p.box.join()).join())}`}
        />
      )}
      <p className="exports file-group">
        <span>{say("cloth-along")}</span>
        {(["care", "tag", "label"] as const).map((kind) => (
          <a key={kind} target="_blank" rel="noreferrer" href={`/api/projects/${id}/care.pdf?kind=${kind}`}>
            {say(`cloth-along-${kind}`)}
          </a>
        ))}
        <a target="_blank" rel="noreferrer" href={`/api/projects/${id}/pattern.pdf?part=share`}>
          {say("cloth-share")}
        </a>
      </p>
      {FILES.map(([group, files]) => (
        <p key={group} className="exports file-group">
          <span>{group}</span>
          {files.map(([file, name]) => (
            <a key={file} href={`/api/projects/${id}/${file}`}>
              {name}
            </a>
          ))}
        </p>
      ))}
      <p className="hint">{say("cloth-hint")}</p>
    </div>
  );
}

/** A way to a printed page; while the make is stopped it is shown, and leads nowhere. */
function Paper({
  href,
  blocked,
  className = "",
  children,
}: {
  href: string;
  blocked: boolean;
  className?: string;
  children: React.ReactNode;
}) {
  if (blocked)
    return (
      <span role="link" aria-disabled className={`${className} disabled`}>
        {children}
      </span>
    );
  return (
    <a className={className} target="_blank" rel="noreferrer" href={href}>
      {children}
    </a>
  );
}
