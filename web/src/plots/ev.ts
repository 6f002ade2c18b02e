/** An error in stops as people read it: +0.62, −0.10. */
export function stopsWords(ev: number): string {
  const rounded = ev.toFixed(2);
  return rounded === "0.00" || rounded === "-0.00" ? "0.00" : (ev > 0 ? "+" : "−") + Math.abs(ev).toFixed(2);
}

/** The same as a rounded percentage: +54 %. */
export function percentWords(percent: number): string {
  return `${percent >= 0 ? "+" : "−"}${Math.abs(Math.round(percent))} %`;
}

/** An exposure as a fraction or in seconds, whichever reads better. */
export function timeWords(seconds: number): string {
  return seconds >= 0.4
    ? `${seconds.toFixed(seconds >= 10 ? 1 : 2)} s`
    : `1/${(1 / seconds).toFixed(seconds > 0.05 ? 1 : 0)}`;
}
