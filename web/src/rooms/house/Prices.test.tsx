import { answering, inTheShop, logged } from "../../testing/atTheBench";
import { somePricing } from "../../testing/accounts";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { Prices } from "./Prices";

const show = () => {
  inTheShop(<Prices />);
  answering({
    "GET /api/accounts": {
      lastSequence: 0,
      today: "2031-03-20",
      pricing: somePricing(),
      open: [],
      deposits: [],
      papers: [],
      all: 0,
    },
    "POST /api/logs/house/lines": { log: "house", lastSequence: 5 },
  });
};

it("saves each part of the prices by itself", async () => {
  show();
  fireEvent.change(await screen.findByLabelText("Rate, %"), { target: { value: "13,5" } });
  fireEvent.click(screen.getByRole("button", { name: "Save: Taxes" }));
  await waitFor(() => expect(logged()).toHaveLength(1));
  expect(logged()[0]).toMatchObject({
    kind: "taxesSet",
    taxes: { rates: [{ id: "vat", hundredths: 1350 }] },
  });
  fireEvent.change(screen.getByLabelText("Price"), { target: { value: "30" } });
  fireEvent.click(screen.getByRole("button", { name: "Save: Fixed prices" }));
  await waitFor(() => expect(logged()).toHaveLength(2));
  expect(logged()[1]).toMatchObject({ kind: "fixedPricesSet", fixed: [{ id: "look", minor: 3000 }] });
});

it("keeps what is no number and says so", async () => {
  show();
  fireEvent.change(await screen.findByLabelText("Mark-up on parts, %"), { target: { value: "some" } });
  fireEvent.click(screen.getByRole("button", { name: "Save: Hourly rates" }));
  expect(await screen.findByText("“some” is not a number.")).toBeTruthy();
  expect(screen.getByLabelText<HTMLInputElement>("Mark-up on parts, %").value).toBe("some");
  expect(logged()).toEqual([]);
});

it("adds hourly rates for people and kinds of work", async () => {
  show();
  fireEvent.click(await screen.findByRole("button", { name: "Add an hourly rate" }));
  fireEvent.change(screen.getByLabelText("Kind of work"), { target: { value: "electronics" } });
  fireEvent.change(screen.getByLabelText("An hour"), { target: { value: "62" } });
  fireEvent.click(screen.getByRole("button", { name: "Save: Hourly rates" }));
  await waitFor(() =>
    expect(logged()).toEqual([
      { kind: "labourSet", labour: [{ person: "", skill: "electronics", hourMinor: 6200 }] },
      { kind: "markupSet", hundredths: 0 },
    ]),
  );
});
