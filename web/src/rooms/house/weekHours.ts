import type { Schemas } from "../../api/client";

export type Hours = Schemas["WorkingHours"];
type Stretch = Schemas["WorkStretch"];

export const DAYS = ["MONDAY", "TUESDAY", "WEDNESDAY", "THURSDAY", "FRIDAY", "SATURDAY", "SUNDAY"] as const;
export type Day = (typeof DAYS)[number];

/** What is typed for a person: each day as people write it. */
export interface TypedHours {
  person: string;
  days: Record<Day, string>;
  skills: string;
}

const bare = (time: string) => time.slice(0, 5).replace(/^0/, "");

/** A day's working times as people write them: 9:00–12:30, 13:30–18:00. */
export const dayWords = (stretches: Stretch[] | undefined): string =>
  (stretches ?? []).map((one) => `${bare(one.from)}–${bare(one.to)}`).join(", ");

export const typedOf = (hours: Hours): TypedHours => ({
  person: hours.person,
  days: Object.fromEntries(DAYS.map((one) => [one, dayWords(hours.week[one])])) as Record<Day, string>,
  skills: [...hours.skills].sort().join(", "),
});

const TIME = /^(\d{1,2})(?:[:.h]?(\d{2}))?\s*(am|pm)?$/i;

function time(typed: string): string | undefined {
  const found = TIME.exec(typed.trim());
  if (found === null) return undefined;
  const [, hours, minutes = "00", half] = found;
  let hour = Number(hours);
  if (half !== undefined) hour = (hour % 12) + (half.toLowerCase() === "pm" ? 12 : 0);
  if (hour === 24 && minutes === "00") hour = 0;
  return hour > 23 || Number(minutes) > 59 ? undefined : `${String(hour).padStart(2, "0")}:${minutes}`;
}

/** The working times that were typed for a day; undefined where they cannot be read. */
export function readDay(typed: string): Stretch[] | undefined {
  const stretches: Stretch[] = [];
  for (const piece of typed
    .split(/[,;]/)
    .map((one) => one.trim())
    .filter((one) => one !== "")) {
    const [from, to, more] = piece.split(/\s*(?:–|—|-|to)\s*/i).map(time);
    if (from === undefined || to === undefined || more !== undefined) return undefined;
    stretches.push({ from, to });
  }
  return stretches;
}

/** What was typed as hours, or the day that cannot be read. */
export function readHours(typed: TypedHours): { hours: Hours } | { day: Day } {
  const week: Hours["week"] = {};
  for (const day of DAYS) {
    const stretches = readDay(typed.days[day]);
    if (stretches === undefined) return { day };
    if (stretches.length > 0) week[day] = stretches;
  }
  const skills = typed.skills
    .split(",")
    .map((one) => one.trim())
    .filter((one) => one !== "");
  return { hours: { person: typed.person, week, skills } };
}
