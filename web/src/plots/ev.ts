import { figure } from "../ui/figures";
/** An error in stops as people read it: +0.62, −0.10. */
export function stopsWords(ev: number): string {
  const size = figure(Math.abs(ev), 2);
  return size === figure(0, 2) ? size : (ev > 0 ? "+" : "−") + size;
}

/** The same as a rounded percentage: +54 %. */
export function percentWords(percent: number): string {
  return `${percent >= 0 ? "+" : "−"}${Math.abs(Math.round(percent))} %`;
}

/** An exposure as a fraction or in seconds, whichever reads better. */
export function timeWords(seconds: number): string {
  return seconds >= 0.4
    ? `${figure(seconds, seconds >= 10 ? 1 : 2)} s`
    : `1/${figure(1 / seconds, seconds > 0.05 ? 1 : 0)}`;
}
