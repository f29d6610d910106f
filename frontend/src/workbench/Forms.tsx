import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import Modal from "react-bootstrap/Modal";
import { api, unwrap, type Schemas, type Spec, type FormId } from "../api/client";
import { SideBySide } from "../compare/SideBySide";
import { FormPicture } from "../kit/FormPicture";
import { say } from "../words/say";

type Shown = Schemas["FormShown"];

interface Props {
  spec: Spec;
  value: string;
  onChoose: (form: FormId) => void;
}

/** How hard a form is to sew, in words. */
const graded = (grade: number) => say(`forms-grade-${grade as 1 | 2 | 3 | 4 | 5}`);

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
            label={say("drawn", { name: form.name })}
          />
          <span>{form.name}</span>
          <small>
            {say("forms-takes", { grade: graded(form.grade), pieces: form.pieces })}
            <br />
            {say("forms-cost", { cloth: form.cloth, minutes: form.minutes })}
          </small>
        </label>
      ))}
    </div>
  );
  return (
    <fieldset className="choices" data-option="form">
      <legend>{say("forms")}</legend>
      {row(suiting)}
      {chosen && (
        <p className="form-why">
          {chosen.summary} <em>{graded(chosen.grade)}</em>
          {easier && (
            <>
              {" "}
              {say("forms-easier")}{" "}
              <button type="button" className="link" onClick={() => onChoose(easier.id)}>
                {easier.name}
              </button>
              , {chosen.easier_why}.
            </>
          )}
        </p>
      )}
      {chosen && suiting.length > 1 && (
        <label className="from-drawer">
          {say("forms-beside")}{" "}
          <select
            value=""
            onChange={(event) => setBeside(all.find((form) => form.id === event.target.value) ?? null)}
          >
            <option value="">{say("forms-beside.another")}</option>
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
        <Modal.Header closeButton closeLabel={say("editor-close")}>
          <Modal.Title as="h2" id="beside">
            {say("compare-title")}
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
                {say("forms-instead", { form: beside.name.toLowerCase() })}
              </button>
            </>
          )}
        </Modal.Body>
      </Modal>
      {others.length > 0 && (
        <details className="other-forms" open={!suiting.some((form) => form.id === value)}>
          <summary>{say("forms-others", { count: others.length })}</summary>
          {row(others)}
        </details>
      )}
    </fieldset>
  );
}
