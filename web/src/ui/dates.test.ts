import { describe, expect, it } from "vitest";
import { minutesWords, moment, spanMinutes, untilWords } from "./dates";

const now = new Date(2031, 2, 4, 12, 0, 0).getTime();
const at = (days: number, hours: number, minutes = 0) =>
  new Date(2031, 2, 4 + days, hours, minutes).toISOString();

describe("moments", () => {
  it("says only the time today, the weekday this week, and else the date", () => {
    expect(moment(at(0, 14, 20), now)).toBe("14:20");
    expect(moment(at(2, 9), now)).toBe("Thu 09:00");
    expect(moment(at(30, 9), now)).toBe("Thu 3 Apr");
  });

  it("counts the last ten minutes down by seconds and rounds beyond, so that none looks like a time of day", () => {
    expect(untilWords(new Date(now + 725_000).toISOString(), now)).toBe("12 min");
    expect(untilWords(new Date(now + 245_000).toISOString(), now)).toBe("4:05");
    expect(untilWords(new Date(now + 59_000).toISOString(), now)).toBe("0:59");
    expect(untilWords(new Date(now + 130 * 60_000).toISOString(), now)).toBe("2 h 10 min");
    expect(untilWords(new Date(now - 65_000).toISOString(), now)).toBe("1 min");
  });

  it("reads spans as the server writes them", () => {
    expect(["PT0S", "PT45S", "PT12M", "PT1H30M", "PT26H"].map(spanMinutes)).toEqual([0, 1, 12, 90, 1560]);
  });

  it("says spans as people do", () => {
    expect([5, 60, 95, 1440].map(minutesWords)).toEqual(["5 min", "1 h", "1 h 35 min", "24 h"]);
  });
});
