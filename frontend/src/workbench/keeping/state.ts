/**
 * What is known of a project while it is worked on, as a pure reducer: what is shown, what the server holds, what is on its way, and
 * what waits. Nothing here waits or asks; `nextJob` says what to send next, one thing at a time.
 */
import type { Draft, Drawn, Project, Spec } from "../../api/client";

export type Way = "undo" | "redo";
/** Why something is not kept yet: nobody answers, there is no room, nothing may be written, the folder is not there. */
export type Trouble = "elsewhere" | "offline" | "full" | "closed";
export type Keeping = "opening" | "kept" | "keeping" | "open" | Trouble;

export interface Held {
  spec: Spec;
  name: string;
  revision: number;
  undo: boolean;
  redo: boolean;
}

export type Job =
  | { kind: "draft"; spec: Spec }
  | { kind: "save"; spec: Spec; name: string; revision: number; touch: string | null }
  | { kind: "undo"; revision: number }
  | { kind: "redo"; revision: number };

export interface State {
  /** What the server holds. */
  held: Held | null;
  /** What is shown and edited. */
  spec: Spec | null;
  name: string;
  /** The last drawing of something that could be drafted. */
  draft: Draft | null;
  /** The drawing of what is on its way, where that is there before its order of work. */
  drawn: Drawn | null;
  errors: Record<string, string>;
  /** What the server would not have, so that it is not sent again as it is. */
  refused: { spec: Spec; name: string } | null;
  /** The entry being edited, and how often another was begun: one entry is undone in one step. */
  touch: { field: string; at: number; number: number };
  /** Steps back and forward that wait for what is being kept. */
  steps: Way[];
  sending: Job | null;
  trouble: Trouble | null;
}

export type Happening =
  | { type: "loaded"; project: Project; draft: Draft | null }
  | { type: "edited"; edit: (spec: Spec) => Spec; field: string; at: number }
  | { type: "renamed"; name: string; at: number }
  | { type: "stepped"; way: Way }
  | { type: "sent"; job: Job }
  /** Of what is on its way the drawing is there. */
  | { type: "drawn"; drawn: Drawn }
  | { type: "drafted"; draft: Draft }
  | { type: "answered"; project: Project; draft: Draft }
  | { type: "refused"; errors: Record<string, string> }
  | { type: "failed"; why: Trouble }
  /** What was edited before the page was closed, and could not be kept then. */
  | { type: "found"; spec: Spec; name: string; revision: number }
  /** Of two that were edited at once: what is held now, and which of the two goes on. */
  | { type: "settled"; project: Project; keep: "mine" | "theirs" };

export const EMPTY: State = {
  held: null,
  spec: null,
  name: "",
  draft: null,
  drawn: null,
  errors: {},
  refused: null,
  touch: { field: "", at: 0, number: 0 },
  steps: [],
  sending: null,
  trouble: null,
};

/** An entry left alone for so long (ms) is another entry when it is taken up again. */
const PAUSE = 2500;
const LONGEST_TOUCH = 120;

export function reduce(state: State, now: Happening): State {
  switch (now.type) {
    case "loaded":
      return state.spec ? state : { ...state, ...shown(now.project), draft: now.draft };
    case "edited": {
      if (!state.spec) return state;
      return { ...state, spec: now.edit(state.spec), touch: touched(state, now.field, now.at) };
    }
    case "renamed":
      if (!state.spec) return state;
      return { ...state, name: now.name, touch: touched(state, "name", now.at) };
    case "stepped":
      if (!state.held) return state;
      return dropped({
        ...state,
        steps: [...state.steps, now.way],
        touch: { field: "", at: 0, number: state.touch.number + 1 },
      });
    case "sent":
      return { ...state, sending: now.job };
    case "drawn":
      return state.sending ? { ...state, drawn: now.drawn } : state;
    case "drafted":
      return { ...arrived(state), trouble: null, draft: now.draft };
    case "answered":
      return dropped(answered(state, now.project, now.draft));
    case "refused":
      return dropped(refused(state, now.errors));
    case "failed":
      return { ...arrived(state), trouble: now.why };
    case "found": {
      if (!state.held || state.spec !== state.held.spec || isHeld(state.held, now)) return state;
      // Of what was changed elsewhere meanwhile the maker decides.
      const trouble = now.revision === state.held.revision ? null : "elsewhere";
      return { ...state, spec: now.spec, name: now.name, trouble };
    }
    case "settled": {
      const held = heldOf(now.project);
      const done = { ...state, held, trouble: null, refused: null, errors: {}, steps: [] };
      return now.keep === "mine" ? done : { ...done, ...shown(now.project), draft: null };
    }
  }
}

