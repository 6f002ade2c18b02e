import type { Schemas } from "../../api/client";
import { currencyCode, money } from "../../api/money";
import type { OptionRow, TypedOption, TypedPart, TypedStep } from "../../api/offer";
import { useWords } from "../../api/queries";
import { Button } from "../../ui/Button";
import { minutesWords } from "../../ui/dates";
import { BareChoice, TextField } from "../../ui/Field";
import { Panel } from "../../ui/Panel";
import { texts } from "./words";

const STEP =
  "grid grid-cols-[92px_minmax(0,1fr)_58px_58px_58px_60px_68px_minmax(0,148px)_44px] items-center gap-1.5";
const PART = "grid grid-cols-[minmax(0,1fr)_70px_104px_80px_70px_44px] items-center gap-1.5";

const newStep = (): TypedStep => ({
  stop: "MEND",
  words: texts.newStep,
  about: "",
  low: "15",
  likely: "30",
  high: "60",
  chance: "100",
  ifNot: "STOPS",
});

const newPart = (): TypedPart => ({ words: "", count: "1", price: "", chance: "100", days: "0" });

/** One option: its steps with minutes and chances, its parts, and what the camera fetches afterwards. */
export function OptionEditor({
  option,
  at,
  row,
  problem,
  onChange,
  onRemove,
  onQuote,
}: {
  option: TypedOption;
  /** Which option of the sheet it is, from 0: fields are told by it. */
  at: number;
  row: OptionRow | undefined;
  problem: { field: string; message: string } | undefined;
  onChange: (change: Partial<TypedOption>) => void;
  onRemove: () => void;
  /** Draws up a quote of it; not there while the shop's prices are not known. */
  onQuote?: () => void;
}) {
  const { choices } = useWords();
  const said = (field: string) => (problem?.field === `options.${at}.${field}` ? problem.message : undefined);
  const steps = (index: number, change: Partial<TypedStep>) =>
    onChange({ steps: option.steps.map((one, i) => (i === index ? { ...one, ...change } : one)) });
  const parts = (index: number, change: Partial<TypedPart>) =>
    onChange({ parts: option.parts.map((one, i) => (i === index ? { ...one, ...change } : one)) });
  return (
    <Panel title={texts.ofOption(option.name)} note={row === undefined ? undefined : evenWords(row)}>
      <div className={`${STEP} text-soft text-[13.5px]`} aria-hidden="true">
        <span>{texts.stop}</span>
        <span>{texts.step}</span>
        <span className="text-right">{texts.low}</span>
        <span className="text-right">{texts.likely}</span>
        <span className="text-right">{texts.high}</span>
        <span>{texts.basis}</span>
        <span className="text-right">{texts.chance}</span>
        <span>{texts.ifNot}</span>
      </div>
      <ol className="flex flex-col gap-1.5">
        {option.steps.map((step, index) => (
          <Step
            key={index}
            {...{ step, index, said }}
            stops={choices("stop")}
            ifNots={choices("ifNot")}
            onChange={(change) => steps(index, change)}
            onRemove={() => onChange({ steps: option.steps.filter((_, i) => i !== index) })}
          />
        ))}
      </ol>
      <div>
        <Button onClick={() => onChange({ steps: [...option.steps, newStep()] })}>{texts.addStep}</Button>
      </div>
      {option.parts.length > 0 && (
        <>
          <div className={`${PART} text-soft text-[13.5px]`} aria-hidden="true">
            <span>{texts.parts}</span>
            <span className="text-right">{texts.count}</span>
            <span className="text-right">{texts.price(currencyCode())}</span>
            <span className="text-right">{texts.chance}</span>
            <span className="text-right">{texts.days}</span>
          </div>
          <ol className="flex flex-col gap-1.5">
            {option.parts.map((part, index) => (
              <Part
                key={index}
                {...{ part, index, said }}
                onChange={(change) => parts(index, change)}
                onRemove={() => onChange({ parts: option.parts.filter((_, i) => i !== index) })}
              />
            ))}
          </ol>
        </>
      )}
      <div className="flex flex-wrap items-end gap-3">
        <Button onClick={() => onChange({ parts: [...option.parts, newPart()] })}>{texts.addPart}</Button>
        <TextField
          label={texts.worth(currencyCode())}
          wrap="w-[230px]"
          inputMode="decimal"
          value={option.worth}
          aria-invalid={said("worth") === undefined ? undefined : true}
          hint={said("worth")}
          onChange={(event) => onChange({ worth: event.target.value })}
        />
        <TextField
          label={texts.name}
          wrap="min-w-[180px] flex-1"
          value={option.name}
          aria-invalid={said("name") === undefined ? undefined : true}
          hint={said("name")}
          onChange={(event) => onChange({ name: event.target.value })}
        />
        {onQuote !== undefined && <Button onClick={onQuote}>{texts.makePaper}</Button>}
        <Button kind="quiet" onClick={onRemove}>
          {texts.removeOption}
        </Button>
      </div>
    </Panel>
  );
}

