import type { Catalogue } from "../api/client";

interface Props {
  forms: Catalogue["forms"];
  value: string;
  kind: string | undefined;
  onChoose: (form: string) => void;
}

/** The forms that suit the thing, as little pictures. */
export function Forms({ forms, value, kind, onChoose }: Props) {
  const suiting = forms.filter((form) => !kind || form.objects.includes(kind));
  const chosen = forms.find((form) => form.id === value);
  return (
    <fieldset className="choices" data-option="form">
      <legend>Form</legend>
      <div className="choice-row">
        {suiting.map((form) => (
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
            </svg>
            <span>{form.name}</span>
          </label>
        ))}
      </div>
      {chosen && <p className="why">{chosen.summary}</p>}
    </fieldset>
  );
}
