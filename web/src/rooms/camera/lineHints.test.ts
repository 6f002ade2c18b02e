import { expect, it } from "vitest";
import { aJob, aPart } from "../../testing/examples";
import { lineHints } from "./lineHints";

it("shows lines that fit the stop, with this camera's own parts", () => {
  const job = aJob({ parts: [aPart("front plate"), aPart("speed ring")] });
  expect(lineHints(job, "REFIT")).toContain("back speed ring");
  expect(lineHints(job, "MEND")).toContain("mend speed ring");
  expect(lineHints(job, "INTAKE")).not.toContain("speed ring");
});

it("names no agent and no lubricant beside a part that was not cleaned here", () => {
  const job = aJob({ parts: [aPart("taking lens")] });
  expect(lineHints(job, "CLEAN") + lineHints(job, "OIL")).not.toContain("taking lens");
});

it("falls back on the stop that the work has reached", () => {
  const job = aJob();
  expect(lineHints(job, undefined)).toBe(lineHints(job, job.currentStop));
});
