import type { Entry, House } from "../../api/client";

type Practice = House["practice"];

const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);

/** One entry for each setting that was changed: what was left as it is says nothing. */
export function changesOf(before: Practice, after: Practice): Entry[] {
  const entries: Entry[] = [];
  const where = <Part>(part: (of: Practice) => Part, entry: (now: Part) => Entry) => {
    if (!same(part(before), part(after))) entries.push(entry(part(after)));
  };
  where(
    (of) => of.school,
    (school) => ({ kind: "schoolChosen", school }),
  );
  where(
    (of) => of.trays,
    (trays) => ({ kind: "traysSet", trays }),
  );
  where(
    (of) => of.standards.streakLength,
    (length) => ({ kind: "streakSet", length }),
  );
  where(
    (of) => of.standards.lookAlikeMm,
    (withinMm) => ({ kind: "lookAlikesSet", withinMm }),
  );
  where(
    (of) => of.people,
    (people) => ({ kind: "peopleSet", people }),
  );
  where(
    (of) => of.head,
    (head) => ({ kind: "sheetHeadSet", ...head }),
  );
  where(
    (of) => of.standards.ownerAgreesFirst,
    (asked) => ({ kind: "ownerAskedFirstSet", asked }),
  );
  where(
    (of) => of.stations,
    (stations) => ({ kind: "stationsSet", stations }),
  );
  where(
    (of) => of.standards.glassPasses,
    (most) => ({ kind: "glassPassesSet", most }),
  );
  where(
    (of) => of.reckoning.money,
    (money) => ({ kind: "currencyChosen", money }),
  );
  where(
    (of) => of.reckoning.rates,
    (rates) => ({ kind: "ratesSet", rates }),
  );
  return entries.concat(limitsOf(before.speeds.limits, after.speeds.limits));
}

function limitsOf(before: Practice["speeds"]["limits"], after: Practice["speeds"]["limits"]): Entry[] {
  type Family = keyof typeof before;
  const families = [...new Set([...Object.keys(before), ...Object.keys(after)])] as Family[];
  return families
    .filter((family) => !same(before[family], after[family]))
    .map((family) => ({ kind: "limitsSet", family: family as never, limits: after[family] }));
}
