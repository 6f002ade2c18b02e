import { atTheBench } from "../../testing/atTheBench";
import { screen } from "@testing-library/react";
import { expect, it } from "vitest";
import { aJob, aPart } from "../../testing/examples";
import { Intake } from "./Intake";

const asked = () => screen.queryByText(/Time it before you open it/) !== null;

it("asks for the speeds before the camera is opened, and leads to where they are taken", () => {
  const job = aJob();
  atTheBench(<Intake />, job);
  expect(asked()).toBe(true);
  expect(screen.getByText("Measure on the stand").getAttribute("href")).toBe("/camera/R-0001/stand");
  expect(screen.getByText("Type the times").getAttribute("href")).toBe("/camera/R-0001/prove");
});

it("does not ask once it is open and nothing was timed", () => {
  atTheBench(<Intake />, aJob({ parts: [aPart("cover")] }));
  expect(asked()).toBe(false);
});

it("shows the lens that was typed at check-in", () => {
  const job = aJob();
  job.intake.received!.lens = "Aurelith 75/3.5";
  atTheBench(<Intake />, job);
  expect(screen.getByText("Aurelith 75/3.5")).toBeTruthy();
});
