import type { Schemas } from "../../api/client";
import { TextField } from "../../ui/Field";
import { figureOf } from "../../ui/figures";

type Rates = Schemas["Rates"];

/** What an hour, a day of waiting and a met need count for: the sums on the shelf are made of it. */
export function RatesFields({ rates, onChange }: { rates: Rates; onChange: (rates: Rates) => void }) {
  const amount = (name: "hourMinor" | "lateDayMinor" | "needMinor") => ({
    inputMode: "decimal" as const,
    defaultValue: (rates[name] / 100).toFixed(2),
    onChange: (event: React.ChangeEvent<HTMLInputElement>) => {
      const typed = figureOf(event.target.value);
      if (!Number.isNaN(typed)) onChange({ ...rates, [name]: Math.round(100 * typed) });
    },
  });
  return (
    <div className="grid grid-cols-2 gap-3">
      <TextField label="An hour at the bench" name="hour" {...amount("hourMinor")} />
      <TextField label="A day later than promised" name="lateDay" {...amount("lateDayMinor")} />
      <TextField label="A camera that gets its part" name="needWorth" {...amount("needMinor")} />
      <TextField
        label="Minutes to make a small part"
        name="makeMinutes"
        inputMode="numeric"
        defaultValue={String(rates.makeMinutes)}
        onChange={(event) =>
          onChange({ ...rates, makeMinutes: Number(event.target.value.replace(/\D/g, "")) })
        }
      />
    </div>
  );
}
