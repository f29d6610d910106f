import { useRef } from "react";
import type { Catalogue, Draft, FormId, Shape, Spec, Thing } from "../api/client";
import { withEntry } from "../kit/entries";
import { useOpened } from "../kit/opened";
import { Allowances } from "./Allowances";
import { Blocks } from "./Blocks";
import { Decorations } from "./Decorations";
import { Fields } from "./Fields";
import { Forms } from "./Forms";
import { Layers } from "./Layers";
import { measuresOf } from "./measuresOf";
import { PanelShape } from "./PanelShape";
import { Parts } from "./Parts";
import { Schools } from "./Schools";
import { ShelfFits } from "./ShelfFits";
import { withField } from "./withField";
import { say } from "../words/say";

interface Props {
  id: string;
  stage: "form" | "ease";
  form: Catalogue["forms"][number];
  spec: Spec;
  draft: Draft;
  catalogue: Catalogue;
  things: Thing[];
  errors: Record<string, string>;
  change: (edit: (now: Spec) => Spec) => void;
  setField: (field: string, text: string) => void;
  onForm: (form: FormId) => void;
}

/** Everything that is chosen at a stage: the form and its schools, sizes without a place on a drawing, parts, allowances, layers. */
export function Choosing({
  id,
  stage,
  form,
  spec,
  draft,
  catalogue,
  things,
  errors,
  change,
  setField,
  onForm,
}: Props) {
  const rounding = useRef<HTMLSelectElement>(null);
  useOpened("rounding", rounding);
  const known = new Map(draft.inputs.map((input) => [input.field, input]));
  const changeWearer = (wearer: Thing | null) =>
    change((now) => {
      if (!wearer) return { ...now, wearer: undefined };
      return { ...now, wearer: withEntry(measuresOf(wearer, now), "kind", undefined) };
    });
  /** Another outline is as wide as it was drawn; a circle again is as wide as the outline was. */
  const changeShape = (shape: Shape | undefined) =>
    change((now) => {
      const size = { ...now.size };
      for (const name of ["diameter", "mouth_diameter"] as const) {
        const input = known.get(`size.${name}`);
        if (shape) delete size[name];
        else if (input && !now.object) size[name] ??= input.value.text;
      }
      return { ...now, shape, size };
    });
  return (
    <section className="zone zone-choices" aria-label={say("zone-choices")}>
      <div className="all-choices">
        {stage === "form" && (
          <Forms spec={draft.spec} catalogue={catalogue} value={form.id} onChoose={(next) => onForm(next)} />
        )}
        <Schools
          stage={stage}
          form={form}
          draft={draft}
          errors={errors}
          onChoose={(name, choice) => change((now) => withField(now, `options.${name}`, choice))}
        />
      </div>
      {stage === "form" && form.takes_shape && (
        <PanelShape spec={spec} error={errors.shape} onShape={changeShape} />
      )}
      {stage === "form" && known.has("blocks.0.height") && (
        <Blocks
          spec={spec}
          draft={draft}
          errors={errors}
          onChange={(blocks) => change((now) => ({ ...now, blocks }))}
        />
      )}
      <Fields stage={stage} form={form} draft={draft} things={things} errors={errors} setField={setField} />
      {stage === "form" && (
        <Parts
          movable
          things={things}
          onWearer={(wearer) => changeWearer(wearer)}
          spec={spec}
          catalogue={catalogue}
          inputs={known}
          hosts={draft.hosts}
          idle={draft.idle}
          errors={errors}
          onChange={(parts) => change((now) => ({ ...now, parts: parts.length ? parts : undefined }))}
          onField={setField}
        />
      )}
      {stage === "form" && (
        <Decorations
          spec={spec}
          onAdd={(part) => change((now) => ({ ...now, parts: [...(now.parts ?? []), part] }))}
        />
      )}
      {stage === "ease" && (
        <>
          <Allowances form={form} inputs={known} errors={errors} onChange={setField}>
            <label className="ruler-step">
              {say("rounded-to")}{" "}
              <select
                ref={rounding}
                value={String(spec.rounding ?? "none")}
                onChange={(e) => setField("rounding", e.target.value)}
              >
                {[
                  ...new Set([
                    ...(catalogue.roundings[String(spec.unit)] ?? []),
                    String(spec.rounding ?? "none"),
                  ]),
                ].map((step) => (
                  <option key={step} value={step}>
                    {step === "none" ? say("nothing") : step}
                  </option>
                ))}
              </select>
            </label>
          </Allowances>
          <Layers
            spec={spec}
            draft={draft}
            catalogue={catalogue}
            errors={errors}
            onChange={(layers) => change((now) => ({ ...now, layers }))}
          />
          <ShelfFits id={id} spec={spec} />
        </>
      )}
    </section>
  );
}
