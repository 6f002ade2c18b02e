import { expect, it } from "vitest";
import { aJob, aPart } from "../../testing/examples";
import { lineHints } from "./lineHints";

it("shows lines that fit the stop, with this camera's own parts", () => {
  const job = aJob({ parts: [aPart("front plate"), aPart("speed ring")] });
  expect(lineHints(job, "REFIT")).toContain("back speed ring");
  expect(lineHints(job, "CLEAN")).toContain("clean speed ring naphtha");
  expect(lineHints(job, "INTAKE")).not.toContain("speed ring");
});

it("falls back on the stop that the work has reached", () => {
  const job = aJob();
  expect(lineHints(job, undefined)).toBe(lineHints(job, job.currentStop));
});
