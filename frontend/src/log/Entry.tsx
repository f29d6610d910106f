import { useQuery } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { api, byField, Refused, unwrap, type Schemas } from "../api/client";
import { troubleOf } from "../api/trouble";
import { noted } from "../sew/noted";
import { Both, type Which } from "../kit/Both";
import { useOnce } from "../kit/useOnce";
import { say } from "../words/say";

const GOES = ["not", "tight", "right", "loose"] as const;

interface Props {
  id: string;
  /** What of it can be measured. */
  sizes: Schemas["SizeShown"][];
  tests: Schemas["TrialTest"][];
  today: string;
  options: Schemas["OptionInfo"][];
  /** At which of these what is to be minded may come back. */
  steps?: Schemas["StepDoc"][];
  /** What the clock has, and was noted on the way, of the make in hand. */
  sitting?: Schemas["Sitting"];
  /** An entry that is changed. */
  make?: Schemas["Make"];
  /** With the entry as it is kept; without, where that of another window stays. */
  onKept: (kept?: Schemas["Make"]) => void;
  onLeave?: () => void;
}

/** What is written of a make: time, measures, the trial with the real thing, what differed, other uses, and the sale. */
export function Entry({
  id,
  sizes,
  tests,
  today,
  options,
  steps = [],
  sitting,
  make,
  onKept,
  onLeave,
}: Props) {
  const [errors, setErrors] = useState<Record<string, string>>({});
  const [elsewhere, setElsewhere] = useState(false);
  /** Which state of the entry this is a change of. */
  const revision = useRef(make?.revision ?? 0);
  const form = useRef<HTMLFormElement>(null);
  /** What went into one, where the pile and prices tell it: it may come later, and stands where nothing was typed. */
  const spent = useRef<HTMLInputElement>(null);
  const offered = useRef("");
  const cost = useQuery({
    queryKey: ["cost", id],
    queryFn: async () => unwrap(await api.GET("/api/projects/{id}/cost", { params: { path: { id } } })).cost,
    enabled: !make,
  }).data;
  useEffect(() => {
    if (cost === undefined || spent.current?.value !== offered.current) return;
    spent.current.value = cost;
    offered.current = cost;
  }, [cost]);
  const [uses, setUses] = useState<Schemas["UseTold"][]>(make?.uses ?? []);
  const [measures, setMeasures] = useState(make ? make.measured.length > 0 : false);
  const measured = Object.fromEntries((make?.measured ?? []).map((one) => [one.name, one]));
  const names = sizes.map((one) => one.name);
  // Measured first what its fit depends on.
  const shown = measures ? sizes : sizes.slice(0, 3);

  const save = async (data: FormData) => {
    const text = (name: string) => {
      const entered = data.get(name);
      return typeof entered === "string" ? entered.trim() : "";
    };
    const wrong: Record<string, string> = {};
    const whole = (name: string) => {
      const typed = text(name);
      if (typed && !/^\d{1,5}$/.test(typed)) wrong[name] = say("log-minutes-wrong");
      return typed ? Number(typed) : null;
    };
    const body: Schemas["NewMake"] = {
      made_on: text("made_on"),
      minutes: whole("minutes"),
      waited: whole("waited"),
      away: whole("away"),
      measured: Object.fromEntries(names.map((name) => [name, text(`measured.${name}`)])),
      fine: Object.fromEntries(
        names.flatMap((name) => {
          const said = text(`fine.${name}`);
          return said ? [[name, said === "yes"]] : [];
        }),
      ),
      differed: text("differed"),
      next_time: text("next_time"),
      next_step: text("next_step"),
      trial: {
        goes: (text("goes") || null) as Schemas["TrialTold"]["goes"],
        empty: data.has("empty"),
        slack: text("slack"),
        above: text("above"),
        tests: Object.fromEntries(
          tests.flatMap((one) => {
            const said = text(`test.${one.id}`);
            return said ? [[one.id, said === "yes"]] : [];
          }),
        ),
      },
      uses: uses.filter((use) => use.what.trim()),
      sale: { price: text("price"), cost: text("cost"), sold_on: text("sold_on") || null },
    };
    if (Object.keys(wrong).length > 0) return setErrors(wrong);
    try {
      const kept = unwrap(
        make
          ? await api.PUT("/api/projects/{id}/makes/{make}", {
              params: { path: { id, make: make.id } },
              body: { ...body, revision: revision.current },
            })
          : await api.POST("/api/projects/{id}/makes", { params: { path: { id } }, body }),
      );
      setErrors({});
      onKept(kept);
    } catch (error) {
      if (error instanceof Refused && error.problem.status === 409 && make) return setElsewhere(true);
      setErrors(
        error instanceof Refused
          ? { whole: error.problem.detail, ...byField(error.problem) }
          : { whole: troubleOf(error) },
      );
    }
  };
  const submit = useOnce(save);
  /** Written in two windows at once: this one goes on, the other stays as it read before; or the other way round. */
  const settle = async (which: Which) => {
    setElsewhere(false);
    if (which === "theirs") return onKept();
    try {
      const { makes } = unwrap(await api.GET("/api/projects/{id}/makes", { params: { path: { id } } }));
      revision.current = makes.find((one) => one.id === make?.id)?.revision ?? 0;
      await save(new FormData(form.current!));
    } catch (error) {
      setErrors({ whole: troubleOf(error) });
    }
  };
  const error = (name: string) =>
    errors[name] && (
      <span className="measure-error static" role="alert">
        {errors[name]}
      </span>
    );
  const timed = sitting && sitting.clock.hands + sitting.clock.wait + sitting.clock.away > 0;
  /** Minutes as they were told; else what the clock has stands there as what will be written. */
  const minutes = (name: string, label: string, before?: number | null, clock?: number) => (
    <label>
      {label}{" "}
      <input
        name={name}
        inputMode="numeric"
        size={5}
        defaultValue={before ?? ""}
        placeholder={timed ? String(Math.round(clock ?? 0)) : ""}
      />
      {error(name)}
    </label>
  );
  const told = Object.keys(errors).some((name) => name !== "whole");
  return (
    <form
      className="entry-form"
      ref={form}
      onSubmit={(event) => {
        event.preventDefault();
        submit(new FormData(event.currentTarget));
      }}
      noValidate
    >
      {elsewhere && <Both ways={["mine", "theirs"]} onChoose={(which) => void settle(which)} />}
      <div className="log-row">
        <label>
          {say("log-on")}{" "}
          <input type="date" name="made_on" max={today} defaultValue={make?.made_on ?? today} />
          {error("made_on")}
        </label>
        {minutes("minutes", say("log-minutes"), make?.minutes, sitting?.clock.hands)}
        {minutes("waited", say("log-waited"), make?.waited, sitting?.clock.wait)}
        {minutes("away", say("log-away"), make?.away, sitting?.clock.away)}
      </div>
      {timed && <p className="hint">{say("log-from-clock", { spent: sitting.clock.text })}</p>}
      {sitting && sitting.notes.length > 0 && (
        <details className="hint">
          <summary>{say("log-notes", { count: sitting.notes.length })}</summary>
          <ul>
            {sitting.notes.map((note) => (
              <li key={note.id}>
                {note.title}: {noted(note, options)}
              </li>
            ))}
          </ul>
        </details>
      )}
      <fieldset>
        <legend>{say("log-measured")}</legend>
        <div className="log-measures">
          {shown.map(({ name, label, text, tolerance }) => (
            <div key={name} className="log-measure">
              <label>
                {label} {tolerance && <small>{tolerance}</small>}
                <input
                  name={`measured.${name}`}
                  size={8}
                  defaultValue={measured[name]?.typed ?? ""}
                  placeholder={text}
                />
              </label>
              <select
                name={`fine.${name}`}
                aria-label={say("log-fine", { name: label })}
                defaultValue={measured[name]?.fine == null ? "" : measured[name].fine ? "yes" : "no"}
              >
                <option value="">{say("log-fine-open")}</option>
                <option value="yes">{say("log-fine-yes")}</option>
                <option value="no">{say("log-fine-no")}</option>
              </select>
              {error(`measured.${name}`)}
            </div>
          ))}
        </div>
        {!measures && names.length > shown.length && (
          <button type="button" className="fix" onClick={() => setMeasures(true)}>
            {say("log-measure-more")}
          </button>
        )}
      </fieldset>
      <fieldset>
        <legend>{say("log-trial")}</legend>
        <div className="log-row goes">
          {GOES.map((one) => (
            <label key={one}>
              <input type="radio" name="goes" value={one} defaultChecked={make?.trial.goes === one} />{" "}
              {say(`log-goes-${one}`)}
            </label>
          ))}
          <label>
            <input type="checkbox" name="empty" defaultChecked={make?.trial.empty ?? false} />{" "}
            {say("log-empty")}
          </label>
        </div>
        <div className="log-row">
          <label>
            {say("log-slack")} <input name="slack" size={8} defaultValue={make?.trial.slack ?? ""} />
            {error("trial.slack")}
          </label>
          <label>
            {say("log-above")} <input name="above" size={8} defaultValue={make?.trial.above ?? ""} />
            {error("trial.above")}
          </label>
        </div>
        {tests.map((one) => {
          const before = make?.trial.tests[one.id];
          return (
            <div key={one.id} className="log-test">
              <p>
                {one.text} {one.caution && <em>{one.caution}</em>}
              </p>
              <select
                name={`test.${one.id}`}
                aria-label={one.text}
                defaultValue={before === undefined ? "" : before ? "yes" : "no"}
              >
                <option value="">{say("log-test-open")}</option>
                <option value="yes">{say("log-test-yes")}</option>
                <option value="no">{say("log-test-no")}</option>
              </select>
            </div>
          );
        })}
      </fieldset>
      <label className="wide">
        {say("log-differed")}
        <textarea name="differed" rows={2} maxLength={4000} defaultValue={make?.differed ?? ""} />
      </label>
      <label className="wide">
        {say("log-next")}
        <textarea name="next_time" rows={2} maxLength={4000} defaultValue={make?.next_time ?? ""} />
      </label>
      {steps.length > 0 && (
        <label className="wide">
          {say("log-next-step")}
          <select name="next_step" defaultValue="">
            <option value="">{say("log-next-step.none")}</option>
            {steps.map((step) => (
              <option key={step.id} value={step.id}>
                {step.number} {step.title}
              </option>
            ))}
          </select>
        </label>
      )}
      <details open={uses.length > 0}>
        <summary>{say("log-uses")}</summary>
        {uses.map((use, nth) => (
          <div key={nth} className="log-row">
            <label>
              {say("log-use")}
              <input
                value={use.what}
                maxLength={120}
                onChange={(event) =>
                  setUses(
                    uses.map((other, at) => (at === nth ? { ...other, what: event.target.value } : other)),
                  )
                }
              />
            </label>
            <label>
              {say("log-use-fits")}
              <select
                value={use.fits ? "yes" : "no"}
                onChange={(event) =>
                  setUses(
                    uses.map((other, at) =>
                      at === nth ? { ...other, fits: event.target.value === "yes" } : other,
                    ),
                  )
                }
              >
                <option value="yes">{say("log-test-yes")}</option>
                <option value="no">{say("log-test-no")}</option>
              </select>
            </label>
          </div>
        ))}
        <button
          type="button"
          className="button"
          onClick={() => setUses((now) => [...now, { what: "", fits: true }])}
        >
          {say("log-use-add")}
        </button>
      </details>
      <details open={Boolean(make?.sale.price || errors["sale.price"] || errors["sale.cost"])}>
        <summary>{say("log-sale")}</summary>
        <div className="log-row">
          <label>
            {say("log-price")}{" "}
            <input name="price" inputMode="decimal" size={8} defaultValue={make?.sale.price ?? ""} />
            {error("sale.price")}
          </label>
          <label>
            {say("log-cost")}{" "}
            <input
              name="cost"
              inputMode="decimal"
              size={8}
              ref={spent}
              defaultValue={make?.sale.cost ?? ""}
            />
            {error("sale.cost")}
          </label>
          <label>
            {say("log-sold-on")}{" "}
            <input type="date" name="sold_on" max={today} defaultValue={make?.sale.sold_on ?? ""} />
            {error("sale.sold_on")}
          </label>
        </div>
      </details>
      {errors.whole && !told && (
        <p className="measure-error static" role="alert">
          {errors.whole}
        </p>
      )}
      <p>
        <button type="submit" className="primary">
          {say(make ? "log-change-keep" : "log-write")}
        </button>{" "}
        {onLeave && (
          <button type="button" className="button" onClick={onLeave}>
            {say("log-change-leave")}
          </button>
        )}
      </p>
    </form>
  );
}
