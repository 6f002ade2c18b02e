import { createStore, del, entries, set, type UseStore } from "idb-keyval";
import { Away, Problem, SignedOut, type Stop } from "../../api/client";
import { newId } from "../../api/ids";
import { keepPicture } from "../../api/pictures";
import { send } from "../../api/queue";

/** A picture on its way from this phone to a camera's record. */
export interface OnItsWay {
  id: string;
  tag: string;
  by: string;
  picture: Blob;
  shows: string;
  part: string;
  stop: Stop;
  takenAt: string;
}

/** How it stands with one. */
export interface Standing {
  of: OnItsWay;
  state: "sending" | "away" | "held" | "refused" | "sent";
  /** Why it was not taken. */
  problem?: string;
}

/** Where pictures are kept over a reload and a dead battery. */
export interface Kept {
  all: () => Promise<OnItsWay[]>;
  put: (one: OnItsWay) => Promise<void>;
  drop: (id: string) => Promise<void>;
}

/** The browser's own store for large things. */
export function inBrowser(): Kept {
  const store: UseStore = createStore("ruvant-pictures", "waiting");
  return {
    all: async () => (await entries<string, OnItsWay>(store)).map(([, one]) => one),
    put: (one) => set(one.id, one, store),
    drop: (id) => del(id, store),
  };
}

const SHOWN = 12;

/** Sends pictures in their order, each once; what cannot go now stays. */
export class PictureQueue {
  private standing: Standing[] = [];
  private readonly listeners = new Set<() => void>();
  private working = false;
  private stored: Promise<unknown> = Promise.resolve();

  constructor(private readonly kept: Kept) {
    this.stored = kept
      .all()
      .then((all) => {
        const left = all.sort((a, b) => a.takenAt.localeCompare(b.takenAt));
        this.publish([...left.map((of): Standing => ({ of, state: "away" })), ...this.standing]);
      })
      .catch(() => undefined);
  }

  now = (): Standing[] => this.standing;

  listen = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  private publish(next: Standing[]): void {
    const sent = next.filter((one) => one.state === "sent");
    // the page keeps the last few in sight; the bench has them all
    this.standing = next.filter((one) => one.state !== "sent" || sent.indexOf(one) >= sent.length - SHOWN);
    this.listeners.forEach((listener) => listener());
  }

  private mark(id: string, state: Standing["state"], problem?: string): void {
    this.publish(this.standing.map((one) => (one.of.id === id ? { of: one.of, state, problem } : one)));
  }

  /** Keeps a picture before anything else is done with it, and sends it. */
  async add(taken: Omit<OnItsWay, "id" | "takenAt">): Promise<void> {
    const of = { ...taken, id: newId(), takenAt: new Date().toISOString() };
    this.publish([...this.standing, { of, state: "sending" }]);
    // a phone without room must not keep it from being sent
    await this.kept.put(of).catch(() => undefined);
    await this.work();
  }

  discard(id: string): void {
    this.publish(this.standing.filter((one) => one.of.id !== id));
    void this.kept.drop(id).catch(() => undefined);
  }

  /** Tries what waits; called when the network is back and every few seconds. */
  async work(again: Standing["state"][] = ["sending", "away"]): Promise<void> {
    await this.stored;
    if (this.working) return;
    this.working = true;
    try {
      let next;
      while ((next = this.standing.find((one) => again.includes(one.state))) !== undefined)
        if (!(await this.send(next.of))) return;
    } finally {
      this.working = false;
    }
  }

  /** The phone was paired anew: what waited for that may go. */
  tryAgain(): void {
    this.publish(this.standing.map((one) => (one.state === "held" ? { ...one, state: "away" } : one)));
    void this.work();
  }

  private async send(of: OnItsWay): Promise<boolean> {
    this.mark(of.id, "sending");
    try {
      const name = (await keepPicture(of.picture)).name;
      const entry = {
        kind: "pictured" as const,
        name,
        shows: of.shows,
        part: of.part === "" ? undefined : of.part,
        at: of.stop,
      };
      // the line has the picture's own id: sending it twice logs it once
      const stored = await send({
        log: of.tag,
        by: of.by,
        basedOn: 0,
        lines: [{ id: of.id, saidAt: of.takenAt, entry }],
      });
      if (stored === undefined) {
        this.mark(of.id, "away");
        return false;
      }
      this.mark(of.id, "sent");
      await this.kept.drop(of.id).catch(() => undefined);
      return true;
    } catch (problem) {
      return this.failed(of, problem);
    }
  }

  private failed(of: OnItsWay, problem: unknown): boolean {
    if (problem instanceof Away) {
      this.mark(of.id, "away");
      return false;
    }
    const isHeld =
      problem instanceof SignedOut ||
      (problem instanceof Problem && ["notAllowed", "signedByAnother"].includes(problem.code));
    this.mark(of.id, isHeld ? "held" : "refused", problem instanceof Error ? problem.message : "");
    return true;
  }
}
