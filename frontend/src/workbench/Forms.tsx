import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import Modal from "react-bootstrap/Modal";
import { api, unwrap, type Catalogue, type FormId, type Spec } from "../api/client";
import { SideBySide } from "../compare/SideBySide";
import { FormPicture } from "../kit/FormPicture";
import { say } from "../words/say";

type Form = Catalogue["forms"][number];

/** As large as a form is drawn. */
const [WIDTH, HEIGHT] = [104, 86];

interface Props {
  spec: Spec;
  catalogue: Catalogue;
  value: string;
  onChoose: (form: FormId) => void;
}

/** How hard a form is to sew, in words. */
const graded = (grade: number) => say(`forms-grade-${grade as 1 | 2 | 3 | 4 | 5}`);

/** The forms that suit the thing, drawn with it inside, with what each takes; the others a click away, to be made from sizes. What is
 * known of them stands there at once and keeps its place when their drawings come. */
export function Forms({ spec, catalogue, value, onChoose }: Props) {
  const made = useQuery({
    // What is set for one form does not change the others.
    queryKey: ["forms", value, spec.object, spec.layers, spec.ease, spec.allowance, spec.unit],
    queryFn: async () => unwrap(await api.POST("/api/forms", { body: spec })).forms,
    placeholderData: (before) => before,
    staleTime: 60_000,
  });
  const [beside, setBeside] = useState<Form | null>(null);
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
  const all = catalogue.forms;
  const thing = spec.object?.kind;
  const suits = (form: Form) => !thing || form.objects.includes(thing);
  const suiting = all.filter(suits);
  const others = all.filter((form) => !suits(form));
  const chosen = all.find((form) => form.id === value);
  const easier = all.find((form) => form.id === chosen?.easier);
  const card = (form: Form) => {
    const takes = made.data?.find((one) => one.id === form.id);
    return (
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
        {takes ? (
          <FormPicture
            facets={takes.picture.facets}
            carried={takes.picture.carried}
            object={takes.picture.object}
            width={WIDTH}
            height={HEIGHT}
            margin={4}
            label={say("drawn", { name: form.name })}
          />
        ) : (
          <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} width={WIDTH} height={HEIGHT} aria-hidden />
        )}
        <span>{form.name}</span>
        <small>{graded(form.grade)}</small>
        <small>{takes && say("forms-takes", { pieces: takes.pieces })}</small>
        <small>{takes && say("forms-cost", { cloth: takes.cloth, minutes: takes.minutes })}</small>
      </label>
    );
  };
  const row = (shown: Form[]) => <div className="form-row">{shown.map(card)}</div>;
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
