import type { Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { ChoiceField } from "../../ui/Field";
import { effectsWith } from "./adjusterFields";
import { texts } from "./words";

type Range = Schemas["AdjusterKind"]["speeds"][number];

type Mark = Schemas["RangeMark"];

const choicesOf = (marks: Mark[]) => marks.map(({ label }) => ({ value: label, label }));

/** What turning an adjuster in does to the marked speeds, in ranges that answer alike. */
export function SpeedRanges({
  marks,
  ranges,
  onChange,
}: {
  /** The fastest first. */
  marks: Mark[];
  ranges: Range[];
  onChange: (ranges: Range[]) => void;
}) {
  const called = (label: string) => marks.find((mark) => mark.label === label)!;
  const change = (at: number, to: Partial<Range>) =>
    onChange(
      ranges.map((one, index) => (index === at ? { ...one, ...to } : one)).filter((one) => one.effect !== 0),
    );
  return (
    <fieldset className="flex flex-col gap-1.5">
      <legend className="heading">{texts.whatTurningItInDoesToThe}</legend>
      {ranges.map((range, at) => (
        <div key={at} className="grid grid-cols-3 gap-3">
          <ChoiceField
            label={texts.fromTheFastest}
            aria-label={texts.ofRange(texts.fromTheFastest, at + 1)}
            value={marks.find((mark) => mark.seconds >= range.fromSeconds)?.label}
            choices={choicesOf(marks.filter((mark) => mark.seconds < range.toSeconds))}
            onChange={(event) => change(at, { fromSeconds: called(event.target.value).fromSeconds })}
          />
          <ChoiceField
            label={texts.toTheSlowest}
            aria-label={texts.ofRange(texts.toTheSlowest, at + 1)}
            value={marks.findLast((mark) => mark.seconds < range.toSeconds)?.label}
            choices={choicesOf(marks.filter((mark) => mark.seconds >= range.fromSeconds))}
            onChange={(event) => change(at, { toSeconds: called(event.target.value).toSeconds })}
          />
          <ChoiceField
            label={texts.eachExposureGets}
            aria-label={texts.ofRange(texts.eachExposureGets, at + 1)}
            value={String(range.effect)}
            choices={effectsWith(String(range.effect))}
            onChange={(event) => change(at, { effect: Number(event.target.value) })}
          />
        </div>
      ))}
      <Button
        className="self-start"
        onClick={() =>
          onChange([
            ...ranges,
            { fromSeconds: marks[0].fromSeconds, toSeconds: marks.at(-1)!.toSeconds, effect: 1 },
          ])
        }
      >
        {texts.addARangeOfSpeeds}
      </Button>
    </fieldset>
  );
}
