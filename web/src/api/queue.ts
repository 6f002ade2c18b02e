import { answer, Away, Problem, server, type Entry, type JobView } from "./client";
import { clockSaid } from "./clock";
import { newId } from "./ids";
import { queries } from "./queries";

/** Lines on their way to the server. */
export interface Sending {
  tag: string;
  by: string;
  basedOn: number;
  lines: { id: string; before?: string; saidAt: string; entry: Entry }[];
}

/** What the screen should say about the queue. */
export interface QueueState {
  waiting: number;
  away: boolean;
  refused: { tag: string; problem: Problem; lines: Sending["lines"] }[];
}

/** Each window keeps its own queue, and a new window adopts what others left: sending twice is harmless. */
const STORED = "ruvant.queue.";
const OWN = STORED + newId();

type Settle = { resolve: (job: JobView | undefined) => void; reject: (problem: unknown) => void };

const pending: Sending[] = stored();
const settles = new Map<Sending, Settle>();
let state: QueueState = { waiting: pending.length, away: false, refused: [] };
const listeners = new Set<() => void>();
let working = false;

function stored(): Sending[] {
  const left: Sending[] = [];
  for (const key of Object.keys(localStorage).filter((name) => name.startsWith(STORED))) {
    try {
      left.push(...(JSON.parse(localStorage.getItem(key) ?? "[]") as Sending[]));
    } catch {
      continue;
    }
    localStorage.removeItem(key);
  }
  if (left.length > 0) localStorage.setItem(OWN, JSON.stringify(left));
  return left;
}

function publish(change: Partial<QueueState>): void {
  if (pending.length > 0) localStorage.setItem(OWN, JSON.stringify(pending));
  else localStorage.removeItem(OWN);
  state = { ...state, ...change, waiting: pending.length };
  listeners.forEach((listener) => listener());
}

export function queueState(): QueueState {
  return state;
}

export function onQueue(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

export function forgetRefused(): void {
  publish({ refused: [] });
}

/**
 * Sends lines, in order and each once: they carry ids of their own, so a repeat is harmless. Resolves with the job as
 * it then is, or with nothing when the server is away and the lines wait here.
 */
export function send(sending: Sending): Promise<JobView | undefined> {
  pending.push(sending);
  publish({});
  const settled = new Promise<JobView | undefined>((resolve, reject) =>
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
    while (pending.length > 0 && (await sendFirst(pending[0])));
  } finally {
    working = false;
  }
}

async function sendFirst(first: Sending): Promise<boolean> {
  const settle = settles.get(first);
  try {
    const job = await answer(
      server.POST("/api/jobs/{tag}/entries", {
        params: { path: { tag: first.tag } },
        body: { by: first.by, basedOn: first.basedOn, lines: first.lines },
      }),
    );
    clockSaid(job.now);
    queries.setQueryData(["job", first.tag], job);
    done(first, { away: false });
    settle?.resolve(job);
    return true;
  } catch (problem) {
    if (problem instanceof Away) {
      settle?.resolve(undefined);
      settles.delete(first);
      publish({ away: true });
      return false;
    }
    // nobody waits for the answer of a line that was sent later than it was typed: it is shown instead
    const refused =
      settle === undefined && problem instanceof Problem
        ? [...state.refused, { tag: first.tag, problem, lines: first.lines }]
        : state.refused;
    done(first, { away: false, refused });
    settle?.reject(problem);
    return true;
  }
}

function done(first: Sending, change: Partial<QueueState>): void {
  pending.shift();
  settles.delete(first);
  publish(change);
  void queries.invalidateQueries({ queryKey: ["log", first.tag] });
  void queries.invalidateQueries({ queryKey: ["bench"] });
  void queries.invalidateQueries({ queryKey: ["waits"] });
}

setInterval(() => void work(), 2000);
