import { aSource } from "../../testing/examples";
import { answering, inTheShop, logged, mayNot, named, Refusal, saying } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { expect, it } from "vitest";
import { Fits } from "./Fits";
import { Needs } from "./Needs";
import { Orders } from "./Orders";
import { ShelfLog } from "./ShelfLog";
import { Stock } from "./Stock";

const TWIN = { maker: "Pellworm", model: "Twin", pattern: "1st pattern" };
const ANY = { maker: "", model: "", pattern: "" };

const onShelf = (id: string, words: string, netMinor: number) =>
  aSource(id, { words, thing: { of: id, part: "" } }, netMinor);
const first = onShelf("a", "pinion A", 7000);
const second = onShelf("b", "pinion B", 5000);
const need = (tag: string, change: object) => ({
  need: { tag, part: "retard pinion" },
  what: "of 14 teeth",
  camera: "Pellworm Twin, 1st pattern",
  others: [],
  ...change,
});

it("shares out all needs at once, says where that is not a need's own best, and what it costs to insist", async () => {
  inTheShop(<Needs />);
  answering({
    "GET /api/needs": {
      needs: [
        need("R-0061", { got: second, bestAlone: first, others: [first] }),
        need("R-0062", { got: first, bestAlone: first, others: [second] }),
      ],
      netMinor: 12000,
      oneByOneMinor: 9500,
      exact: true,
      boundMinor: 12000,
      atBench: [],
    },
    "GET /api/needs/insisting": { costMinor: 2500 },
    "POST /api/logs/shelf/lines": { log: "shelf", lastSequence: 1 },
  });
  expect(await screen.findByText("€120.00")).toBeTruthy();
  expect(screen.getByText(/25.00 less/)).toBeTruthy();
  expect(screen.getByText(/not its own best/)).toBeTruthy();
  fireEvent.click(named("button", "What if we use this one?"));
  const costs = await screen.findByText(/That costs/);
  expect(costs.textContent).toContain("25.00");
  fireEvent.click(named("button", "Reserve this one"));
  await waitFor(() =>
    expect(logged()).toMatchObject([{ kind: "reserved", thing: { of: "a" }, forNeed: { tag: "R-0061" } }]),
  );
  fireEvent.click(named("button", "Reserve all 2"));
  await waitFor(() => expect(logged()).toHaveLength(3));
});

it("shows where a need is met, but no amounts, to people who may not see money", async () => {
  const unpriced = { ...first, worth: { terms: [] } };
  inTheShop(<Needs />);
  mayNot("MONEY");
  answering({
    "GET /api/needs": {
      needs: [need("R-0061", { got: unpriced, bestAlone: unpriced })],
      exact: false,
      atBench: [],
    },
  });
  expect(await screen.findAllByText("pinion A")).not.toHaveLength(0);
  expect(screen.queryByText(/Net value|NaN|€/)).toBeNull();
  expect(screen.getByRole("button", { name: "Reserve all 1" })).toBeTruthy();
});

const held = (number: number, name: string, left: number, change: object = {}) => ({
  held: {
    id: `s${number}`,
    number,
    left,
    kept: [],
    off: 0,
    stock: {
      name,
      madeFor: ANY,
      dimensions: "",
      condition: "NEW",
      place: "drawer 3",
      origin: "",
      costMinor: 0,
      least: 0,
      remark: "",
    },
    ...change,
  },
  words: name,
  free: left,
  low: false,
});

const stockPage = {
  rows: [held(4, "retard pinion", 2), held(5, "seal foam", 9)],
  found: 2,
  all: 2,
  low: 0,
  atBench: [],
};

it("counts down the list and logs only what was counted", async () => {
  inTheShop(<Stock />);
  answering({
    "GET /api/shelf/stock": stockPage,
    "POST /api/logs/shelf/lines": { log: "shelf", lastSequence: 1 },
  });
  fireEvent.click(await screen.findByRole("button", { name: "Count stock" }));
  fireEvent.change(named("textbox", /Count of seal foam/), { target: { value: "7" } });
  expect(screen.getByText(/2 missing, 9 recorded/)).toBeTruthy();
  fireEvent.click(named("button", "Log 1 counts"));
  await waitFor(() => expect(logged()).toEqual([{ kind: "stockCounted", stock: "s5", count: 7 }]));
});

