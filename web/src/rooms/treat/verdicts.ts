import { texts } from "./words";
/** How each verdict of the materials table is said and looks. */
export const VERDICTS = {
  OK: { word: "ok", mark: "done", look: "text-done" },
  CARE: { word: "care", mark: "wait", look: "text-mark" },
  NO: { word: "no", mark: "not", look: "text-stop" },
  NOT_LISTED: { word: texts.notListed, mark: "open", look: "text-soft" },
} as const;
