/** A chance as it may be said: never certain, and no finer than it is known. */
export function chanceWords(chance: number): string {
  if (chance >= 0.985) return "> 98 %";
  if (chance <= 0.015) return "< 2 %";
  const step = chance > 0.9 || chance < 0.1 ? 1 : 5;
  return `${Math.round((chance * 100) / step) * step} %`;
}
