import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { api, byField, Refused, unwrap, type Spec } from "../api/client";
import { send } from "./keeping/send";
import { EMPTY, keepingOf, nextJob, reduce, type Happening, type State, type Way } from "./keeping/state";
import { withField } from "./withField";

/** How long until something that nobody answered is sent again (ms): soon, then ever more rarely. */
const AGAIN = (times: number) => Math.min(500 * 2 ** times, 8000);

/**
 * A project being worked on: every change is drafted and kept at once, one request after the other; the last good drawing stays while an
 * entry is wrong, and what nobody answers is sent again until somebody does.
 */
export function useProject(id: string) {
  const client = useQueryClient();
  const query = useQuery({
    queryKey: ["project", id],
    queryFn: async () => unwrap(await api.GET("/api/projects/{id}", { params: { path: { id } } })),
    staleTime: Infinity,
    gcTime: 0,
  });
  const latest = useRef<State>(EMPTY);
  const [state, show] = useState(EMPTY);
  const happen = useCallback((now: Happening) => {
    latest.current = reduce(latest.current, now);
    show(latest.current);
  }, []);

  const { mutate, isPending } = useMutation({
    scope: { id: `project ${id}` },
    networkMode: "always",
    mutationFn: async () => {
      for (let job = nextJob(latest.current); job; job = nextJob(latest.current)) {
        happen({ type: "sent", job });
        try {
          const answer = await send(id, job);
          happen("project" in answer ? { type: "answered", ...answer } : { type: "drafted", ...answer });
        } catch (error) {
          const problem = error instanceof Refused && error.problem.status < 500 ? error.problem : null;
          if (problem && problem.status !== 409) happen({ type: "refused", errors: byField(problem) });
          else happen({ type: "failed", elsewhere: problem !== null });
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
    if (query.data) happen({ type: "loaded", project: query.data });
  }, [query.data, happen]);
  useEffect(() => {
    if (!isPending && nextJob(state)) mutate();
  }, [state, isPending, mutate]);

  // Left at once after an entry: it is sent though nobody is there to see it.
  useEffect(() => {
    const leave = () => {
      if (nextJob(latest.current)) mutate();
    };
    window.addEventListener("pagehide", leave);
    return () => {
      window.removeEventListener("pagehide", leave);
      leave();
    };
  }, [mutate]);

  const change = useCallback(
    (edit: (spec: Spec) => Spec, field = "") => happen({ type: "edited", edit, field, at: Date.now() }),
    [happen],
  );
  const setField = useCallback(
    (field: string, text: string) => change((now) => withField(now, field, text), field),
    [change],
  );
  const rename = useCallback((name: string) => happen({ type: "renamed", name, at: Date.now() }), [happen]);
  const step = useCallback((way: Way) => happen({ type: "stepped", way }), [happen]);
  const steps = useMemo(
    () => ({ undo: state.held?.undo ?? false, redo: state.held?.redo ?? false }),
    [state.held],
  );

  return {
    project: query.data,
    missing: query.isError,
    spec: state.spec,
    name: state.name,
    draft: state.draft,
    errors: state.errors,
    keeping: keepingOf(state),
    steps,
    rename,
    step,
    change,
    setField,
  };
}
