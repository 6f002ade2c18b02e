import { expect, it } from "vitest";
import { figureOf, figureOrSay } from "./figures";

it("reads figures as hands type them", () => {
  expect([" 1,5 ", "−0.25", "-3", "12"].map(figureOf)).toEqual([1.5, -0.25, -3, 12]);
  expect(figureOf("")).toBeNaN();
});

it("says what is not a number", () => {
  expect(() => figureOrSay("two")).toThrow("“two” is not a number");
  expect(() => figureOrSay(" ")).toThrow();
});
