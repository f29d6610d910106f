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
  const revision = useRef(0);
  const pending = useRef<{ name: string; spec: Spec } | null>(null);
  const saving = useRef(false);
  const latest = useRef<Spec | null>(null);

  useEffect(() => {
    if (!query.data || latest.current) return;
    revision.current = query.data.revision;
    latest.current = query.data.spec;
    setSpec(query.data.spec);
    setName(query.data.name);
  }, [query.data]);

  const save = useCallback(async () => {
    if (saving.current) return;
    saving.current = true;
    while (pending.current) {
      const next = pending.current;
      pending.current = null;
      setKeeping("keeping");
      try {
        const answer = await api.PUT("/api/projects/{id}", {
          params: { path: { id } },
          body: { ...next, revision: revision.current },
          keepalive: true,
        });
        const kept = unwrap(answer);
        revision.current = kept.revision;
        setKeeping("kept");
      } catch (error) {
        const status = error instanceof Refused ? error.problem.status : 0;
        setKeeping(status === 409 ? "elsewhere" : status === 422 ? "open" : "offline");
      }
    }
    saving.current = false;
    void client.invalidateQueries({ queryKey: ["projects"] });
  }, [client, id]);

  useEffect(() => {
    if (!spec) return;
    const stop = new AbortController();
    draftOf(spec, stop.signal).then(
      (made) => {
        setDraft(made);
        setErrors({});
        if (stop.signal.aborted) return;
        if (query.data && (spec !== query.data.spec || name !== query.data.name)) {
          pending.current = { name: name.trim() || "Without a name", spec };
          void save();
        }
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
  }, [spec, name, query.data, save]);

  const change = useCallback((edit: (spec: Spec) => Spec) => {
    if (!latest.current) return;
    latest.current = edit(latest.current);
    setSpec(latest.current);
  }, []);

  const setField = useCallback(
    (field: string, text: string) => change((now) => withField(now, field, text)),
    [change],
  );

  return {
    project: query.data as Project | undefined,
    missing: query.isError,
    spec,
    name,
    setName,
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
  return { ...spec, [group]: values };
}
