import { same } from "../../api/named";
import { scaleLinear } from "d3-scale";
import { Panel } from "../../ui/Panel";
import type { Plan } from "./plan";
import { bare } from "./NextTurn";
import { texts } from "./words";

type Bracket = Plan["brackets"][number];

const WIDTH = 640;
const PAD = 30;
const HEIGHT = 96;

const SHAPES = { TOO_LOW: "◀", RIGHT: "●", TOO_HIGH: "▶" } as const;
const LOOKS = { TOO_LOW: "fill-stop", RIGHT: "fill-done", TOO_HIGH: "fill-stop" } as const;

/** A judged result over the settings of its adjuster: how likely each is right, and what came of those tried. */
export function OrderPlot({ bracket, plan }: { bracket: Bracket; plan: Plan }) {
  const x = scaleLinear([bracket.at[0], bracket.at[bracket.at.length - 1]], [PAD, WIDTH - PAD]);
  const step = (WIDTH - 2 * PAD) / Math.max(1, bracket.at.length - 1);
  const to = plan.turns.find((turn) => same(turn.adjuster, bracket.adjuster))?.to;
  const every = Math.max(1, Math.ceil(bracket.at.length / 9));
  return (
    <Panel title={bracket.result.words} note={texts.settingsOfBarsChanceThat(bracket.adjuster.words)}>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT + 44}`}
        className="w-full select-none"
        role="img"
        aria-label={bracket.margin === "" ? texts.noSettingTriedSoFar : bracket.margin}
      >
        {bracket.at.map((at, index) => (
          <rect
            key={at}
            x={x(at) - step * 0.38}
            width={step * 0.76}
            y={HEIGHT - 60 * bracket.right[index]}
            height={60 * bracket.right[index]}
            className="fill-done-wash stroke-done"
            strokeWidth="0.8"
          />
        ))}
        <line x1={PAD - 14} x2={WIDTH - PAD + 14} y1={HEIGHT} y2={HEIGHT} className="stroke-ink" />
        {bracket.tried.map((one, index) => (
          <text
            key={index}
            x={x(one.at)}
            y={20 + 15 * bracket.tried.slice(0, index).filter((before) => before.at === one.at).length}
            textAnchor="middle"
            className={`text-[15px] ${LOOKS[one.came]}`}
          >
            {SHAPES[one.came]}
          </text>
        ))}
        {to !== undefined && (
          <g>
            <line x1={x(to)} x2={x(to)} y1="6" y2={HEIGHT + 6} className="stroke-ready" strokeWidth="2.4" />
            <text
              x={x(to)}
              y={HEIGHT + 20}
              textAnchor="middle"
              className="fill-ready text-[12.5px] font-bold"
            >
              {texts.nextInline}
            </text>
          </g>
        )}
        {bracket.at.map(
          (at, index) =>
            index % every === 0 && (
              <text
                key={at}
                x={x(at)}
                y={HEIGHT + 38}
                textAnchor="middle"
                className="num fill-soft text-[11.5px]"
              >
                {Math.abs(at) < 1e-9 ? texts.found : bare(bracket.words[index])}
              </text>
            ),
        )}
      </svg>
      <p className="text-soft text-[14px]">
        {bracket.tooLow !== "" && <>◀ {bracket.tooLow} · </>}
        {texts.right}
        {bracket.tooHigh !== "" && <> · ▶ {bracket.tooHigh}</>}
        {bracket.margin !== "" && <b className="text-ink"> — {bracket.margin}</b>}
      </p>
    </Panel>
  );
}
