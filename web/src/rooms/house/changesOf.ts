import type { Entry, House } from "../../api/client";

type Practice = House["practice"];

/** One entry for each setting that was changed: what was left as it is says nothing. */
export function changesOf(before: Practice, after: Practice): Entry[] {
  const differs = (...names: (keyof Practice)[]) =>
    names.some((name) => JSON.stringify(before[name]) !== JSON.stringify(after[name]));
  const entries: Entry[] = [];
  if (differs("school")) entries.push({ kind: "schoolChosen", school: after.school });
  if (differs("trays")) entries.push({ kind: "traysSet", trays: after.trays });
  if (differs("streakLength")) entries.push({ kind: "streakSet", length: after.streakLength });
  if (differs("lookAlikeMm")) entries.push({ kind: "lookAlikesSet", withinMm: after.lookAlikeMm });
  if (differs("people")) entries.push({ kind: "peopleSet", people: after.people });
  if (differs("shopName", "guaranteeMonths"))
    entries.push({
      kind: "sheetHeadSet",
      shopName: after.shopName,
      guaranteeMonths: after.guaranteeMonths,
    });
  if (differs("ownerAgreesFirst"))
    entries.push({ kind: "ownerAskedFirstSet", asked: after.ownerAgreesFirst });
  if (differs("stations")) entries.push({ kind: "stationsSet", stations: after.stations });
  if (differs("opticsGoes")) entries.push({ kind: "opticsGoesSet", most: after.opticsGoes });
  if (differs("rates")) entries.push({ kind: "ratesSet", rates: after.rates });
  return entries.concat(limitsOf(before.limits, after.limits));
}

function limitsOf(before: Practice["limits"], after: Practice["limits"]): Entry[] {
  type Family = keyof Practice["limits"];
  const families = [...new Set([...Object.keys(before), ...Object.keys(after)])] as Family[];
  return families
    .filter((family) => JSON.stringify(before[family]) !== JSON.stringify(after[family]))
    .map((family) => ({ kind: "limitsSet", family: family as never, limits: after[family] }));
}
