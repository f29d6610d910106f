import { useState } from "react";
import { api, unwrap, type Schemas } from "../api/client";
import { troubleOf } from "../api/trouble";
import { upload } from "../api/upload";
import { FileButton } from "../kit/FileButton";
import { Toast } from "../kit/Toast";
import { useNotice } from "../kit/useNotice";
import { useOnce } from "../kit/useOnce";
import { say } from "../words/say";
import { NoteForm } from "./NoteForm";
import { noted } from "./noted";
import type { Sitting } from "./useSitting";

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
  const notices = useNotice();
  const refresh = () => Promise.resolve(onChanged());
  const drop = useOnce(
    (note: string) => {
      const params = { path: { id, note } };
      return notices.takeAway(say("note-out"), {
        away: async () => unwrap(await api.DELETE("/api/projects/{id}/notes/{note}", { params })),
        back: async () => unwrap(await api.POST("/api/projects/{id}/notes/{note}/restore", { params })),
        refresh,
      });
    },
    (note) => note,
  );
  const dropPhoto = useOnce(
    (photo: string) => {
      const params = { path: { id, photo } };
      return notices.takeAway(say("photo-out"), {
        away: async () => unwrap(await api.DELETE("/api/projects/{id}/photos/{photo}", { params })),
        back: async () => unwrap(await api.POST("/api/projects/{id}/photos/{photo}/restore", { params })),
        refresh,
      });
    },
    (photo) => photo,
  );
  return (
    <>
      {notes.length > 0 && (
        <ul className="step-notes">
          {notes.map((one) => (
            <li key={one.id}>
              <strong>{say(`note-${one.kind}`)}</strong> {noted(one, options)}
              {one.cause && ` (${one.cause})`}{" "}
              <button type="button" className="fix" onClick={() => drop(one.id)}>
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
                onClick={() => dropPhoto(one.id)}
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
      <Toast of={notices} />
    </>
  );
}
