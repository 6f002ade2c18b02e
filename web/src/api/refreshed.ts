import type { QueryKey } from "@tanstack/react-query";
import { queries } from "./queries";

/** What is shown of each of the shop's own logs. A job is asked for by whoever shows it. */
const SHOWN: Record<string, string[]> = {
  shelf: ["shelf"],
  accounts: ["accounts", "customers", "figures"],
  customers: ["customers"],
  house: [
    "house",
    "hours",
    "tables",
    "stands",
    "job",
    "waits",
    "oilSheet",
    "cleaning",
    "agents",
    "oiling",
    "guess",
    "accounts",
  ],
  knowledge: ["faults", "diagnosis", "knownAdjusters", "adjusters", "model", "models", "job", "identify"],
};

/** A log went on: asks again for what is shown of it. */
export function refreshed(log: string): void {
  const own = SHOWN[log];
  for (const key of own ?? ["job"]) askAnew(own === undefined ? [key, log] : [key]);
  askAnew(["lines", log]);
  for (const key of [["bench"], ["waits"], ["shelf", "needs"]]) askAnew(key);
}

/**
 * Asks again for what is shown, all of it where no key is given. What is asked for the first time just now may be answered
 * with what was so before; the library does not ask twice at once, so that is asked for again once it is answered.
 */
export function askAnew(queryKey?: QueryKey): void {
  const underway = queries
    .getQueryCache()
    .findAll({ queryKey, fetchStatus: "fetching" })
    .filter((query) => query.state.data === undefined);
  void queries.invalidateQueries({ queryKey });
  for (const query of underway)
    void query.promise
      ?.catch(() => undefined)
      .then(() => queries.invalidateQueries({ queryKey: query.queryKey, exact: true }));
}
