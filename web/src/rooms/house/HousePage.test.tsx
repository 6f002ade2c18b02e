import { answering, asked, inTheShop, named, Refusal } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { aHouse } from "../../testing/examples";
import { HousePage } from "./HousePage";

const save = () => fireEvent.click(named("button", "So we work"));
const sent = () => asked.find((one) => one.method === "PUT")?.body;

it("changes how the house works: people one a line, figures with a comma", async () => {
  inTheShop(<HousePage />);
  answering({ "PUT /api/house": aHouse() });
  fireEvent.change(screen.getByLabelText("Who may sign, one a line"), { target: { value: "Ada\n\nMei\n" } });
  fireEvent.change(screen.getByLabelText("Look-alikes: mm apart"), { target: { value: "0,5" } });
  save();
  await waitFor(() => expect(sent()).toMatchObject({ people: ["Ada", "Mei"], lookAlikeMm: 0.5 }));
});

it("says beside the field what cannot be, and keeps what was typed", async () => {
  inTheShop(<HousePage />);
  answering({
    "PUT /api/house": new Refusal(422, { field: "trayRows", detail: "A tray has 1 to 26 rows, not 99." }),
  });
  const rows = screen.getByLabelText<HTMLInputElement>("Rows of the tray");
  fireEvent.change(rows, { target: { value: "99" } });
  save();
  expect(await screen.findAllByText(/1 to 26 rows/)).not.toHaveLength(0);
  expect(rows.value).toBe("99");
  expect(rows.getAttribute("aria-invalid")).toBe("true");
});
