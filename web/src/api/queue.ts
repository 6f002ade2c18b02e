import { answer, Away, Problem, server, SignedOut, type Entry } from "./client";
import { newId } from "./ids";
import { refreshed } from "./refreshed";

/** Lines on their way into a log: a job's, by its tag, or the shop's own. */
export interface Sending {
  log: string;
  by: string;
  basedOn: number;
  lines: { id: string; before?: string; saidAt: string; entry: Entry }[];
}

/** Lines that the server would not take, and why. They are kept until somebody decides what becomes of them. */
export interface Refused {
  sending: Sending;
  message: string;
  remedy: string;
}

/** What the screen should say about the queue. */
export interface QueueState {
  waiting: number;
  away: boolean;
  /** What the server says is the matter with it; empty where it cannot be reached at all. */
  trouble: string;
  /** Whether what waits would be lost with this page, since the browser has no room to keep it. */
  onlyHere: boolean;
  refused: Refused[];
  /** Whose lines wait until they are signed in again. */
  held: string[];
}

/** Each window keeps its own queue, and a new window adopts what others left: sending twice is harmless. */
const STORED = "ruvant.queue.";
const OWN = STORED + newId();
const REFUSED = "ruvant.refused";

type Settle = { resolve: (lastSequence: number | undefined) => void; reject: (problem: unknown) => void };

const pending: Sending[] = stored();
const settles = new Map<Sending, Settle>();
let state: QueueState = {
  waiting: pending.length,
  away: false,
  trouble: "",
  onlyHere: false,
  refused: read<Refused>(REFUSED),
  held: [],
};
const listeners = new Set<() => void>();
let working = false;

function read<T>(key: string): T[] {
  try {
    return JSON.parse(localStorage.getItem(key) ?? "[]") as T[];
  } catch {
    return [];
  }
}

/** Lines of a window from before logs had names were a job's, by its tag. */
function named(one: Sending & { tag?: string }): Sending {
  return { log: one.log ?? one.tag, by: one.by, basedOn: one.basedOn, lines: one.lines };
}

function stored(): Sending[] {
  const left: Sending[] = [];
  for (const key of Object.keys(localStorage).filter((name) => name.startsWith(STORED))) {
    left.push(...read<Sending>(key).map(named));
    localStorage.removeItem(key);
  }
  if (left.length > 0) localStorage.setItem(OWN, JSON.stringify(left));
  return left;
}

/** Says whether it is kept over a reload; a browser without room must not keep lines from being sent. */
function keep(key: string, values: unknown[]): boolean {
  try {
    if (values.length > 0) localStorage.setItem(key, JSON.stringify(values));
    else localStorage.removeItem(key);
    return true;
  } catch {
    return false;
  }
}

function publish(change: Partial<QueueState>): void {
  const kept = keep(OWN, pending);
  const keptRefused = keep(REFUSED, change.refused ?? state.refused);
  state = { ...state, ...change, waiting: pending.length, onlyHere: !kept || !keptRefused };
  listeners.forEach((listener) => listener());
}

export function queueState(): QueueState {
  return state;
}

export function onQueue(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** Lines that were refused are not wanted any more. */
export function discard(refused: Refused): void {
  publish({ refused: state.refused.filter((one) => one !== refused) });
}

/** Sends lines that were refused once more, on the log as it is now. */
export function retry(refused: Refused): void {
  pending.push({ ...refused.sending, basedOn: 0 });
  discard(refused);
  void work();
}

/** Sends lines that were refused once more, as they were changed. */
export function mended(refused: Refused, lines: Sending["lines"]): void {
  retry({ ...refused, sending: { ...refused.sending, lines } });
  discard(refused);
}

/**
 * Sends lines, in order and each once: they carry ids of their own, so a repeat is harmless. Resolves with the last
 * sequence of the log as it then is, or with nothing when the server is away and the lines wait here.
 */
export function send(sending: Sending): Promise<number | undefined> {
  pending.push(sending);
  publish({});
  const settled = new Promise<number | undefined>((resolve, reject) =>
    settles.set(sending, { resolve, reject }),
  );
  void work();
  return settled;
}

/** Tries again what waits; called when the server is heard of and every few seconds. */
export async function work(): Promise<void> {
  if (working) return;
  working = true;
  try {
    while (await sendNext());
  } finally {
    working = false;
  }
}

/** The first line whose signer is here, or may be; whether another may follow. */
async function sendNext(): Promise<boolean> {
  const first = pending.find((one) => !state.held.includes(one.by));
  if (first === undefined) return false;
  const settle = settles.get(first);
  try {
    const appended = await answer(
      server.POST("/api/logs/{log}/lines", {
        params: { path: { log: first.log } },
        body: { by: first.by, basedOn: first.basedOn, lines: first.lines },
      }),
    );
    done(first, { away: false, trouble: "" });
    settle?.resolve(appended.lastSequence);
    return true;
  } catch (problem) {
    if (problem instanceof Away) {
      waits(first, { away: true, trouble: problem.trouble });
      return false;
    }
    if (problem instanceof SignedOut || (problem instanceof Problem && problem.code === "signedByAnother")) {
      // it is signed by whoever typed it, or not at all: others may go on
      waits(first, { away: false, trouble: "", held: [...state.held, first.by] });
      return true;
    }
    // nobody waits for the answer of a line that was sent later than it was typed: it is kept and shown instead
    const refused =
      settle === undefined && problem instanceof Problem
        ? [...state.refused, { sending: first, message: problem.message, remedy: problem.remedy }]
        : state.refused;
    done(first, { away: false, trouble: "", refused });
    settle?.reject(problem);
    return true;
  }
}

function waits(one: Sending, change: Partial<QueueState>): void {
  settles.get(one)?.resolve(undefined);
  settles.delete(one);
  publish(change);
}

/** Somebody signed in: lines that waited for that may go now. */
export function tryAgain(): void {
  publish({ held: [] });
  void work();
}

function done(first: Sending, change: Partial<QueueState>): void {
  pending.splice(pending.indexOf(first), 1);
  settles.delete(first);
  publish(change);
  refreshed(first.log);
}

setInterval(() => void work(), 2000);
