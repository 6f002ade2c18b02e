import { expect, it } from "vitest";
import { closing, toRing } from "./bell";

const NOW = Date.parse("2031-10-26T01:30:00Z");
const wait = (id: string, endsAt: string) => ({ running: { id, endsAt } });

it("rings for what is over, once, and not for what runs or was over long ago", () => {
  const waits = [
    wait("a", "2031-10-26T01:29:30Z"),
    wait("b", "2031-10-26T01:31:00Z"),
    wait("c", "2031-10-25T20:00:00Z"),
  ];
  expect(toRing(waits, "", NOW)).toEqual(["a"]);
  expect(toRing(waits, "x a", NOW)).toEqual([]);
  expect(toRing(waits, "a", NOW + 60_000)).toEqual(["b"]);
});

it("counts hours that went by where clocks are put back in between", () => {
  // two hours begun before the change in a zone that gives an hour back: over by the instant, not by the face
  const begun = Date.parse("2031-10-26T02:30:00+02:00");
  const ends = new Date(begun + 2 * 3_600_000).toISOString();
  expect(toRing([wait("a", ends)], "", Date.parse("2031-10-26T03:29:00+01:00"))).toEqual([]);
  expect(toRing([wait("a", ends)], "", Date.parse("2031-10-26T03:31:00+01:00"))).toEqual(["a"]);
});

it("rings after a sleep of the machine for what was over meanwhile, all at once", () => {
  const waits = [wait("a", "2031-10-26T01:05:00Z"), wait("b", "2031-10-26T01:20:00Z")];
  expect(toRing(waits, "", NOW)).toEqual(["a", "b"]);
});

it("rings before a break or closing, as long before as the shop says, and not where it says never", () => {
  const until = "2031-03-04T12:00:00.000Z";
  expect(closing({ until, bellMinutes: 15 })).toEqual([
    { running: { id: `closing-${until}`, endsAt: "2031-03-04T11:45:00.000Z" } },
  ]);
  expect(closing({ until, bellMinutes: 0 })).toEqual([]);
  expect(closing({ bellMinutes: 15 })).toEqual([]);
  expect(closing(undefined)).toEqual([]);
  expect(toRing(closing({ until, bellMinutes: 15 }), "", Date.parse("2031-03-04T11:46:00Z"))).toHaveLength(1);
});
