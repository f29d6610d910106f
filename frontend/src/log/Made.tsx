import { useState } from "react";
import { Link } from "react-router";
import { SEWS } from "../api/asking";
import { api, unwrap, type Schemas } from "../api/client";
import { upload } from "../api/upload";
import { FileButton } from "../kit/FileButton";
import { tell } from "../kit/Troubles";
import { noted } from "../sew/noted";
import { locale, say } from "../words/say";

interface Props {
  id: string;
  make: Schemas["Make"];
  options: Schemas["OptionInfo"][];
  onChange: () => void;
  onRemove: () => void;
  onAgain: () => void;
  /** To how it read at a revision. */
  onBack: (to: number) => void;
  onPhoto: () => void;
}

/** A day as this language writes it. */
export function dayOf(date: string): string {
  return new Date(`${date}T12:00`).toLocaleDateString(locale, {
    dateStyle: "long",
  });
}

/** One make in the log: what it took, measured and did, with its photos, and how the entry read before. */
export function Made({ id, make, options, onChange, onRemove, onAgain, onBack, onPhoto }: Props) {
  const [known, setKnown] = useState<{ revision: number; before: Schemas["MakeVersion"][] } | null>(null);
  // What was asked for of another revision lacks the one after it.
  const before = known?.revision === make.revision ? known.before : null;
  const ask = async () =>
    setKnown({
      revision: make.revision,
      before: unwrap(
        await api.GET("/api/projects/{id}/makes/{make}/versions", {
          params: { path: { id, make: make.id } },
        }),
      ).versions,
    });
  const tried = make.tests.filter((one) => make.trial.tests[one.id] !== undefined);
  return (
    <>
      <header>
        <strong>{dayOf(make.made_on)}</strong>
        {make.minutes !== null && <span>{say("log-took", { count: make.minutes })}</span>}
        {make.sale.price && <span>{say("log-sold", { price: make.sale.price })}</span>}
        <button type="button" className="button" aria-label={say("log-take-out")} onClick={onRemove}>
          ×
        </button>
      </header>
      {make.measured.map((m) => (
        <p key={m.name}>
          {m.remark} {m.fine !== null && <em>{say(m.fine ? "log-fine-yes" : "log-fine-no")}</em>}
        </p>
      ))}
      {make.trial.remarks.map((text, nth) => (
        <p key={nth}>{text}</p>
      ))}
      {tried.map((one) => (
        <p key={one.id}>
          {make.trial.tests[one.id] ? "✓" : "✗"} {one.text}{" "}
          <em>{say(make.trial.tests[one.id] ? "log-test-yes" : "log-test-no")}</em>
        </p>
      ))}
      {make.differed && (
        <p>
          <em>{say("log-differed.was")}</em> {make.differed}
        </p>
      )}
      {make.next_time && (
        <p>
          <em>{say("log-next.was")}</em> {make.next_time}
        </p>
      )}
      {make.notes.map((note) => (
        <p key={note.id}>
          <em>
            {say(`note-${note.kind}`)}, {note.title}:
          </em>{" "}
          {noted(note, options)} {note.cause && `(${note.cause})`}
        </p>
      ))}
      {make.uses.map((use) => (
        <p key={use.what}>{say(use.fits ? "log-use-did" : "log-use-did-not", { what: use.what })}</p>
      ))}
      {make.photos.length > 0 && (
        <p className="stage-photos">
          {make.photos.map((one) => (
            <a key={one.id} href={`/api/projects/${id}/photos/${one.id}`} target="_blank" rel="noreferrer">
              <img
                src={`/api/projects/${id}/photos/${one.id}`}
                alt={say("photo-of", { step: one.title || dayOf(make.made_on) })}
                width={120}
              />
            </a>
          ))}
        </p>
      )}
      {make.times.length > 0 && (
        <details>
          <summary>{say("log-times")}</summary>
          <table className="times">
            <thead>
              <tr>
                <th>{say("log-times-step")}</th>
                <th>{say("log-times-took")}</th>
                <th>{say("log-times-house")}</th>
              </tr>
            </thead>
            <tbody>
              {make.times.map((one) => (
                <tr key={one.step}>
                  <td>{one.title}</td>
                  <td>{one.took}</td>
                  <td>{one.house}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </details>
      )}
      {before?.map((one) => (
        <blockquote key={one.revision}>
          <small>{say("log-before", { at: new Date(one.changed_at).toLocaleString(locale) })}</small>
          <p>
            {dayOf(one.made_on)}
            {one.minutes !== null && `, ${say("log-took", { count: one.minutes })}`}
          </p>
          {one.measured.map((m) => (
            <p key={m.name}>{m.remark}</p>
          ))}
          <p>{[one.differed, one.next_time].filter(Boolean).join(" · ")}</p>
          <button type="button" className="fix" onClick={() => onBack(one.revision)}>
            {say("log-back")}
          </button>
        </blockquote>
      ))}
      <p className="made-actions">
        {make.kept && (
          <>
            {!SEWS && (
              <button type="button" className="button" onClick={onAgain}>
                {say("log-again")}
              </button>
            )}
            <Link to={`/projects/${id}/made/${make.id}`}>{say("log-as-made")}</Link>
          </>
        )}
        <button type="button" className="button" onClick={onChange}>
          {say("log-change")}
        </button>
        {make.revision > 1 && before === null && (
          <button type="button" className="button" onClick={() => void ask().catch(tell)}>
            {say("log-earlier")}
          </button>
        )}
        <FileButton
          text={say("log-photo")}
          label={say("log-photo.label")}
          accept="image/jpeg,image/png,image/webp"
          onFile={(file) =>
            void upload("POST", `/api/projects/${id}/photos`, file, { make: make.id }).then(onPhoto, tell)
          }
        />
      </p>
    </>
  );
}
