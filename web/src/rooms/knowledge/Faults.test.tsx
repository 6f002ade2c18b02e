import { answering, inTheShop, logged, named, Refusal } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { beforeEach, expect, it } from "vitest";
import { Faults } from "./Faults";

const CAUSE = {
  id: "trainGummed",
  area: "leaf",
  words: "retard train gummed",
  prior: 14,
  why: "old oil",
  symptoms: { slowLate: 0.9 },
  calls: "clean",
  signature: "trainGummed",
  roots: ["old oil"],
  harms: [],
  formerly: [],
  bodies: [],
  advice: "",
};
const LOOK = {
  id: "whirr",
  area: "leaf",
  words: "listen to 1 s",
  seen: "uneven",
  minutes: 1,
  reach: "outside",
  risk: "",
  finds: { trainGummed: 0.85 },
  otherwise: 0.06,
};
const VIEW = {
  knowledge: {
    version: 2,
    none: 3,
    areas: [
      { id: "leaf", words: "leaf shutter", families: [] },
      { id: "meter", words: "meter", families: [] },
    ],
    symptoms: [
      { id: "slowLate", words: "slow speeds late", otherwise: 0.01, deniedBy: [] },
      { id: "sticksOpen", words: "stays open", otherwise: 0.01, deniedBy: [] },
    ],
    causes: [CAUSE, { ...CAUSE, id: "selDead", area: "meter", words: "selenium cell dead" }],
    looks: [LOOK],
  },
  changed: ["trainGummed"],
};

const changes = () => logged().flatMap((one) => (one.kind === "faultsChanged" ? [one.changes] : []));

beforeEach(() => {
  inTheShop(<Faults />);
  answering({
    "GET /api/faults": VIEW,
    "POST /api/logs/knowledge/lines": { log: "knowledge", lastSequence: 1 },
  });
});

it("lists causes and looks of a mechanism, and finds across all by a word", async () => {
  expect(await screen.findByText(/2 causes, 1 looks/)).toBeTruthy();
  expect(screen.queryByText("selenium cell dead")).toBeNull();
  fireEvent.change(screen.getByLabelText("Search causes and looks"), { target: { value: "selenium" } });
  expect(screen.getByText("selenium cell dead")).toBeTruthy();
});

it("changes a cause and a look, and takes a change back", async () => {
  fireEvent.click(await screen.findByText(/retard train gummed/));
  fireEvent.change(screen.getByLabelText(/How common/), { target: { value: "3,5" } });
  fireEvent.change(screen.getByLabelText("Add a symptom"), { target: { value: "sticksOpen" } });
  fireEvent.change(screen.getByLabelText("listen to 1 s"), { target: { value: "0.5" } });
  fireEvent.click(named("button", "Save"));
  await waitFor(() => expect(changes()).toHaveLength(1));
  expect(changes()[0]).toMatchObject({
    causes: [{ id: "trainGummed", prior: 3.5, symptoms: { slowLate: 0.9, sticksOpen: 0.7 } }],
    looks: [{ id: "whirr", finds: { trainGummed: 0.5 } }],
  });
  fireEvent.click(named("button", "Reset"));
  await waitFor(() => expect(logged()).toContainEqual({ kind: "faultTakenBack", id: "trainGummed" }));
  fireEvent.click(screen.getByText("listen to 1 s", { selector: "button" }));
  fireEvent.change(screen.getByLabelText(/Minutes, once/), { target: { value: "4" } });
  fireEvent.click(named("button", "Save"));
  await waitFor(() => expect(changes()).toHaveLength(2));
  expect(changes()[1]).toMatchObject({ looks: [{ id: "whirr", minutes: 4 }] });
});

it("says beside the form what is missing of a cause of one's own", async () => {
  answering({
    "POST /api/logs/knowledge/lines": new Refusal(400, {
      code: "field",
      field: "faults",
      detail: "No look distinguishes “odd cause” from the others.",
      remedy: "A cause needs a look.",
    }),
  });
  fireEvent.click(await screen.findByRole("button", { name: "Add a cause…" }));
  fireEvent.change(screen.getByLabelText("Cause"), { target: { value: "odd cause" } });
  fireEvent.change(screen.getByLabelText("Or a look of your own"), { target: { value: "turn it" } });
  fireEvent.click(named("button", "Save"));
  expect(await screen.findByText(/No look distinguishes/)).toBeTruthy();
  expect((screen.getByLabelText("Cause") as HTMLInputElement).value).toBe("odd cause");
});
