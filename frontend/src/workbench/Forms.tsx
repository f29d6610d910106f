import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import Modal from "react-bootstrap/Modal";
import { api, unwrap, type Schemas, type Spec, type FormId } from "../api/client";
import { SideBySide } from "../compare/SideBySide";
import { FormPicture } from "../kit/FormPicture";

type Shown = Schemas["FormShown"];

interface Props {
  spec: Spec;
  value: string;
  onChoose: (form: FormId) => void;
}

const GRADES = ["", "first make", "easy", "some practice", "patient hands", "a project"];

/** The forms that suit the thing, drawn with it inside, with what each takes; the others a click away, to be made from sizes. */
export function Forms({ spec, value, onChoose }: Props) {
  const forms = useQuery({
    // What is set for one form does not change the others.
    queryKey: ["forms", value, spec.object, spec.layers, spec.ease, spec.allowance, spec.unit],
    queryFn: async () => unwrap(await api.POST("/api/forms", { body: spec })).forms,
    placeholderData: (before) => before,
    staleTime: 60_000,
  });
  const [beside, setBeside] = useState<Shown | null>(null);
  const both = useQuery({
    queryKey: ["beside", spec, beside?.id],
    enabled: beside !== null,
    queryFn: async () => {
      const changed = unwrap(await api.POST("/api/specs/form", { body: { spec, form: beside!.id } }));
      const [here, there] = await Promise.all(
        [spec, changed.spec].map(async (body) => unwrap(await api.POST("/api/drafts", { body }))),
      );
      return [here!, there!] as const;
    },
  });
  const all = forms.data ?? [];
  const suiting = all.filter((form) => form.suits);
  const others = all.filter((form) => !form.suits);
  const chosen = all.find((form) => form.id === value);
  const easier = all.find((form) => form.id === chosen?.easier);
  const row = (shown: Shown[]) => (
    <div className="form-row">
      {shown.map((form) => (
        <label
          key={form.id}
          className={`choice form-choice ${form.id === value ? "chosen" : ""}`}
          title={form.summary}
        >
          <input
            type="radio"
            className="visually-hidden"
            name="form"
            value={form.id}
            checked={form.id === value}
            onChange={() => onChoose(form.id)}
          />
          <FormPicture
            facets={form.picture.facets}
            carried={form.picture.carried}
            object={form.picture.object}
            width={104}
            height={86}
            margin={4}
            label={`${form.name}, drawn`}
          />
          <span>{form.name}</span>
          <small>
            {GRADES[form.grade]} · {form.pieces} pieces
            <br />
            {form.cloth} · {form.minutes} min
          </small>
        </label>
      ))}
    </div>
  );
  return (
    <fieldset className="choices" data-option="form">
      <legend>Form</legend>
      {row(suiting)}
      {chosen && (
        <p className="form-why">
          {chosen.summary} <em>{GRADES[chosen.grade]}</em>
          {easier && (
            <>
              {" "}
              Never made one? Try{" "}
              <button type="button" className="link" onClick={() => onChoose(easier.id)}>
                {easier.name}
              </button>{" "}
              first: {chosen.easier_why}.
            </>
          )}
        </p>
      )}
      {chosen && suiting.length > 1 && (
        <label className="from-drawer">
          Side by side with{" "}
          <select
            value=""
            onChange={(event) => setBeside(all.find((form) => form.id === event.target.value) ?? null)}
          >
            <option value="">another form…</option>
            {suiting
              .filter((form) => form.id !== value)
              .map((form) => (
                <option key={form.id} value={form.id}>
                  {form.name}
                </option>
              ))}
          </select>
        </label>
      )}
      <Modal
        show={beside !== null}
        onHide={() => setBeside(null)}
        size="lg"
        animation={false}
        aria-labelledby="beside"
      >
        <Modal.Header closeButton>
          <Modal.Title as="h2" id="beside">
            Side by side
          </Modal.Title>
        </Modal.Header>
        <Modal.Body>
          {beside && chosen && both.data && (
            <>
              <SideBySide
                sides={[
                  { key: chosen.id, name: chosen.name, draft: both.data[0] },
                  { key: beside.id, name: beside.name, draft: both.data[1] },
                ]}
              />
              <button
                type="button"
                className="primary"
                onClick={() => {
                  onChoose(beside.id);
                  setBeside(null);
                }}
              >
                Make the {beside.name.toLowerCase()} instead
              </button>
            </>
          )}
        </Modal.Body>
      </Modal>
      {others.length > 0 && (
        <details className="other-forms" open={!suiting.some((form) => form.id === value)}>
          <summary>{others.length} other forms, made from sizes instead of this thing</summary>
          {row(others)}
        </details>
      )}
    </fieldset>
  );
}
