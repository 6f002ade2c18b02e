import type { Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { ChoiceField } from "../../ui/Field";
import { effectsWith } from "./adjusterFields";
import { texts } from "./words";

type Range = Schemas["AdjusterKind"]["speeds"][number];

/** Marked speeds, the fastest first; older series lie between them. */
const DIAL = [4000, 2000, 1000, 500, 250, 125, 60, 30, 15, 8, 4, 2]
  .map((part) => ({ seconds: 1 / part, label: `1/${part}` }))
  .concat([1, 2, 4, 8].map((seconds) => ({ seconds, label: texts.s(seconds) })));

// A range reaches a little beyond its ends, since a dial of an older series has 1/25 for 1/30 and 1/300 for 1/250.
const BEYOND = 1.25;

const choicesOf = (marks: typeof DIAL) =>
  marks.map((mark) => ({ value: String(mark.seconds), label: mark.label }));

const fastest = (range: Range) => DIAL.find((mark) => mark.seconds >= range.fromSeconds) ?? DIAL.at(-1)!;

const slowest = (range: Range) => DIAL.findLast((mark) => mark.seconds < range.toSeconds) ?? DIAL[0];

/** What turning an adjuster in does to the marked speeds, in ranges that answer alike. */
export function SpeedRanges({ ranges, onChange }: { ranges: Range[]; onChange: (ranges: Range[]) => void }) {
  const change = (at: number, to: Partial<Range>) =>
    onChange(
      ranges.map((one, index) => (index === at ? { ...one, ...to } : one)).filter((one) => one.effect !== 0),
    );
  return (
    <fieldset className="flex flex-col gap-1.5">
      <legend className="heading">{texts.whatTurningItIn3}</legend>
      {ranges.map((range, at) => (
        <div key={at} className="grid grid-cols-3 gap-3">
          <ChoiceField
            label={texts.fromTheFastest}
            value={String(fastest(range).seconds)}
            choices={choicesOf(DIAL.filter((mark) => mark.seconds < range.toSeconds))}
            onChange={(event) => change(at, { fromSeconds: Number(event.target.value) / BEYOND })}
          />
          <ChoiceField
            label={texts.toTheSlowest}
            value={String(slowest(range).seconds)}
            choices={choicesOf(DIAL.filter((mark) => mark.seconds >= range.fromSeconds))}
            onChange={(event) => change(at, { toSeconds: Number(event.target.value) * BEYOND })}
          />
          <ChoiceField
            label={texts.eachExposureGets}
            value={String(range.effect)}
            choices={effectsWith(String(range.effect))}
            onChange={(event) => change(at, { effect: Number(event.target.value) })}
          />
        </div>
      ))}
      <Button
        className="self-start"
        onClick={() =>
          onChange([...ranges, { fromSeconds: 1 / 60 / BEYOND, toSeconds: 8 * BEYOND, effect: 1 }])
        }
      >
        {texts.addARangeOf}
      </Button>
    </fieldset>
  );
}
