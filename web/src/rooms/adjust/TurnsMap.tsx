import { scaleLinear } from "d3-scale";
import { Panel } from "../../ui/Panel";
import { same, type Named } from "../../api/named";
import type { Plan } from "./plan";
import { nearest } from "./NextTurn";
import { texts } from "./words";

type Field = NonNullable<Plan["map"]>;

const SIZE = 300;
const LEFT = 74;
const FOOT = 40;
const HALF = 1.5;

/** The worst error over two adjusters: where it is right, where half as much again, and the path so far. */
export function TurnsMap({ field, turns }: { field: Field; turns: Plan["turns"] }) {
  const stepX = SIZE / field.across.length;
  const stepY = SIZE / field.up.length;
  const x = scaleLinear(
    [field.across[0], field.across[field.across.length - 1]],
    [LEFT + stepX / 2, LEFT + SIZE - stepX / 2],
  );
  const y = scaleLinear([field.up[0], field.up[field.up.length - 1]], [SIZE - stepY / 2, stepY / 2]);
  const path = field.path.map(([a, b]) => [x(a), y(b)] as const);
  const now = field.path[field.path.length - 1];
  const to = (adjuster: Named, stands: number) =>
    turns.find((turn) => same(turn.adjuster, adjuster))?.to ?? stands;
  const next = [to(field.first, now[0]), to(field.second, now[1])] as const;
  const worst = (a: number, b: number) => field.worst[nearest(field.up, b)][nearest(field.across, a)];
  return (
    <Panel title={texts.bothTogether} note={texts.worstResultAsAShare}>
      <div className="flex flex-wrap items-start gap-5">
        <svg
          viewBox={`0 0 ${LEFT + SIZE + 8} ${SIZE + FOOT}`}
          className="w-[330px] max-w-full select-none"
          role="img"
          aria-label={texts.nowAtOfToleranceAt(
            worst(now[0], now[1]).toFixed(1),
            worst(next[0], next[1]).toFixed(1),
          )}
        >
          {field.worst.map((row, b) =>
            row.map((value, a) => (
              <rect
                key={`${a} ${b}`}
                x={x(field.across[a]) - stepX / 2}
                y={y(field.up[b]) - stepY / 2}
                width={stepX + 0.4}
                height={stepY + 0.4}
                className={value <= 1 ? "fill-done-wash" : value <= HALF ? "fill-mark-wash" : "fill-sunk"}
              />
            )),
          )}
          <rect x={LEFT} y="0" width={SIZE} height={SIZE} fill="none" className="stroke-line" />
          <line x1={x(0)} x2={x(0)} y1="0" y2={SIZE} className="stroke-line" />
          <line x1={LEFT} x2={LEFT + SIZE} y1={y(0)} y2={y(0)} className="stroke-line" />
          <polyline
            points={path.map(([a, b]) => `${a},${b}`).join(" ")}
            fill="none"
            className="stroke-ink"
            strokeWidth="1.6"
          />
          {path.map(([a, b], index) => (
            <circle
              key={index}
              cx={a}
              cy={b}
              r={index === path.length - 1 ? 6 : 3.5}
              className={index === path.length - 1 ? "fill-ink" : "fill-sheet stroke-ink"}
              strokeWidth="1.6"
            />
          ))}
          {turns.length > 0 && (
            <g className="stroke-ready" strokeWidth="2.4" fill="none">
              <line x1={x(now[0])} y1={y(now[1])} x2={x(next[0])} y2={y(next[1])} strokeDasharray="4 3" />
              <rect x={x(next[0]) - 7} y={y(next[1]) - 7} width="14" height="14" />
            </g>
          )}
          <text x={LEFT + SIZE / 2} y={SIZE + 34} textAnchor="middle" className="fill-ink text-[13px]">
            {texts.outIn(field.first.words)}
          </text>
          <text
            transform={`translate(${LEFT - 14} ${SIZE / 2}) rotate(-90)`}
            textAnchor="middle"
            className="fill-ink text-[13px]"
          >
            {texts.outIn(field.second.words)}
          </text>
        </svg>
        <ul className="text-soft flex flex-col gap-1.5 text-[14px]">
          <Key look="bg-done-wash" words={texts.withinTolerance} />
          <Key look="bg-mark-wash" words={texts.upTo15Tolerance} />
          <Key look="bg-sunk" words={texts.moreThan15} />
          <li>
            {texts.nowAt} <b className="num text-ink">{worst(now[0], now[1]).toFixed(1)}</b>
          </li>
          {turns.length > 0 && (
            <li className="text-ready">
              {texts.advised} <b className="num">{worst(next[0], next[1]).toFixed(1)}</b>
            </li>
          )}
        </ul>
      </div>
    </Panel>
  );
}

function Key({ look, words }: { look: string; words: string }) {
  return (
    <li className="flex items-center gap-2">
      <span aria-hidden="true" className={`border-line inline-block size-4 border ${look}`} />
      {words}
    </li>
  );
}
