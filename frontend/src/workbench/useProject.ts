import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { api, byField, Refused, unwrap, type Draft, type Project, type Spec } from "../api/client";

export type Keeping = "kept" | "keeping" | "open" | "elsewhere" | "offline";

async function draftOf(spec: Spec, signal: AbortSignal): Promise<Draft> {
  return unwrap(await api.POST("/api/drafts", { body: spec, signal }));
}

/**
 * A project being worked on: every change is drafted at once, the last good drawing stays while an entry
 * is wrong, and every good state is kept.
 */
export function useProject(id: string) {
  const client = useQueryClient();
  const query = useQuery({
    queryKey: ["project", id],
    queryFn: async () => unwrap(await api.GET("/api/projects/{id}", { params: { path: { id } } })),
    staleTime: Infinity,
    gcTime: 0,
  });
  const [spec, setSpec] = useState<Spec | null>(null);
  const [name, setName] = useState("");
  const [draft, setDraft] = useState<Draft | null>(null);
  const [errors, setErrors] = useState<Record<string, string>>({});
  const [keeping, setKeeping] = useState<Keeping>("kept");
  const [steps, setSteps] = useState({ undo: false, redo: false });
  const pending = useRef<{ name: string; spec: Spec; touch: string | null } | null>(null);
  const saving = useRef(false);
  /** What is on its way to the server. */
  const sending = useRef<{ name: string; spec: Spec } | null>(null);
  const latest = useRef<Spec | null>(null);
  const title = useRef("");
  /** What the server holds. */
  const kept = useRef<Project | null>(null);
  /** The entry being edited, and how often another was begun: one entry is undone in one step. */
  const touch = useRef({ field: "", at: 0, number: 0 });

  const hold = useCallback((project: Project) => {
    kept.current = project;
    setSteps({ undo: project.can_undo, redo: project.can_redo });
  }, []);
  const show = useCallback(
    (project: Project) => {
      hold(project);
      latest.current = project.spec;
      title.current = project.name;
      setSpec(project.spec);
      setName(project.name);
    },
    [hold],
  );
  useEffect(() => {
    if (query.data && !latest.current) show(query.data);
  }, [query.data, show]);

  const save = useCallback(async () => {
    if (saving.current) return;
    saving.current = true;
    while (pending.current) {
      const next = pending.current;
      pending.current = null;
      sending.current = next;
      setKeeping("keeping");
      try {
        const answer = await api.PUT("/api/projects/{id}", {
          params: { path: { id } },
          body: { ...next, revision: kept.current!.revision },
          keepalive: true,
        });
        hold({ ...unwrap(answer), spec: next.spec, name: next.name });
        // Not while something newer waits to be drafted.
        if (latest.current === next.spec) setKeeping("kept");
      } catch (error) {
        const status = error instanceof Refused ? error.problem.status : 0;
        setKeeping(status === 409 ? "elsewhere" : status === 422 ? "open" : "offline");
      }
    }
    saving.current = false;
    sending.current = null;
    // The list is read again when it is next looked at, not after every keystroke.
    void client.invalidateQueries({ queryKey: ["projects"], refetchType: "none" });
  }, [client, hold, id]);

  useEffect(() => {
    if (!spec) return;
    const stop = new AbortController();
    draftOf(spec, stop.signal).then(
      (made) => {
        setDraft(made);
        setErrors({});
        // Undo may have gone on already, before this view of it is done away with: what it left is no edit.
        if (stop.signal.aborted || spec !== latest.current || name !== title.current) return;
        if (kept.current && (spec !== kept.current.spec || name !== kept.current.name)) {
          const { field, number } = touch.current;
          pending.current = {
            name: name.trim() || "Without a name",
            spec,
            touch: field ? `${field}#${number}`.slice(0, 120) : null,
          };
          void save();
        } else setKeeping("kept");
      },
      (error: unknown) => {
        if (stop.signal.aborted) return;
        if (error instanceof Refused) {
          setErrors(byField(error.problem));
          setKeeping("open");
        } else setKeeping("offline");
      },
    );
    return () => stop.abort();
  }, [spec, name, save]);

  // Left at once after an entry: what has not been drafted yet is sent as it is, and kept if it holds.
  useEffect(() => {
    const leave = () => {
      const [spec, name] = [latest.current, title.current];
      const old = sending.current ?? kept.current;
      if (!spec || !old || (spec === old.spec && name === old.name)) return;
      pending.current = { name: name.trim() || "Without a name", spec, touch: null };
      void save();
    };
    window.addEventListener("pagehide", leave);
    return () => {
      window.removeEventListener("pagehide", leave);
      leave();
    };
  }, [save]);

  /** Back to the state before, or forward again. An entry that is still open is dropped first. */
  const stepping = useRef(Promise.resolve());
  const takeStep = useCallback(
    async (way: "undo" | "redo") => {
      touch.current = { field: "", at: 0, number: touch.current.number + 1 };
      while (saving.current) await new Promise((resolve) => setTimeout(resolve, 10));
      if (!kept.current) return;
      if (latest.current !== kept.current.spec) return show(kept.current);
      if (!(way === "undo" ? kept.current.can_undo : kept.current.can_redo)) return setKeeping("kept");
      const body = { revision: kept.current.revision };
      const params = { params: { path: { id } }, body };
      const answer =
        way === "undo"
          ? await api.POST("/api/projects/{id}/undo", params)
          : await api.POST("/api/projects/{id}/redo", params);
      if (answer.data) show(answer.data);
      else setKeeping(answer.response.status === 409 ? "elsewhere" : "offline");
    },
    [id, show],
  );
  /** One after the other, however fast the keys are pressed. */
  const step = useCallback(
    (way: "undo" | "redo") => {
      setKeeping("keeping");
      stepping.current = stepping.current.then(() => takeStep(way)).catch(() => setKeeping("offline"));
    },
    [takeStep],
  );

  const touched = useCallback((field: string) => {
    const now = Date.now();
    const same = field !== "" && field === touch.current.field && now - touch.current.at < 2500;
    touch.current = { field, at: now, number: touch.current.number + (same ? 0 : 1) };
    setKeeping("keeping");
  }, []);

  const change = useCallback(
    (edit: (spec: Spec) => Spec, field = "") => {
      if (!latest.current) return;
      touched(field);
      latest.current = edit(latest.current);
      setSpec(latest.current);
    },
    [touched],
  );

  const setField = useCallback(
    (field: string, text: string) => change((now) => withField(now, field, text), field),
    [change],
  );
  const rename = useCallback(
    (text: string) => {
      touched("name");
      title.current = text;
      setName(text);
    },
    [touched],
  );

  return {
    project: query.data as Project | undefined,
    missing: query.isError,
    spec,
    name,
    rename,
    step,
    steps,
    draft,
    errors,
    keeping,
    change,
    setField,
  };
}

