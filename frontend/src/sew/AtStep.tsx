import { useState } from "react";
import { api, byField, Refused, unwrap, type Schemas } from "../api/client";
import { troubleOf } from "../api/trouble";
import { upload } from "../api/upload";
import { FileButton } from "../kit/FileButton";
import { tell } from "../kit/Troubles";
import { say } from "../words/say";
import type { Sitting } from "./useSitting";

type Kind = Schemas["NewNote"]["kind"];
const KINDS: Kind[] = ["next-time", "departure", "near-miss", "compromise"];
/** What was made otherwise, in own words or as a choice or an allowance. */
const ALLOWANCE = "allowance.default";

interface Props {
  id: string;
  step: string;
  sitting: Sitting;
  /** The choices of this make, to say which was made otherwise. */
  options: Schemas["OptionInfo"][];
  onChanged: () => void;
}

/** What is noted or photographed at this step, for the next make. */
export function AtStep({ id, step, sitting, options, onChanged }: Props) {
  const notes = sitting.notes.filter((one) => one.step === step);
  const photos = sitting.photos.filter((one) => one.step === step);
  const before = sitting.before.filter((one) => one.step === step);
  const [trouble, setTrouble] = useState("");
  const doing = async (what: () => Promise<unknown>) => {
    try {
      await what();
      setTrouble("");
      onChanged();
    } catch (error) {
      setTrouble(troubleOf(error));
    }
  };
  const drop = (note: string) =>
    doing(async () =>
      unwrap(await api.DELETE("/api/projects/{id}/notes/{note}", { params: { path: { id, note } } })),
    );
  const dropPhoto = (photo: string) =>
    doing(async () =>
      unwrap(await api.DELETE("/api/projects/{id}/photos/{photo}", { params: { path: { id, photo } } })),
    );
  return (
    <>
      {notes.length > 0 && (
        <ul className="step-notes">
          {notes.map((one) => (
            <li key={one.id}>
              <strong>{say(`note-${one.kind}`)}</strong> {noted(one, options)}
              {one.cause && ` (${one.cause})`}{" "}
              <button type="button" className="fix" onClick={() => void drop(one.id)}>
                {say("note-drop")}
              </button>
            </li>
          ))}
        </ul>
      )}
      {before.map((one) => (
        <details key={one.id} className="photo-before">
          <summary>{say("photo-before")}</summary>
          <img
            src={`/api/projects/${one.project}/photos/${one.id}`}
            alt={say("photo-of", { step: one.title })}
            width={320}
            loading="lazy"
          />
        </details>
      ))}
      {photos.length > 0 && (
        <p className="stage-photos">
          {photos.map((one) => (
            <span key={one.id}>
              <img
                src={`/api/projects/${id}/photos/${one.id}`}
                alt={say("photo-of", { step: one.title })}
                width={120}
              />
              <button
                type="button"
                className="slip-close"
                aria-label={say("photo-drop", { step: one.title })}
                onClick={() => void dropPhoto(one.id)}
              >
                ×
              </button>
            </span>
          ))}
        </p>
      )}
      {trouble && (
        <p className="measure-error static" role="alert">
          {trouble}
        </p>
      )}
      <div className="at-step">
        <NoteForm key={step} id={id} step={step} options={options} onNoted={onChanged} />
        <FileButton
          text={say("photo-add")}
          label={say("photo-add.label")}
          accept="image/jpeg,image/png,image/webp"
          onFile={(file) => void doing(() => upload("POST", `/api/projects/${id}/photos`, file, { step }))}
        />
      </div>
    </>
  );
}

/** What a note says: in own words, or what was made otherwise. */
export function noted(note: Schemas["MakeNote"], options: Schemas["OptionInfo"][]): string {
  if (note.field === ALLOWANCE)
    return [say("note-sewed-with", { allowance: note.did }), note.text].filter(Boolean).join(". ");
  const option = options.find((one) => `options.${one.id}` === note.field);
  const choice = option?.choices.find((one) => one.id === note.did);
  return [option && choice ? `${option.label}: ${choice.label}` : "", note.text].filter(Boolean).join(". ");
}

