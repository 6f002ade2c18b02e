import { atTheBench, logged, named } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import { aJob, anAnswer, aPart } from "../../testing/examples";
import { ScannedWell } from "./ScannedWell";

it("says what lies in the well: not what stays in its part", () => {
  const [screw] = aPart("dial").fasteners;
  const job = aJob({
    wells: {
      B1: [
        {
          name: "dial",
          fasteners: [screw, { ...screw, type: "set screw", staysIn: true }],
          loose: [{ name: "ball", count: 2 }],
          lookAlike: false,
        },
      ],
    },
  });
  atTheBench(<ScannedWell job={job} well="B1" onClose={() => undefined} />, job);
  expect(screen.getByText("holds")).toBeTruthy();
  expect(screen.getByText("3 × slotted screw 1.4 × 3.0, 2 × ball")).toBeTruthy();
  expect(named("link", /dial/).getAttribute("href")).toBe("/camera/R-0001/strip?part=dial");
});

it("says so where a well should be empty, and goes away again", () => {
  const onClose = vi.fn();
  atTheBench(<ScannedWell job={aJob()} well="C4" onClose={onClose} />);
  expect(screen.getByText("should be empty")).toBeTruthy();
  fireEvent.click(named("button", "Done"));
  expect(onClose).toHaveBeenCalled();
});

it("names what lay there, and keeps a piece that nothing claims", async () => {
  const back = aPart("dial", { answer: anAnswer("dial", "BACK") });
  const job = aJob({ parts: [back] });
  atTheBench(<ScannedWell job={job} well="B1" onClose={() => undefined} />, job);
  expect(screen.getByText(/was there and is back: 3 × slotted screw/)).toBeTruthy();
  fireEvent.click(named("button", "Something lies there…"));
  fireEvent.change(screen.getByLabelText("What is in it"), { target: { value: "washer, 3 mm" } });
  fireEvent.click(named("button", "Belongs to nothing logged"));
  await waitFor(() =>
    expect(logged()).toMatchObject([
      { kind: "surplus", what: "washer, 3 mm", count: 1, kept: "found in well B1" },
    ]),
  );
});
