import { texts } from "./words";
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
