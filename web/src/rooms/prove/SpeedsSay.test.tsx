import { answering, atTheBench, logged, named } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { expect, test } from "vitest";
import type { JobView } from "../../api/client";
import { aJob } from "../../testing/examples";
import { readMeans } from "../knowledge";
import { FaultMapPanel } from "./FaultMapPanel";
import { SpeedsSay } from "./SpeedsSay";
import { oddsWords } from "../../ui/Odds";

const timed = { ...aJob().prove, timed: [{} as JobView["prove"]["timed"][number]] };
const job = aJob({ prove: timed });
const PATTERN = {
  phase: "BEFORE",
  firings: 37,
  says: {
    sentence: "1 to 1/15 late by 0.6 EV and scattered; 1/30 to 1/500 near.",
    causes: [
      {
        id: "trainGummed",
        name: "retard train gummed",
        probability: 0.71,
        shows: "late",
        why: "for it: scatter",
      },
      {
        id: "trainTooDeep",
        name: "retard train too deep",
        probability: 0.25,
        shows: "late",
        why: "against it",
      },
      { id: "healthy", name: "healthy", probability: 0.004, shows: "near", why: "" },
    ],
    worthNaming: 2,
    settled: false,
    toTellApart: "Fire 1/8 five times with the lens down.",
  },
};

test("names the causes worth naming, says why, and keeps them as evidence", async () => {
  atTheBench(<SpeedsSay job={job} />, job);
  answering({ "GET /api/jobs/R-0001/pattern": PATTERN });
  expect(await screen.findByText(/late by 0.6 EV and scattered/)).toBeTruthy();
  expect(screen.getByText("71 %")).toBeTruthy();
  expect(screen.queryByText("healthy")).toBeNull();
  expect(screen.getByText(/Fire 1\/8 five times/)).toBeTruthy();

  fireEvent.click(named("button", /retard train gummed/));
  expect(screen.getByText("for it: scatter")).toBeTruthy();

  fireEvent.click(named("button", "Save as evidence"));
  await waitFor(() => expect(logged()).toHaveLength(1));
  expect(logged()[0]).toMatchObject({
    kind: "patternRead",
    firings: 37,
    likely: [{ cause: "trainGummed", words: "retard train gummed", probability: 0.71 }, {}, {}],
  });
});

test("asks for speeds where too few were timed", async () => {
  atTheBench(<SpeedsSay job={job} />, job);
  answering({ "GET /api/jobs/R-0001/pattern": null });
  expect(await screen.findByText(/Time at least three speeds/)).toBeTruthy();
});

test("odds are never none and never all", () => {
  expect([0.0001, 0.034, 0.5, 0.9999].map(oddsWords)).toEqual(["< 1 %", "3 %", "50 %", "> 99 %"]);
});

test("the map shows misses by speed and attitude, and what was done between", async () => {
  const cell = (...missed: boolean[]) => ({
    missed: missed.map((one, index) => ({ errorEv: one ? 1.6 : 0.1, missed: one, afterRest: index === 0 })),
    missRate: missed.filter((one) => one).length / missed.length,
  });
  atTheBench(<FaultMapPanel job={job} />, job);
  answering({
    "GET /api/jobs/R-0001/fault-map": {
      speeds: ["1", "1/2"],
      misses: 1,
      firings: 5,
      columns: [
        {
          at: "2031-03-04T08:00:00Z",
          phase: "BEFORE",
          attitude: "LEVEL",
          done: [],
          cells: { "1": cell(true, false) },
        },
        {
          at: "2031-03-04T09:00:00Z",
          phase: "BEFORE",
          attitude: "LENS_DOWN",
          done: ["cleaned train with naphtha"],
          cells: { "1": cell(false), "1/2": cell(false, false) },
        },
      ],
    },
  });
  const table = await screen.findByRole("table");
  expect(within(table).getByText("1 of 2 missed")).toBeTruthy();
  expect(within(table).getByText("after A")).toBeTruthy();
  expect(screen.getByText("cleaned train with naphtha")).toBeTruthy();
});

test("speeds that mean something else are read by pieces", () => {
  expect(readMeans("1/60 = 0,0167, 1/300=0.0033 s")).toEqual({ "1/60": 0.0167, "1/300": 0.0033 });
  expect(readMeans("")).toEqual({});
  expect(readMeans("1/60")).toEqual({ "1/60": 0 });
});
