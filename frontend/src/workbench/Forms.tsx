import type { Catalogue } from "../api/client";

interface Props {
  forms: Catalogue["forms"];
  value: string;
  kind: string | undefined;
  onChoose: (form: string) => void;
}

const GRADES = ["", "first make", "easy", "some practice", "patient hands", "a project"];

/** The forms that suit the thing, as little pictures; the others a click away, to be made from sizes. */
export function Forms({ forms, value, kind, onChoose }: Props) {
  const suiting = forms.filter((form) => !kind || form.objects.includes(kind));
  const others = forms.filter((form) => !suiting.includes(form));
  const chosen = forms.find((form) => form.id === value);
  const row = (shown: Catalogue["forms"]) => (
    <div className="choice-row">
      {shown.map((form) => (
        <label key={form.id} className={`choice ${form.id === value ? "chosen" : ""}`} title={form.summary}>
          <input
            type="radio"
            className="visually-hidden"
            name="form"
            value={form.id}
            checked={form.id === value}
            onChange={() => onChoose(form.id)}
          />
          <svg viewBox="0 0 40 40" width="40" height="40" aria-hidden>
            <path className="tint" d={form.picture[2]} />
            <path className="full" d={form.picture[0]} />
            <path className="broken" d={form.picture[1]} />
          </svg>
          <span>{form.name}</span>
        </label>
      ))}
    </div>
  );
  return (
    <fieldset className="choices" data-option="form">
      <legend>Form</legend>
      {row(suiting)}
      {chosen && (
        <p className="why">
          {chosen.summary} <em>{GRADES[chosen.grade]}</em>
        </p>
      )}
      {others.length > 0 && (
        <details className="other-forms" open={!suiting.some((form) => form.id === value)}>
          <summary>{others.length} other forms, made from sizes instead of this thing</summary>
          {row(others)}
        </details>
      )}
    </fieldset>
  );
}
