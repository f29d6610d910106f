import type { Catalogue, Draft, Spec, Thing } from "../api/client";
import { ThingDrawing } from "../kit/ThingDrawing";
import { Why } from "../log/Why";
import { FromShelf } from "./FromShelf";
import { Unmeasured } from "./Unmeasured";
import { say } from "../words/say";

interface Props {
  id: string;
  stage: "thing" | "form";
  spec: Spec;
  draft: Draft;
  kind: Catalogue["objects"][number] | undefined;
  /** Kinds of things the form goes round. */
  kinds: string[];
  things: Thing[];
  labels: Record<string, { label: string; help: string }>;
  errors: Record<string, string>;
  onField: (field: string, text: string) => void;
  onChange: (edit: (now: Spec) => Spec) => void;
}

/** What is to be covered, with its measures on it; at its own stage also where it comes from. */
export function ThingZone({
  id,
  stage,
  spec,
  draft,
  kind,
  kinds,
  things,
  labels,
  errors,
  onField,
  onChange,
}: Props) {
  return (
    <section className="zone zone-thing" aria-labelledby="zone-thing">
      <h2 id="zone-thing">{spec.object?.name ?? say("zone-thing")}</h2>
      <p className="zone-sub">{kind ? kind.help : say("zone-thing.none")}</p>
      {draft.object ? (
        <ThingDrawing
          view={draft.object}
          inputs={draft.inputs}
          labels={labels}
          errors={errors}
          onChange={onField}
        />
      ) : (
        <p className="empty">{say("zone-thing.empty")}</p>
      )}
      {stage === "thing" && draft.object && kind && (
        <Unmeasured kind={kind} inputs={draft.inputs} errors={errors} onChange={onField} />
      )}
      {stage === "thing" && <Why id={id} closed />}
      {stage === "thing" && <FromShelf spec={spec} things={things} kinds={kinds} onChange={onChange} />}
    </section>
  );
}
