import { afterEach, expect, it, vi } from "vitest";
import { figure, figureOf, figureOrSay } from "./figures";

afterEach(() => vi.restoreAllMocks());

it("reads figures as hands type them", () => {
  expect([" 1,5 ", "−0.25", "-3", "12"].map(figureOf)).toEqual([1.5, -0.25, -3, 12]);
  expect(figureOf("")).toBeNaN();
});

it("writes figures as the browser's language does", () => {
  expect([figure(1.25, 1), figure(1234.5, 0), figure(-0.001, 2)]).toEqual(["1.3", "1235", "0.00"]);
  vi.spyOn(navigator, "language", "get").mockReturnValue("de-DE");
  expect(figure(3.4, 2)).toBe("3,40");
});

it("says what is not a number", () => {
  expect(() => figureOrSay("two")).toThrow("“two” is not a number");
  expect(() => figureOrSay(" ")).toThrow();
});
