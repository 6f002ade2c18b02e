import type { Schemas } from "../api/client";

type Step = Schemas["Step"];

const LOOKS: Record<Step["kind"], string> = {
  READY: "fill-ready",
  NOT_YET: "fill-none stroke-metal",
  WAITING: "fill-mark-wash stroke-mark-line",
  BACK: "fill-done",
  LEFT_OUT: "fill-none stroke-soft",
};

/** A camera's valley the size of a stamp: how deep it is, what is out, what is back. */
export function TinyValley({
  steps,
  width = 132,
  height = 44,
}: {
  steps: Step[];
  width?: number;
  height?: number;
}) {
  const deepest = Math.max(1, ...steps.map((step) => step.level));
  const rows = Math.max(4, steps.length);
  const row = height / rows;
  const half = width / 2 - 3;
  const indent = Math.min(9, (half - 14) / deepest);
  return (
    <svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} aria-hidden="true">
      <path
        d={`M0.5 0.5V${height - 0.5}H${width - 0.5}V0.5`}
        fill="none"
        className="stroke-line"
        strokeWidth="1"
      />
      {steps.map((step, index) => {
        const x = step.level * indent + 2;
        const bar = { y: index * row + 0.8, height: Math.max(1.6, row - 1.6), width: half - x };
        return (
          <g key={index} strokeWidth="1">
            <rect x={x} {...bar} className="fill-metal" />
            <rect x={width - x - bar.width} {...bar} className={LOOKS[step.kind]} />
          </g>
        );
      })}
    </svg>
  );
}
