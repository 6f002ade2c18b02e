import { atTheBench } from "../../testing/atTheBench";
import { screen } from "@testing-library/react";
import { expect, it } from "vitest";
import { aJob } from "../../testing/examples";
import { HowLong } from "./HowLong";

const show = (chain: string[], closedAt?: string) => {
  const job = aJob({ wayBack: { hands: "PT1H35M", chain, closedAt } });
  atTheBench(<HowLong job={job} />, job);
};

it("says how long and what waits for each other", () => {
  show(["shutter", "dial", "cover"], "2031-03-04T11:00:00Z");
  expect(screen.getByText("1 h 35 min")).toBeTruthy();
  expect(screen.getByText(/shutter first, cover last, 3 parts/)).toBeTruthy();
});

it("names no way of two parts, and says nothing once all is back", () => {
  show(["dial", "cover"], "2031-03-04T11:00:00Z");
  expect(screen.queryByText(/Longest way/)).toBeNull();
});

it("says nothing once all is back", () => {
  show([]);
  expect(screen.queryByText(/of hands/)).toBeNull();
});
