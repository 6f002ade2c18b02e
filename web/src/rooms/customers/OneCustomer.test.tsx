import { answering, asked, inTheShop, logged, named, Refusal } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { OneCustomer } from "./OneCustomer";

const party = (name: string) => ({
  name,
  street: "",
  postcode: "",
  town: "Skarrow",
  country: "IE",
  taxNumber: "",
  email: "",
});

const show = () => {
  inTheShop(<OneCustomer />);
  answering({
    "GET /api/customers/one": {
      lastSequence: 2,
      id: "c1",
      customer: { party: party("Ngozi Ferreira"), phone: "0550", remark: "" },
      jobs: [],
      asked: [],
      papers: 2,
      openMinor: 4500,
      depositedMinor: 0,
      currency: "EUR",
      papersKeptUntil: "2041-03-01",
    },
    "POST /api/logs/customers/lines": { log: "customers", lastSequence: 3 },
  });
};

it("shows what is to be paid and keeps a changed address", async () => {
  show();
  expect(await screen.findByText("€45.00")).toBeTruthy();
  fireEvent.change(screen.getByLabelText("Town"), { target: { value: "Veldmouth" } });
  fireEvent.submit(screen.getByLabelText("Town").closest("form")!);
  await waitFor(() =>
    expect(logged()[0]).toMatchObject({
      kind: "customerChanged",
      of: "c1",
      customer: { party: { town: "Veldmouth" }, phone: "0550" },
    }),
  );
});

it("blanks nobody whose name was not typed, and says why it cannot", async () => {
  show();
  const confirm = await screen.findByLabelText("Type “Ngozi Ferreira” to confirm");
  expect(named("button", "Blank this person")).toHaveProperty("disabled", true);
  answering({
    "POST /api/customers/blank": new Refusal(409, { detail: "R-0009 of this customer is still here." }),
  });
  fireEvent.change(confirm, { target: { value: "Ngozi Ferreira" } });
  fireEvent.submit(confirm.closest("form")!);
  expect(await screen.findByText(/R-0009 of this customer is still here/)).toBeTruthy();
  expect(asked.at(-1)?.body).toMatchObject({ id: "c1", typed: "Ngozi Ferreira" });
});
