import { FormText } from "../../form/fields";
import type { FormOf } from "../../form/useFormOf";
import type { Typed } from "./practiceForm";

/** What an hour, a day of waiting and a met need count for: the sums on the shelf are made of it. */
export function RatesFields({ form }: { form: FormOf<Typed> }) {
  return (
    <div className="grid grid-cols-2 gap-3">
      <FormText form={form} name="hour" label="An hour at the bench" inputMode="decimal" />
      <FormText form={form} name="lateDay" label="A day later than promised" inputMode="decimal" />
      <FormText form={form} name="needWorth" label="A camera that gets its part" inputMode="decimal" />
      <FormText form={form} name="makeMinutes" label="Minutes to make a small part" inputMode="numeric" />
    </div>
  );
}
