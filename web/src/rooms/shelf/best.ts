import type { Schemas } from "../../api/client";
import { texts } from "./words";

/** What is best done with a body, in words. */
export const BEST: Record<Schemas["Figures"]["best"], string> = {
  AS_IT_IS: texts.sellItAsItIs,
  MEND: texts.repairAndSellIt,
  BREAK: texts.breakItForParts,
  BROKEN_ALREADY: texts.inPartsAlready,
};
