import { figure } from "../../ui/figures";
import { scaleLinear } from "d3-scale";
import { useId } from "react";
import { Panel } from "../../ui/Panel";
import type { Plan } from "./plan";
import { bare, nearest } from "./NextTurn";
import { texts } from "./words";

type Slice = Plan["slices"][number];
type Course = Slice["courses"][number];

const WIDTH = 640;
const LEFT = 44;
const RIGHT = 74;
const TOP = 12;
const FOOT = 44;

/** Told apart by dash and by name, not by colour alone. */
const DASHES = ["", "7 4", "2 4", "12 4 2 4", "4 2", "1 3"];
const LOOKS = [
  "stroke-ready",
  "stroke-mark-line",
  "stroke-done",
  "stroke-stop",
  "stroke-ink",
  "stroke-metal",
];
const FILLS = ["fill-ready", "fill-mark-line", "fill-done", "fill-stop", "fill-ink", "fill-metal"];

const within = (value: number, reach: number) => Math.max(-reach, Math.min(reach, value));

/**
 * Each result over the turns of one adjuster, as parts of what is allowed: the band is right. Arrow keys ask about another
 * setting.
 */
export function TurnsPlot({
  slice,
  to,
  small,
  onAsk,
}: {
  slice: Slice;
  to?: number;
  small: boolean;
  onAsk: (at: number) => void;
}) {
  const clip = useId();
  const height = small ? 150 : 250;
  const most = Math.max(
    1.6,
    ...slice.courses.flatMap((course) => course.trials.map((point) => Math.abs(point.error) + point.sd)),
    ...slice.courses.map((course) => Math.abs(course.expected[nearest(slice.at, slice.now)])),
  );
  const reach = Math.min(6, most * 1.1);
  const x = scaleLinear([slice.at[0], slice.at[slice.at.length - 1]], [LEFT, WIDTH - RIGHT]);
  const y = scaleLinear([reach, -reach], [TOP, TOP + height]);
  const here = nearest(slice.at, to ?? slice.now);
  const labels = spread(
    slice.courses.map((course) => y(within(course.expected[course.expected.length - 1], reach))),
    15,
    TOP + 8,
    TOP + height,
  );
  const go = (by: number) => onAsk(slice.at[Math.max(0, Math.min(slice.at.length - 1, here + by))]);
  const every = Math.max(1, Math.ceil(slice.at.length / 9));
  return (
    <Panel title={texts.overTheTurnsOf(slice.adjuster.words)} note={texts.shareOfToleranceBandWithin}>
      <svg
        viewBox={`0 0 ${WIDTH} ${TOP + height + FOOT}`}
        className="w-full select-none"
        role="slider"
        tabIndex={0}
        aria-label={texts.settingOf(slice.adjuster.words)}
        aria-valuemin={0}
        aria-valuemax={slice.at.length - 1}
        aria-valuenow={here}
        aria-valuetext={`${slice.words[here]}: ${slice.courses
          .map((course) => `${course.result.words} ${parts(course.expected[here])}`)
          .join(", ")}`}
        onKeyDown={(event) => {
          const by = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 }[event.key];
          if (by !== undefined) {
            event.preventDefault();
            go(by);
          }
        }}
        onClick={(event) => {
          const box = event.currentTarget.getBoundingClientRect();
          onAsk(slice.at[nearest(slice.at, x.invert(((event.clientX - box.left) / box.width) * WIDTH))]);
        }}
      >
        <rect
          x={LEFT}
          width={WIDTH - LEFT - RIGHT}
          y={y(1)}
          height={y(-1) - y(1)}
          className="fill-done-wash"
        />
        {y.ticks(small ? 3 : 5).map((tick) => (
          <g key={tick}>
            <line
              x1={LEFT}
              x2={WIDTH - RIGHT}
              y1={y(tick)}
              y2={y(tick)}
              className={tick === 0 ? "stroke-ink" : "stroke-line"}
            />
            <text x={LEFT - 6} y={y(tick) + 4} textAnchor="end" className="num fill-soft text-[12px]">
              {tick === 0 ? "0" : `${tick > 0 ? "+" : "−"}${Math.abs(tick)}`}
            </text>
          </g>
        ))}
        <clipPath id={clip}>
          <rect x={LEFT} y={TOP} width={WIDTH - LEFT - RIGHT} height={height} />
        </clipPath>
        {slice.courses.map((course, index) => (
          <Band key={course.result.id} slice={slice} course={course} x={x} y={y} clip={clip} index={index} />
        ))}
        <Upright at={x(slice.now)} height={height} words={texts.now} look="stroke-ink" dash="3 3" />
        {to !== undefined && Math.abs(to - slice.now) > 1e-9 && (
          <Upright
            at={x(slice.at[here])}
            height={height}
            words={slice.words[here]}
            look="stroke-ready"
            dash=""
          />
        )}
        {slice.courses.map((course, index) => (
          <g key={course.result.id}>
            {course.trials.map((point, n) => (
              <g key={n} className={LOOKS[index % LOOKS.length]} strokeWidth="2.2">
                <line
                  x1={x(point.at)}
                  x2={x(point.at)}
                  y1={y(within(point.error - 1.96 * point.sd, reach))}
                  y2={y(within(point.error + 1.96 * point.sd, reach))}
                />
                <circle
                  cx={x(point.at)}
                  cy={y(within(point.error, reach))}
                  r={n === course.trials.length - 1 ? 5 : 3.6}
                  className={
                    n === course.trials.length - 1
                      ? `${FILLS[index % FILLS.length]} ${LOOKS[index % LOOKS.length]}`
                      : `fill-sheet ${LOOKS[index % LOOKS.length]}`
                  }
                />
              </g>
            ))}
            <text
              x={WIDTH - RIGHT + 6}
              y={labels[index] + 4}
              className={`num text-[12.5px] font-bold ${FILLS[index % FILLS.length]}`}
            >
              {course.result.words.length > 9 ? `${course.result.words.slice(0, 8)}…` : course.result.words}
            </text>
          </g>
        ))}
        {slice.at.map(
          (at, index) =>
            index % every === 0 && (
              <text
                key={at}
                x={x(at)}
                y={TOP + height + 38}
                textAnchor="middle"
                className="num fill-soft text-[11.5px]"
              >
                {Math.abs(at) < 1e-9 ? texts.found : bare(slice.words[index])}
              </text>
            ),
        )}
      </svg>
    </Panel>
  );
}

