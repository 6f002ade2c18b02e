import { atTheBench, logged, named } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import type { Schemas } from "../../api/client";
import { aJob } from "../../testing/examples";
import { ProofList } from "./ProofList";

const due = (change: Partial<Schemas["ProofDue"]>): Schemas["ProofDue"] => ({
  proof: { id: "light-tight", words: "Light-tight" },
  how: "A lamp inside, in the dark.",
  because: [{ why: "OPENED", what: "back door" }],
  state: "OPEN",
  readings: [],
  ...change,
});

const show = (...proofs: Schemas["ProofDue"][]) => {
  const job = aJob({ proofs });
  atTheBench(<ProofList job={job} />, job);
};

it("says why a proof is needed, and logs whether it passed", async () => {
  show(due({}));
  fireEvent.click(screen.getByRole("button", { name: /Light-tight/ }));
  expect(screen.getByText("back door was off")).toBeTruthy();
  fireEvent.click(named("button", "Passed"));
  await waitFor(() =>
    expect(logged()[0]).toMatchObject({ kind: "proofMade", passed: true, proof: { id: "light-tight" } }),
  );
});

it("takes one stroke after another with one press", async () => {
  show(
    due({
      proof: { id: "frames-per-stroke", words: "Frames per stroke" },
      criterion: { unit: "frames", at: "", relative: false, low: 1, high: 1, least: 12, apart: 0 },
      state: "STARTED",
      readings: [{ value: 1 }, { value: 1 }],
    }),
  );
  fireEvent.click(screen.getByRole("button", { name: /Frames per stroke/ }));
  expect(screen.getByText(/2 of 12 readings/)).toBeTruthy();
  fireEvent.click(named("button", "One frame"));
  await waitFor(() => expect(logged()[0]).toMatchObject({ kind: "proofMade", readings: [{ value: 1 }] }));
});

it("takes a reading with the light it was tried at", async () => {
  show(
    due({
      proof: { id: "meter", words: "Meter" },
      criterion: { unit: "EV", at: "Light, EV", relative: true, low: -0.5, high: 0.5, least: 2, apart: 3 },
    }),
  );
  fireEvent.click(screen.getByRole("button", { name: /Meter/ }));
  fireEvent.change(screen.getByLabelText("Light, EV"), { target: { value: "12" } });
  fireEvent.change(screen.getByLabelText("Reading, EV"), { target: { value: "12,3" } });
  fireEvent.submit(screen.getByLabelText("Reading, EV").closest("form")!);
  await waitFor(() => expect(logged()[0]).toMatchObject({ readings: [{ at: 12, value: 12.3 }] }));
});

it("logs a test film frame by frame, and says where its faults likely come from", async () => {
  show(
    due({
      proof: { id: "test-film", words: "Test film" },
      because: [],
      state: "FAILED",
      film: {
        frames: 12,
        good: 10,
        counterOff: 0,
        faults: [
          {
            fault: "OVERLAP",
            frames: [4, 9],
            spread: "SOME",
            causes: [{ id: "transport-slips", label: "film drive slips now and then", spread: "SOME" }],
            fitting: 1,
          },
        ],
      },
    }),
  );
  expect(screen.getByText(/10 of 12 frames as they should be, counter right/)).toBeTruthy();
  expect(screen.getByText("film drive slips now and then")).toBeTruthy();
  fireEvent.click(screen.getByRole("button", { name: /Test film/ }));
  fireEvent.change(screen.getByLabelText("Frame"), { target: { value: "4" } });
  fireEvent.click(named("button", "Add a faulty frame"));
  fireEvent.change(screen.getByLabelText("Gaps between frames, mm"), { target: { value: "2.0 2,1 −0.5" } });
  fireEvent.click(named("button", "Log the film"));
  await waitFor(() =>
    expect(logged()[0]).toMatchObject({
      kind: "filmDeveloped",
      frames: 12,
      faults: [{ frame: 4, fault: "OVERLAP" }],
      gapsMm: [2, 2.1, -0.5],
    }),
  );
});
