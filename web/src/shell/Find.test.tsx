import { answering, asked, inTheShop } from "../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import type { JobSummary } from "../api/client";
import { Find } from "./Find";

const found = (tag: string): JobSummary => ({
  tag,
  maker: "Pellworm",
  model: "Twin",
  pattern: "",
  serial: tag,
  family: "LEAF_LENS",
  owner: "A. Okonjo",
  complaint: "drags",
  cause: "",
  cameIn: "2031-03-04T08:00:00Z",
  minutes: 0,
  piecesOff: 0,
  lastSequence: 1,
  lastAt: "2031-03-04T08:00:00Z",
  trays: [],
  features: [],
});

it("finds while one types; arrows choose and Enter opens", async () => {
  const close = vi.fn();
  answering({ "GET /api/find": [found("R-0009"), found("R-0004")] });
  inTheShop(<Find onOpenChange={close} />);
  const words = screen.getByRole("combobox");
  fireEvent.change(words, { target: { value: "pell okon" } });
  expect(await screen.findAllByRole("option")).toHaveLength(2);
  fireEvent.keyDown(words, { key: "ArrowDown" });
  fireEvent.keyDown(words, { key: "ArrowDown" });
  expect(screen.getAllByRole("option")[1].getAttribute("aria-selected")).toBe("true");
  fireEvent.keyDown(words, { key: "Enter" });
  expect(close).toHaveBeenCalledWith(false);
  expect(await screen.findByText("elsewhere")).toBeTruthy();
});

it("asks for nothing while nothing is typed, and says what to try when nothing is found", async () => {
  answering({ "GET /api/find": [] });
  inTheShop(<Find onOpenChange={vi.fn()} />);
  expect(screen.getByText(/The first letters of a word are enough/)).toBeTruthy();
  expect(asked.filter((one) => one.path.startsWith("/api/find"))).toEqual([]);
  fireEvent.change(screen.getByRole("combobox"), { target: { value: "zzz" } });
  await waitFor(() => expect(screen.getByText(/Nothing matches all these words/)).toBeTruthy());
});
