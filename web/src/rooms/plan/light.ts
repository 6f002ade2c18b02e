/** The clock as the drawing has it: working hours to scale, nights and closed days folded to narrow strips. */

interface Stretch {
  from: number;
  to: number;
  left: number;
  width: number;
  /** Whether nobody works in it. */
  fold: boolean;
}

export interface Light {
  stretches: Stretch[];
  width: number;
  /** Where a moment stands, within the drawing. */
  x: (at: number) => number;
  /** The moment at a place. */
  at: (x: number) => number;
  from: number;
  to: number;
}

const FOLD = 22;

export const startOfDay = (at: number): number => {
  const date = new Date(at);
  return new Date(date.getFullYear(), date.getMonth(), date.getDate()).getTime();
};

/** So many days later, at the same time of day; a day in which the clocks change is one day. */
export const daysLater = (at: number, days: number): number => {
  const date = new Date(at);
  return new Date(date.getFullYear(), date.getMonth(), date.getDate() + days, date.getHours()).getTime();
};

/** When anybody works on a day, from the first hand to the last; nothing where nobody does. */
export function openOn(windows: { start: string; end: string }[], dayStart: number) {
  const dayEnd = daysLater(dayStart, 1);
  const its = windows
    .map((one) => ({ start: Date.parse(one.start), end: Date.parse(one.end) }))
    .filter((one) => one.start < dayEnd && one.end > dayStart);
  if (its.length === 0) return undefined;
  return {
    start: Math.max(dayStart, Math.min(...its.map((one) => one.start))),
    end: Math.min(dayEnd, Math.max(...its.map((one) => one.end))),
  };
}

/** Lays days out over a width. */
export function lightOf(
  windows: { start: string; end: string }[],
  firstDay: number,
  days: number,
  width: number,
): Light {
  const parts: Omit<Stretch, "left" | "width">[] = [];
  const end = daysLater(firstDay, days);
  let at = firstDay;
  for (let index = 0; index < days; index++) {
    const open = openOn(windows, daysLater(firstDay, index));
    if (open === undefined) continue;
    if (open.start > at) parts.push({ from: at, to: open.start, fold: true });
    parts.push({ from: open.start, to: open.end, fold: false });
    at = open.end;
  }
  if (at < end) parts.push({ from: at, to: end, fold: true });
  const work = parts.filter((one) => !one.fold).reduce((sum, one) => sum + one.to - one.from, 0);
  const folds = parts.filter((one) => one.fold).length;
  const foldWidth = work === 0 ? width / Math.max(1, folds) : FOLD;
  const scale = work === 0 ? 0 : (width - folds * foldWidth) / work;
  let left = 0;
  const stretches = parts.map((one) => {
    const its = one.fold ? foldWidth : (one.to - one.from) * scale;
    const stretch = { ...one, left, width: its };
    left += its;
    return stretch;
  });
  const x = (moment: number) => {
    if (moment <= firstDay) return 0;
    const its = stretches.find((one) => moment <= one.to);
    if (its === undefined) return width;
    return its.left + ((moment - its.from) / (its.to - its.from)) * its.width;
  };
  const back = (place: number) => {
    const its = stretches.find((one) => place <= one.left + one.width) ?? stretches.at(-1);
    if (its === undefined) return firstDay;
    const part = Math.min(1, Math.max(0, (place - its.left) / Math.max(1, its.width)));
    return its.from + part * (its.to - its.from);
  };
  return { stretches, width, x, at: back, from: firstDay, to: end };
}
