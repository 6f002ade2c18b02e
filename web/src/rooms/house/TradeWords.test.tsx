import { answering, inTheShop, logged, named, Refusal } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { TradeWords, type Opened } from "./TradeWords";
import type { Tables } from "./tables";

const lists: Tables["lists"] = {
  version: 1,
  words: [{ id: "moving", label: "Moving parts", words: ["train", "cam"] }],
  functions: [
    {
      id: "tlr",
      label: "twin-lens reflex",
      bodies: ["TLR"],
      functions: [{ id: "viewing-lens", words: "Viewing lens" }],
    },
  ],
  cells: [{ id: "silver", label: "silver oxide cell", freshVolts: 1.55, spentVolts: 1.5, note: "flat" }],
  rungs: [
    {
      id: "firm-driver",
      label: "right driver",
      how: "press hard",
      risk: "a marred slot",
      waitMinutes: 0,
      irreversible: false,
      on: "ANY" as const,
    },
  ],
  nouns: [{ topic: "drive", means: "SLOTTED", words: ["slot"] }],
};
const noun = (means: string, label: string, words: string[]) => ({
  id: `drive.${means}`,
  noun: { topic: "drive", means, words },
  label,
  about: "drive",
});
const tables = {
  lists,
  nouns: [noun("SLOTTED", "slotted", ["slot"]), noun("CROSS", "cross", [])],
  changed: ["moving"],
  differences: [],
  waits: [],
  taught: [{ id: "condition.wonky", phrase: "wonky", as: "CONDITION", line: "lever wonky" }],
  lastSequence: 4,
} as unknown as Tables;

let asked: (Opened | undefined)[] = [];
const show = (opened?: Opened) => {
  asked = [];
  inTheShop(<TradeWords tables={tables} opened={opened} onOpen={(next) => asked.push(next)} />);
  answering({
    "GET /api/tables": tables,
    "POST /api/logs/house/lines": { log: "house", lastSequence: 5 },
  });
};
const save = () => fireEvent.click(named("button", "Save"));
const changes = () => logged().map((one) => (one.kind === "listsChanged" ? one.changes : one));

it("shows every list with what stands in it, and opens an entry", () => {
  show();
  expect(screen.getByText("Choose an entry to change it.")).toBeTruthy();
  fireEvent.click(named("button", /silver oxide cell.*1.55 to 1.5 V/));
  expect(asked).toEqual([{ list: "cells", id: "silver" }]);
});

it("keeps the words of a list, and takes a change back", async () => {
  show({ list: "words", id: "moving" });
  fireEvent.change(screen.getByLabelText("Words, separated by commas"), {
    target: { value: "train, cam,\nslide" },
  });
  save();
  await waitFor(() =>
    expect(changes()).toMatchObject([{ words: [{ id: "moving", words: ["train", "cam", "slide"] }] }]),
  );
  fireEvent.click(named("button", "Reset"));
  await waitFor(() => expect(changes()[1]).toMatchObject({ kind: "listTakenBack", id: "moving" }));
});

it("lets a function that was there keep its id beside a new one", async () => {
  show({ list: "functions", id: "tlr" });
  fireEvent.change(screen.getByLabelText("Functions, separated by commas"), {
    target: { value: "Viewing lens, Crank" },
  });
  save();
  await waitFor(() => expect(changes()).toHaveLength(1));
  expect(changes()).toMatchObject([
    { functions: [{ functions: [{ id: "viewing-lens" }, { words: "Crank" }] }] },
  ]);
});

it("adds a rung of the shop's own under an id of its own", async () => {
  show({ list: "rungs", id: "new" });
  fireEvent.change(screen.getByLabelText("Method"), { target: { value: "Ultrasound" } });
  fireEvent.change(screen.getByLabelText("Minutes it needs to act"), { target: { value: "10" } });
  save();
  await waitFor(() =>
    expect(changes()).toMatchObject([
      { rungs: [{ id: "own-ultrasound", label: "Ultrasound", waitMinutes: 10, irreversible: false }] },
    ]),
  );
  expect(asked).toEqual([{ list: "rungs", id: "own-ultrasound" }]);
});

it("says why a cell cannot be, and keeps what was typed", async () => {
  show({ list: "cells", id: "silver" });
  answering({
    "POST /api/logs/house/lines": new Refusal(422, {
      detail: "The cell is spent at 2 V and fresh at 1.55 V.",
    }),
  });
  fireEvent.change(screen.getByLabelText("Spent, V"), { target: { value: "2" } });
  save();
  expect((await screen.findByRole("alert")).textContent).toContain("spent at 2 V");
  expect(screen.getByLabelText<HTMLInputElement>("Spent, V").value).toBe("2");
});

it("changes what the log line understands, and shows choices that have no word yet", async () => {
  show();
  fireEvent.click(named("button", /slotted · drive.*slot/));
  expect(asked).toEqual([{ list: "nouns", id: "drive.SLOTTED" }]);
  expect(named("button", /cross · drive.*no word/)).toBeTruthy();
});

it("keeps a noun under its topic and meaning", async () => {
  show({ list: "nouns", id: "drive.SLOTTED" });
  fireEvent.change(screen.getByLabelText(/Words in the log line/), { target: { value: "slot, Blade" } });
  save();
  await waitFor(() =>
    expect(changes()).toMatchObject([
      { words: [], nouns: [{ topic: "drive", means: "SLOTTED", words: ["slot", "Blade"] }] },
    ]),
  );
});

it("shows what the log line learned, and forgets it by a press", async () => {
  show();
  expect(screen.getByText("“wonky” is condition")).toBeTruthy();
  fireEvent.click(named("button", "Take back: wonky"));
  await waitFor(() => expect(logged()).toEqual([{ kind: "wordTakenBack", id: "condition.wonky" }]));
});
