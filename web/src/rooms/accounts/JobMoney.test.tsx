import { answering, asked, AWAY, atTheBench, logged, named, Refusal } from "../../testing/atTheBench";
import { aBill, comesTo, somePricing } from "../../testing/accounts";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { aJob } from "../../testing/examples";
import type { Schemas } from "../../api/client";
import { JobMoney } from "./JobMoney";

const show = (change: Partial<Schemas["JobAccounts"]> = {}, totals: unknown = comesTo(4000)) => {
  atTheBench(<JobMoney />, aJob());
  answering({
    "GET /api/accounts/jobs/R-0001": {
      lastSequence: 3,
      today: "2031-03-20",
      pricing: somePricing(),
      papers: [],
      bills: [],
      deposits: [],
      ...change,
    },
    "POST /api/accounts/totals": totals,
    "POST /api/logs/accounts/lines": { log: "accounts", lastSequence: 4 },
  });
};

const issued = () => asked.filter((one) => one.path === "/api/accounts/papers").map((one) => one.body);

it("draws up a bill from the shop's prices and sends out what was seen", async () => {
  show();
  answering({ "POST /api/accounts/papers": { id: "b2", paper: { number: "B-00002" } } });
  fireEvent.click(await screen.findByRole("button", { name: "Looking at it" }));
  expect(screen.getByLabelText<HTMLInputElement>("Price, line 1").value).toBe("25.00");
  fireEvent.change(screen.getByLabelText("Price, line 1"), { target: { value: "40" } });
  await waitFor(() => expect(screen.getAllByText("€40.00")).toHaveLength(2));
  fireEvent.click(named("button", "Make the bill"));
  await waitFor(() => expect(issued()).toHaveLength(1));
  expect(issued()[0]).toMatchObject({
    seenMinor: 4000,
    draft: {
      kind: "BILL",
      job: "R-0001",
      buyer: { name: "A. Okonjo" },
      lines: [{ price: "40", tax: "vat" }],
    },
  });
  // a bill that went out is no draft any more
  await waitFor(() => expect(screen.queryByLabelText("Price, line 1")).toBeNull());
});

it("says beside a line what is wrong with it, and sends nothing", async () => {
  show(
    {},
    new Refusal(400, {
      detail: "“dear” is not an amount.",
      remedy: "Enter a number.",
      field: "lines.0.price",
    }),
  );
  fireEvent.click(await screen.findByRole("button", { name: "Part or other" }));
  fireEvent.change(screen.getByLabelText("Price, line 1"), { target: { value: "dear" } });
  expect(await screen.findByText("“dear” is not an amount. Enter a number.")).toBeTruthy();
  expect(named("button", "Make the bill").hasAttribute("disabled")).toBe(true);
});

it("keeps a half drawn paper while one is elsewhere", async () => {
  show();
  fireEvent.click(await screen.findByRole("button", { name: "Hours" }));
  expect(localStorage.getItem("ruvant.draft.paper R-0001")).toContain("Work at the bench");
});

it("goes out once where the answer to it was lost", async () => {
  show();
  answering({ "POST /api/accounts/papers": AWAY });
  fireEvent.click(await screen.findByRole("button", { name: "Looking at it" }));
  await waitFor(() => expect(named("button", "Make the bill").hasAttribute("disabled")).toBe(false));
  fireEvent.click(named("button", "Make the bill"));
  expect(await screen.findByRole("alert")).toBeTruthy();
  answering({ "POST /api/accounts/papers": { id: "b2", paper: { number: "B-00002" } } });
  fireEvent.click(named("button", "Make the bill"));
  await waitFor(() => expect(issued()).toHaveLength(2));
  const [first, second] = issued() as { id: string }[];
  expect(first.id).toBe(second.id);
});

it("draws up a credit note beside a paper that is half done", async () => {
  show({ bills: [aBill(0)] });
  answering({
    "GET /api/accounts/papers/B-00001/credit": {
      kind: "CREDIT",
      refersTo: "b1",
      lines: [],
      discount: "",
      note: "",
    },
  });
  fireEvent.click(await screen.findByRole("button", { name: "Hours" }));
  fireEvent.click(screen.getByRole("button", { name: /^Credit note…/ }));
  expect(await screen.findByRole("heading", { name: "Credit note" })).toBeTruthy();
  fireEvent.click(screen.getByRole("button", { name: "Cancel" }));
  expect(await screen.findByDisplayValue("Work at the bench")).toBeTruthy();
});

it("logs a payment on the open bill and money in advance", async () => {
  show({ bills: [aBill(10_300)], papers: [aBill(10_300).paper] });
  expect(await screen.findByText(/overdue since/)).toBeTruthy();
  fireEvent.change(screen.getByLabelText("Amount, B-00001"), { target: { value: "50" } });
  fireEvent.click(named("button", "Log payment"));
  await waitFor(() => expect(logged()).toHaveLength(1));
  expect(logged()[0]).toMatchObject({
    kind: "paid",
    bill: "b1",
    minor: 5000,
    how: "CARD",
    day: "2031-03-20",
  });
  fireEvent.change(screen.getByLabelText("Payment in advance"), { target: { value: "20" } });
  fireEvent.click(named("button", "Log payment in advance"));
  await waitFor(() => expect(logged()).toHaveLength(2));
  expect(logged()[1]).toMatchObject({ kind: "deposited", job: "R-0001", minor: 2000, currency: "EUR" });
});

it("pays back what was credited", async () => {
  show({ bills: [aBill(-2_500)] });
  fireEvent.click(await screen.findByRole("button", { name: /^Log repayment/ }));
  await waitFor(() => expect(logged()[0]).toMatchObject({ kind: "paidBack", of: "b1", minor: 2500 }));
});

it("asks for the shop's own address before anything goes out", async () => {
  show({ pricing: somePricing({ seller: undefined }) });
  fireEvent.click(await screen.findByRole("button", { name: "Hours" }));
  expect(await screen.findByRole("link", { name: "Enter them under Prices and papers" })).toBeTruthy();
  expect(screen.queryByRole("button", { name: "Make the bill" })).toBeNull();
});
