import { answering, inTheShop, logged, named, Refusal } from "../../testing/atTheBench";
import { queries } from "../../api/queries";
import { called } from "../../testing/examples";
import { aHouse } from "../../testing/house";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { beforeEach, expect, it } from "vitest";
import { KnownAdjusters } from "./KnownAdjusters";

const RETARD = {
  id: "retard-engagement",
  name: called("retard engagement"),
  travel: { unit: "EIGHTHS", least: -1, most: 1 },
  held: { lock: "SCREW", caution: "The plate drops.", triedWith: "", coverMinutes: 0 },
  speeds: [{ fromSeconds: 0.03, toSeconds: 0.3, effect: 0.9 }],
  moves: [],
  on: { families: ["LEAF_UNIT"], bodies: [] },
  why: "deeper is slower",
};
const RELEASE = {
  ...RETARD,
  id: "release-bar",
  name: called("release bar"),
  speeds: [],
  moves: [{ result: called("rebound"), effect: 1 }],
  on: { families: [], bodies: [] },
};
const result = (words: string) => ({
  name: called(words),
  unit: "",
  wanted: 0,
  tolerance: 1,
  measureSd: 0,
  tooLow: "too late",
  tooHigh: "too early",
  why: "heard",
});
const VIEW = {
  lastSequence: 7,
  book: { version: 1, results: [result("rebound"), result("B")], adjusters: [RETARD, RELEASE] },
  marks: [
    { label: "1/60", seconds: 1 / 60, fromSeconds: 0.012, toSeconds: 0.022 },
    { label: "1/30", seconds: 1 / 30, fromSeconds: 0.025, toSeconds: 0.045 },
    { label: "1/4", seconds: 0.25, fromSeconds: 0.19, toSeconds: 0.33 },
    { label: "1 s", seconds: 1, fromSeconds: 0.75, toSeconds: 1.3 },
  ],
  changed: ["retard-engagement", "rebound"],
};

const FAMILIES = [
  { value: "LEAF_UNIT", label: "leaf shutter" },
  { value: "FOCAL_CLOTH", label: "cloth focal-plane shutter" },
];

const changes = () => logged().flatMap((one) => (one.kind === "adjustersChanged" ? [one.changes] : []));
const open = async (name: RegExp) => fireEvent.click(await screen.findByRole("button", { name }));

beforeEach(() => {
  inTheShop(<KnownAdjusters />);
  const house = aHouse();
  queries.setQueryData(["house"], { ...house, words: { ...house.words, family: FAMILIES } });
  answering({
    "GET /api/adjusters": VIEW,
    "POST /api/logs/knowledge/lines": { log: "knowledge", lastSequence: 8 },
  });
});

it("lists what can be turned on a shutter, and what was changed here", async () => {
  expect(await screen.findByText(/2 known, 1 changed here/)).toBeTruthy();
  fireEvent.change(screen.getByLabelText("Shutter"), { target: { value: "FOCAL_CLOTH" } });
  expect(screen.queryByText("retard engagement")).toBeNull();
  expect(screen.getByText("release bar")).toBeTruthy();
});

it("changes one under its own name's id, and leaves what was not touched as it is", async () => {
  await open(/retard engagement/);
  expect(screen.getByLabelText<HTMLSelectElement>("From the fastest").selectedOptions[0].text).toBe("1/30");
  expect(screen.getByLabelText<HTMLSelectElement>("to the slowest").selectedOptions[0].text).toBe("1/4");
  fireEvent.change(screen.getByLabelText("Name"), { target: { value: "train depth" } });
  fireEvent.change(screen.getByLabelText("Inward limit"), { target: { value: "1,5" } });
  fireEvent.click(named("button", "Save"));
  await waitFor(() => expect(changes()).toHaveLength(1));
  expect(changes()[0]).toEqual({
    results: [],
    adjusters: [
      {
        ...RETARD,
        name: { id: RETARD.name.id, words: "train depth" },
        travel: { unit: "EIGHTHS", least: -1, most: 1.5 },
      },
    ],
  });
});

it("takes ranges of speeds and results away and adds them", async () => {
  await open(/release bar/);
  fireEvent.click(named("button", "Add a range of speeds"));
  fireEvent.change(screen.getByLabelText("to the slowest"), { target: { value: "1/4" } });
  fireEvent.change(screen.getByLabelText("rebound"), { target: { value: "0" } });
  fireEvent.change(screen.getByLabelText("Add a result"), {
    target: { value: VIEW.book.results[1].name.id },
  });
  fireEvent.click(named("button", "Save"));
  await waitFor(() => expect(changes()).toHaveLength(1));
  expect(changes()[0].adjusters[0]).toMatchObject({
    speeds: [{ fromSeconds: 0.012, toSeconds: 0.33, effect: 1 }],
    moves: [{ result: called("B"), effect: 1 }],
  });
});

it("adds one of the shop's own with a result that was not known", async () => {
  fireEvent.click(await screen.findByText("Add an adjuster…"));
  fireEvent.change(screen.getByLabelText("Name"), { target: { value: "scan governor" } });
  fireEvent.change(screen.getByLabelText("New result"), { target: { value: "measured" } });
  fireEvent.change(screen.getByLabelText("Which"), { target: { value: "scan" } });
  fireEvent.change(screen.getByLabelText("Tolerance, ±"), { target: { value: "2" } });
  fireEvent.click(named("button", "Save"));
  await waitFor(() => expect(changes()).toHaveLength(1));
  expect(changes()[0]).toMatchObject({
    results: [{ name: { words: "scan" }, tolerance: 2, why: "moved by the scan governor" }],
    adjusters: [
      { id: "own-scan-governor", moves: [{ result: { words: "scan" }, effect: 1 }], on: { families: [] } },
    ],
  });
});

it("resets one, and says why a change cannot be", async () => {
  await open(/retard engagement/);
  answering({
    "POST /api/logs/knowledge/lines": new Refusal(409, { detail: "“retard engagement” moves nothing." }),
  });
  fireEvent.click(named("button", "Reset"));
  expect((await screen.findByRole("alert")).textContent).toContain("moves nothing");
  answering({ "POST /api/logs/knowledge/lines": { log: "knowledge", lastSequence: 8 } });
  fireEvent.click(named("button", "Reset"));
  await waitFor(() =>
    expect(logged()).toContainEqual({ kind: "adjusterTakenBack", id: "retard-engagement" }),
  );
});
