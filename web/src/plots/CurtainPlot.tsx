import { figure } from "../ui/figures";
import { scaleLinear } from "d3-scale";
import type { Schemas } from "../api/client";
import { texts } from "./words";

type CurtainRun = Schemas["CurtainRun"];

const WIDTH = 296;
const HEIGHT = 170;
const LEFT = 30;
const BOTTOM = 26;

/** Both curtains on their way over the gate: time along, place down; between them the slit. */
export function CurtainPlot({ run }: { run: CurtainRun }) {
  const end = Math.max(...run.places.map((place) => Math.max(place.openSeconds, place.closeSeconds)));
  const x = scaleLinear([0, end], [LEFT, WIDTH - 6]);
  const y = scaleLinear([0, run.gateMm], [6, HEIGHT - BOTTOM]);
  const leading = run.places.map((place): [number, number] => [x(place.openSeconds), y(place.placeMm)]);
  const trailing = run.places.map((place): [number, number] => [x(place.closeSeconds), y(place.placeMm)]);
  const ticks = x.ticks(4);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="w-full"
      role="img"
      aria-label={texts.leadingCurtainOverTheGate(
        ms(run.travel.leadingSeconds),
        ms(run.travel.trailingSeconds),
      )}
    >
      <rect
        x={LEFT}
        y={6}
        width={WIDTH - 6 - LEFT}
        height={HEIGHT - BOTTOM - 6}
        className="fill-mat stroke-line"
      />
      <path d={path([...leading, ...[...trailing].reverse()])} className="fill-ready-wash" />
      <path d={path(leading)} className="stroke-ready" fill="none" strokeWidth="3" />
      <path
        d={path(trailing)}
        className="stroke-mark-line"
        fill="none"
        strokeWidth="3"
        strokeDasharray="7 4"
      />
      {[0, run.gateMm / 2, run.gateMm].map((place) => (
        <text
          key={place}
          x={LEFT - 5}
          y={y(place) + 4}
          textAnchor="end"
          className="num fill-soft text-[12px]"
        >
          {Math.round(place)}
        </text>
      ))}
      {ticks.map((tick, index) => (
        <text
          key={tick}
          x={x(tick)}
          y={HEIGHT - 9}
          textAnchor={index === 0 ? "start" : "middle"}
          className="num fill-soft text-[12px]"
        >
          {figure(tick * 1000, tick * 1000 >= 10 || tick === 0 ? 0 : 1)}
          {index === ticks.length - 1 ? texts.ms : ""}
        </text>
      ))}
    </svg>
  );
}

const path = (points: [number, number][]) =>
  points.map(([x, y], index) => `${index === 0 ? "M" : "L"}${x.toFixed(1)} ${y.toFixed(1)}`).join("");

/** What the film gets across the gate: the deeper the tone, the less light. */
export function FilmStrip({ run }: { run: CurtainRun }) {
  const width = WIDTH / run.places.length;
  const shown = [0, Math.floor((run.places.length - 1) / 2), run.places.length - 1];
  return (
    <div>
      <svg
        viewBox={`0 0 ${WIDTH} 34`}
        className="w-full"
        role="img"
        aria-label={texts.exposureFromStartToEnd(shown.map((at) => ev(run.places[at]!.errorEv)).join(", "))}
      >
        {run.places.map((place, index) => (
          <rect key={index} x={index * width} width={width + 1.5} height={34} fill={tone(place.errorEv)} />
        ))}
      </svg>
      <div className="num text-soft flex justify-between text-[13px]">
        {shown.map((at, index) => (
          <span key={at}>
            {["start", "middle", "end"][index]} {ev(run.places[at]!.errorEv)}
          </span>
        ))}
      </div>
    </div>
  );
}

/** A grey as film would have it: half a tone's range for two stops either way. */
function tone(errorEv: number): string {
  const light = Math.max(12, Math.min(88, 50 + errorEv * 19));
  return `hsl(40 6% ${light}%)`;
}

const ev = (value: number) => `${value >= 0 ? "+" : "−"}${figure(Math.abs(value), 2)}`;

export const ms = (seconds: number) => `${figure(seconds * 1000, seconds < 0.00995 ? 2 : 1)} ms`;
