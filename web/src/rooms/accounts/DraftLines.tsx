import type { DraftLine, Pricing } from "../../api/accounts";
import { money } from "../../api/money";
import { Button } from "../../ui/Button";
import { BareChoice } from "../../ui/Field";
import { percent } from "./typing";
import { texts } from "./words";

// On a narrow page what a line is for stands above its figures.
const COLUMNS =
  "grid grid-cols-[64px_84px_84px_76px_84px_minmax(0,1fr)_44px] wide:grid-cols-[minmax(0,1fr)_64px_92px_92px_84px_92px_96px_44px] items-center gap-1.5";

/** The lines of a paper, each in one row, as they will stand on it. */
export function DraftLines({
  lines,
  amounts,
  pricing,
  said,
  onChange,
}: {
  lines: DraftLine[];
  /** What each comes to, in the order of the lines; none while it cannot be worked out. */
  amounts: number[];
  pricing: Pricing;
  /** What the server has against a field, by its name. */
  said: (field: string) => string | undefined;
  onChange: (lines: DraftLine[]) => void;
}) {
  return (
    <div className="flex flex-col gap-1.5">
      <div className={`${COLUMNS} text-soft text-[13.5px]`} aria-hidden="true">
        <span className="wide:block hidden">{texts.what}</span>
        <span>{texts.quantity}</span>
        <span>{texts.unit}</span>
        <span>{texts.price}</span>
        <span>{texts.discount}</span>
        <span>{texts.tax}</span>
        <span className="text-right">{texts.amount}</span>
      </div>
      <ol className="flex flex-col gap-1.5">
        {lines.map((line, at) => (
          <Line
            key={at}
            {...{ line, at, pricing, said }}
            amount={amounts[at]}
            onChange={(change) =>
              onChange(lines.map((one, index) => (index === at ? { ...one, ...change } : one)))
            }
            onRemove={() => onChange(lines.filter((_, index) => index !== at))}
          />
        ))}
      </ol>
    </div>
  );
}

const BLANKS = ["words", "quantity", "price", "discount"] as const;
type Blank = (typeof BLANKS)[number];

function Line({
  line,
  at,
  amount,
  pricing,
  said,
  onChange,
  onRemove,
}: {
  line: DraftLine;
  at: number;
  amount?: number;
  pricing: Pricing;
  said: (field: string) => string | undefined;
  onChange: (change: Partial<DraftLine>) => void;
  onRemove: () => void;
}) {
  const wrong = BLANKS.find((name) => said(`lines.${at}.${name}`) !== undefined);
  const blank = (name: Blank, label: string, className = "num text-right") => (
    <input
      className={`input min-w-0 ${className}`}
      aria-label={`${label}, ${texts.line(at + 1)}`}
      aria-invalid={wrong === name ? true : undefined}
      aria-describedby={wrong === name ? `line-${at}-problem` : undefined}
      autoComplete="off"
      value={line[name]}
      onChange={(event) => onChange({ [name]: event.target.value })}
    />
  );
  return (
    <li className={`${COLUMNS} border-line/60 wide:border-0 wide:pb-0 border-b pb-2`}>
      {blank("words", texts.what, "wide:col-span-1 col-span-7")}
      {blank("quantity", texts.quantity)}
      <BareChoice
        label={`${texts.unit}, ${texts.line(at + 1)}`}
        value={line.measure}
        choices={[
          { value: "HOUR", label: texts.hour },
          { value: "PIECE", label: texts.piece },
        ]}
        onChange={(event) => onChange({ measure: event.target.value as DraftLine["measure"] })}
      />
      {blank("price", texts.price)}
      {blank("discount", texts.discount)}
      <BareChoice
        label={`${texts.tax}, ${texts.line(at + 1)}`}
        value={line.tax}
        choices={pricing.taxes.rates.map((rate) => ({
          value: rate.id,
          label: rate.kind === "STANDARD" ? texts.percent(percent(rate.hundredths)) : rate.name,
        }))}
        onChange={(event) => onChange({ tax: event.target.value })}
      />
      <span className="num truncate text-right">{amount === undefined ? "" : money(amount)}</span>
      <Button
        kind="quiet"
        className="px-0!"
        aria-label={texts.remove(line.words || texts.emptyLine)}
        onClick={onRemove}
      >
        ✕
      </Button>
      {wrong !== undefined && (
        <p id={`line-${at}-problem`} className="text-stop wide:col-span-8 col-span-7 text-[14px]">
          {said(`lines.${at}.${wrong}`)}
        </p>
      )}
    </li>
  );
}
