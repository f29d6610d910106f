import { useState } from "react";
import type { Draft, Settings } from "../api/client";
import { Swatch } from "../kit/Textures";

interface Props {
  id: string;
  draft: Draft;
  settings: Settings;
  onPaper: (paper: Settings["paper"]) => void;
  /** What else is settled here. */
  children?: React.ReactNode;
}

/** Files in open formats, by what is done with them. */
const FILES: [string, [string, string][]][] = [
  [
    "the pattern",
    [
      ["pattern.svg", "SVG"],
      ["pattern.dxf", "DXF"],
    ],
  ],
  [
    "the form",
    [
      ["form.glb", "GLB"],
      ["form.obj", "OBJ"],
      ["form.stl", "STL"],
    ],
  ],
  [
    "numbers and keeping",
    [
      ["cut-list.csv", "Cut list CSV"],
      ["draft.json", "Draft JSON"],
      ["project.json", "Project file"],
    ],
  ],
];

/** What to have ready, and everything that leaves the table on paper or as a file. */
export function Cloth({ id, draft, settings, onPaper, children }: Props) {
  const stops = draft.checks.filter((check) => check.verdict === "stop");
  const [read, setRead] = useState(false);
  const [looking, setLooking] = useState(false);
  const blocked = stops.length > 0 && !read;
  const query = `paper=${settings.paper}${read ? "&acknowledged=yes" : ""}`;
  return (
    <div className="panel cloth-stage">
      <h2>Have ready</h2>
      {children}
      <table className="needs">
        <thead>
          <tr>
            <th scope="col">what</th>
            <th scope="col">for</th>
            <th scope="col">buy</th>
            <th scope="col">pieces take</th>
            <th scope="col">note</th>
          </tr>
        </thead>
        <tbody>
          {draft.needs.map((need) => (
            <tr key={need.id}>
              <th scope="row">{need.name}</th>
              <td>
                {need.role !== need.id && (
                  <>
                    <Swatch role={need.role} /> {need.role}
                  </>
                )}
              </td>
              <td>
                <strong>{need.buy.text}</strong>
                {need.width && ` of ${need.width.text} wide`}
              </td>
              <td>{need.exact.text}</td>
              <td>{need.note}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <h2>On paper and as files</h2>
      <p className="paper-choice">
        Paper:
        {(["a4", "letter", "a3", "a0"] as const).map((paper) => (
          <label key={paper}>
            <input
              type="radio"
              name="paper"
              checked={settings.paper === paper}
              onChange={() => onPaper(paper)}
            />{" "}
            {paper === "letter" ? "Letter" : paper.toUpperCase()}
          </label>
        ))}
      </p>
      {stops.length > 0 && (
        <label className="acknowledge">
          <input type="checkbox" checked={read} onChange={(event) => setRead(event.target.checked)} /> I have
          read “{stops.map((s) => s.title).join("”, “")}” and want to print all the same.
        </label>
      )}
      <p className="exports">
        <Paper className="primary" blocked={blocked} href={`/api/projects/${id}/pattern.pdf?${query}`}>
          Print pattern and guide
        </Paper>
        <Paper blocked={blocked} href={`/api/projects/${id}/pattern.pdf?part=guide&${query}`}>
          Only the guide
        </Paper>
        <Paper
          blocked={blocked}
          href={`/api/projects/${id}/pattern.pdf?part=pattern&paper=sheet${read ? "&acknowledged=yes" : ""}`}
        >
          One large sheet
        </Paper>
        <button type="button" aria-pressed={looking} disabled={blocked} onClick={() => setLooking(!looking)}>
          Look before printing
        </button>
      </p>
      {looking && !blocked && (
        <img
          className="print-view"
          alt="The pages as they will be printed, with the pieces on them"
          src={`/api/projects/${id}/pages.svg?paper=${settings.paper}&now=${encodeURIComponent(draft.pieces.map((p) => p.box.join()).join())}`}
        />
      )}
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
      <p className="hint">
        Print at 100 %, without fitting to the page; the first page has a square to measure.
      </p>
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
