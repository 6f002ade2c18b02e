import { answering, atTheBench, logged } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import type { Schemas } from "../../api/client";
import { aJob } from "../../testing/examples";
import { Firings } from "./Firings";

const timed = (change: Partial<Schemas["Timed"]>): Schemas["Timed"] => ({
  id: "run-1",
  at: "2031-03-04T09:00:00Z",
  speed: "1",
  how: { phase: "AFTER", attitude: "LEVEL", afterRest: false },
  with: { instrument: "diode", recording: "" },
  seconds: [1.02],
  firings: [],
  ...change,
});

const measured = timed({
  id: "run-2",
  firings: [{ index: 3, seconds: 1.02, uncertaintySeconds: 0.001, flags: ["BOUNCE"], sensorSeconds: [] }],
  with: { instrument: "diode", recording: `${"b".repeat(64)}.wav` },
});

const withRuns = (...runs: Schemas["Timed"][]) => {
  const job = aJob();
  return { ...job, prove: { ...job.prove, timed: runs } };
};

const light = {
  channel: 1,
  stretches: [{ fromSeconds: 0.3, stepSeconds: 0.001, light: [0, 0, 0.5, 1, 1, 1, 0.4, 0] }],
  openSeconds: 0.302,
  closeSeconds: 0.306,
  openFrom: 0.301,
  openTo: 0.303,
  closeFrom: 0.305,
  closeTo: 0.307,
};

it("shows typed firings as they are and opens the light of measured ones", async () => {
  const job = withRuns(timed({}), measured);
  atTheBench(<Firings job={job} speed="1" />, job);
  answering({ "GET /api/jobs/R-0001/runs/run-2/light": [light] });
  const buttons = screen.getAllByRole("button");
  expect(buttons).toHaveLength(1);
  fireEvent.click(buttons[0]!);
  expect((await screen.findByText(/between the edges/)).textContent).toContain("4.00 ms");
  expect(screen.getByText("Its recording").getAttribute("href")).toContain("/api/recordings/bbb");
});

it("takes back what its light shows to be none", async () => {
  const job = withRuns(measured);
  atTheBench(<Firings job={job} speed="1" />, job);
  answering({ "GET /api/jobs/R-0001/runs/run-2/light": [light] });
  fireEvent.click(screen.getByRole("button"));
  fireEvent.click(await screen.findByText("Not a firing: remove it"));
  await waitFor(() => expect(logged()).toHaveLength(1));
  expect(logged()[0]).toMatchObject({ kind: "struck", target: "run-2" });
});

it("says so where the recording is not stored here", async () => {
  const job = withRuns(measured);
  atTheBench(<Firings job={job} speed="1" />, job);
  answering({ "GET /api/jobs/R-0001/runs/run-2/light": [] });
  fireEvent.click(screen.getByRole("button"));
  expect(await screen.findByText(/not stored here/)).toBeTruthy();
});

it("shows nothing for a speed that was never fired", () => {
  const job = withRuns(measured);
  atTheBench(<Firings job={job} speed="1/30" />, job);
  expect(screen.queryByRole("list")).toBeNull();
});
