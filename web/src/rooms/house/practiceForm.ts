import { z } from "zod";
import type { House } from "../../api/client";
import { as, figureOr, listOf, minor, oneOf, text, wholeOr } from "../../form/typed";
import { moneyTyped } from "../../ui/money";

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
  opticsGoes: wholeOr(0),
  ownerAgreesFirst: z.boolean(),
  hour: minor,
  lateDay: minor,
  needWorth: minor,
  makeMinutes: wholeOr(0),
  school: oneOf<Practice["school"]>(),
  limits: as<Practice["limits"]>(),
});

/** What it holds, as typed. */
export type Typed = z.input<typeof HOUSE>;

/** The form for how the house works now. */
export const typedOf = (practice: Practice): Typed => ({
  shopName: practice.shopName,
  people: practice.people.join("\n"),
  guaranteeMonths: String(practice.guaranteeMonths),
  stations: practice.stations,
  trays: practice.trays,
  streakLength: String(practice.streakLength),
  lookAlikeMm: String(practice.lookAlikeMm),
  opticsGoes: String(practice.opticsGoes),
  ownerAgreesFirst: practice.ownerAgreesFirst,
  hour: moneyTyped(practice.rates.hourMinor),
  lateDay: moneyTyped(practice.rates.lateDayMinor),
  needWorth: moneyTyped(practice.rates.needMinor),
  makeMinutes: String(practice.rates.makeMinutes),
  school: practice.school,
  limits: practice.limits,
});
