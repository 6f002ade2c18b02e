import type { PartView } from "../api/client";
import type { Mark } from "../ui/State";

/** The word and shape of each answer to "may it go back?". */
const ANSWERS: Record<PartView["answer"]["kind"], { word: string; mark: Mark; look: string }> = {
  READY: { word: "May go back now", mark: "ready", look: "bg-ready text-on-ready" },
  NOT_YET: { word: "Not yet", mark: "open", look: "bg-sunk text-soft" },
  WAITING: { word: "Waiting", mark: "wait", look: "bg-mark-wash text-ink" },
  BACK: { word: "Back", mark: "done", look: "bg-done-wash text-ink" },
  LEFT_OUT: { word: "Left out", mark: "left", look: "bg-sunk text-ink" },
};

/** The same, with what stands against it: a missing piece is a hazard, open checks are work for the hands. */
export function answerOf(part: PartView) {
  switch (part.answer.against) {
    case "CHECKS_OPEN":
      return { word: "Check first", mark: "ready" as Mark, look: "bg-sheet text-ink" };
    case "PART_NEEDED":
    case "PIECE_LOST":
      return { word: "Not yet", mark: "not" as Mark, look: "bg-stop-wash text-ink" };
    default:
      return ANSWERS[part.answer.kind];
  }
}

/** Parts by the side they came off, in the order in which the sides were opened. */
export function bySide(parts: PartView[]): [PartView["removed"]["side"], PartView[]][] {
  const sides = new Map<PartView["removed"]["side"], PartView[]>();
  for (const part of parts) {
    const side = sides.get(part.removed.side);
    if (side === undefined) sides.set(part.removed.side, [part]);
    else side.push(part);
  }
  return [...sides];
}

/** What people read in this room. */
export const texts = {
  pictureOfThe: (part: string) => `Picture of the ${part}`,
  found: "Found",
  noSymptomsNotedYet: "No symptoms noted yet.",
  cleanedMendedOiled: "Cleaned, mended, oiled",
  nothingTreatedYet: "Nothing treated yet.",
  howItRuns: "How it runs",
  noSpeedsTimedYet: "No speeds timed yet.",
  andMore: (value: string | number) => `and ${value} more`,
  spring: "spring",
  ball: "ball",
  mark: (text: string | number) => `mark ${text}`,
  markInline: "mark",
  wasAt: (setting: string | number) => `was at ${setting}`,
  atIt: (setting: string | number) => `at ${setting}`,
  everythingUnderItIsBack: "everything under it is back",
  stopsOfThisJob: "Stops of this job",
  key: (value: string | number, value2: string | number) => `${value}key ${value2}`,
  done: ", done",
  started: ", started",
  nothingYet: ", nothing yet",
  workContinuesHere: ", work continues here",
  takenOff: "Taken off",
  putBack: "Put back",
  partsOffThe: (value: string | number) => `Parts off the ${value}`,
  cause: (words: string | number) => `Cause: ${words}`,
  open: (value: string | number) => `Open: ${value}`,
  ofSuspectsCleared: (cleared: string | number, count: string | number) =>
    `${cleared} of ${count} suspects cleared`,
  needed: (what: string | number) => `Needed: ${what}`,
  cleaned: (value: string | number) => `Cleaned: ${value}`,
  oiled: (value: string | number) => `Oiled: ${value}`,
  ofSpeedsInTolerance: (count: string | number, count2: string | number) =>
    `${count} of ${count2} speeds in tolerance`,
  ofGoodInARow: (current: string | number, wanted: string | number) =>
    `${current} of ${wanted} good in a row`,
  until: (until: string | number) => `until ${until}`,
};
