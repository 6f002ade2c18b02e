import type { StandIn } from "../../../api/stand";
import { Button } from "../../../ui/Button";
import { Panel } from "../../../ui/Panel";
import { texts } from "../words";

const KNOBS: {
  name: keyof StandIn;
  label: string;
  unit: string;
  low: number;
  high: number;
  step: number;
  part?: boolean;
}[] = [
  { name: "slowErrorEv", label: texts.slowSpeeds, unit: "EV", low: -2, high: 2, step: 0.1 },
  { name: "fastErrorEv", label: texts.fastSpeeds, unit: "EV", low: -2, high: 2, step: 0.1 },
  { name: "scatterEv", label: texts.scatterLabel, unit: "EV", low: 0, high: 0.6, step: 0.01 },
  { name: "missPart", label: texts.hangsUp, unit: "%", low: 0, high: 0.5, step: 0.05, part: true },
  { name: "travelMs", label: texts.curtainTravel, unit: "ms", low: 3, high: 25, step: 0.5 },
  { name: "trailingPart", label: texts.trailingLeading, unit: "", low: 0.8, high: 1.3, step: 0.01 },
  { name: "reboundPart", label: texts.rebound, unit: "%", low: 0, high: 0.3, step: 0.01, part: true },
  { name: "snrDb", label: texts.signalOverNoise, unit: "dB", low: 15, high: 45, step: 1 },
  { name: "cutoffHz", label: texts.inputCoupling, unit: texts.hzLabel, low: 0, high: 20, step: 1 },
  { name: "rippleDepth", label: texts.lampRipple, unit: "%", low: 0, high: 0.4, step: 0.01, part: true },
];

/** The simulated camera in front of the stand: what is wrong with it, and the release. */
export function StandInPanel({
  shutter,
  onChange,
  onFire,
}: {
  shutter: StandIn;
  onChange: (shutter: StandIn) => void;
  onFire: () => void;
}) {
  return (
    <Panel title={texts.theStandIn} note={texts.aSimulatedCamera}>
      <Button kind="primary" keyHint="F" onClick={onFire}>
        {texts.fireTheStandIn}
      </Button>
      <div className="flex flex-col">
        {KNOBS.map((knob) => {
          const value = shutter[knob.name];
          const shown = knob.part ? Math.round(value * 100) : Math.round(value * 100) / 100;
          return (
            <label
              key={knob.name}
              className="grid grid-cols-[1fr_74px_70px] items-center gap-2 text-[13.5px]"
            >
              <span className="text-soft">{knob.label}</span>
              <input
                type="range"
                min={knob.low}
                max={knob.high}
                step={knob.step}
                value={value}
                onChange={(event) => onChange({ ...shutter, [knob.name]: Number(event.target.value) })}
                className="accent-ready h-8 w-full"
              />
              <span className="num text-right">
                {shown} {knob.unit}
              </span>
            </label>
          );
        })}
      </div>
    </Panel>
  );
}
