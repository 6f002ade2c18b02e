import { atTheBench, logged, named } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import type { Schemas } from "../../api/client";
import { aJob, aPart } from "../../testing/examples";
import { BeforeLift, metBefore } from "./BeforeLift";

const known = (name: string, change: Partial<Schemas["KnownPart"]> = {}): Schemas["KnownPart"] => ({
  name,
  jobs: 6,
  side: "TOP",
  covers: true,
  fasteners: [],
  hidden: [],
  hazards: [],
  loose: [],
  over: [],
  stripTakes: "PT0S",
  refitTakes: "PT0S",
  remarks: [],
  ...change,
});
const KNOWN: Schemas["Known"] = {
  jobs: 7,
  next: [],
  parts: [
    known("top cover"),
    known("dial", { over: ["top cover"], hazards: ["BALL"], remarks: ["tilt it"] }),
  ],
};

it("warns of what earlier jobs met", () => {
  const job = aJob({ parts: [aPart("top cover")] });
  const met = metBefore(KNOWN, job, " Dial ")!;
  atTheBench(<BeforeLift job={job} met={met} />, job);
  expect(screen.getByText("Before you lift the dial")).toBeTruthy();
  expect(screen.getByText("“tilt it”")).toBeTruthy();
  expect(screen.queryByText(/Not logged/)).toBeNull();
});

it("asks once how one got there, and logs what was taken off first", async () => {
  const job = aJob();
  atTheBench(<BeforeLift job={job} met={metBefore(KNOWN, job, "dial")!} />, job);
  expect(screen.getByText(/How did you get there/)).toBeTruthy();
  fireEvent.click(named("button", /log as usual/));
  await waitFor(() => expect(logged()).toMatchObject([{ kind: "removed", part: "top cover", covers: true }]));
});

it("says nothing of parts that nobody met, or that want no care", () => {
  const job = aJob();
  expect(metBefore(KNOWN, job, "shim")).toBeUndefined();
  expect(metBefore(undefined, job, "dial")).toBeUndefined();
  atTheBench(<BeforeLift job={job} met={metBefore(KNOWN, job, "top cover")!} />, job);
  expect(screen.queryByLabelText("Before you lift this")).toBeNull();
});
