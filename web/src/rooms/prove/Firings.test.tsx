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
  with: {
    instrument: "diode",
    recording: "",
    source: { input: "line in", stand: "One diode", simulated: false },
  },
  group: 0,
  seconds: [1.02],
  firings: [],
  ...change,
});

const measured = timed({
  id: "run-2",
  firings: [{ index: 3, seconds: 1.02, uncertaintySeconds: 0.001, flags: ["BOUNCE"], sensorSeconds: [] }],
  with: {
    instrument: "diode",
    recording: `${"b".repeat(64)}.wav`,
    source: { input: "line in", stand: "One diode", simulated: false },
  },
});

const withRuns = (...runs: Schemas["Timed"][]) => {
  const job = aJob();
  return { ...job, prove: { ...job.prove, timed: runs, counting: runs.map((run) => run.id) } };
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

it("marks simulated firings and those that do not count any more", () => {
  const made = withRuns(timed({ id: "old", seconds: [0.9] }), {
    ...measured,
    with: { ...measured.with, source: { input: "x", stand: "y", simulated: true } },
  });
  atTheBench(<Firings job={{ ...made, prove: { ...made.prove, counting: ["run-2"] } }} speed="1" />, aJob());
  expect(screen.getByRole("button", { name: /simulated/ })).toBeDefined();
  expect(screen.getByTitle(/^after, 0\.90* s, does not count any more$/)).toBeDefined();
});
