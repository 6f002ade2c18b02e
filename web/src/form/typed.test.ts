import { expect, it } from "vitest";
import { figure, figureOr, listOf, wholeOr } from "./typed";

const why = (read: { success: boolean; error?: { issues: { message: string }[] } }) =>
  read.error?.issues[0]?.message;

it("takes figures as they are typed at a bench", () => {
  expect(figure.parse("0,33")).toBe(0.33);
  expect(figure.parse("−1.5")).toBe(-1.5);
  expect(why(figure.safeParse(""))).toBe("Enter a number.");
  expect(why(figure.safeParse("1/8"))).toContain("“1/8” is not a number");
});

it("takes nothing for what it stands for, and rounds where only whole ones make sense", () => {
  expect(figureOr(undefined).parse("  ")).toBeUndefined();
  expect(figureOr(0).parse("2")).toBe(2);
  expect(wholeOr(15).parse("")).toBe(15);
  expect(wholeOr(15).parse("7.6")).toBe(8);
  expect(wholeOr(0).safeParse("soon").success).toBe(false);
});

it("parts lists where they are parted, and leaves out what is empty", () => {
  expect(listOf("\n").parse("Ada\n\n Mei ")).toEqual(["Ada", "Mei"]);
  expect(listOf(/[\s,;]+/).parse("1 1/2; 1/4")).toEqual(["1", "1/2", "1/4"]);
  expect(listOf(",").parse("")).toEqual([]);
});
