import { useWords } from "../../api/queries";
import { FormChoice, FormText } from "../../form/fields";
import type { FormOf } from "../../form/useFormOf";
import type { Typed } from "./practiceForm";
import { waysToWrite } from "./waysToWrite";
import { texts } from "./words";

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
        <FormChoice form={form} name="currency" label={texts.currency} choices={choices("currency")} />
        <FormChoice
          form={form}
          name="locale"
          label={texts.amountFormat}
          choices={waysToWrite(currency, locale)}
        />
      </div>
      {changing && (
        <p className="border-mark-line bg-mark-wash rounded-[3px] border-l-4 px-3 py-1.5 text-[14px]">
          {texts.ruvantDoesNotConvertAmounts}
        </p>
      )}
      <div className="grid grid-cols-2 gap-3">
        <FormText
          form={form}
          name="hour"
          disabled={changing}
          label={texts.labourRatePerHour}
          inputMode="decimal"
        />
        <FormText
          form={form}
          name="lateDay"
          disabled={changing}
          label={texts.costOfADayLate}
          inputMode="decimal"
        />
        <FormText
          form={form}
          name="needWorth"
          disabled={changing}
          label={texts.valueOfAFinishedCamera}
          inputMode="decimal"
        />
        <FormText form={form} name="makeMinutes" label={texts.minutesToMakeASmall} inputMode="numeric" />
      </div>
    </>
  );
}
