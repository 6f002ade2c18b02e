import { texts } from "./words";

/** How much a look can be expected to tell, in words: a whole bit halves what is likely. */
export function helpWords(bits: number): string {
  if (bits < 0.1) return texts.hardlyHelps;
  if (bits < 0.4) return texts.helpsALittle;
  return bits < 1 ? texts.helps : texts.helpsALot;
}

/** Among how many equally likely causes one would be as much in the dark. */
export const alike = (bits: number) => Math.max(1, Math.round(2 ** bits));
