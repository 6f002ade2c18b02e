import type { ReactNode } from "react";

const ROUND = /\b(ring|cell|lens|knob|dial|wheel|disc|disk)$/i;

const WIDTH = 176;

/** One layer of an exploded drawing, seen from above its edge: a disc where the name says something round, else a plate. */
export function Slab({ name, ghost = false }: { name: string; ghost?: boolean }) {
  const round = ROUND.test(name.trim());
  const look = ghost
    ? "fill-none stroke-metal [stroke-dasharray:4_3]"
    : "fill-sheet stroke-ink [stroke-width:2]";
  const edge = ghost
    ? "fill-none stroke-metal [stroke-dasharray:4_3]"
    : "fill-sunk stroke-ink [stroke-width:2]";
  return (
    <Axis height={44}>
      {round ? (
        <>
          <path d="M18 20v6a70 14 0 0 0 140 0v-6" className={edge} />
          <ellipse cx="88" cy="20" rx="70" ry="14" className={look} />
        </>
      ) : (
        <>
          <path d="M10 31v6h124l32-25v-6" className={edge} strokeLinejoin="round" />
          <path d="M10 31 42 6h124l-32 25z" className={look} strokeLinejoin="round" />
        </>
      )}
    </Axis>
  );
}

/** A stretch of the centre line that an exploded drawing hangs on, with what is drawn there. */
export function Axis({ height, children }: { height: number; children?: ReactNode }) {
  return (
    <svg
      width={WIDTH}
      height={height}
      viewBox={`0 0 ${WIDTH} ${height}`}
      aria-hidden="true"
      className="shrink-0 overflow-visible"
    >
      <path d={`M88 -4V${height + 4}`} className="stroke-metal [stroke-dasharray:9_3_2_3]" />
      {children}
    </svg>
  );
}
