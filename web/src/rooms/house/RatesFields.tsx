import { useWords } from "../../api/queries";
import { FormChoice, FormText } from "../../form/fields";
import type { FormOf } from "../../form/useFormOf";
import type { Typed } from "./practiceForm";
import { waysToWrite } from "./waysToWrite";

/** In which money the shop reckons, and what an hour, a day of waiting and a met need count for in it. */
export function RatesFields({ form }: { form: FormOf<Typed> }) {
  const { choices } = useWords();
  const { currency, locale } = form.watch();
  return (
    <>
      <div className="grid grid-cols-2 gap-3">
        <FormChoice form={form} name="currency" label="Currency" choices={choices("currency")} />
        <FormChoice
          form={form}
          name="locale"
          label="Amounts are written"
          choices={waysToWrite(currency, locale)}
        />
      </div>
      <p className="text-soft text-[13.5px]">
        Nothing is converted: amounts entered so far keep their figures.
      </p>
      <div className="grid grid-cols-2 gap-3">
        <FormText form={form} name="hour" label="An hour at the bench" inputMode="decimal" />
        <FormText form={form} name="lateDay" label="A day later than promised" inputMode="decimal" />
        <FormText form={form} name="needWorth" label="A camera that gets its part" inputMode="decimal" />
        <FormText form={form} name="makeMinutes" label="Minutes to make a small part" inputMode="numeric" />
      </div>
    </>
  );
}
