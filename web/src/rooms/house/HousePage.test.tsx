import { answering, inTheShop, logged, named, Refusal } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { aHouse } from "../../testing/house";
import { HousePage } from "./HousePage";
import { WellLabels } from "./WellLabels";

const STORED = { log: "house", lastSequence: 1 };
const save = () => fireEvent.click(named("button", "Save"));

it("changes how the house works: people one a line, figures with a comma", async () => {
  inTheShop(<HousePage />);
  answering({ "POST /api/logs/house/lines": STORED });
  fireEvent.change(screen.getByLabelText("Who may sign, one per line"), {
    target: { value: "Ada\n\nMei\n" },
  });
  fireEvent.change(screen.getByLabelText("Look-alikes: length difference up to, mm"), {
    target: { value: "0,5" },
  });
  save();
  await waitFor(() =>
    expect(logged()).toEqual([
      { kind: "lookAlikesSet", withinMm: 0.5 },
      { kind: "peopleSet", people: ["Ada", "Mei"] },
    ]),
  );
});

it("says beside the field what cannot be, and keeps what was typed", async () => {
  inTheShop(<HousePage />);
  answering({
    "POST /api/logs/house/lines": new Refusal(422, {
      field: "trayRows",
      detail: "A tray has 1 to 12 rows, not 99.",
    }),
  });
  const rows = screen.getByLabelText<HTMLInputElement>("Rows of tray 1");
  fireEvent.change(rows, { target: { value: "99" } });
  save();
  expect(await screen.findAllByText(/1 to 12 rows/)).not.toHaveLength(0);
  expect(rows.value).toBe("99");
  expect(rows.getAttribute("aria-invalid")).toBe("true");
});

it("has as many trays as the shop has, each with its own shape", async () => {
  inTheShop(<HousePage />);
  answering({ "POST /api/logs/house/lines": STORED });
  fireEvent.click(named("button", /Add a tray: its wells are 2A1/));
  fireEvent.change(screen.getByLabelText("Mark of tray 2"), { target: { value: "lidded" } });
  fireEvent.change(screen.getByLabelText("Rows of tray 2"), { target: { value: "3" } });
  save();
  await waitFor(() =>
    expect(logged()).toEqual([
      {
        kind: "traysSet",
        trays: [
          { name: "", rows: 4, columns: 6 },
          { name: "lidded", rows: 3, columns: 6 },
        ],
      },
    ]),
  );
  fireEvent.click(named("button", "Remove tray 2"));
  expect(screen.queryByLabelText("Rows of tray 2")).toBeNull();
});

it("can leave the owner unasked", async () => {
  inTheShop(<HousePage />);
  answering({ "POST /api/logs/house/lines": STORED });
  fireEvent.click(screen.getByLabelText("Ask the owner before anything that cannot be undone"));
  save();
  await waitFor(() => expect(logged()).toEqual([{ kind: "ownerAskedFirstSet", asked: false }]));
});

it("prints labels for one tray or for all, on the sheet that is chosen", async () => {
  const house = aHouse();
  house.practice.trays = [...house.practice.trays, { name: "lidded", rows: 2, columns: 3 }];
  inTheShop(<WellLabels trays={house.practice.trays} />);
  answering({
    "GET /api/labels/sheets": [
      { id: "a4-plain", label: "plain A4" },
      { id: "letter-30", label: "Letter, 30" },
    ],
  });
  const link = named("link", "Print labels");
  expect(link.getAttribute("href")).toBe("/api/labels/wells.pdf?sheet=a4-plain&tray=0");
  await screen.findByText("Letter, 30");
  fireEvent.change(screen.getByLabelText("Labels for"), { target: { value: "2" } });
  fireEvent.change(screen.getByLabelText("Well labels on"), { target: { value: "letter-30" } });
  expect(link.getAttribute("href")).toBe("/api/labels/wells.pdf?sheet=letter-30&tray=2");
});

it("changes the money it reckons in without touching what time costs", async () => {
  inTheShop(<HousePage />);
  answering({ "POST /api/logs/house/lines": STORED });
  const hour = screen.getByLabelText<HTMLInputElement>("Labour rate per hour");
  expect(hour.disabled).toBe(false);
  expect(screen.queryByText(/does not convert amounts/)).toBeNull();
  fireEvent.change(screen.getByLabelText("Currency"), { target: { value: "JPY" } });
  // an amount typed now would be read in the old currency
  expect(hour.disabled).toBe(true);
  expect(screen.getByText(/40.00 EUR becomes 4,000 JPY/)).toBeTruthy();
  save();
  await waitFor(() =>
    expect(logged()).toEqual([{ kind: "currencyChosen", money: { currency: "JPY", locale: "en-IE" } }]),
  );
});
