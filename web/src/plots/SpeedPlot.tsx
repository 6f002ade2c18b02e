import { scaleLinear } from "d3-scale";
import type { SpeedRow } from "../api/client";
import { percentWords, stopsWords } from "./ev";
import { texts } from "./words";

const LEFT = 50;
const RIGHT = 10;
const TOP = 14;
const PLOT = 282;
const FEET = 92;
const WIDTH = 900;

/** Error in stops for each speed, before (hollow) and after (solid), with the 95 % interval in the band allowed. */
export function SpeedPlot({
  rows,
  chosen,
  onChoose,
}: {
  rows: SpeedRow[];
  chosen: string;
  onChoose: (speed: string) => void;
}) {
  const reach = Math.max(0.7, ...rows.flatMap((row) => [row.before, row.after]).map(farthest)) * 1.08;
  const y = scaleLinear([reach, -reach], [TOP, TOP + PLOT]);
  const step = (WIDTH - LEFT - RIGHT) / Math.max(1, rows.length);
  const ticks = y.ticks(5);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${TOP + PLOT + FEET}`}
      className="w-full select-none"
      role="group"
      aria-label={texts.speedsErrorInEv}
    >
      {rows.map((row, index) => (
        <rect
          key={row.speed}
          x={LEFT + index * step}
          width={step}
          y={y(row.allowed.ev)}
          height={y(-row.allowed.ev) - y(row.allowed.ev)}
          className="fill-done-wash"
        />
      ))}
      {ticks.map((tick) => (
        <g key={tick}>
          <line
            x1={LEFT}
            x2={WIDTH - RIGHT}
            y1={y(tick)}
            y2={y(tick)}
            className={tick === 0 ? "stroke-ink" : "stroke-line"}
            strokeWidth={tick === 0 ? 1.6 : 1}
          />
          <text x={LEFT - 8} y={y(tick) + 4.5} textAnchor="end" className="num fill-soft text-[13px]">
            {tick === 0 ? "0" : `${tick > 0 ? "+" : "−"}${Math.abs(tick)}`}
          </text>
        </g>
      ))}
      <text x={LEFT + 6} y={TOP + 12} className="fill-soft text-[13px]">
        {texts.slow}
      </text>
      <text x={LEFT + 6} y={TOP + PLOT - 6} className="fill-soft text-[13px]">
        {texts.fast}
      </text>
      {rows.map((row, index) => (
        <Column
          key={row.speed}
          row={row}
          x={LEFT + index * step}
          width={step}
          y={(ev) => y(Math.max(-reach, Math.min(reach, ev)))}
          chosen={row.speed === chosen}
          onChoose={() => onChoose(row.speed)}
        />
      ))}
    </svg>
  );
}

function Column({
  row,
  x,
  width,
  y,
  chosen,
  onChoose,
}: {
  row: SpeedRow;
  x: number;
  width: number;
  y: (ev: number) => number;
  chosen: boolean;
  onChoose: () => void;
}) {
  const middle = x + width / 2;
  const run = row.after ?? row.before;
  const gap = Math.min(11, width / 6);
  const bottom = TOP + PLOT;
  return (
    <g
      role="button"
      tabIndex={0}
      aria-pressed={chosen}
      aria-label={
        run === undefined
          ? texts.notTimed(row.speed)
          : texts.ev(
              row.speed,
              stopsWords(run.bias.ev),
              verdictWords(run) + (run.simulated ? `, ${texts.simulated}` : ""),
            )
      }
      className="cursor-pointer outline-offset-[-2px]"
      onClick={onChoose}
      onKeyDown={(event) => {
        if (event.key === "Enter" || event.key === " ") {
          event.preventDefault();
          event.stopPropagation();
          onChoose();
        }
      }}
    >
      <rect x={x} y={TOP} width={width} height={PLOT + FEET} fill="transparent" />
      {chosen && (
        <rect
          x={x + 2}
          y={bottom + 4}
          width={width - 4}
          height={FEET - 8}
          rx="4"
          className="fill-sheet stroke-ready"
          strokeWidth="2"
        />
      )}
      {row.before !== undefined && (
        <Whisker run={row.before} x={middle - (row.after ? gap : 0)} y={y} solid={false} />
      )}
      {row.after !== undefined && <Whisker run={row.after} x={middle + (row.before ? gap : 0)} y={y} solid />}
      <text x={middle} y={bottom + 25} textAnchor="middle" className="num fill-ink text-[15.5px] font-bold">
        {row.speed}
      </text>
      {run === undefined ? (
        <text x={middle} y={bottom + 46} textAnchor="middle" className="fill-soft text-[13px]">
          {texts.notTimedInline}
        </text>
      ) : (
        <>
          <VerdictText run={run} x={middle} y={bottom + 45} />
          <text x={middle} y={bottom + 63} textAnchor="middle" className="num fill-ink text-[13px]">
            {stopsWords(run.bias.ev)}
          </text>
          <text
            x={middle}
            y={bottom + 80}
            textAnchor="middle"
            className={run.simulated ? "fill-mark text-[12px] font-bold" : "num fill-soft text-[12px]"}
          >
            {run.simulated ? texts.simulated : percentWords(run.bias.percent)}
          </text>
        </>
      )}
    </g>
  );
}

type Run = NonNullable<SpeedRow["after"]>;

function Whisker({ run, x, y, solid }: { run: Run; x: number; y: (ev: number) => number; solid: boolean }) {
  const colour = solid ? "stroke-ready" : "stroke-mark-line";
  return (
    <g strokeWidth="2.6" strokeLinecap="round">
      {run.bias.lowEv !== undefined && run.bias.highEv !== undefined && (
        <>
          <line x1={x} x2={x} y1={y(run.bias.lowEv)} y2={y(run.bias.highEv)} className={colour} />
          <line x1={x - 4} x2={x + 4} y1={y(run.bias.lowEv)} y2={y(run.bias.lowEv)} className={colour} />
          <line x1={x - 4} x2={x + 4} y1={y(run.bias.highEv)} y2={y(run.bias.highEv)} className={colour} />
        </>
      )}
      <circle
        cx={x}
        cy={y(run.bias.ev)}
        r="5.6"
        className={solid ? "fill-ready stroke-ready" : "fill-sheet stroke-mark-line"}
        strokeWidth="2.4"
      />
    </g>
  );
}

function VerdictText({ run, x, y }: { run: Run; x: number; y: number }) {
  const kind = run.verdict.kind;
  const look = kind === "IN" ? "fill-done" : kind === "OUT" ? "fill-stop" : "fill-mark";
  const shape = kind === "IN" ? "●" : kind === "OUT" ? "✕" : "○";
  return (
    <text x={x} y={y} textAnchor="middle" className={`text-[13.5px] font-bold ${look}`}>
      {shape}{" "}
      {kind === "IN"
        ? texts.inWord
        : kind === "OUT"
          ? texts.outWord
          : run.verdict.straddles
            ? texts.onLimit
            : texts.fireMore(run.verdict.fireMore)}
    </text>
  );
}

/** The verdict as a sentence's end. */
export function verdictWords(run: Run): string {
  switch (run.verdict.kind) {
    case "IN":
      return "in";
    case "OUT":
      return "out";
    case "NOT_YET_KNOWN":
      return run.verdict.straddles
        ? "not yet known: it sits on the limit"
        : `not yet known: fire ${run.verdict.fireMore} more`;
  }
}

function farthest(run: Run | undefined): number {
  return run === undefined
    ? 0
    : Math.min(
        2.5,
        Math.max(
          Math.abs(run.bias.lowEv ?? run.bias.ev),
          Math.abs(run.bias.highEv ?? run.bias.ev),
          Math.abs(run.bias.ev),
        ),
      );
}
