import type { Schemas } from "./client";

type Here = Schemas["CurrencyHere"];

/** In which money the shop reckons, as its server says; one for the whole page, like its clock. */
let here: Here & { digits: number } = { currency: "EUR", locale: "en-IE", digits: 2 };
let writes = writer(here);

function writer({ currency, locale, digits }: typeof here) {
  const style = {
    style: "currency",
    currency,
    currencyDisplay: "narrowSymbol",
    minimumFractionDigits: digits,
    maximumFractionDigits: digits,
  } as const;
  const plain = new Intl.NumberFormat(locale, style);
  const signed = new Intl.NumberFormat(locale, { ...style, signDisplay: "always" });
  return { plain, signed };
}

export function moneyIs(money: Here, digits: number): void {
  here = { ...money, digits };
  writes = writer(here);
}

const whole = (minor: number) => minor / 10 ** here.digits;
const typographic = (amount: string) => amount.replace("-", "−");

/** Stands where an amount is not shown to whoever is signed in. */
const NOT_SHOWN = "–";

/** An amount in minor units, as it is written here: €14.50. */
export const money = (minor: number | undefined) =>
  minor === undefined ? NOT_SHOWN : typographic(writes.plain.format(whole(minor)));

/** An amount that is added or taken away: +€14.50, −€3.00. */
export const signedMoney = (minor: number | undefined) =>
  minor === undefined ? NOT_SHOWN : typographic(writes.signed.format(whole(minor)));

/** The figures of an amount in minor units, to begin a field with; nothing for none. */
export const moneyTyped = (minor: number | undefined) =>
  minor === undefined || minor === 0 ? "" : whole(minor).toFixed(here.digits);

/** An amount that was entered, in whatever currency counted then. */
export const moneyOf = ({ minor, currency }: Schemas["Money"]) => {
  if (currency === here.currency) return money(minor);
  const other = new Intl.NumberFormat(here.locale, { style: "currency", currency });
  return other.format(minor / 10 ** (other.resolvedOptions().maximumFractionDigits ?? 2));
};

/** The code of the shop's currency, for the label of a field. */
export const currencyCode = () => here.currency;
