import { useWords } from "../../api/queries";
import { FormChoice, FormText } from "../../form/fields";
import type { FormOf } from "../../form/useFormOf";
import type { Typed } from "./practiceForm";
import { waysToWrite } from "./waysToWrite";

/**
 * In which money the shop reckons, and what an hour, a day of waiting and a met need count for in it.
 *
 * @param saved the currency that holds until the form is saved
 */
export function RatesFields({ form, saved }: { form: FormOf<Typed>; saved: string }) {
  const { choices } = useWords();
  const { currency, locale } = form.watch();
  // amounts are read in the currency as saved, so none is typed while another is chosen
  const changing = currency !== saved;
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
      {changing && (
        <p className="border-mark-line bg-mark-wash rounded-[3px] border-l-4 px-3 py-1.5 text-[14px]">
          Ruvant does not convert amounts. Each stays the same count of the currency's smallest unit: 40.00
          EUR becomes 4,000 JPY. Save the currency first, then check the amounts.
        </p>
      )}
      <div className="grid grid-cols-2 gap-3">
        <FormText
          form={form}
          name="hour"
          disabled={changing}
          label="An hour at the bench"
          inputMode="decimal"
        />
        <FormText
          form={form}
          name="lateDay"
          disabled={changing}
          label="A day later than promised"
          inputMode="decimal"
        />
        <FormText
          form={form}
          name="needWorth"
          disabled={changing}
          label="A camera that gets its part"
          inputMode="decimal"
        />
        <FormText form={form} name="makeMinutes" label="Minutes to make a small part" inputMode="numeric" />
      </div>
    </>
  );
}
