import { answering, atTheBench, logged, named } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { expect, it } from "vitest";
import { aJob, anAnswer, aPart } from "../../testing/examples";
import { drag } from "../../testing/drag";
import { Refit } from "./Refit";

const out = (name: string, kind: "READY" | "NOT_YET" | "BACK", reason = "") =>
  aPart(name, { answer: anAnswer(name, kind, reason) });
const job = () =>
  aJob({
    parts: [
      { ...out("cover", "NOT_YET", "Still out under it: ring"), checks: [] },
      { ...out("ring", "READY"), over: ["cover"] },
      out("spring", "BACK"),
    ],
  });
const row = (name: string) => screen.getByRole("button", { name: new RegExp(`^${name}`) });

it("shows first what may go back, and counts what is still out", () => {
  atTheBench(<Refit />, job());
  expect(screen.getByText("2 of 3 still out")).toBeTruthy();
  expect(named("heading", "ring")).toBeTruthy();
});

it("shows another part when it is pressed", () => {
  atTheBench(<Refit />, job());
  fireEvent.click(row("cover"));
  expect(named("heading", "cover")).toBeTruthy();
});

it("lets an edge go by dragging one part onto the other", async () => {
  atTheBench(<Refit />, job());
  drag(row("ring"), row("cover"));
  const asks = within(screen.getByLabelText("Which lies over the other?"));
  expect(asks.getByText(/cover lies over ring/)).toBeTruthy();
  fireEvent.click(asks.getByText("It does not"));
  await waitFor(() =>
    expect(logged()).toEqual([{ kind: "edgeSet", over: "cover", under: "ring", present: false }]),
  );
  await waitFor(() => expect(screen.queryByLabelText("Which lies over the other?")).toBeNull());
});

it("leaves it when nothing was meant, and asks nothing of a part dropped onto itself", () => {
  atTheBench(<Refit />, job());
  drag(row("ring"), row("ring"));
  expect(screen.queryByLabelText("Which lies over the other?")).toBeNull();
  drag(row("spring"), row("ring"));
  fireEvent.click(named("button", "Cancel"));
  expect(screen.queryByLabelText("Which lies over the other?")).toBeNull();
  expect(logged()).toEqual([]);
});

it("sets an edge by buttons alone too", async () => {
  atTheBench(<Refit />, job());
  fireEvent.click(named("button", "What lies over what…"));
  fireEvent.click(named("button", "spring lies under ring"));
  await waitFor(() =>
    expect(logged()).toEqual([{ kind: "edgeSet", over: "ring", under: "spring", present: true }]),
  );
});

it("says that all is back when it is", () => {
  atTheBench(<Refit />, aJob({ parts: [out("spring", "BACK")] }));
  answering({});
  expect(screen.getByText(/Everything is back/)).toBeTruthy();
});

it("frees a part that only probably waits with one key, and takes the other key for its word", async () => {
  const lever = aPart("lever", {
    answer: anAnswer("lever", "NOT_YET", "Probably under it, still out: coil and 1 more", ["coil", "cam"]),
  });
  atTheBench(<Refit />, aJob({ parts: [lever] }));
  expect(screen.getByText(/It came off before coil and cam, so it probably lies over them/)).toBeTruthy();
  fireEvent.keyDown(document.body, { key: "f" });
  await waitFor(() => expect(logged()).toEqual([{ kind: "freeOf", part: "lever", others: ["coil", "cam"] }]));
  fireEvent.click(named("button", /It lies over all 2/));
  await waitFor(() => expect(logged()).toHaveLength(3));
  expect(logged().slice(1)).toEqual([
    { kind: "edgeSet", over: "lever", under: "coil", present: true },
    { kind: "edgeSet", over: "lever", under: "cam", present: true },
  ]);
});
