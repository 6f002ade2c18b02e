import { atTheBench, named } from "../../testing/atTheBench";
import { fireEvent, screen } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import { aJob, aPart } from "../../testing/examples";
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

it("says so where a well is empty, and goes away again", () => {
  const onClose = vi.fn();
  atTheBench(<ScannedWell job={aJob()} well="C4" onClose={onClose} />);
  expect(screen.getByText("is empty")).toBeTruthy();
  fireEvent.click(named("button", "Done"));
  expect(onClose).toHaveBeenCalled();
});
