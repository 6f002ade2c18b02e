import { figure } from "../../ui/figures";
import { scaleLinear } from "d3-scale";
import { Panel } from "../../ui/Panel";
import { same, type Named } from "../../api/named";
import type { Plan } from "./plan";
import { texts } from "./words";

type Field = NonNullable<Plan["map"]>;

const SIZE = 300;
const LEFT = 40;
const FOOT = 40;

/** What the worst may come to, as a share of its tolerance, and how a setting that does is drawn. */
const BANDS = [
  { upTo: 1, look: "fill-done-wash", words: texts.withinTolerance },
  { upTo: 1.5, look: "fill-mark-wash", words: texts.upTo15Tolerance },
  { upTo: 2, look: "fill-sheet", words: texts.upTo2Tolerance },
  { upTo: 3, look: "fill-sunk", words: texts.upTo3Tolerance },
  { upTo: Infinity, look: "fill-earth", words: texts.moreThan3 },
];

const bandOf = (value: number) => BANDS.find((band) => value <= band.upTo) ?? BANDS[BANDS.length - 1];

/** The worst error over two adjusters, the advised setting in the middle: where it is right, and the path so far. */
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
  const within = (value: number, [least, most]: number[]) => value >= least - 1e-9 && value <= most + 1e-9;
  const reachable = (a: number, b: number) => within(a, field.acrossRange) && within(b, field.upRange);
  const anyBeyond = field.across.some((a) => field.up.some((b) => !reachable(a, b)));
  return (
    <Panel title={texts.bothTogether} note={texts.worstResultAsAShare}>
      <div className="flex flex-wrap items-start gap-5">
        <svg
          viewBox={`0 0 ${LEFT + SIZE + 8} ${SIZE + FOOT}`}
          className="w-[330px] max-w-full select-none"
          role="img"
          aria-label={texts.nowAtOfToleranceAt(figure(field.now, 1), figure(field.then, 1))}
        >
          <defs>
            <pattern
              id="beyond"
              width="7"
              height="7"
              patternUnits="userSpaceOnUse"
              patternTransform="rotate(45)"
            >
              <line x1="0" y1="0" x2="0" y2="7" className="stroke-metal" strokeWidth="1.6" />
            </pattern>
          </defs>
          {field.worst.map((row, b) =>
            row.map((value, a) => (
              <Cell
                key={`${a} ${b}`}
                x={x(field.across[a]) - stepX / 2}
                y={y(field.up[b]) - stepY / 2}
                width={stepX + 0.4}
                height={stepY + 0.4}
                look={bandOf(value).look}
                beyond={!reachable(field.across[a], field.up[b])}
              />
            )),
          )}
          <rect x={LEFT} y="0" width={SIZE} height={SIZE} fill="none" className="stroke-metal" />
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
          <text x={LEFT + SIZE / 2} y={SIZE + 24} textAnchor="middle" className="fill-ink text-[14px]">
            {texts.outIn(field.first.words)}
          </text>
          <text
            transform={`translate(${LEFT - 14} ${SIZE / 2}) rotate(-90)`}
            textAnchor="middle"
            className="fill-ink text-[14px]"
          >
            {texts.outIn(field.second.words)}
          </text>
        </svg>
        <ul className="text-soft flex flex-col gap-1.5 text-[14px]">
          {BANDS.map((band) => (
            <Key key={band.words} look={band.look} words={band.words} />
          ))}
          {anyBeyond && <Key look="fill-none" words={texts.beyondItsRange} beyond />}
          <li>
            {texts.nowAt} <b className="num text-ink">{figure(field.now, 1)}</b>
          </li>
          {turns.length > 0 && (
            <li className="text-ready">
              {texts.advised} <b className="num">{figure(field.then, 1)}</b>
            </li>
          )}
        </ul>
      </div>
    </Panel>
  );
}

function Cell({
  look,
  beyond,
  ...place
}: {
  x: number;
  y: number;
  width: number;
  height: number;
  look: string;
  beyond: boolean;
}) {
  return (
    <>
      <rect {...place} className={look} />
      {beyond && <rect {...place} fill="url(#beyond)" />}
    </>
  );
}

function Key({ look, words, beyond = false }: { look: string; words: string; beyond?: boolean }) {
  return (
    <li className="flex items-center gap-2">
      <svg width="16" height="16" aria-hidden="true" className="shrink-0">
        <rect width="16" height="16" className={`${look} stroke-line`} />
        {beyond && <rect width="16" height="16" fill="url(#beyond)" />}
      </svg>
      {words}
    </li>
  );
}
