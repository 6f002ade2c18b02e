import { expect, it } from "vitest";
import { daysLater, lightOf, openOn, startOfDay } from "./light";

const at = (day: number, hour: number, minute = 0) => new Date(2031, 2, day, hour, minute).getTime();
const window = (day: number, from: number, to: number) => ({
  start: new Date(at(day, from)).toISOString(),
  end: new Date(at(day, to)).toISOString(),
});
const WEEK = [window(3, 9, 12), window(3, 13, 18), window(4, 10, 16)];

it("opens with the first hand and closes with the last, and not at all on a free day", () => {
  expect(openOn(WEEK, at(3, 0))).toEqual({ start: at(3, 9), end: at(3, 18) });
  expect(openOn(WEEK, at(5, 0))).toBeUndefined();
});

it("draws working hours to one scale and folds what lies between", () => {
  const light = lightOf(WEEK, at(3, 0), 2, 900);
  const hour = light.x(at(3, 11)) - light.x(at(3, 10));
  expect(light.x(at(4, 12)) - light.x(at(4, 11))).toBeCloseTo(hour);
  expect(light.x(at(4, 10)) - light.x(at(3, 18))).toBeCloseTo(22);
  expect(light.x(at(5, 0))).toBeCloseTo(900);
});

it("finds the moment of a place again", () => {
  const light = lightOf(WEEK, at(3, 0), 2, 900);
  for (const moment of [at(3, 9, 30), at(3, 17), at(4, 1), at(4, 15, 45)])
    expect(light.at(light.x(moment))).toBeCloseTo(moment, -1);
});

it("is one fold where nobody works", () => {
  const light = lightOf([], at(3, 0), 7, 700);
  expect(light.stretches).toHaveLength(1);
  expect(light.x(at(6, 12))).toBeGreaterThan(0);
  expect(light.x(at(30, 0))).toBe(700);
});

it("counts days and not hours", () => {
  expect(startOfDay(at(3, 15, 20))).toBe(at(3, 0));
  expect(daysLater(at(3, 0), 40)).toBe(new Date(2031, 3, 12).getTime());
});
