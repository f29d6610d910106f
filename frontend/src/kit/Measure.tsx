import {
  useContext,
  useEffect,
  useId,
  useRef,
  useState,
  type CSSProperties,
  type KeyboardEvent,
} from "react";
import { flushSync } from "react-dom";
import type { Schemas } from "../api/client";
import { Answered } from "./answered";
import { useOpened } from "./opened";
import { say } from "../words/say";

export interface MeasureProps {
  input: Pick<Schemas["InputDoc"], "field" | "value" | "typed" | "proposed" | "up" | "down"> & {
    usual?: Schemas["InputDoc"]["usual"];
    assumed?: boolean;
    instead?: Schemas["InputDoc"]["instead"];
    tolerance?: Schemas["InputDoc"]["tolerance"];
  };
  label: string;
  help?: string;
  error?: string;
  style?: CSSProperties;
  /** Labels on drawings are drawn elsewhere; the field still has its name. */
  showLabel?: boolean;
  suffix?: string;
  onChange: (field: string, text: string) => void;
  onPoint?: (field: string | null) => void;
}

/** A length that is edited where it stands. Takes any way of writing it; the server reads it. */
export function Measure({
  input,
  label,
  help,
  error,
  style,
  showLabel,
  suffix,
  onChange,
  onPoint,
}: MeasureProps) {
  const id = useId();
  const [editing, setEditing] = useState<string | null>(null);
  const box = useRef<HTMLInputElement>(null);
  useOpened(input.field, box);
  /** What stood here before it was edited: what Escape brings back. */
  const before = useRef("");
  const typing = useRef(false);
  const answered = useContext(Answered);
  useEffect(() => {
    // An entry that was left shows what became of it once that is known. One mended from elsewhere, by a verdict's button say, no
    // longer shows what was wrong.
    if (!error && answered && document.activeElement !== box.current) setEditing(null);
  }, [error, answered]);
  const shown = editing ?? input.value.text;
  const set = (text: string) => {
    setEditing(text);
    onChange(input.field, text);
  };
  const onKey = (event: KeyboardEvent<HTMLInputElement>) => {
    if (follows) return;
    if (event.key === "ArrowUp" || event.key === "ArrowDown") {
      event.preventDefault();
      set(event.key === "ArrowUp" ? input.up : input.down);
    } else if (event.key === "Enter") {
      event.currentTarget.blur();
    } else if (event.key === "Escape") {
      onChange(input.field, before.current);
      setEditing(null);
      event.currentTarget.blur();
    }
  };
  const given = input.typed !== null;
  const instead = input.instead ?? [];
  const told = instead.map((one) => one.label).join(", ");
  const follows = instead.length > 0;
  const hint = editing !== null && !error && input.tolerance?.short;
  return (
    <span
      className={`measure ${given ? "given" : "proposed"} ${input.assumed ? "assumed" : ""} ${error ? "wrong" : ""} ${follows ? "follows" : ""}`}
      style={style}
    >
      <label htmlFor={id} className={showLabel ? "measure-label" : "visually-hidden"}>
        {label}
      </label>
      <input
        id={id}
        ref={box}
        data-field={input.field}
        inputMode="text"
        autoComplete="off"
        spellCheck={false}
        readOnly={follows}
        title={[
          help,
          follows && say("measure-follows", { told }),
          input.assumed && say("measure-assumed"),
          input.tolerance?.why,
          input.usual && say("measure-usual", { low: input.usual[0]!.text, high: input.usual[1]!.text }),
        ]
          .filter(Boolean)
          .join(" ")}
        value={shown}
        size={Math.max(5, shown.length)}
        aria-invalid={error ? true : undefined}
        aria-describedby={error ? `${id}-error` : hint ? `${id}-hint` : undefined}
        onFocus={(event) => {
          // A wrong entry stays as it was typed; the right one before it is kept for Escape.
          before.current = input.typed ?? "";
          // At once: what is typed next goes where what stands here is selected.
          if (!error) flushSync(() => setEditing(input.typed ?? input.value.text));
          const field = event.currentTarget;
          // Shown as typed, it has lost what the browser had selected. Once more after a click has set its own caret; not over what was
          // typed meanwhile.
          field.select();
          typing.current = false;
          requestAnimationFrame(() => {
            if (!typing.current && field === document.activeElement) field.select();
          });
          onPoint?.(input.field);
        }}
        onBlur={() => {
          if (!error && answered) setEditing(null);
          onPoint?.(null);
        }}
        onChange={(event) => {
          typing.current = true;
          set(event.target.value);
        }}
        onKeyDown={onKey}
      />
      {suffix && <span className="measure-suffix">{suffix}</span>}
      {follows && (
        <button
          type="button"
          className="measure-back"
          title={say("measure-ask", { told })}
          aria-label={say("measure-ask.label", { label, told })}
          onClick={() => instead.forEach((one) => onChange(one.field, ""))}
        >
          ↺
        </button>
      )}
      {given && input.proposed && editing === null && (
        <button
          type="button"
          className="measure-back"
          title={say("measure-back", { length: input.proposed.text })}
          aria-label={say("measure-back.label", { label, length: input.proposed.text })}
          onClick={() => onChange(input.field, "")}
        >
          ↺
        </button>
      )}
      {hint && (
        <span className="measure-hint" id={`${id}-hint`}>
          {hint}
        </span>
      )}
      {error && (
        <span className="measure-error" id={`${id}-error`} role="alert">
          {error}
        </span>
      )}
    </span>
  );
}
