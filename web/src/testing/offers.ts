import type { Schemas } from "../api/client";
import type { OptionRow, TypedSheet } from "../api/offer";

const step = (words: string, stop: Schemas["TypedStep"]["stop"], chance = "100") => ({
  stop,
  words,
  about: "",
  low: "15",
  likely: "30",
  high: "60",
  chance,
  ifNot: "STOPS" as const,
});

/** Leaving it, and a small repair. */
export const aSheet = (): TypedSheet => ({
  fork: "",
  asIs: "",
  lost: "",
  options: [
    { id: "leave", kind: "LEAVE", name: "Leave as it is", steps: [], parts: [], worth: "" },
    {
      id: "minimal",
      kind: "MINIMAL",
      name: "Minimal repair",
      steps: [step("open it", "STRIP"), step("clean it", "CLEAN", "80")],
      parts: [{ words: "seal", count: "1", price: "12.00", chance: "100", days: "0" }],
      worth: "",
    },
  ],
});

const row = (id: string, expectedMinor: number, known?: OptionRow["known"]): OptionRow => ({
  id,
  figures: {
    chanceWorks: known === undefined ? 0 : 0.8,
    chanceLost: 0,
    expectedMinor,
    cost: { value: 1.4 * expectedMinor, error: 40 },
    expectedMinutes: 60,
    minutes: { value: 90, error: 0.4 },
  },
  known,
});

/** What that comes to. */
export const worked = (): Schemas["OptionsWorked"] => ({
  entry: { kind: "optionsDrawn", options: [], fork: "", currency: "EUR" } as Schemas["OptionsDrawn"],
  rows: [row("leave", 0), row("minimal", 6000, { worked: 5, of: 8, like: "CAUSE_AND_MODEL", chance: 0.7 })],
});
