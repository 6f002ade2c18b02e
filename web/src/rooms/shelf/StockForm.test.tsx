import { answering, inTheShop, logged, named, Refusal } from "../../testing/atTheBench";
import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import type { StockRow } from "../../api/shelf";
import { StockForm } from "./StockForm";

const row = {
  held: {
    id: "s1",
    number: 12,
    left: 3,
    keeps: [],
    stock: {
      name: "retard pinion",
      madeFor: { maker: "Pellworm", model: "Twin", pattern: "" },
      dimensions: "14 teeth",
      condition: "USED",
      place: "drawer 3",
      origin: "",
      costMinor: 900,
      least: 2,
      remark: "",
    },
  },
  words: "retard pinion",
} as unknown as StockRow;

const show = (one?: StockRow) => {
  const done = vi.fn();
  inTheShop(<StockForm row={one} onDone={done} />);
  answering({
    "GET /api/models": [],
    "POST /api/logs/shelf/lines": { log: "shelf", lastSequence: 7 },
  });
  return done;
};
const type = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });

it("puts a part in its place with its cost in minor units and how many there are", async () => {
  const done = show();
  type("What it is", "detent ball");
  type("Place", "tin 2");
  type("Cost each", "0,50");
  type("Quantity", "20");
  type("Reorder below", "5");
  fireEvent.click(named("button", "Add to the shelf"));
  await waitFor(() => expect(done).toHaveBeenCalled());
  expect(logged()).toMatchObject([
    {
      kind: "stockAdded",
      count: 20,
      stock: { name: "detent ball", place: "tin 2", costMinor: 50, least: 5, condition: "USED" },
    },
  ]);
  expect(logged()[0]).not.toHaveProperty("stock.hardware");
});

it("describes a screw by its size instead of by its name", async () => {
  show();
  expect(screen.queryByLabelText("Thread, mm")).toBeNull();
  fireEvent.click(screen.getByLabelText("Hardware (screw, nut or ring), named by its size"));
  type("Thread, mm", "1,4");
  type("Length, mm", "3");
  fireEvent.click(named("button", "Add to the shelf"));
  await waitFor(() =>
    expect(logged()).toMatchObject([
      { stock: { hardware: { kind: "SCREW", drive: "SLOTTED", threadMm: 1.4, lengthMm: 3, count: 1 } } },
    ]),
  );
});

it("does not send a size that is no number", async () => {
  show();
  fireEvent.click(screen.getByLabelText("Hardware (screw, nut or ring), named by its size"));
  type("Thread, mm", "M1.4");
  fireEvent.click(named("button", "Add to the shelf"));
  expect(await screen.findByText(/“M1.4” is not a number/)).toBeTruthy();
  expect(logged()).toEqual([]);
});

it("edits the description and keeps the count", async () => {
  const done = show(row);
  expect(screen.queryByLabelText("Quantity")).toBeNull();
  expect(screen.getByLabelText<HTMLInputElement>("Cost each").value).toBe("9.00");
  type("Place", "drawer 4");
  fireEvent.click(named("button", "Save"));
  await waitFor(() => expect(done).toHaveBeenCalledWith("s1"));
  expect(logged()).toMatchObject([
    {
      kind: "stockDescribed",
      stock: "s1",
      as: { place: "drawer 4", dimensions: "14 teeth", costMinor: 900 },
    },
  ]);
});

it("keeps what was typed where the shelf will not have it", async () => {
  const done = show();
  answering({
    "POST /api/logs/shelf/lines": new Refusal(400, {
      field: "place",
      detail: "The place is empty.",
      remedy: "Type a place.",
    }),
  });
  type("What it is", "detent ball");
  fireEvent.click(named("button", "Add to the shelf"));
  expect(await screen.findByText("The place is empty. Type a place.")).toBeTruthy();
  expect(screen.getByLabelText<HTMLInputElement>("What it is").value).toBe("detent ball");
  expect(done).not.toHaveBeenCalled();
});

it("drops what was half typed with Cancel", () => {
  show();
  fireEvent.change(screen.getByLabelText("What it is"), { target: { value: "pawl" } });
  cleanup();
  show();
  expect(screen.getByLabelText<HTMLInputElement>("What it is").value).toBe("pawl");
  fireEvent.click(named("button", "Cancel"));
  cleanup();
  show();
  expect(screen.getByLabelText<HTMLInputElement>("What it is").value).toBe("");
});
