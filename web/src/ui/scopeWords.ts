import type { Schemas } from "../api/client";
import { texts } from "./words";

/** How far something agreed is, in words. */
export const scopeWords: Record<Schemas["ScopeItem"]["state"], string> = {
  OPEN: texts.scopeOpen,
  DONE: texts.scopeDone,
  LEFT: texts.scopeNotDone,
};
