import { answering, inTheShop, logged, named } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { Donors } from "./Donors";
import { NewDonor } from "./DonorForm";

const TWIN = { maker: "Pellworm", model: "Twin", pattern: "1st pattern" };
const part = (name: string, state: string) => ({
  part: { name, worthMinor: 1500, minutes: 20 },
  state,
  remark: "",
});

it("shows what is left in a body and what is best done with it", async () => {
  inTheShop(<Donors />);
  answering({
    "GET /api/shelf/donors": [
      {
        held: {
          id: "d",
          number: 4,
          body: { kind: TWIN, place: "top board", fault: "dropped" },
          parts: [part("speed ring", "TAKEN"), part("focus rack", "THERE"), part("film door", "BROKEN")],
          opened: false,
        },
        words: "Pellworm Twin, 1st pattern",
        left: 1,
        figures: { best: "BREAK", asIsMinor: 1000, mendedMinor: -500, partsMinor: 2500 },
      },
    ],
  });
  expect(await screen.findByText("1 of 3")).toBeTruthy();
  expect(screen.getByText("Break it for parts")).toBeTruthy();
  expect(screen.getByText("−€5.00")).toBeTruthy();
});

it("offers what came off others of its model, and keeps what is left of the list", async () => {
  inTheShop(<NewDonor />);
  answering({
    "GET /api/models": [],
    "GET /api/shelf/parts-of": [
      { name: "speed ring", worthMinor: 0, minutes: 8 },
      { name: "focus rack", worthMinor: 0, minutes: 20 },
    ],
    "GET /api/amount": { minor: 1250, currency: "EUR" },
    "POST /api/logs/shelf/lines": { log: "shelf", lastSequence: 1 },
  });
  fireEvent.change(screen.getByLabelText("Maker"), { target: { value: "Pellworm" } });
  fireEvent.change(screen.getByLabelText("Model"), { target: { value: "Twin" } });
  fireEvent.change(screen.getByLabelText("Place"), { target: { value: "top board" } });
  fireEvent.click(await screen.findByRole("button", { name: /Add the 2 that came off/ }));
  fireEvent.click(named("button", "Not in it: focus rack"));
  fireEvent.change(screen.getByLabelText("Worth if wanted, 1"), { target: { value: "12.50" } });
  fireEvent.click(named("button", "Add donor"));
  await waitFor(() =>
    expect(logged()).toMatchObject([
      {
        kind: "donorShelved",
        body: {
          kind: { maker: "Pellworm", model: "Twin" },
          chanceMended: 0.5,
          parts: [{ name: "speed ring", worthMinor: 1250, minutes: 8 }],
        },
      },
    ]),
  );
});
