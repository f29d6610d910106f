import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { api, byField, Refused, unwrap, type Spec } from "../api/client";
import { send, type Answer } from "./keeping/send";
import {
  EMPTY,
  keepingOf,
  leftOver,
  nextJob,
  reduce,
  unsent,
  type Happening,
  type State,
  type Trouble,
  type Way,
} from "./keeping/state";
import { keepUnsent, unsentOf } from "./keeping/unsent";
import { withField } from "./withField";

/** How long until something that nobody answered is sent again (ms): soon, then ever more rarely. */
const AGAIN = (times: number) => Math.min(500 * 2 ** times, 8000);

/** Why something was not kept. */
function whyOf(error: unknown): Trouble {
  if (!(error instanceof Refused)) return "offline";
  const { status } = error.problem;
  if (status === 409) return "elsewhere";
  if (status === 507) return "full";
  return status === 503 ? "closed" : "offline";
}

/**
 * A project being worked on: every change is drafted and kept at once, one request after the other; the last good drawing stays while an
 * entry is wrong, and what nobody answers is sent again until somebody does.
 */
export function useProject(id: string) {
  const client = useQueryClient();
  const query = useQuery({
    queryKey: ["project", id],
    queryFn: async () => unwrap(await api.GET("/api/projects/{id}/drafted", { params: { path: { id } } })),
    staleTime: Infinity,
    gcTime: 0,
  });
  const latest = useRef<State>(EMPTY);
  const [state, show] = useState(EMPTY);
  const happen = useCallback((now: Happening) => {
    latest.current = reduce(latest.current, now);
    show(latest.current);
  }, []);

  // What is on its way.
  const going = useRef<Promise<Answer> | null>(null);
  const begin = useCallback(() => {
    const job = nextJob(latest.current);
    if (!job) return;
    going.current = send(id, job, (drawn) => happen({ type: "drawn", drawn }));
    // Where it fails is seen by who waits for it.
    going.current.catch(() => undefined);
    happen({ type: "sent", job });
  }, [happen, id]);
  const { mutate, isPending } = useMutation({
    scope: { id: `project ${id}` },
    networkMode: "always",
    mutationFn: async () => {
      for (;;) {
        if (!going.current) begin();
        if (!going.current) return;
        try {
          const answer = await going.current;
          going.current = null;
          happen("project" in answer ? { type: "answered", ...answer } : { type: "drafted", ...answer });
        } catch (error) {
          going.current = null;
          const problem = error instanceof Refused && error.problem.status < 500 ? error.problem : null;
          if (problem && problem.status !== 409) happen({ type: "refused", errors: byField(problem) });
          else happen({ type: "failed", why: whyOf(error) });
          if (!problem) throw error;
        }
      }
    },
    retry: true,
    retryDelay: AGAIN,
    // The list is read again when it is next looked at, not after every keystroke.
    onSuccess: () => void client.invalidateQueries({ queryKey: ["projects"], refetchType: "none" }),
  });

  useEffect(() => {
    if (!query.data) return;
    const first = latest.current.spec === null;
    const { draft, ...project } = query.data;
    happen({ type: "loaded", project, draft });
    const before = first ? unsentOf(id) : null;
    if (before) happen({ type: "found", ...before });
  }, [query.data, happen, id]);
  // What cannot be kept yet is kept in the browser: the window may be closed meanwhile.
  useEffect(() => {
    if (state.held) keepUnsent(id, unsent(state));
  }, [id, state]);
  useEffect(() => {
    if (!isPending && (state.sending || nextJob(state))) mutate();
  }, [state, isPending, mutate]);

  // Left at once after an entry: it is sent though nobody is there to see it.
  useEffect(() => {
    const leave = () => {
      if (going.current || nextJob(latest.current)) mutate();
    };
    const close = () => {
      const left = leftOver(latest.current);
      if (left && "send" in left) send(id, left.send, () => undefined).catch(() => undefined);
      else if (left) keepUnsent(id, left.leave);
    };
    window.addEventListener("pagehide", close);
    return () => {
      window.removeEventListener("pagehide", close);
      leave();
    };
  }, [id, mutate]);

  const change = useCallback(
    (edit: (spec: Spec) => Spec, field = "") => {
      happen({ type: "edited", edit, field, at: Date.now() });
      // Asked for before the page is drawn anew; what nobody answers is asked again in its own time.
      if (!latest.current.trouble) begin();
    },
    [happen, begin],
  );
  const setField = useCallback(
    (field: string, text: string) => change((now) => withField(now, field, text), field),
    [change],
  );
  const rename = useCallback((name: string) => happen({ type: "renamed", name, at: Date.now() }), [happen]);
  const step = useCallback((way: Way) => happen({ type: "stepped", way }), [happen]);
  /** Of two that were edited at once the maker's own goes on, or the other, or both: then the maker's own is a variant, whose id is returned. */
  const settle = useCallback(
    async (keep: "mine" | "theirs" | "both") => {
      const path = { params: { path: { id } } };
      const project = unwrap(await api.GET("/api/projects/{id}", path));
      const { spec, name } = latest.current;
      let other: string | null = null;
      if (keep === "both" && spec) {
        const made = unwrap(await api.POST("/api/projects/{id}/variants", { ...path, body: {} }));
        // What it was called here it is called still, where that is not what the other is called.
        const body = { name: name === project.name ? made.name : name, spec, revision: made.revision };
        unwrap(await api.PUT("/api/projects/{id}", { params: { path: { id: made.id } }, body }));
        other = made.id;
      }
      happen({ type: "settled", project, keep: keep === "mine" ? "mine" : "theirs" });
      return other;
    },
    [happen, id],
  );
  const steps = useMemo(
    () => ({ undo: state.held?.undo ?? false, redo: state.held?.redo ?? false }),
    [state.held],
  );
  // A drawing is shown at once, with the order of work of before until its own has come.
  const draft = useMemo(() => state.draft && { ...state.draft, ...state.drawn }, [state.draft, state.drawn]);

  return {
    project: query.data,
    missing: query.isError,
    spec: state.spec,
    name: state.name,
    draft,
    errors: state.errors,
    keeping: keepingOf(state),
    settle,
    steps,
    rename,
    step,
    change,
    setField,
  };
}
