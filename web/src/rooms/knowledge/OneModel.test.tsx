import { answering, inTheShop, logged, named } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { expect, it } from "vitest";
import type { Schemas } from "../../api/client";
import { aMet, called } from "../../testing/examples";
import { OneModel } from "./OneModel";

const on = (part: string, care = false, takes = "PT0S") => ({ part, care, takes });
const known = (change: Partial<Schemas["Model"]> = {}): Schemas["Model"] => ({
  lastSequence: 0,
  knowledge: {
    jobs: 4,
    parts: [
      aMet("dial", { jobs: 3, hazards: ["BALL"], loose: ["1 × ball"], remarks: ["tilt it"] }).part,
      aMet("cover").part,
    ],
    causes: [{ what: called("gummed slow train"), jobs: 3 }],
    batteries: [{ what: called("1.35 V cell"), jobs: 2 }],
    adjusters: [],
    looks: [],
    falseLeads: [],
    oilPoints: [],
    orderInDoubt: [],
    madeOf: {},
    procedures: [],
    ofTheModel: [],
    leaveAlone: [{ what: called("two screws at the shaft"), jobs: 1 }],
  },
  signs: {
    ranges: [{ pattern: "1st pattern", lowest: 100, highest: 900, cameras: 2 }],
    features: [{ text: "scale engraved", patterns: { "1st pattern": 2 } }],
  },
  ways: [
    {
      target: "dial",
      steps: [on("cover"), on("dial", true, "PT12M")],
      there: "PT20M",
      back: "PT30M",
      jobs: 3,
      others: [{ without: ["cover"], instead: ["front plate"], jobs: 1 }],
    },
    { target: "shoe", steps: [on("clip"), on("shoe")], there: "PT0S", back: "PT0S", jobs: 1, others: [] },
  ],
  responses: [],
  ...change,
});

it("shows the way down with its time, and where care is wanted", async () => {
  inTheShop(<OneModel />);
  answering({ "GET /api/models/one": known() });
  expect(await screen.findByText("20 min")).toBeTruthy();
  expect(screen.getByText("30 min")).toBeTruthy();
  const steps = within(screen.getByText("12 min").closest("ol")!).getAllByRole("listitem");
  expect(steps.map((step) => step.textContent)).toEqual(["cover", "dialcare12 min"]);
});

it("shows another way where that is asked for, and does not make up a time", async () => {
  inTheShop(<OneModel />);
  answering({ "GET /api/models/one": known() });
  fireEvent.change(await screen.findByLabelText("To reach"), { target: { value: "shoe" } });
  expect(screen.getByText(/How long it takes is not known yet; from 1 job\./)).toBeTruthy();
});

it("shows each part with what to beware of, and what it was in how many", async () => {
  inTheShop(<OneModel />);
  answering({ "GET /api/models/one": known() });
  expect(await screen.findByText(/loose: 1 × ball/)).toBeTruthy();
  expect(screen.getByText("“tilt it”")).toBeTruthy();
  expect(screen.getByText("gummed slow train")).toBeTruthy();
  expect(screen.getAllByText("3/4")).toHaveLength(2);
});

it("says how others got there, what tells the patterns and what to leave alone", async () => {
  inTheShop(<OneModel />);
  answering({ "GET /api/models/one": known() });
  expect(await screen.findByText(/left the cover on and took the front plate off instead/)).toBeTruthy();
  expect(screen.getByText(/2 numbers seen; scale engraved/)).toBeTruthy();
  expect(screen.getByText("two screws at the shaft")).toBeTruthy();
  expect(screen.getByText("1.35 V cell")).toBeTruthy();
});

it("says so where nothing was learned yet", async () => {
  inTheShop(<OneModel />);
  answering({
    "GET /api/models/one": known({
      knowledge: {
        jobs: 0,
        parts: [],
        causes: [],
        batteries: [],
        adjusters: [],
        looks: [],
        falseLeads: [],
        oilPoints: [],
        orderInDoubt: [],
        madeOf: {},
        procedures: [],
        ofTheModel: [],
        leaveAlone: [],
      },
      ways: [],
      signs: { ranges: [], features: [] },
    }),
  });
  expect(await screen.findByText("Nothing inside has been reached in a job yet.")).toBeTruthy();
  expect(screen.getByText("No cause has been confirmed yet.")).toBeTruthy();
});

it("keeps what is true of the model without a job, and takes it back", async () => {
  const truth = { id: "t-1", words: "pawl: its screw is left-hand" };
  inTheShop(<OneModel />);
  answering({
    "GET /api/models/one": known({
      knowledge: {
        ...known().knowledge,
        ofTheModel: [
          { what: truth, jobs: 0 },
          { what: called("dial first"), jobs: 2 },
        ],
      },
    }),
    "POST /api/logs/knowledge/lines": { log: "knowledge", lastSequence: 5 },
  });
  fireEvent.change(await screen.findByLabelText("What is true"), { target: { value: "red wire is plus" } });
  fireEvent.click(named("button", "Keep it"));
  await waitFor(() => expect(logged()).toHaveLength(1));
  expect(logged()[0]).toMatchObject({
    kind: "truthsStated",
    truths: { truths: [{ about: "", says: "red wire is plus", sure: true }] },
  });
  fireEvent.click(named("button", "Take back: pawl: its screw is left-hand"));
  await waitFor(() => expect(logged()[1]).toEqual({ kind: "truthTakenBack", id: "t-1" }));
});
