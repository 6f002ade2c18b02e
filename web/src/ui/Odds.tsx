/** A probability as a bar and a number. */
export function Odds({ probability }: { probability: number }) {
  return (
    <span className="flex w-[148px] flex-none items-center gap-2">
      <span aria-hidden="true" className="bg-sunk h-3 w-20 overflow-hidden rounded-[2px]">
        <span className="bg-ready block h-3" style={{ width: `${100 * probability}%` }} />
      </span>
      <span className="num w-15 text-right font-bold whitespace-nowrap">{oddsWords(probability)}</span>
    </span>
  );
}

/** Percent, never quite none and never quite all. */
export function oddsWords(probability: number): string {
  if (probability > 0.99) return "> 99 %";
  if (probability < 0.01) return "< 1 %";
  return `${Math.round(100 * probability)} %`;
}