it("puts something in, and keeps what was typed where it would not go", async () => {
  inTheShop(<Stock />);
  answering({
    "GET /api/shelf/stock": stockPage,
    "GET /api/models": [],
    "POST /api/logs/shelf/lines": new Refusal(400, {
      field: "place",
      detail: "The place is empty.",
      remedy: "Type a place.",
    }),
  });
  fireEvent.click(await screen.findByRole("button", { name: "Add stock" }));
  fireEvent.change(screen.getByLabelText("What it is"), { target: { value: "focus rack" } });
  fireEvent.click(named("button", "Add to the shelf"));
  await screen.findAllByText(/The place is empty/);
  expect(screen.getByLabelText<HTMLInputElement>("What it is").value).toBe("focus rack");
});

const order = (id: string, change: object = {}) => ({
  held: {
    id,
    at: "2031-03-01T08:00:00Z",
    state: "OPEN",
    end: "",
    what: {
      kind: "ordered",
      supplier: "Cobb",
      number: "T-101",
      name: "retard pinion",
      madeFor: TWIN,
      count: 1,
      priceMinor: 1450,
      days: 6,
      forNeed: { tag: "R-0061", part: "retard pinion" },
    },
  },
  dueAt: "2031-03-07T08:00:00Z",
  late: false,
  ...change,
});

it("sets what lies in a parcel beside what was ordered, and keeps a wrong part for nobody", async () => {
  inTheShop(<Orders />);
  answering({
    "GET /api/shelf/orders": [
      order("o1", {
        arrived: {
          number: "T-102",
          name: "retard pinion",
          madeFor: { ...TWIN, pattern: "2nd pattern" },
          dimensions: "15 teeth",
          priceMinor: 1450,
          days: 6,
        },
      }),
      order("o2"),
    ],
    "GET /api/shelf/catalogue": { supplier: "Cobb", found: [], all: 0 },
    "POST /api/logs/shelf/lines": { log: "shelf", lastSequence: 1 },
  });
  const parcel = await screen.findByRole("region", { name: "Arrived, to unpack" });
  expect(within(parcel).getByText(/2nd pattern, 15 teeth/)).toBeTruthy();
  fireEvent.click(named("button", "Wrong part"));
  await waitFor(() =>
    expect(logged()).toMatchObject([
      {
        kind: "unpacked",
        order: "o1",
        asOrdered: false,
        came: { madeFor: { pattern: "2nd pattern" }, place: "order tray" },
      },
    ]),
  );
});

it("shows how sure a fit is, and from what", async () => {
  inTheShop(<Fits />);
  answering({
    "GET /api/shelf/interchange": [
      {
        part: "focus rack",
        from: TWIN,
        into: { ...TWIN, pattern: "2nd pattern" },
        belief: {
          chance: 0.7,
          low: 0.45,
          high: 0.9,
          asIs: 0.75,
          fits: 4,
          tries: 5,
          indirect: [],
          stated: "",
        },
      },
    ],
    "GET /api/models": [],
  });
  expect(await screen.findByText(/fits in 4 of 5 tries here, 1 with work/)).toBeTruthy();
  expect(screen.getByText("70 %")).toBeTruthy();
});

it("strikes a line and says where a later one rests on it", async () => {
  inTheShop(<ShelfLog />);
  answering({
    "GET /api/logs/shelf/lines": [
      {
        id: "l1",
        sequence: 1,
        at: "2031-03-01T07:00:00Z",
        by: "Ada",
        words: "put in",
        entry: { kind: "stockCounted", stock: "s", count: 1 },
        aboutTheRecord: false,
      },
    ],
    "POST /api/logs/shelf/lines": new Refusal(409, {
      code: "restsOnIt",
      detail: "A later line depends on it.",
      remedy: "",
    }),
  });
  fireEvent.click(await screen.findByRole("button", { name: saying("Strike out…") }));
  fireEvent.change(screen.getByLabelText("Why do you strike it out?"), {
    target: { value: "counted twice" },
  });
  fireEvent.click(screen.getByRole("button", { name: saying("Strike out") }));
  expect(await screen.findByText(/A later line depends on it/)).toBeTruthy();
});
