import { expect, it } from "vitest";
import type { House } from "../../api/client";
import { aHouse } from "../../testing/house";
import { changesOf } from "./changesOf";
import { HOUSE, practiceOf, typedOf } from "./practiceForm";

type Practice = House["practice"];

const before = aHouse().practice;
const kinds = (after: Practice) => changesOf(before, after).map((entry) => entry.kind);

it("says nothing of what was left as it is", () => {
  expect(changesOf(before, structuredClone(before))).toEqual([]);
});

it.each<[string, (practice: Practice) => void]>([
  ["schoolChosen", (p) => (p.school = "DRY")],
  ["traysSet", (p) => p.trays.push({ name: "lidded", rows: 2, columns: 2 })],
  ["peopleSet", (p) => p.people.push("Mei")],
  ["stationsSet", (p) => (p.stations = [])],
  ["sheetHeadSet", (p) => (p.head.guaranteeMonths = 12)],
  ["streakSet", (p) => (p.standards.streakLength = 24)],
  ["lookAlikesSet", (p) => (p.standards.lookAlikeMm = 0.5)],
  ["glassPassesSet", (p) => (p.standards.glassPasses = 2)],
  ["ownerAskedFirstSet", (p) => (p.standards.ownerAgreesFirst = false)],
  ["currencyChosen", (p) => (p.reckoning.money.locale = "de-AT")],
  ["ratesSet", (p) => (p.reckoning.rates.hourMinor = 5000)],
])("makes one entry of one change: %s", (kind, change) => {
  const after = structuredClone(before);
  change(after);
  expect(kinds(after)).toEqual([kind]);
});

it("sets limits family by family, and takes them back with none", () => {
  const limits = { slowEv: 0.2, fastEv: 0.3, scatterEv: 0.1, taperSlowEv: 0.2, taperFastEv: 0.3 };
  const own = structuredClone(before);
  own.speeds.limits = { LEAF_UNIT: limits };
  expect(changesOf(before, own)).toEqual([{ kind: "limitsSet", family: "LEAF_UNIT", limits }]);
  expect(changesOf(own, before)).toEqual([{ kind: "limitsSet", family: "LEAF_UNIT", limits: undefined }]);
});

it("reads a form that nobody touched as the practice that it was made of", async () => {
  const { hour, lateDay, needWorth, ...typed } = typedOf(before);
  expect([hour, lateDay, needWorth]).toEqual(["40.00", "2.00", "80.00"]);
  // amounts are the server's to read; without them the form is read here
  const read = await HOUSE.parseAsync({ ...typed, hour: "", lateDay: "", needWorth: "" });
  const after = practiceOf(read, before);
  expect({ ...after, reckoning: before.reckoning }).toEqual(before);
});
