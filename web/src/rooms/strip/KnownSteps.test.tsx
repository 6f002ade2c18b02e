import { answering, atTheBench, logged, named } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import type { Schemas } from "../../api/client";
import { aJob, aMet } from "../../testing/examples";
import { KnownSteps } from "./KnownSteps";

const SCREWS: Schemas["Fastener"][] = [
  { kind: "SCREW", drive: "SLOTTED", head: "NOT_SAID", threadMm: 1.7, lengthMm: 3, count: 4, traits: [] },
];
const parts = ["dial", "hood", "shoe", "plate"].map((name) =>
  aMet(name, { fasteners: name === "dial" ? SCREWS : [] }, { care: name === "dial" }),
);

const learned = (change: Partial<Schemas["Known"]>): Schemas["Known"] => ({
  jobs: 9,
  ofFamily: false,
  next: [],
  parts: [],
  needless: [],
  leaveAlone: [],
  ...change,
});

it("takes the first step over as usual by one key, into the free well", async () => {
  const job = aJob({ freeWell: "B2" });
  atTheBench(<KnownSteps job={job} />, job);
  answering({ "GET /api/jobs/R-0001/known": learned({ next: ["dial", "hood", "shoe", "plate"], parts }) });
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
  answering({ "GET /api/jobs/R-0001/known": learned({ next: ["hood"], parts }) });
  await screen.findByText("hood");
  fireEvent.click(named("button", /Off/));
  await waitFor(() => expect(logged()).toMatchObject([{ kind: "removed", part: "hood", wells: [] }]));
});

it("shows nothing where nothing is known", async () => {
  const job = aJob();
  atTheBench(<KnownSteps job={job} />, job);
  answering({ "GET /api/jobs/R-0001/known": learned({ jobs: 0 }) });
  await waitFor(() => expect(screen.queryByText("Usually next")).toBeNull());
});

it("says that it comes from cameras of the kind where the model is new", async () => {
  const parts = [aMet("cover", { fasteners: [] })];
  atTheBench(<KnownSteps job={aJob()} />);
  answering({ "GET /api/jobs/R-0001/known": learned({ ofFamily: true, next: ["cover"], parts }) });
  expect(await screen.findByText(/This model is new here/)).toBeTruthy();
  expect(screen.getByText(/fasteners not known/)).toBeTruthy();
});

it("says what is better left alone, though nothing comes next", async () => {
  atTheBench(<KnownSteps job={aJob()} />);
  answering({
    "GET /api/jobs/R-0001/known": learned({
      needless: ["hood lock"],
      leaveAlone: [{ what: "two screws at the shaft", jobs: 2 }],
    }),
  });
  expect(await screen.findByText("two screws at the shaft")).toBeTruthy();
  expect(screen.getByText("hood lock")).toBeTruthy();
  expect(screen.queryByText("Usually next")).toBeNull();
});
