import { useSyncExternalStore } from "react";
import { Problem } from "../api/client";

/** A short word about what just happened. */
export interface Notice {
  kind: "done" | "waiting" | "problem";
  text: string;
  undo?: () => void;
}

let notice: (Notice & { number: number }) | undefined;
let number = 0;
const listeners = new Set<() => void>();

/** Shows a notice in place of the one before. */
export function notify(next: Notice): void {
  notice = { ...next, number: ++number };
  listeners.forEach((listener) => listener());
}

export function dismiss(): void {
  notice = undefined;
  listeners.forEach((listener) => listener());
}

export function useNotice() {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => notice,
  );
}

/** Says what would not go, with what to do. */
export function sayRefusal(refusal: unknown): void {
  const remedy = refusal instanceof Problem ? refusal.remedy : "";
  notify({ kind: "problem", text: `${(refusal as Error).message} ${remedy}`.trim() });
}

/** Lets something go its way; what would not go is said in a notice. */
export function orSay(going: Promise<unknown>): void {
  going.catch(sayRefusal);
}
