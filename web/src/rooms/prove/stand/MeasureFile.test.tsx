import { answering, atTheBench, logged, Refusal } from "../../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { aJob } from "../../../testing/examples";
import { MeasureFile } from "./MeasureFile";

const stand = {
  name: "One diode",
  instrument: "diode",
  lamp: "STEADY" as const,
  setup: { kind: "LEAF" as const, coupling: "AUTO" as const, sensors: [] },
};
const firing = (index: number, seconds: number) => ({
  index,
  seconds,
  uncertaintySeconds: 0.0001,
  flags: [],
  sensorSeconds: [],
});
const run = {
  recording: `${"c".repeat(64)}.wav`,
  analysis: 1,
  warnings: ["The lamp ripples by 4 % with the mains."],
  proposals: [
    { index: 1, firing: firing(1, 1.1), speed: "1", errorEv: 0.14, sure: true, said: [] },
    { index: 2, firing: firing(2, 0.8), speed: "1", errorEv: -0.32, sure: false, said: [] },
    { index: 3, speed: "", sure: false, said: ["the recording starts or ends within it"] },
  ],
};

function shown() {
  const job = aJob();
  atTheBench(
    <MeasureFile tag={job.tag} rows={job.speeds} stand={stand} phase="BEFORE" attitude="LEVEL" each={3} />,
    job,
  );
  return job;
}

const hand = (file: File) =>
  fireEvent.change(screen.getByLabelText("Measure a recording"), { target: { files: [file] } });

it("logs the firings at the speeds that were looked over, one entry a speed", async () => {
  const job = shown();
  answering({ [`POST /api/jobs/${job.tag}/recordings`]: run });
  hand(new File(["RIFF"], "run.wav"));
  expect(await screen.findByText("3 firings in the recording")).toBeTruthy();
  expect(screen.getByText(/ripples by 4 %/)).toBeTruthy();
  expect(screen.getByText("not counted")).toBeTruthy();
  const other = job.speeds[1]!.speed;
  fireEvent.change(screen.getByLabelText("Speed of firing 2"), { target: { value: other } });
  fireEvent.click(screen.getByText("Log 2 firings"));
  await waitFor(() => expect(logged()).toHaveLength(2));
  expect(logged()).toMatchObject([
    { kind: "firingsMeasured", speed: "1", recording: run.recording, firings: [{ index: 1 }] },
    { kind: "firingsMeasured", speed: other, firings: [{ index: 2 }] },
  ]);
});

it("leaves out what is left out", async () => {
  const job = shown();
  answering({ [`POST /api/jobs/${job.tag}/recordings`]: run });
  hand(new File(["RIFF"], "run.wav"));
  fireEvent.change(await screen.findByLabelText("Speed of firing 2"), { target: { value: "" } });
  fireEvent.click(screen.getByText("Log 1 firing"));
  await waitFor(() => expect(logged()).toHaveLength(1));
});

it("says what is wrong with a file, and what to do", async () => {
  const job = shown();
  answering({
    [`POST /api/jobs/${job.tag}/recordings`]: new Refusal(422, {
      code: "noFiring",
      detail: "No firing was found in the recording.",
      remedy: "Check the lamp.",
    }),
  });
  hand(new File(["RIFF"], "run.wav"));
  expect(await screen.findByText(/No firing was found/)).toBeTruthy();
  expect(screen.getByText(/Check the lamp/)).toBeTruthy();
  expect(logged()).toEqual([]);
});
