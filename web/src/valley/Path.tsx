import { Link } from "react-router";
import type { JobView, Stop } from "../api/client";
import { useNarrow } from "../ui/useNarrow";
import { texts } from "./words";

type Progress = JobView["stops"][number];

const HEIGHT = 82;
const TOP = 16;
const FLOOR = 46;
const ROOMY_STEP = 66;
const NARROW_STEP = 54;

/** Where each stop lies on the valley: down the left slope, over the floor, up the right one. */
const PLACES: { stop: Stop; y: number }[] = [
  { stop: "INTAKE", y: TOP },
  { stop: "STRIP", y: TOP + 10 },
  { stop: "FIND", y: TOP + 20 },
  { stop: "CLEAN", y: FLOOR },
  { stop: "MEND", y: FLOOR },
  { stop: "OIL", y: FLOOR },
  { stop: "REFIT", y: TOP + 20 },
  { stop: "PROVE", y: TOP + 10 },
  { stop: "RETURN", y: TOP },
];

export const STOPS = PLACES.map((place) => place.stop);

export const placeOf = (stop: Stop) => stop.toLowerCase();

/** The nine stops as a path through the valley; each is a place one can go to at any time. */
export function Path({
  tag,
  stops,
  here,
  shown,
}: {
  tag: string;
  stops: Progress[];
  here: Stop;
  shown?: Stop;
}) {
  const step = useNarrow() ? NARROW_STEP : ROOMY_STEP;
  const width = step * PLACES.length;
  const at = (index: number) => ({ x: step * (index + 0.5), y: PLACES[index].y });
  const reached = STOPS.indexOf(here);
  const line = (from: number, to: number) =>
    PLACES.slice(from, to + 1)
      .map((_, index) => `${index === 0 ? "M" : "L"}${at(from + index).x} ${at(from + index).y}`)
      .join("");
  return (
    <nav aria-label={texts.stopsOfThisJob} className="relative shrink-0" style={{ width, height: HEIGHT }}>
      <svg width={width} height={HEIGHT} className="absolute inset-0" aria-hidden="true">
        <path d={line(0, 8)} fill="none" className="stroke-line" strokeWidth="3" strokeLinejoin="round" />
        <path
          d={line(0, reached)}
          fill="none"
          className="stroke-ready"
          strokeWidth="3"
          strokeLinejoin="round"
        />
        {stops.map((stop, index) => (
          <StopDot
            key={stop.stop}
            x={at(index).x}
            y={at(index).y}
            state={stop.state}
            here={stop.stop === here}
          />
        ))}
      </svg>
      {stops.map((stop, index) => (
        <Link
          key={stop.stop}
          to={`/camera/${tag}/${placeOf(stop.stop)}`}
          aria-current={stop.stop === shown ? "page" : undefined}
          title={texts.key(stop.note === "" ? "" : `${stop.note} · `, index + 1)}
          className="group hover:bg-earth/40 absolute flex h-[62px] flex-col items-center justify-end rounded-[4px] text-[13.5px] leading-4"
          style={{ left: step * index, width: step, top: at(index).y - 26 }}
        >
          <span
            className={
              stop.stop === shown ? "border-mark-line border-b-2 font-bold" : "border-b-2 border-transparent"
            }
          >
            {stop.stop[0] + stop.stop.slice(1).toLowerCase()}
          </span>
          <span className="sr-only">
            {stop.state === "DONE" ? texts.done : stop.state === "BEGUN" ? texts.started : texts.nothingYet}
            {stop.stop === here ? texts.workContinuesHere : ""}
          </span>
        </Link>
      ))}
    </nav>
  );
}

function StopDot({ x, y, state, here }: { x: number; y: number; state: Progress["state"]; here: boolean }) {
  return (
    <g>
      {here && <circle cx={x} cy={y} r="11" className="fill-mark-wash stroke-mark-line" strokeWidth="2" />}
      {state === "DONE" && <circle cx={x} cy={y} r="6" className="fill-ready" />}
      {state === "BEGUN" && (
        <>
          <circle cx={x} cy={y} r="5.5" className="fill-sheet stroke-ready" strokeWidth="2.5" />
          <path d={`M${x} ${y - 5.5}a5.5 5.5 0 0 0 0 11Z`} className="fill-ready" />
        </>
      )}
      {state === "EMPTY" && <circle cx={x} cy={y} r="5" className="fill-sheet stroke-soft" strokeWidth="2" />}
    </g>
  );
}
