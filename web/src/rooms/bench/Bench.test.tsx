import { answering, AWAY, inTheShop } from "../../testing/atTheBench";
import { fireEvent, screen, within } from "@testing-library/react";
import { expect, it } from "vitest";
import type { Schemas } from "../../api/client";
import { aHouse } from "../../testing/house";
import { Bench } from "./Bench";
import { atTheBeginning } from "./FirstSteps";

const summary = (tag: string, change: object = {}) => ({
  tag,
  maker: "Pellworm",
  model: "Twin",
  pattern: "2nd pattern",
  serial: "338120",
  family: "LEAF_LENS",
  owner: "Ada",
  complaint: "drags",
  cause: "",
  cameIn: "2031-03-01T09:00:00Z",
  minutes: 0,
  piecesOff: 0,
  lastSequence: 1,
  lastAt: "2031-03-01T09:00:00Z",
  trays: [],
  features: [],
  ...change,
});
const open = (tag: string, change: object = {}) => ({
  summary: summary(tag),
  currentStop: "STRIP",
  stops: [],
  steps: [],
  out: 0,
  minutes: 0,
  seated: false,
  needs: [],
  pressing: { kind: "NOTHING", why: "" },
  ...change,
});
const thing = (what: string, urgency = 1) => ({ stop: "STRIP", what, why: "it is ready", urgency });
const bench = (change: object = {}) =>
  ({
    now: "2031-03-04T09:00:00Z",
    waits: [],
    open: [],
    returned: 0,
    ...change,
  }) as unknown as Schemas["Bench"];
const show = (page: unknown) => {
  inTheShop(<Bench />);
  answering({ "GET /api/bench": page });
};

it("says what to do where nothing is on the bench any more", async () => {
  show(bench({ returned: 3 }));
  expect(await screen.findByText(/No cameras are on the bench/)).toBeTruthy();
  expect(screen.getByText("Nothing needs your hands right now.")).toBeTruthy();
});

const steps = async () =>
  within(await screen.findByRole("list", { name: "Three steps to the first part that comes off" }));

it("leads from an empty folder to the first part that comes off", async () => {
  show(bench());
  expect((await steps()).getByRole("link").getAttribute("href")).toBe("/new");
});

it("goes on with the step that comes next, and is gone once a part is off", async () => {
  show(bench({ open: [open("R-0001", { stops: [{ stop: "INTAKE", state: "DONE", note: "" }] })] }));
  expect((await steps()).getByRole("link", { name: "Take the first part off" }).getAttribute("href")).toBe(
    "/camera/R-0001/strip",
  );
  expect(atTheBeginning(bench({ open: [open("R-0001", { steps: [{ level: 0, kind: "READY" }] })] }))).toBe(
    false,
  );
});

it("offers the demo shop beside one's own, and none within the demo", async () => {
  inTheShop(<Bench />);
  answering({
    "GET /api/bench": bench(),
    "GET /api/house": { ...aHouse(), demo: false },
    "POST /api/demo": { port: 8431 },
  });
  fireEvent.click(await screen.findByRole("button", { name: "Set up the demo shop" }));
  const way = await screen.findByRole("link", { name: "Go to the demo shop" });
  expect(way.getAttribute("href")).toMatch(/:8431\/$/);
});

it("shows each camera with where it stands, how far it is open and what is next", async () => {
  const steps = [
    { level: 0, kind: "BACK" },
    { level: 1, kind: "NOT_YET" },
  ];
  show(
    bench({
      open: [
        open("R-0007", { steps, out: 1, minutes: 95, next: thing("Put back ring") }),
        open("R-0008", { currentStop: "INTAKE" }),
      ],
    }),
  );
  const first = within((await screen.findByText("R-0007")).closest("a")!);
  expect(first.getByText("1 of 2 parts still off")).toBeTruthy();
  expect(first.getByText("Put back ring")).toBeTruthy();
  expect(first.getByText("1 h 35 min")).toBeTruthy();
  const second = within(screen.getByText("R-0008").closest("a")!);
  expect(second.getByText("not opened")).toBeTruthy();
  expect(second.getByText("no work time yet")).toBeTruthy();
});

it("lets what is needed stand before what could be done", async () => {
  show(bench({ open: [open("R-0007", { needs: ["governor: pinion"], next: thing("Put back ring") })] }));
  expect(await screen.findByText("Needs governor: pinion")).toBeTruthy();
  expect(screen.queryByText("Put back ring")).toBeNull();
});

it("says in words that a promise is broken, not by its colour alone", async () => {
  show(
    bench({
      open: [
        open("R-0007", {
          summary: summary("R-0007", { promised: "2001-05-02" }),
          pressing: { kind: "LATE", why: "3 days late" },
        }),
        open("R-0008", { summary: summary("R-0008", { promised: "2999-05-02" }) }),
        open("R-0009"),
      ],
    }),
  );
  expect(await screen.findByText(/^late, was due /)).toBeTruthy();
  expect(screen.getByText("3 days late")).toBeTruthy();
  expect(screen.getByText(/^due /)).toBeTruthy();
  expect(screen.getByText("no date promised")).toBeTruthy();
});

it("says that the server is away where nothing can be shown", async () => {
  show(AWAY);
  expect(screen.queryByText("On the bench")).toBeNull();
});
