import { useQuery } from "@tanstack/react-query";
import { useEffect, useMemo } from "react";
import { useNow } from "../api/clock";
import { hereQuery } from "../api/people";
import { todayQuery } from "../api/plan";
import { benchQuery } from "../api/queries";
import { useSigner } from "./signer";
import { storedValue } from "./stored";

const rung = storedValue("ruvant.rung", "");
const muted = storedValue("ruvant.bellMuted", "no");

/** Waits that were over longer ago than this when somebody first looked are said on the page, not rung. */
const STALE = 30 * 60_000;

const KEPT = 200;

interface Waiting {
  running: { id: string; endsAt: string };
}

/** Which waits are to be rung now: over, not rung before in any window, and not from long ago. */
export function toRing(waits: Waiting[], before: string, now: number): string[] {
  const known = new Set(before.split(" "));
  return waits
    .filter(({ running }) => {
      const over = now - Date.parse(running.endsAt);
      return over >= 0 && over < STALE && !known.has(running.id);
    })
    .map(({ running }) => running.id);
}

/** Rings once for each wait that is over, whatever number of windows is open, and counts them in the title. */
export function useBell(): void {
  const shopWide = useQuery(hereQuery).data?.onlyJob === undefined;
  const running = useQuery({ ...benchQuery, enabled: shopWide }).data?.waits;
  const { signer } = useSigner();
  const today = useQuery({ ...todayQuery(signer), enabled: shopWide }).data;
  const waits = useMemo(
    () => (running === undefined ? undefined : [...running, ...closing(today)]),
    [running, today],
  );
  useRinging(waits);
  const now = useNow(1000);
  const over = (running ?? []).filter((wait) => Date.parse(wait.running.endsAt) <= now).length;
  useEffect(() => {
    const bare = document.title.replace(/^\(\d+\) /, "");
    document.title = over > 0 ? `(${over}) ${bare}` : bare;
  });
}

/** Rings once for each of these waits when it is over; none are known yet where there are none given. */
export function useRinging(waits: Waiting[] | undefined): void {
  const now = useNow(1000);
  useEffect(() => {
    if (waits === undefined || toRing(waits, rung.read(), now).length === 0) return;
    void onceAmongWindows(() => {
      const fresh = toRing(waits, rung.read(), now);
      if (fresh.length === 0) return;
      rung.write([...rung.read().split(" "), ...fresh].slice(-KEPT).join(" "));
      if (muted.read() !== "yes") ring();
    });
  }, [waits, now]);
}

/** The bell before a break or closing of whoever signs here is one of the things that ring. */
export function closing(today: { until?: string; bellMinutes: number } | undefined): Waiting[] {
  if (today?.until === undefined || today.bellMinutes === 0) return [];
  const endsAt = new Date(Date.parse(today.until) - today.bellMinutes * 60_000).toISOString();
  return [{ running: { id: `closing-${today.until}`, endsAt } }];
}

async function onceAmongWindows(what: () => void): Promise<void> {
  if ("locks" in navigator) await navigator.locks.request("ruvant.bell", what);
  else what();
}

/** Two soft strokes; silent where the browser wants a touch first. */
function ring(): void {
  try {
    const audio = new AudioContext();
    for (const [at, pitch] of [
      [0, 880],
      [0.28, 660],
    ]) {
      const tone = audio.createOscillator();
      const loud = audio.createGain();
      tone.frequency.value = pitch;
      loud.gain.setValueAtTime(0.0001, audio.currentTime + at);
      loud.gain.exponentialRampToValueAtTime(0.2, audio.currentTime + at + 0.02);
      loud.gain.exponentialRampToValueAtTime(0.0001, audio.currentTime + at + 0.9);
      tone.connect(loud).connect(audio.destination);
      tone.start(audio.currentTime + at);
      tone.stop(audio.currentTime + at + 1);
    }
  } catch {
    // no sound here: the title and the page say it
  }
}

/** Whether the bell is silent on this machine. */
export const bellMuted = {
  read: () => muted.read() === "yes",
  write: (silent: boolean) => muted.write(silent ? "yes" : "no"),
};
