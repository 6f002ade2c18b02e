import { atTheBench } from "../../testing/atTheBench";
import { screen } from "@testing-library/react";
import { expect, it } from "vitest";
import type { JobView } from "../../api/client";
import { aJob, aPart } from "../../testing/examples";
import { PickUpAgain } from "./PickUpAgain";

const LONG_AGO = "2020-01-02T10:00:00Z";
const show = (pickUp: Partial<JobView["pickUp"]>, change: Partial<JobView> = {}) => {
  const job = aJob({ parts: [aPart("plate")], ...change });
  job.pickUp = { ...job.pickUp, lastAt: LONG_AGO, ...pickUp };
  atTheBench(<PickUpAgain job={job} />, job);
};
const shown = () => screen.queryByText("Where you left off") !== null;

it("says after a pause where one is, leaving out what there is none of", () => {
  show({
    last: [1, 2, 3, 4].map((n) => ({ at: LONG_AGO, by: "Tomas", words: `took off part ${n}`, toSee: [] })),
    halfDone: ["mainspring is let down", "needed: a washer"],
    looseIn: "A1 B2",
  });
  expect(screen.getByText("mainspring is let down; needed: a washer")).toBeTruthy();
  expect(screen.getByText("A1 B2")).toBeTruthy();
  expect(screen.getAllByText(/took off part/)).toHaveLength(3);
  expect(screen.queryByText("Mechanism is now")).toBeNull();
  expect(screen.queryByText("Ran out")).toBeNull();
});

it("is silent where work goes on, where nothing is off yet, and once the camera is home", () => {
  show({ lastAt: new Date(Date.now() + 10 * 365 * 86_400_000).toISOString() });
  expect(shown(), "just touched").toBe(false);
  show({}, { parts: [] });
  expect(shown(), "nothing off").toBe(false);
  show({}, { handover: { advice: [], leftOpen: [], estimates: [], returnedAt: LONG_AGO } });
  expect(shown(), "returned").toBe(false);
  const job = aJob();
  show({}, { sitting: { ...job.sitting, time: { ...job.sitting.time, seatedSince: LONG_AGO } } });
  expect(shown(), "somebody sits at it").toBe(false);
});