function Upright({
  at,
  height,
  words,
  look,
  dash,
}: {
  at: number;
  height: number;
  words: string;
  look: string;
  dash: string;
}) {
  return (
    <g>
      <line
        x1={at}
        x2={at}
        y1={TOP}
        y2={TOP + height + 6}
        className={look}
        strokeWidth="2"
        strokeDasharray={dash}
      />
      <text x={at} y={TOP + height + 20} textAnchor="middle" className="fill-ink text-[12.5px] font-bold">
        {words}
      </text>
    </g>
  );
}

function Band({
  slice,
  course,
  x,
  y,
  index,
  clip,
}: {
  clip: string;
  slice: Slice;
  course: Course;
  x: (at: number) => number;
  y: (value: number) => number;
  index: number;
}) {
  const along = (value: (i: number) => number) =>
    slice.at.map((at, i) => `${x(at).toFixed(1)},${y(value(i)).toFixed(1)}`);
  const middle = along((i) => course.expected[i]);
  const low = along((i) => course.expected[i] - course.sd[i]);
  const high = along((i) => course.expected[i] + course.sd[i]);
  return (
    <g clipPath={`url(#${clip})`}>
      <polygon
        points={[...low, ...high.reverse()].join(" ")}
        className={FILLS[index % FILLS.length]}
        opacity="0.1"
      />
      <polyline
        points={middle.join(" ")}
        className={LOOKS[index % LOOKS.length]}
        fill="none"
        strokeWidth="2"
        strokeDasharray={DASHES[index % DASHES.length]}
      />
    </g>
  );
}

/** A part of what is allowed, in words: "+0.6 of what is allowed". */
function parts(value: number): string {
  return `${value < 0 ? "−" : "+"}${figure(Math.abs(value), 1)}`;
}

/** Moves labels apart so that none lies on another. */
function spread(wanted: number[], apart: number, low: number, high: number): number[] {
  const order = wanted.map((at, index) => ({ at, index })).sort((a, b) => a.at - b.at);
  let last = low - apart;
  for (const one of order) {
    one.at = Math.max(one.at, last + apart);
    last = one.at;
  }
  let next = high + apart;
  for (const one of order.reverse()) {
    one.at = Math.min(one.at, next - apart);
    next = one.at;
  }
  return order.sort((a, b) => a.index - b.index).map((one) => one.at);
}