/** What to send next; nothing while something is on its way or another window has the project. */
export function nextJob(state: State): Job | null {
  const { held, spec, name } = state;
  if (!held || !spec || state.sending || state.trouble === "elsewhere") return null;
  if (isDirty(state)) {
    const { field, number } = state.touch;
    const touch = field ? `${field}#${number}`.slice(0, LONGEST_TOUCH) : null;
    return { kind: "save", spec, name, revision: held.revision, touch };
  }
  if (state.steps.length > 0) return { kind: state.steps[0]!, revision: held.revision };
  return state.draft === null && !isRefused(state) ? { kind: "draft", spec } : null;
}

export function keepingOf(state: State): Keeping {
  if (!state.held) return "opening";
  if (state.trouble) return state.trouble;
  if (isRefused(state)) return "open";
  return state.sending || nextJob(state) ? "keeping" : "kept";
}

/** What is to be sent once somebody answers again. */
export function unsent(state: State): { spec: Spec; name: string; revision: number } | null {
  const { held, spec, name } = state;
  if (!held || !spec || !state.trouble || !isDirty(state)) return null;
  return { spec, name, revision: held.revision };
}

/**
 * What the page still has when it is closed, and nobody will be there to go on after an answer: it is sent at once; what was edited since it
 * was last sent is left for when the page is opened again, as an edit of what is then held.
 */
export function leftOver(
  state: State,
): { send: Job } | { leave: NonNullable<ReturnType<typeof unsent>> } | null {
  const { held, spec, name, sending } = state;
  if (!held || !spec || !isDirty(state)) return null;
  if (!sending || sending.kind === "draft") {
    const job = nextJob({ ...state, sending: null });
    return job && { send: job };
  }
  if (sending.kind === "save" && spec === sending.spec && name === sending.name) return null;
  return { leave: { spec, name, revision: sending.revision + 1 } };
}

/** Whether something was edited that has not been sent, or not since it changed. */
function isDirty({ held, spec, name, refused }: State): boolean {
  if (!held || (spec === held.spec && name === held.name)) return false;
  return spec !== refused?.spec || name !== refused.name;
}

/** Whether what was left for now did arrive. */
function isHeld(held: Held, { spec, name }: { spec: Spec; name: string }): boolean {
  return name === held.name && JSON.stringify(spec) === JSON.stringify(held.spec);
}

function isRefused({ spec, name, refused }: State): boolean {
  return refused !== null && spec === refused.spec && name === refused.name;
}

function shown(project: Project): Pick<State, "held" | "spec" | "name"> {
  return { held: heldOf(project), spec: project.spec, name: project.name };
}

function heldOf(project: Project): Held {
  const { spec, name, revision, can_undo: undo, can_redo: redo } = project;
  return { spec, name, revision, undo, redo };
}

function touched({ touch }: State, field: string, at: number): State["touch"] {
  const same = field !== "" && field === touch.field && at - touch.at < PAUSE;
  return { field, at, number: touch.number + (same ? 0 : 1) };
}

/** Nothing is on its way any more. */
function arrived(state: State): State {
  return { ...state, sending: null, drawn: null };
}

function answered(state: State, project: Project, draft: Draft): State {
  const done = { ...arrived(state), trouble: null, draft, refused: null };
  const job = state.sending;
  if (job?.kind !== "save") return { ...done, ...shown(project), errors: {}, steps: state.steps.slice(1) };
  // What was sent is what is held, however the server writes it: only what was edited since is to be kept.
  const held = { ...heldOf(project), spec: job.spec, name: job.name };
  return { ...done, held, errors: job.spec === state.spec ? {} : state.errors };
}

function refused(state: State, errors: Record<string, string>): State {
  const job = state.sending;
  const done = { ...arrived(state), trouble: null };
  // Steps that cannot be taken are not taken.
  if (!job || job.kind === "undo" || job.kind === "redo") return { ...done, steps: state.steps.slice(1) };
  const sent = { spec: job.spec, name: job.kind === "save" ? job.name : state.name };
  return { ...done, refused: sent, errors: job.spec === state.spec ? errors : state.errors };
}

/** An entry that is still open is dropped by the first step back or forward; a step that leads nowhere is forgotten. */
function dropped(state: State): State {
  const { held } = state;
  if (!held || state.steps.length === 0 || state.sending) return state;
  if (isRefused(state) && (state.spec !== held.spec || state.name !== held.name)) {
    const back = { spec: held.spec, name: held.name, refused: null, errors: {} };
    return dropped({ ...state, ...back, steps: state.steps.slice(1) });
  }
  if (!isDirty(state) && !held[state.steps[0]!]) return dropped({ ...state, steps: state.steps.slice(1) });
  return state;
}
