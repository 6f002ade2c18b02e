import { texts } from "./words";

/** As the person at this browser writes dates and tells the time, 12 or 24 hours. */
const HERE = navigator.language;
const BY_TWELVE = new Intl.DateTimeFormat(HERE, { hour: "numeric" }).resolvedOptions().hour12 === true;
const TIME = { hour: BY_TWELVE ? "numeric" : "2-digit", minute: "2-digit" } as const;

const SAME_DAY = new Intl.DateTimeFormat(HERE, TIME);
const ON_THE_HOUR = new Intl.DateTimeFormat(HERE, BY_TWELVE ? { hour: "numeric" } : TIME);
const NEAR = new Intl.DateTimeFormat(HERE, { weekday: "short", ...TIME });
const DAY = new Intl.DateTimeFormat(HERE, { weekday: "short", day: "numeric", month: "short" });
const FULL = new Intl.DateTimeFormat(HERE, { day: "numeric", month: "short", year: "numeric" });
const EXACT = new Intl.DateTimeFormat(HERE, {
  day: "numeric",
  month: "short",
  ...TIME,
});

/** A moment as short as it may be said now: 14:20, Thu 09:00, or a date. */
export function moment(iso: string, now: number): string {
  const at = new Date(iso);
  const today = new Date(now);
  if (at.toDateString() === today.toDateString()) return SAME_DAY.format(at);
  return Math.abs(at.getTime() - now) < 6 * 86_400_000
    ? NEAR.format(at).replace(",", "")
    : DAY.format(at).replace(",", "");
}

/** A full hour, as short as a scale needs it: 14:00, or 2 PM. */
export const fullHour = (at: number) => ON_THE_HOUR.format(at);
export const day = (iso: string) => DAY.format(new Date(iso)).replace(",", "");
export const fullDay = (iso: string) => FULL.format(new Date(iso));
export const exact = (iso: string) => EXACT.format(new Date(iso)).replace(",", "");

/** A span of minutes as people say it. */
export function minutesWords(minutes: number): string {
  if (minutes < 60) return texts.min(minutes);
  const hours = Math.floor(minutes / 60);
  const rest = minutes % 60;
  return rest === 0 ? `${hours} h` : texts.hMin(hours, rest);
}

/** Whole minutes of a span as the server writes it, such as PT1H30M or PT45S. */
export function spanMinutes(span: string): number {
  const [, hours, minutes, seconds] = /^PT(?:(\d+)H)?(?:(\d+)M)?(?:([\d.]+)S)?$/.exec(span) ?? [];
  return Math.round(Number(hours ?? 0) * 60 + Number(minutes ?? 0) + Number(seconds ?? 0) / 60);
}

/** How long until a moment, or since. Seconds count only towards the end: 4:05, else 35 min, 2 h 10 min. */
export function untilWords(iso: string, now: number): string {
  const left = Math.round((Date.parse(iso) - now) / 1000);
  const size = Math.abs(left);
  if (left >= 0 && size < 600) return `${Math.floor(size / 60)}:${String(size % 60).padStart(2, "0")}`;
  return minutesWords(Math.floor(size / 60));
}
