import type { Schemas } from "../../api/client";

/** What is best done with a body, in words. */
export const BEST: Record<Schemas["Figures"]["best"], string> = {
  AS_IT_IS: "Leave it whole",
  MEND: "Mend it",
  BREAK: "Break it for parts",
  BROKEN_ALREADY: "Apart already",
};
