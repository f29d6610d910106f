import { useState } from "react";
import { api, byField, Refused, unwrap, type Schemas } from "../api/client";
import { troubleOf } from "../api/trouble";
import { useOnce } from "../kit/useOnce";
import { say } from "../words/say";

interface Props {
  order?: Schemas["OrderShown"];
  projects: Schemas["ProjectSummary"][];
  onKept: () => void;
  onLeave: () => void;
}

/** An order or a gift: for whom, what, of which cloth, by when. */
export function OrderForm({ order, projects, onKept, onLeave }: Props) {
  const [errors, setErrors] = useState<Record<string, string>>({});
  const [title, setTitle] = useState(order?.title ?? "");
  const submit = useOnce(async (data: FormData) => {
    const text = (name: string) => {
      const entered = data.get(name);
      return typeof entered === "string" ? entered.trim() : "";
    };
    const count = Number(text("count") || "1");
    const body: Schemas["OrderTold"] = {
      whom: text("whom"),
      title,
      project_id: text("project_id") || null,
      count: Number.isInteger(count) ? count : 0,
      theme: text("theme"),
      cloth: text("cloth"),
      due: text("due") || null,
      state: order?.state ?? "asked",
      together: text("together"),
      price: text("price"),
      note: text("note"),
    };
    try {
      unwrap(
        order
          ? await api.PUT("/api/orders/{id}", { params: { path: { id: order.id } }, body })
          : await api.POST("/api/orders", { body }),
      );
      onKept();
    } catch (error) {
      setErrors(
        error instanceof Refused
          ? { title: error.problem.detail, ...byField(error.problem) }
          : { title: troubleOf(error) },
      );
    }
  });
  const field = (name: keyof Schemas["OrderTold"], label: string, type = "text", help = "") => (
    <label>
      {label}
      <input
        name={name}
        type={type}
        min={type === "number" ? 1 : undefined}
        max={type === "number" ? 500 : undefined}
        maxLength={name === "note" ? 4000 : 80}
        defaultValue={order?.[name] ?? (type === "number" ? 1 : "")}
      />
      {errors[name] ? (
        <small className="entry-error" role="alert">
          {errors[name]}
        </small>
      ) : (
        help && <small>{help}</small>
      )}
    </label>
  );
  return (
    <form
      className="order-form"
      onSubmit={(event) => {
        event.preventDefault();
        submit(new FormData(event.currentTarget));
      }}
      noValidate
    >
      <label>
        {say("order-project")}
        <select
          name="project_id"
          defaultValue={order?.project_id ?? ""}
          onChange={(event) => {
            const chosen = projects.find((one) => one.id === event.target.value);
            if (chosen && !title) setTitle(chosen.name);
          }}
        >
          <option value="">{say("order-project.none")}</option>
          {projects.map((one) => (
            <option key={one.id} value={one.id}>
              {one.name}
            </option>
          ))}
        </select>
      </label>
      <label>
        {say("order-title")}
        <input value={title} maxLength={120} onChange={(event) => setTitle(event.target.value)} />
        {errors.title && (
          <small className="entry-error" role="alert">
            {errors.title}
          </small>
        )}
      </label>
      {field("whom", say("order-for"), "text", say("order-for.help"))}
      {field("count", say("order-count"), "number")}
      {field("due", say("order-due"), "date")}
      {field("cloth", say("order-cloth"))}
      {field("theme", say("order-theme"))}
      {field("together", say("order-together"), "text", say("order-together.help"))}
      {field("price", say("order-price"))}
      {field("note", say("order-note"))}
      <p className="made-actions">
        <button type="submit" className="primary">
          {say("order-keep")}
        </button>
        <button type="button" className="button" onClick={onLeave}>
          {say("order-leave")}
        </button>
      </p>
    </form>
  );
}
