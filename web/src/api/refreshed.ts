import { queries } from "./queries";

/** What is shown of each of the shop's own logs. A job is asked for by whoever shows it. */
const SHOWN: Record<string, string[]> = {
  shelf: ["shelf"],
  house: ["house", "tables", "stands", "job", "waits", "oilSheet", "cleaning", "agents", "oiling", "guess"],
  knowledge: ["faults", "diagnosis", "model", "models", "job", "identify"],
};

/** A log went on: asks anew for what is shown of it. */
export function refreshed(log: string): void {
  const own = SHOWN[log] ?? ["job"];
  for (const key of ["lines", ...own])
    void queries.invalidateQueries({
      queryKey: key === "lines" || SHOWN[log] === undefined ? [key, log] : [key],
    });
  for (const key of ["bench", "waits"]) void queries.invalidateQueries({ queryKey: [key] });
  void queries.invalidateQueries({ queryKey: ["shelf", "needs"] });
}
