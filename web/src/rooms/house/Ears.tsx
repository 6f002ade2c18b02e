import { figure } from "../../ui/figures";
import { useQuery } from "@tanstack/react-query";
import { scaleLinear } from "d3-scale";
import type { Schemas } from "../../api/client";
import { earsQuery } from "../../api/queries";
import { stopsWords } from "../../plots/ev";
import { Empty, Panel } from "../../ui/Panel";
import { texts } from "./words";

type Ear = Schemas["PersonsEar"];

const WIDTH = 340;
const HEIGHT = 96;
const REACH = 1;

/** How far each ear can be trusted, over time: every guess less what was measured afterwards. */
export function Ears() {
  const ears = useQuery(earsQuery).data;
  if (ears === undefined) return null;
  const heard = ears.filter((one) => one.heard.length > 0);
  return (
    <Panel title={texts.ears}>
      {heard.length === 0 && <Empty>{texts.sayHowASpeedSounds}</Empty>}
      {heard.map((one) => (
        <OneEar key={one.person} ear={one} />
      ))}
    </Panel>
  );
}

function OneEar({ ear: { person, ear, heard } }: { ear: Ear }) {
  const x = scaleLinear([0, Math.max(1, heard.length - 1)], [46, WIDTH - 8]);
  const y = scaleLinear([REACH, -REACH], [8, HEIGHT - 8]).clamp(true);
  const words = texts.guessesComparedBiasEvWith(
    person,
    ear.compared,
    stopsWords(ear.biasEv),
    figure(ear.widthEv, 2),
  );
  return (
    <figure className="border-line/70 border-b pb-2">
      <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="w-full max-w-[420px]" role="img" aria-label={words}>
        <rect
          x={46}
          width={WIDTH - 54}
          y={y(ear.biasEv + ear.widthEv)}
          height={Math.max(0, y(ear.biasEv - ear.widthEv) - y(ear.biasEv + ear.widthEv))}
          className="fill-mark-wash"
        />
        <line x1={46} x2={WIDTH - 8} y1={y(0)} y2={y(0)} className="stroke-ink" strokeWidth="1" />
        <line
          x1={46}
          x2={WIDTH - 8}
          y1={y(ear.biasEv)}
          y2={y(ear.biasEv)}
          className="stroke-mark-line"
          strokeWidth="2"
        />
        {heard.map((one, index) => (
          <circle
            key={index}
            cx={x(index)}
            cy={y(one.guessedEv - one.measuredEv)}
            r="3.5"
            className="fill-ready"
          />
        ))}
        {[REACH, 0, -REACH].map((tick) => (
          <text key={tick} x={40} y={y(tick) + 4} textAnchor="end" className="num fill-soft text-[12px]">
            {stopsWords(tick)}
          </text>
        ))}
      </svg>
      <figcaption className="text-[14px]">
        <b>{person}</b>
        {texts.compared(ear.compared)} <span className="num">{texts.ev(stopsWords(ear.biasEv))}</span>{" "}
        {texts.biasWithThatRemovedRight} <span className="num">{texts.within(figure(ear.widthEv, 2))}</span>.
      </figcaption>
    </figure>
  );
}
