import { answering, atTheBench, logged } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import type { Schemas } from "../../api/client";
import { aJob, aMet, called } from "../../testing/examples";
import { LogLine } from "./LogLine";
import { KnownSteps } from "../strip";

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
  ofTheModel: [],
  leaveAlone: [],
  ...change,
});

const usual = (...names: string[]) => names.map((part) => ({ part, line: `off ${part}, top, covers` }));

it("puts the first step into the log line by one key, to be looked over and logged", async () => {
  const job = aJob();
  atTheBench(
    <>
      <KnownSteps job={job} />
      <LogLine job={job} />
    </>,
    job,
  );
  answering({
    "GET /api/jobs/R-0001/known": learned({ next: usual("dial", "hood", "shoe", "plate"), parts }),
    "POST /api/jobs/R-0001/read": { chips: [], entries: [], completions: [] },
  });
  expect(await screen.findByText("dial")).toBeTruthy();
  expect(screen.getAllByText(/care/)).toHaveLength(1);
  expect(screen.queryByText("plate"), "three are enough at once").toBeNull();
  const line = screen.getByRole<HTMLInputElement>("textbox", { name: "Log line" });
  fireEvent.change(line, { target: { value: "half typed" } });
  fireEvent.keyDown(document.body, { key: "k" });
  expect(line.value).toBe("off dial, top, covers");
  expect(document.activeElement).toBe(line);
  expect(logged(), "nothing is logged before Enter").toEqual([]);
  fireEvent.keyDown(line, { key: "ArrowUp" });
  expect(line.value, "what stood there is not lost").toBe("half typed");
  fireEvent.click(screen.getAllByRole("button", { name: /^Off/ })[1]);
  expect(line.value).toBe("off hood, top, covers");
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
  answering({ "GET /api/jobs/R-0001/known": learned({ ofFamily: true, next: usual("cover"), parts }) });
  expect(await screen.findByText(/This model is new here/)).toBeTruthy();
  expect(screen.getByText(/fasteners not known/)).toBeTruthy();
});

it("says what is better left alone, though nothing comes next", async () => {
  atTheBench(<KnownSteps job={aJob()} />);
  answering({
    "GET /api/jobs/R-0001/known": learned({
      needless: ["hood lock"],
      ofTheModel: [],
      leaveAlone: [{ what: called("two screws at the shaft"), jobs: 2 }],
    }),
  });
  expect(await screen.findByText("two screws at the shaft")).toBeTruthy();
  expect(screen.getByText("hood lock")).toBeTruthy();
  expect(screen.queryByText("Usually next")).toBeNull();
});
