import { texts } from "./words";
/** A figure with so many decimals, as the browser's language writes it; without marks between thousands. */
export function figure(value: number, decimals: number): string {
  const written = value.toLocaleString(navigator.language, {
    minimumFractionDigits: decimals,
    maximumFractionDigits: decimals,
    useGrouping: false,
  });
  // nothing is not less than nothing
  return Number(value.toFixed(decimals)) === 0 ? written.replace("-", "") : written;
}

/** A figure as it is typed at a bench: decimal comma and typographic minus are fine. NaN where it is none. */
export function figureOf(typed: string): number {
  return typed.trim() === "" ? NaN : Number(typed.trim().replace(",", ".").replace("−", "-"));
}

/** The same, with a message where it is none. */
export function figureOrSay(typed: string): number {
  const value = figureOf(typed);
  if (Number.isNaN(value)) throw new Error(texts.isNotANumberEnter(typed));
  return value;
}
