import { answering, atTheBench, logged, named, saying } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { beforeEach, expect, it } from "vitest";
import { aJob, called } from "../../testing/examples";
import { Clean } from "./Clean";

const WAY = {
  agent: "naphtha",
  agentLabel: "Naphtha",
  method: "brush",
  methodLabel: "brush",
  how: "soft",
  verdict: "OK",
  tableVerdict: "OK",
  reasons: [],
  firstOff: [],
  flashOffMinutes: 10,
  flammable: true,
  caution: "",
};
const CLEANING = {
  materials: ["brassSteel"],
  near: [{ part: "shutter blades", materials: ["blades"] }],
  note: "Little and often.",
  hot: [],
  ways: [
    WAY,
    {
      ...WAY,
      method: "flush",
      methodLabel: "flush",
      verdict: "NO",
      reasons: ["near it, “shutter blades”: dries on the blades"],
      firstOff: ["shutter blades"],
    },
  ],
};

const show = (cleaning: object) => {
  atTheBench(<Clean />);
  answering({
    "GET /api/jobs/R-0001/cleaning": cleaning,
    "GET /api/jobs/R-0001/made-of": { materials: ["brassSteel"], knownFrom: "GUESSED" },
    "GET /api/agents": [],
  });
};

const choose = async () => {
  fireEvent.change(await screen.findByLabelText("Part"), { target: { value: "retard train" } });
  fireEvent.click(named("button", "gummed train"));
};

beforeEach(() => localStorage.clear());

it("says with what and how, and logs it with the wait", async () => {
  show(CLEANING);
  await choose();
  expect(await screen.findByText("Little and often.")).toBeTruthy();
  expect(screen.getByText(/Near it and still in place: shutter blades/)).toBeTruthy();
  fireEvent.click(screen.getAllByRole("button", { name: saying("and wait 10 min") })[0]!);
  await waitFor(() => expect(logged()).toHaveLength(2));
  expect(logged()).toMatchObject([
    { kind: "cleaned", part: "retard train", soil: "gummedTrain", method: "brush", reason: "" },
    { kind: "waitStarted", minutes: 10 },
  ]);
});

it("asks for a reason where it harms what is near, and says what is better first off", async () => {
  show(CLEANING);
  await choose();
  expect(await screen.findByText("Better taken off first: shutter blades")).toBeTruthy();
  fireEvent.click(named("button", "Cleaned: Naphtha, flush"));
  fireEvent.change(screen.getByLabelText("Why it is right here anyway"), {
    target: { value: "blades masked" },
  });
  fireEvent.click(named("button", "Log it"));
  await waitFor(() => expect(logged()).toHaveLength(1));
  expect(logged()[0]).toMatchObject({ kind: "cleaned", method: "flush", reason: "blades masked" });
});

it("shows a caution before the first time of the day, keeps that it was shown, and flags what is hot", async () => {
  show({ ...CLEANING, hot: ["Heat pad of R-0070"], ways: [{ ...WAY, caution: "flammable" }] });
  await choose();
  expect(await screen.findByText(/Hot in the shop now: Heat pad of R-0070/)).toBeTruthy();
  fireEvent.click(named("button", "Cleaned: Naphtha, brush"));
  expect(logged()).toHaveLength(0);
  expect(screen.getByText("No flame.")).toBeTruthy();
  fireEvent.click(named("button", "Understood, log it"));
  await waitFor(() => expect(logged()).toHaveLength(2));
  expect(logged()[0]).toMatchObject({ kind: "cautionShown", caution: "flammable" });
});

it("counts the goes over a glass and says when to stop", async () => {
  show({ ...CLEANING, glass: { passes: 4, most: 4, bodyFirst: true } });
  await choose();
  expect(await screen.findByText("Stop: 4 passes.")).toBeTruthy();
  expect(screen.getByText(/Body first, then glass/)).toBeTruthy();
  fireEvent.click(named("button", "Leave the rest"));
  await waitFor(() => expect(logged()).toHaveLength(1));
  expect(logged()[0]).toMatchObject({ kind: "leftOpen", what: "gummed train, retard train" });
});

it("asks how a cleaned part runs dry", async () => {
  const done = {
    kind: "cleaned",
    part: "governor",
    agent: called("naphtha"),
    materials: [],
    verdict: "OK",
    reason: "",
  };
  const job = aJob();
  job.treat = {
    ...job.treat,
    cleaned: [
      {
        id: "c1",
        at: "2031-03-04T09:00:00Z",
        what: { ...done, kind: "cleaned", verdict: "OK", soil: "", method: "" },
      },
    ],
  };
  atTheBench(<Clean />, job);
  answering({ "GET /api/guess": { covers: false, materials: [] }, "GET /api/agents": [] });
  fireEvent.click(await screen.findByRole("button", { name: saying("sticks") }));
  await waitFor(() => expect(logged()).toHaveLength(1));
  expect(logged()[0]).toMatchObject({ kind: "runDry", part: "governor", result: "STICKS" });
});
