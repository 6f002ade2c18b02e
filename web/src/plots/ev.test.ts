import { expect, it } from "vitest";
import { percentWords, stopsWords, timeWords } from "./ev";

it("writes errors with their sign and without a negative zero", () => {
  expect([0.617, -0.1, 0, -0.001].map(stopsWords)).toEqual(["+0.62", "−0.10", "0.00", "0.00"]);
  expect([53.4, -11.2, 0].map(percentWords)).toEqual(["+53 %", "−11 %", "+0 %"]);
});

it("writes short times as fractions and long ones in seconds", () => {
  expect([1 / 64, 1 / 8.5, 1.04, 12].map(timeWords)).toEqual(["1/64", "1/8.5", "1.04 s", "12.0 s"]);
});
