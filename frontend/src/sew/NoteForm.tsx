import { useState } from "react";
import { api, byField, Refused, unwrap, type Schemas } from "../api/client";
import { troubleOf } from "../api/trouble";
import { useOnce } from "../kit/useOnce";
import { say } from "../words/say";
import { ALLOWANCE } from "./noted";

type Kind = Schemas["NewNote"]["kind"];
const KINDS: Kind[] = ["next-time", "departure", "near-miss", "compromise"];

/** A note at a step: to mind next time, done otherwise, a near miss or a compromise. */
export function NoteForm({
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
  const keep = useOnce(async () => {
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
  });
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
        keep();
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
