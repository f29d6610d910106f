import { useState } from "react";
import { FileButton } from "../kit/FileButton";
import type { Schemas, Shape, Spec } from "../api/client";
import { troubleOf } from "../api/trouble";
import { upload } from "../api/upload";
import { say } from "../words/say";

interface Props {
  spec: Spec;
  error?: string;
  onShape: (shape: Shape | undefined) => void;
}

/** A panel of another shape than the form's own: brought in as a drawing of one closed line. */
export function PanelShape({ spec, error, onShape }: Props) {
  const [unit, setUnit] = useState("");
  const [trouble, setTrouble] = useState("");
  const shape = spec.shape;
  const bringIn = async (file: File) => {
    const kind = file.name.split(".").pop()?.toLowerCase() ?? "";
    try {
      const query = { kind, drawn_unit: unit, name: file.name };
      const answer = await upload<Schemas["ShapeAnswer"]>("POST", "/api/outlines", file, query);
      setTrouble("");
      onShape(answer.shape);
    } catch (error) {
      setTrouble(troubleOf(error));
    }
  };
  return (
    <fieldset className="choices panel-shape">
      <legend>{say("shape")}</legend>
      <p>
        {shape ? (
          <>
            <strong>{shape.name || say("shape.own")}</strong>{" "}
            <button type="button" className="quiet-button" onClick={() => onShape(undefined)}>
              {say("shape.back")}
            </button>
          </>
        ) : (
          say("shape.circle")
        )}
      </p>
      <FileButton
        text={say("shape.bring-in")}
        label={say("shape.label")}
        accept=".svg,.dxf,image/svg+xml"
        onFile={(file) => void bringIn(file)}
      />{" "}
      <label className="from-drawer">
        {say("shape.unit")}{" "}
        <select value={unit} onChange={(event) => setUnit(event.target.value)}>
          <option value="">{say("shape.file")}</option>
          {["mm", "cm"].map((unit) => (
            <option key={unit}>{unit}</option>
          ))}
          <option value="in">{say("shape.inches")}</option>
        </select>
      </label>
      {(trouble || error) && (
        <p className="measure-error static" role="alert">
          {trouble || error}
        </p>
      )}
    </fieldset>
  );
}