/** A spec with one field set; a blank field is taken out, so that the proposal holds again. */
export function withField(spec: Spec, field: string, value: string): Spec {
  const [group, name] = field.split(".") as [string, string?];
  if (!name) return { ...spec, [group]: value };
  if (group === "layers") {
    const layers = (spec.layers as Record<string, unknown>[] | undefined) ?? [];
    const key = field.split(".")[2];
    if (key)
      return {
        ...spec,
        layers: layers.map((l) => (l.role === name ? { ...l, [key]: value || undefined } : l)),
      };
    if (!value) return { ...spec, layers: layers.filter((l) => l.role !== name) };
    return { ...spec, layers: [...layers.filter((l) => l.role !== name), { material: value, role: name }] };
  }
  if (group === "parts") {
    const key = field.split(".")[2]!;
    const parts = (spec.parts as Record<string, unknown>[] | undefined) ?? [];
    return {
      ...spec,
      parts: parts.map((part, i) => (i === Number(name) ? { ...part, [key]: value || undefined } : part)),
    };
  }
  const values = { ...(spec[group] as Record<string, unknown> | undefined) };
  if (value.trim() === "") delete values[name];
  else values[name] = value;
  if (group === "object" && Array.isArray(values.assumed)) {
    // What the maker types is measured; what is let go of is nobody's.
    const left = values.assumed.filter((measure) => measure !== name);
    if (left.length > 0) values.assumed = left;
    else delete values.assumed;
  }
  return { ...spec, [group]: values };
}
