import { z } from "zod";
import type { House } from "../../api/client";
import { as, figureOr, listOf, minor, oneOf, text, wholeOr } from "../../form/typed";
import { moneyTyped } from "../../api/money";

type Practice = House["practice"];

/** How the form of the house is read. */
export const HOUSE = z.object({
  shopName: text,
  people: listOf("\n"),
  guaranteeMonths: wholeOr(0),
  stations: as<Practice["stations"]>(),
  trays: as<Practice["trays"]>(),
  streakLength: wholeOr(0),
  lookAlikeMm: figureOr(0),
  glassPasses: wholeOr(0),
  ownerAgreesFirst: z.boolean(),
  currency: text,
  locale: text,
  hour: minor,
  lateDay: minor,
  needWorth: minor,
  makeMinutes: wholeOr(0),
  school: oneOf<Practice["school"]>(),
  limits: as<Practice["speeds"]["limits"]>(),
});

/** What it holds, as typed. */
export type Typed = z.input<typeof HOUSE>;

/** The form for how the house works now. */
export const typedOf = (practice: Practice): Typed => ({
  shopName: practice.head.shopName,
  people: practice.people.join("\n"),
  guaranteeMonths: String(practice.head.guaranteeMonths),
  stations: practice.stations,
  trays: practice.trays,
  streakLength: String(practice.standards.streakLength),
  lookAlikeMm: String(practice.standards.lookAlikeMm),
  glassPasses: String(practice.standards.glassPasses),
  ownerAgreesFirst: practice.standards.ownerAgreesFirst,
  currency: practice.reckoning.money.currency,
  locale: practice.reckoning.money.locale,
  hour: moneyTyped(practice.reckoning.rates.hourMinor),
  lateDay: moneyTyped(practice.reckoning.rates.lateDayMinor),
  needWorth: moneyTyped(practice.reckoning.rates.needMinor),
  makeMinutes: String(practice.reckoning.rates.makeMinutes),
  school: practice.school,
  limits: practice.speeds.limits,
});

/** How the house works as the form says; makers' sheets are entered elsewhere. */
export function practiceOf(read: z.output<typeof HOUSE>, before: Practice): Practice {
  const { school, people, stations, trays, shopName, guaranteeMonths } = read;
  const { streakLength, lookAlikeMm, glassPasses, ownerAgreesFirst, limits, currency, locale } = read;
  return {
    ...{ school, people, stations, trays },
    head: { shopName, guaranteeMonths },
    standards: { streakLength, lookAlikeMm, glassPasses, ownerAgreesFirst },
    speeds: { limits, sheets: before.speeds.sheets },
    reckoning: {
      money: { currency, locale },
      rates: {
        hourMinor: read.hour,
        lateDayMinor: read.lateDay,
        needMinor: read.needWorth,
        makeMinutes: read.makeMinutes,
      },
    },
  };
}
