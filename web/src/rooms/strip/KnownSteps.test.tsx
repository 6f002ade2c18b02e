import { answering, atTheBench, logged, named } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { aJob, aMet } from "../../testing/examples";
import { KnownSteps } from "./KnownSteps";

const SCREWS = [
  { kind: "SCREW", drive: "SLOTTED", head: "NOT_SAID", threadMm: 1.7, lengthMm: 3, count: 4, traits: [] },
] as const;
const parts = ["dial", "hood", "shoe", "plate"].map((name) =>
  aMet(name, { fasteners: name === "dial" ? [...SCREWS] : [] }, { care: name === "dial" }),
);

it("takes the first step over as usual by one key, into the free well", async () => {
  const job = aJob({ freeWell: "B2" });
  atTheBench(<KnownSteps job={job} />, job);
  answering({ "GET /api/jobs/R-0001/known": { jobs: 9, next: ["dial", "hood", "shoe", "plate"], parts } });
  expect(await screen.findByText("dial")).toBeTruthy();
  expect(screen.getAllByText(/care/)).toHaveLength(1);
  expect(screen.queryByText("plate"), "three are enough at once").toBeNull();
  fireEvent.keyDown(document.body, { key: "k" });
  await waitFor(() =>
    expect(logged()).toMatchObject([{ kind: "removed", part: "dial", fasteners: SCREWS, wells: ["B2"] }]),
  );
});

it("takes another step over by its button, without a well where nothing needs one", async () => {
  const job = aJob({ freeWell: "B2" });
  atTheBench(<KnownSteps job={job} />, job);
  answering({ "GET /api/jobs/R-0001/known": { jobs: 9, next: ["hood"], parts } });
  await screen.findByText("hood");
  fireEvent.click(named("button", /Off/));
  await waitFor(() => expect(logged()).toMatchObject([{ kind: "removed", part: "hood", wells: [] }]));
});

it("shows nothing where nothing is known", async () => {
  const job = aJob();
  atTheBench(<KnownSteps job={job} />, job);
  answering({ "GET /api/jobs/R-0001/known": { jobs: 0, next: [], parts: [] } });
  await waitFor(() => expect(screen.queryByText("Usually next")).toBeNull());
});