function NoteForm({
  id,
  step,
  options,
  onNoted,
}: {
  id: string;
  step: string;
  options: Schemas["OptionInfo"][];
  onNoted: () => void;
}) {
  const [open, setOpen] = useState(false);
  const [kind, setKind] = useState<Kind>("next-time");
  const [text, setText] = useState("");
  const [cause, setCause] = useState("");
  const [field, setField] = useState("");
  const [did, setDid] = useState("");
  const [errors, setErrors] = useState<Record<string, string>>({});
  const option = options.find((one) => `options.${one.id}` === field);
  const departs = kind === "departure";
  const keep = async () => {
    const body = {
      step,
      kind,
      text,
      cause: departs ? cause : "",
      field: departs ? field : "",
      did: departs ? did : "",
    };
    try {
      unwrap(await api.POST("/api/projects/{id}/notes", { params: { path: { id } }, body }));
      setOpen(false);
      setText("");
      setCause("");
      setField("");
      setDid("");
      setErrors({});
      onNoted();
    } catch (error) {
      setErrors(
        error instanceof Refused
          ? { text: error.problem.detail, ...byField(error.problem) }
          : { text: troubleOf(error) },
      );
    }
  };
  if (!open)
    return (
      <button type="button" className="button" onClick={() => setOpen(true)}>
        {say("note-add")}
      </button>
    );
  return (
    <form
      className="note-form"
      aria-label={say("note-add")}
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <fieldset>
        <legend>{say("note-kind")}</legend>
        {KINDS.map((one) => (
          <label key={one}>
            <input type="radio" name="kind" checked={kind === one} onChange={() => setKind(one)} />{" "}
            {say(`note-${one}`)}
          </label>
        ))}
      </fieldset>
      {departs && (
        <label>
          {say("note-what")}
          <select
            value={field}
            onChange={(event) => {
              setField(event.target.value);
              setDid("");
            }}
          >
            <option value="">{say("note-own-words")}</option>
            <option value={ALLOWANCE}>{say("note-allowance")}</option>
            {options.map((one) => (
              <option key={one.id} value={`options.${one.id}`}>
                {one.label}
              </option>
            ))}
          </select>
        </label>
      )}
      {departs && option && (
        <label>
          {say("note-instead")}
          <select value={did} onChange={(event) => setDid(event.target.value)}>
            <option value="">…</option>
            {option.choices.map((one) => (
              <option key={one.id} value={one.id}>
                {one.label}
              </option>
            ))}
          </select>
        </label>
      )}
      {departs && field === ALLOWANCE && (
        <label>
          {say("note-instead")}
          <input value={did} maxLength={20} onChange={(event) => setDid(event.target.value)} />
        </label>
      )}
      {errors.did && (
        <p className="measure-error static" role="alert">
          {errors.did}
        </p>
      )}
      <label>
        {say(departs ? "note-what-else" : `note-text-${kind}`)}
        <textarea rows={2} maxLength={2000} value={text} onChange={(event) => setText(event.target.value)} />
      </label>
      {errors.text && (
        <p className="measure-error static" role="alert">
          {errors.text}
        </p>
      )}
      {departs && (
        <label>
          {say("note-cause")}
          <input value={cause} maxLength={500} onChange={(event) => setCause(event.target.value)} />
        </label>
      )}
      <p>
        <button type="submit" className="primary">
          {say("note-keep")}
        </button>{" "}
        <button type="button" className="button" onClick={() => setOpen(false)}>
          {say("note-leave")}
        </button>
      </p>
    </form>
  );
}

interface RemindersProps {
  step: string;
  sitting: Sitting;
  onChanged: () => void;
}

/** What makes before asked to be minded at this step. */
export function Reminders({ step, sitting, onChanged }: RemindersProps) {
  const quiet = (note: string) =>
    api.PUT("/api/reminders/{note}", { params: { path: { note } }, body: { quiet: true } }).then(unwrap);
  return (
    <>
      {sitting.reminders
        .filter((one) => one.step === step)
        .map((one) => (
          <div key={one.id} className="reminder" role="note">
            <strong>{say("reminder")}</strong> {one.text} <small>{one.source}</small>{" "}
            <button type="button" className="fix" onClick={() => void quiet(one.id).then(onChanged, tell)}>
              {say("reminder-quiet")}
            </button>
          </div>
        ))}
    </>
  );
}
