import { figure } from "../ui/figures";
import { scaleLinear } from "d3-scale";
import type { Schemas } from "../api/client";
import { texts } from "./words";

type FiringLight = Schemas["FiringLight"];
type Stretch = FiringLight["stretches"][number];

/** Places within a recording are told finely: what matters are tenths of a millisecond. */
const ms = (seconds: number) => `${figure(seconds * 1000, 2)} ms`;

const HEIGHT = 180;
const FEET = 26;

/** The light of a firing as it was timed, with the windows and the edges found in them. */
export function LightPlot({ light }: { light: FiringLight }) {
  const width = 810 / light.stretches.length - 8;
  return (
    <figure className="flex flex-col gap-1">
      <figcaption className="text-soft text-[14px]">
        {texts.channelFromToOfThe(light.channel, ms(light.openSeconds), ms(light.closeSeconds))}{" "}
        <b className="num text-ink">{ms(light.closeSeconds - light.openSeconds)}</b> {texts.betweenTheEdges}
      </figcaption>
      <div className="flex gap-2">
        {light.stretches.map((stretch, index) => (
          <OneStretch key={index} stretch={stretch} light={light} width={width} />
        ))}
      </div>
    </figure>
  );
}

function OneStretch({ stretch, light, width }: { stretch: Stretch; light: FiringLight; width: number }) {
  const end = stretch.fromSeconds + stretch.stepSeconds * (stretch.light.length - 1);
  const low = Math.min(-0.12, ...stretch.light);
  const high = Math.max(1.15, ...stretch.light);
  const x = scaleLinear([stretch.fromSeconds, end], [0, width]);
  const y = scaleLinear([high, low], [6, HEIGHT - FEET]);
  const inside = (at: number) => at >= stretch.fromSeconds && at <= end;
  const path = stretch.light
    .map(
      (value, index) =>
        `${index === 0 ? "M" : "L"}${x(stretch.fromSeconds + index * stretch.stepSeconds).toFixed(1)} ${y(value).toFixed(1)}`,
    )
    .join("");
  const windows = [
    [light.openFrom, light.openTo],
    [light.closeFrom, light.closeTo],
  ] as const;
  const edges = [light.openSeconds, light.closeSeconds].filter(inside);
  return (
    <svg viewBox={`0 0 ${width} ${HEIGHT}`} style={{ width }} role="img" aria-label={texts.lightOverTime}>
      <rect width={width} height={HEIGHT - FEET} className="fill-mat" />
      {windows
        .filter(([from, to]) => inside(from) || inside(to))
        .map(([from, to]) => (
          <rect
            key={from}
            x={x(Math.max(from, stretch.fromSeconds))}
            width={Math.max(1, x(Math.min(to, end)) - x(Math.max(from, stretch.fromSeconds)))}
            y={0}
            height={HEIGHT - FEET}
            className="fill-mark-wash"
          />
        ))}
      <line x1={0} x2={width} y1={y(0)} y2={y(0)} className="stroke-line" />
      <line x1={0} x2={width} y1={y(1)} y2={y(1)} className="stroke-line" strokeDasharray="4 4" />
      <path d={path} fill="none" className="stroke-ink" strokeWidth="1.4" />
      {edges.map((edge) => (
        <g key={edge}>
          <line
            x1={x(edge)}
            x2={x(edge)}
            y1={0}
            y2={HEIGHT - FEET}
            className="stroke-ready"
            strokeWidth="2.4"
          />
          <text
            x={Math.min(width - 4, x(edge) + 5)}
            y={18}
            textAnchor={x(edge) > width - 80 ? "end" : "start"}
            className="num fill-ready text-[13px] font-bold"
          >
            {ms(edge)}
          </text>
        </g>
      ))}
      <text x={0} y={HEIGHT - 8} className="num fill-soft text-[12px]">
        {ms(stretch.fromSeconds)}
      </text>
      <text x={width} y={HEIGHT - 8} textAnchor="end" className="num fill-soft text-[12px]">
        {ms(end)}
      </text>
    </svg>
  );
}
