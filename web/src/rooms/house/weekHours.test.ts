import { expect, it } from "vitest";
import { dayWords, readDay, readHours, typedOf } from "./weekHours";

it("reads a day in the ways people write one", () => {
  const day = [
    { from: "09:00", to: "12:30" },
    { from: "13:30", to: "18:00" },
  ];
  for (const typed of ["9-12:30, 13:30-18", "9:00–12:30; 13.30 – 18.00", "9 to 12:30, 1:30pm to 6pm"])
    expect(readDay(typed)).toEqual(day);
  expect(readDay("")).toEqual([]);
  expect(readDay("20–24")).toEqual([{ from: "20:00", to: "00:00" }]);
});

it("does not take what it cannot read for a free day", () => {
  for (const typed of ["nine to five", "9", "9–25", "9–12–15", "9:75–12"])
    expect(readDay(typed)).toBeUndefined();
});

it("comes to the same again", () => {
  const hours = {
    person: "Ada",
    week: { MONDAY: [{ from: "09:00:00", to: "12:30:00" }], SUNDAY: [{ from: "20:00:00", to: "00:00:00" }] },
    skills: ["finish", "electronics"],
  };
  expect(dayWords(hours.week.MONDAY)).toBe("9:00–12:30");
  expect(readHours(typedOf(hours))).toEqual({
    hours: {
      person: "Ada",
      week: { MONDAY: [{ from: "09:00", to: "12:30" }], SUNDAY: [{ from: "20:00", to: "00:00" }] },
      skills: ["electronics", "finish"],
    },
  });
});

it("names the day that it cannot read", () => {
  const typed = typedOf({ person: "Ada", week: {}, skills: [] });
  expect(readHours({ ...typed, days: { ...typed.days, THURSDAY: "late" } })).toEqual({ day: "THURSDAY" });
});
