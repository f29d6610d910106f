import { useState } from "react";
import { FileButton } from "../kit/FileButton";
import { api, byField, type Problem, type Spec } from "../api/client";

interface Props {
  spec: Spec;
  error?: string;
  onShape: (shape: Record<string, unknown> | undefined) => void;
}

/** A panel of another shape than the form's own: brought in as a drawing of one closed line. */
export function PanelShape({ spec, error, onShape }: Props) {
  const [unit, setUnit] = useState("");
  const [trouble, setTrouble] = useState("");
  const shape = spec.shape as { name?: string } | undefined;
  const bringIn = async (file: File) => {
    const kind = file.name.split(".").pop()?.toLowerCase() ?? "";
    const answer = await api.POST("/api/outlines", {
      params: { query: { kind, drawn_unit: unit, name: file.name } },
      body: file as unknown as string,
      bodySerializer: (body) => body as unknown as BodyInit,
      headers: { "Content-Type": "application/octet-stream" },
    });
    if (answer.data) {
      setTrouble("");
      onShape(answer.data.shape);
    } else {
      const problem = answer.error as unknown as Problem;
      setTrouble(Object.values(byField(problem))[0] ?? problem.detail);
    }
  };
  return (
    <fieldset className="choices panel-shape">
      <legend>Shape of the panel</legend>
      <p>
        {shape ? (
          <>
            <strong>{shape.name || "a shape of your own"}</strong>{" "}
            <button type="button" className="quiet-button" onClick={() => onShape(undefined)}>
              Back to the circle
            </button>
          </>
        ) : (
          "A circle. Or bring in a drawing of one closed line."
        )}
      </p>
      <FileButton
        text="Bring in an outline"
        label="Outline of the panel"
        accept=".svg,.dxf,image/svg+xml"
        onFile={(file) => void bringIn(file)}
      />{" "}
      <label className="from-drawer">
        drawn in{" "}
        <select value={unit} onChange={(event) => setUnit(event.target.value)}>
          <option value="">what the file says</option>
          <option value="mm">mm</option>
          <option value="cm">cm</option>
          <option value="in">inches</option>
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
