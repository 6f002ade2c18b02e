import { minutesWords } from "../../ui/dates";

/** Minutes that are only guessed, no finer than they are known: to five minutes, beyond two hours to a quarter. */
export function roughly(minutes: number): string {
  const step = minutes < 10 ? 1 : minutes < 120 ? 5 : 15;
  return minutesWords(Math.max(step, Math.round(minutes / step) * step));
}
