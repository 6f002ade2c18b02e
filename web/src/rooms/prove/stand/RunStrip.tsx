import { figure } from "../../../ui/figures";
import { scaleLinear } from "d3-scale";
import type { SpeedRow } from "../../../api/client";
import { stopsWords } from "../../../plots/ev";
import { texts } from "../words";

type Run = NonNullable<SpeedRow["after"]>;

const WIDTH = 860;
const HEIGHT = 92;

/** The firings of one speed on a line of stops: the band allowed, each firing a peg, the mean with its interval. */
export function RunStrip({ row, run }: { row: SpeedRow; run?: Run }) {
  const errors = run?.errorsEv ?? [];
  const reach = Math.min(2.5, Math.max(0.8, ...errors.map((one) => Math.abs(one) * 1.15)));
  const x = scaleLinear([-reach, reach], [20, WIDTH - 20]);
  const middle = 44;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="w-full"
      role="img"
      aria-label={
        run === undefined
          ? texts.noFiringYet
          : texts.firingsMeanEvAllowedEv(errors.length, stopsWords(run.bias.ev), figure(row.allowed.ev, 2))
      }
    >
      <rect
        x={x(-row.allowed.ev)}
        width={x(row.allowed.ev) - x(-row.allowed.ev)}
        y={middle - 30}
        height={60}
        className="fill-done-wash"
      />
      <line x1={20} x2={WIDTH - 20} y1={middle} y2={middle} className="stroke-line" strokeWidth="1.5" />
      <line x1={x(0)} x2={x(0)} y1={middle - 34} y2={middle + 34} className="stroke-ink" strokeWidth="2" />
      {errors.map((error, index) => (
        <line
          key={index}
          x1={x(Math.max(-reach, Math.min(reach, error)))}
          x2={x(Math.max(-reach, Math.min(reach, error)))}
          y1={middle - 20}
          y2={middle + 20}
          className={index === errors.length - 1 ? "stroke-mark-line" : "stroke-metal"}
          strokeWidth={index === errors.length - 1 ? 5 : 3}
        />
      ))}
      {run?.bias.lowEv !== undefined && run.bias.highEv !== undefined && (
        <line
          x1={x(Math.max(-reach, run.bias.lowEv))}
          x2={x(Math.min(reach, run.bias.highEv))}
          y1={middle}
          y2={middle}
          className="stroke-ready"
          strokeWidth="5"
        />
      )}
      {run !== undefined && (
        <circle
          cx={x(Math.max(-reach, Math.min(reach, run.bias.ev)))}
          cy={middle}
          r="8"
          className="fill-ready"
        />
      )}
      {[-reach, -row.allowed.ev, 0, row.allowed.ev, reach].map((tick, index) => (
        <text
          key={index}
          x={x(tick)}
          y={HEIGHT - 2}
          textAnchor={index === 0 ? "start" : index === 4 ? "end" : "middle"}
          className="num fill-soft text-[14px]"
        >
          {index === 0
            ? texts.fast(stopsWords(tick))
            : index === 4
              ? texts.slow(stopsWords(tick))
              : stopsWords(tick)}
        </text>
      ))}
    </svg>
  );
}