/** How far the outer figure is known, and up to what price it is worth it. */
function evenWords(row: OptionRow) {
  const { cost, breakEvenMinor } = row.figures;
  const most = `${texts.upTo(money(Math.round(cost.value)))}${cost.error < 1 ? "" : ` ${texts.plusMinus(money(Math.round(cost.error)))}`}`;
  const { expectedMinutes, minutes } = row.figures;
  const takes = texts.takes(
    minutesWords(Math.round(expectedMinutes)),
    minutesWords(Math.round(minutes.value)),
  );
  if (row.known === undefined) return `${takes}; ${most}`;
  return `${takes}; ${most}; ${breakEvenMinor === undefined ? texts.evenUnknown : texts.evenAt(money(breakEvenMinor))}`;
}

const MINUTES = ["low", "likely", "high"] as const;

function Step({
  step,
  index,
  stops,
  ifNots,
  said,
  onChange,
  onRemove,
}: {
  step: TypedStep;
  index: number;
  stops: { value: string; label: string }[];
  ifNots: { value: string; label: string }[];
  said: (field: string) => string | undefined;
  onChange: (change: Partial<TypedStep>) => void;
  onRemove: () => void;
}) {
  const number = texts.stepNumber(index + 1);
  const wrong = (["words", "low", "likely", "high", "chance"] as const).find(
    (name) => said(`steps.${index}.${name}`) !== undefined,
  );
  const blank = (name: "words" | "low" | "likely" | "high" | "chance", label: string, className: string) => (
    <input
      className={`input min-w-0 px-1.5! ${className}`}
      aria-label={`${label}, ${number}`}
      aria-invalid={wrong === name ? true : undefined}
      aria-describedby={wrong === name ? `step-${index}-problem` : undefined}
      autoComplete="off"
      value={step[name]}
      onChange={(event) =>
        // minutes that somebody types are an estimate, and no longer what this shop's history says
        onChange(
          (MINUTES as readonly string[]).includes(name)
            ? { [name]: event.target.value, seen: undefined }
            : { [name]: event.target.value },
        )
      }
    />
  );
  return (
    <li className={STEP}>
      <BareChoice
        label={`${texts.stop}, ${number}`}
        value={step.stop}
        choices={stops}
        onChange={(event) => onChange({ stop: event.target.value as Schemas["TypedStep"]["stop"] })}
      />
      {blank("words", texts.step, "")}
      {MINUTES.map((name) => (
        <span key={name}>{blank(name, `${texts[name]}, ${texts.minutes}`, "num w-full text-right")}</span>
      ))}
      <span className="text-soft text-[12.5px] leading-4">
        {step.seen === undefined ? texts.estimated : texts.fromHere(step.seen)}
      </span>
      {blank("chance", texts.chance, "num text-right")}
      {step.chance.trim() === "100" ? (
        <span />
      ) : (
        <BareChoice
          label={`${texts.ifNot}, ${number}`}
          value={step.ifNot}
          choices={ifNots}
          onChange={(event) => onChange({ ifNot: event.target.value as Schemas["TypedStep"]["ifNot"] })}
        />
      )}
      <Button kind="quiet" className="px-0!" aria-label={texts.remove(step.words)} onClick={onRemove}>
        ✕
      </Button>
      {wrong !== undefined && (
        <p id={`step-${index}-problem`} className="text-stop col-span-9 text-[14px]">
          {said(`steps.${index}.${wrong}`)}
        </p>
      )}
    </li>
  );
}

function Part({
  part,
  index,
  said,
  onChange,
  onRemove,
}: {
  part: TypedPart;
  index: number;
  said: (field: string) => string | undefined;
  onChange: (change: Partial<TypedPart>) => void;
  onRemove: () => void;
}) {
  const fields = ["words", "count", "price", "chance", "days"] as const;
  const labels = {
    words: texts.part,
    count: texts.count,
    price: texts.price(currencyCode()),
    chance: texts.chance,
    days: texts.days,
  };
  const wrong = fields.find((name) => said(`parts.${index}.${name}`) !== undefined);
  return (
    <li className={PART}>
      {fields.map((name) => (
        <input
          key={name}
          className={`input min-w-0 ${name === "words" ? "" : "num text-right"}`}
          aria-label={`${labels[name]}, ${texts.partNumber(index + 1)}`}
          aria-invalid={wrong === name ? true : undefined}
          autoComplete="off"
          value={part[name]}
          onChange={(event) => onChange({ [name]: event.target.value })}
        />
      ))}
      <Button kind="quiet" className="px-0!" aria-label={texts.remove(part.words)} onClick={onRemove}>
        ✕
      </Button>
      {wrong !== undefined && (
        <p className="text-stop col-span-6 text-[14px]">{said(`parts.${index}.${wrong}`)}</p>
      )}
    </li>
  );
}
