import { useQueryClient } from "@tanstack/react-query";
import { answer, server, type Schemas } from "../../api/client";
import { notify } from "../../shell/notices";

type Changes = Schemas["FaultChanges"];

/** Changes what is known of faults, or takes a change back; every open diagnosis is asked anew. */
export function useFaultChange() {
  const client = useQueryClient();
  const done = async (text: string) => {
    await client.invalidateQueries({ queryKey: ["faults"] });
    await client.invalidateQueries({ queryKey: ["diagnosis"] });
    notify({ kind: "done", text });
  };
  return {
    change: async (changes: Partial<Changes>, said: string) => {
      await answer(server.POST("/api/faults", { body: { symptoms: [], causes: [], looks: [], ...changes } }));
      await done(said);
    },
    takeBack: async (id: string) => {
      await answer(server.DELETE("/api/faults", { params: { query: { id } } }));
      await done("As it was.");
    },
  };
}

/** Chances as a hand chooses them. */
export const CHANCES = [
  { value: "0", label: "no" },
  { value: "0.1", label: "seldom" },
  { value: "0.3", label: "now and then" },
  { value: "0.5", label: "every other time" },
  { value: "0.7", label: "mostly" },
  { value: "0.9", label: "nearly always" },
  { value: "0.97", label: "always" },
];

/** From where a look is taken. */
export const REACHES = ["outside", "bottom", "top", "front", "lens front", "inside"].map((value) => ({
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
