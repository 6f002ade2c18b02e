import { answering, inTheShop, logged, mayNot, named, Refusal } from "../../testing/atTheBench";
import { aSource } from "../../testing/examples";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import type { StockRow } from "../../api/shelf";
import { OneStock } from "./OneStock";

const row = (held: object = {}, stock: object = {}): StockRow => ({
  held: {
    id: "s1",
    number: 12,
    left: 3,
    kept: [],
    off: 0,
    stock: {
      name: "retard pinion",
      madeFor: { maker: "Pellworm", model: "Twin", pattern: "" },
      dimensions: "",
      condition: "USED",
      place: "drawer 3",
      origin: "",
      costMinor: 0,
      least: 0,
      remark: "",
      picture: "",
      ...stock,
    },
    ...held,
  },
  words: "retard pinion for Pellworm Twin",
  free: 2,
  low: false,
});
const need = (tag: string, change: object = {}) => ({
  need: { tag, part: "retard pinion" },
  what: "",
  camera: "Pellworm Twin",
  others: [],
  ...change,
});
const show = (one: StockRow, needs: object[] = []) => {
  inTheShop(<OneStock row={one} />);
  answering({
    "GET /api/needs": { needs, netMinor: 0, oneByOneMinor: 0, exact: true, boundMinor: 0, atBench: [] },
    "GET /api/models": [],
    "POST /api/logs/shelf/lines": { log: "shelf", lastSequence: 2 },
  });
};

it("says where it lies, what it cost, and what a count found missing", () => {
  show(
    row(
      { counted: "2031-03-01T09:00:00Z", off: -2 },
      { origin: "a dead Twin", costMinor: 900, remark: "check its teeth" },
    ),
  );
  expect(screen.getByText(/drawer 3/).textContent).toMatch(/from a dead Twin · .*9.* each/);
  expect(screen.getByText("“check its teeth”")).toBeTruthy();
  expect(screen.getByText(/2 missing/)).toBeTruthy();
});

it("offers it first to the camera that it suits, keeps one and takes one", async () => {
  const suits = aSource("stock s1", {}, 5000);
  show(row(), [need("R-0002"), need("R-0003", { others: [suits] })]);
  await waitFor(() =>
    expect(screen.getByLabelText<HTMLSelectElement>("For which camera").options[0].text).toContain("R-0003"),
  );
  fireEvent.click(named("button", "Reserve one"));
  await waitFor(() =>
    expect(logged()).toMatchObject([
      { kind: "reserved", thing: { of: "s1", part: "" }, forNeed: { tag: "R-0003" }, count: 1 },
    ]),
  );
  fireEvent.change(screen.getByLabelText("For which camera"), {
    target: { value: "R-0002 retard pinion" },
  });
  fireEvent.click(named("button", "Take one"));
  await waitFor(() => expect(logged()[1]).toMatchObject({ kind: "taken", forNeed: { tag: "R-0002" } }));
});

it("offers nothing where nothing is left", async () => {
  show(row({ left: 0 }), [need("R-0002")]);
  expect(await screen.findByText("Add to stock")).toBeTruthy();
  expect(screen.queryByLabelText("For which camera")).toBeNull();
});

it("releases what was kept, and refills", async () => {
  show(row({ kept: [{ forNeed: { tag: "R-0009", part: "retard pinion" }, count: 1 }] }));
  fireEvent.click(named("button", "Release"));
  await waitFor(() =>
    expect(logged()).toMatchObject([{ kind: "released", forNeed: { tag: "R-0009", part: "retard pinion" } }]),
  );
  fireEvent.change(screen.getByLabelText("Quantity received"), { target: { value: "5" } });
  fireEvent.change(screen.getByLabelText("Source"), { target: { value: "Cobb" } });
  fireEvent.click(named("button", "Add to stock"));
  await waitFor(() =>
    expect(logged()[1]).toEqual({ kind: "stockRefilled", stock: "s1", count: 5, origin: "Cobb" }),
  );
});

it("says why the last one cannot be taken twice", async () => {
  show(row(), [need("R-0002")]);
  await screen.findByLabelText("For which camera");
  answering({
    "POST /api/logs/shelf/lines": new Refusal(409, {
      detail: "The last “retard pinion” was taken a moment ago.",
      remedy: "Look for another.",
    }),
  });
  fireEvent.click(named("button", "Take one"));
  expect((await screen.findByRole("alert")).textContent).toContain("taken a moment ago");
});

it("opens the form of what it is", () => {
  show(row());
  fireEvent.click(named("button", "Edit description…"));
  expect(screen.getByLabelText<HTMLInputElement>("What it is").value).toBe("retard pinion");
});

it("offers to edit the description only to people who may see prices", async () => {
  show(row());
  expect(screen.getByRole("button", { name: "Edit description…" })).toBeTruthy();
  mayNot("MONEY");
  await waitFor(() => expect(screen.queryByRole("button", { name: "Edit description…" })).toBeNull());
  expect(screen.getByRole("link", { name: "Label" })).toBeTruthy();
});
