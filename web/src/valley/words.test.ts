import { expect, it } from "vitest";
import type { PartView } from "../api/client";
import { answerOf, bySide } from "./words";

const part = (name: string, side: string, answer: Partial<PartView["answer"]> = {}) =>
  ({
    name,
    removed: { side },
    answer: { part: name, kind: "NOT_YET", reason: "", ...answer },
  }) as unknown as PartView;

it("groups parts by side in the order in which the sides were opened", () => {
  const grouped = bySide([part("a", "FRONT"), part("b", "TOP"), part("c", "FRONT")]);
  expect(grouped.map(([side, parts]) => [side, parts.map((one) => one.name)])).toEqual([
    ["FRONT", ["a", "c"]],
    ["TOP", ["b"]],
  ]);
});

it("tells open checks, missing pieces and plain order apart, in word and shape", () => {
  const answers = [
    part("a", "TOP", { against: "CHECKS_OPEN" }),
    part("b", "TOP", { against: "PIECE_LOST" }),
    part("c", "TOP", { against: "INNER_STILL_OUT" }),
    part("d", "TOP", { kind: "READY" }),
  ].map(answerOf);
  expect(answers.map((one) => one.word)).toEqual(["Check first", "Not yet", "Not yet", "May go back now"]);
  expect(answers.map((one) => one.mark)).toEqual(["ready", "not", "open", "ready"]);
});
