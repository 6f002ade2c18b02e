import { atTheBench, logged, named } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import type { Schemas } from "../../api/client";
import { aJob, aMet } from "../../testing/examples";
import { BeforeLift, metOf } from "./BeforeLift";

const known = (...unlogged: string[]): Schemas["Known"] => ({
  jobs: 7,
  ofFamily: false,
  needless: [],
  ofTheModel: [],
  leaveAlone: [],
  next: [],
  parts: [
    aMet("top cover"),
    aMet("dial", { hazards: ["BALL"], remarks: ["tilt it"] }, { care: true, unlogged }),
  ],
});
const show = (all: Schemas["Known"], name: string) => {
  const job = aJob();
  atTheBench(<BeforeLift job={job} known={all} met={metOf(all, name)!} />, job);
};

it("warns of what earlier jobs met", () => {
  show(known(), " Dial ");
  expect(screen.getByText("Before you lift the dial")).toBeTruthy();
  expect(screen.getByText("from 6 of 7 earlier jobs")).toBeTruthy();
  expect(screen.getByText("“tilt it”")).toBeTruthy();
  expect(screen.queryByText(/Not logged/)).toBeNull();
});

it("asks once how one got there, and logs what was taken off first", async () => {
  show(known("top cover"), "dial");
  expect(screen.getByText(/Is it off/)).toBeTruthy();
  fireEvent.click(named("button", /log as usual/));
  await waitFor(() => expect(logged()).toMatchObject([{ kind: "removed", part: "top cover", covers: true }]));
});

it("says nothing of parts that nobody met, or that want no care", () => {
  expect(metOf(known(), "shim")).toBeUndefined();
  expect(metOf(undefined, "dial")).toBeUndefined();
  show(known(), "top cover");
  expect(screen.queryByLabelText("Before you lift this")).toBeNull();
});
