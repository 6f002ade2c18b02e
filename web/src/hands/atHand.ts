import { useEffect, useSyncExternalStore } from "react";

/** What is worked on at this bench just now, for a phone beside it. */
export interface AtHand {
  part: string;
  /** What a picture taken now would show. */
  shows: string;
  /** The speed to be fired next at the stand. */
  speed: string;
}

const NOTHING: AtHand = { part: "", shows: "", speed: "" };

let now = NOTHING;
const listeners = new Set<() => void>();

function set(next: AtHand): void {
  now = next;
  listeners.forEach((listener) => listener());
}

/** Says what is at hand while the place that says it is shown. */
export function useSayAtHand({ part = "", shows = "", speed = "" }: Partial<AtHand>): void {
  useEffect(() => {
    set({ part, shows, speed });
    return () => set(NOTHING);
  }, [part, shows, speed]);
}

export function useAtHand(): AtHand {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => now,
  );
}
