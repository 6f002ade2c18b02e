import { useQuery } from "@tanstack/react-query";
import type { Schemas } from "../../api/client";
import { faultsQuery } from "../../api/queries";
import { useShopChanges } from "../../hands/shopChanges";
import { texts } from "./words";

const NONE: Schemas["FaultChanges"] = { symptoms: [], causes: [], looks: [] };

/** Changes what is known of faults, or takes a change back. */
export const useFaultChange = () =>
  useShopChanges("knowledge", useQuery(faultsQuery).data, NONE, {
    made: (changes) => ({ kind: "faultsChanged", changes }),
    takenBack: (id) => ({ kind: "faultTakenBack", id }),
  });

/** Chances as a hand chooses them. */
const CHANCES = [
  { value: "0", label: texts.never },
  { value: "0.1", label: texts.rarely },
  { value: "0.3", label: texts.sometimes },
  { value: "0.5", label: texts.aboutHalfTheTime },
  { value: "0.7", label: texts.mostly },
  { value: "0.9", label: texts.nearlyAlways },
  { value: "0.97", label: texts.always },
];

/** From where a look is taken. */
export const REACHES = ["outside", "bottom", "top", "front", texts.lensFront, "inside"].map((value) => ({
  value,
  label: value,
}));

/** The chances to choose from, with one that was set more finely. */
export function chancesWith(own: number | undefined) {
  const value = String(own ?? 0);
  return CHANCES.some((one) => one.value === value)
    ? CHANCES
    : [...CHANCES, { value, label: `${Math.round(100 * Number(value))} %` }].sort(
        (a, b) => Number(a.value) - Number(b.value),
      );
}
