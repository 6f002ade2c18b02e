import { atTheBench, logged, named } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import type { JobView } from "../../api/client";
import { aJob } from "../../testing/examples";
import { Mechanism } from "./Mechanism";

const show = (notes: Partial<JobView["notes"]> = {}, change: Partial<JobView> = {}) => {
  const job = aJob(change);
  job.notes = { ...job.notes, ...notes };
  atTheBench(<Mechanism job={job} />, job);
};
const states = () =>
  screen.getAllByRole("button", { pressed: false }).length +
  screen.queryAllByRole("button", { pressed: true }).length;

it("shows how it stands, and logs how it stands now", async () => {
  show({ states: { SHUTTER: "COCKED" } });
  const [cocked] = screen.getAllByRole("button", { pressed: true });
  expect(cocked).toBe(screen.getByRole("group").children[0]);
  fireEvent.click(screen.getByRole("group").children[1]);
  await waitFor(() => expect(logged()).toEqual([{ kind: "stateSet", state: "RELEASED" }]));
});

it("asks about a mirror only where there is one", () => {
  show();
  expect(states()).toBe(4);
});

it("asks about the mirror of a reflex", () => {
  const job = aJob();
  job.intake.received!.camera.bodyType = "SLR";
  atTheBench(<Mechanism job={job} />, job);
  expect(states()).toBe(6);
});

it("keeps springs in mind until they are wound again, by as many turns", async () => {
  show({ letDown: [{ id: "1", name: "mainspring", turns: 3.5, remark: "held with a stick" }] });
  expect(screen.getByText(/mainspring is let down, 3.5 turns, held with a stick/)).toBeTruthy();
  fireEvent.click(named("button", "Log as wound"));
  await waitFor(() =>
    expect(logged()).toEqual([{ kind: "springWound", spring: "mainspring", turns: 3.5, remark: "" }]),
  );
});

it("keeps what was missing, what is too much and what tool is lacking in sight", async () => {
  const job = aJob();
  job.notes.missing = [{ id: "m", what: "cross screw", count: 1, where: "top cover" }];
  job.notes.surplus = [{ id: "s", what: "washer", count: 2, where: "" }];
  job.sitting.time.lacking = [{ id: "t", name: "lens spanner", remark: "" }];
  atTheBench(<Mechanism job={job} />, job);
  expect(screen.getByText("Missing on arrival: 1 × cross screw, top cover")).toBeTruthy();
  expect(screen.getByText("Left over: 2 × washer")).toBeTruthy();
  fireEvent.click(named("button", "Now available"));
  await waitFor(() =>
    expect(logged()).toMatchObject([{ kind: "toolNoted", tool: "lens spanner", atHand: true }]),
  );
});

it("lets a trial stand out until it is undone, with what it showed", async () => {
  const job = aJob();
  job.refitting.trial = {
    id: "1",
    at: "2031-03-04T09:00:00Z",
    what: { kind: "trialAssembled", parts: ["top cover", "dial"], how: "two screws" },
  };
  atTheBench(<Mechanism job={job} />, job);
  expect(screen.getByText(/top cover, dial, two screws/)).toBeTruthy();
  fireEvent.change(screen.getByLabelText("What the trial showed"), { target: { value: "runs" } });
  fireEvent.click(named("button", "Taken apart again"));
  await waitFor(() => expect(logged()).toEqual([{ kind: "trialUndone", seen: "runs" }]));
});
