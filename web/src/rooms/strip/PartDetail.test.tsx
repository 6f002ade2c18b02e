import { answering, atTheBench, logged, named, Refusal } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import type { PartView } from "../../api/client";
import { aJob, anAnswer, aPart } from "../../testing/examples";
import { PartDetail } from "./PartDetail";

const ring = (change: Partial<PartView["removed"]> = {}, more: Partial<PartView> = {}) =>
  aPart("ring", { removed: { ...aPart("ring").removed, ...change }, ...more });

const show = (part: PartView, others: PartView[] = []) => {
  const done = { close: vi.fn(), move: vi.fn() };
  const job = aJob({ parts: [part, ...others] });
  atTheBench(<PartDetail job={job} part={part} onClose={done.close} onMove={done.move} />, job);
  return done;
};
const facts = () => screen.getAllByRole("term").map((term) => term.textContent);
const fact = (name: string) =>
  screen.getAllByRole("term").find((term) => term.textContent === name)?.nextSibling?.textContent;

it("says of a part what was noted and leaves out what was not", () => {
  show(ring());
  expect(facts()).toEqual(["From", "Off"]);
  expect(fact("Off")).not.toContain("time");
});

it("says all of it in the order of the work where everything was noted", () => {
  show(
    ring(
      {
        setting: "1/125",
        mark: { text: "notch at red line", state: "cocked" },
        within: "shutter",
        stack: ["wave washer", "shim"],
        loose: [{ name: "ball", count: 2 }],
        remark: "tilt it",
        covers: true,
      },
      {
        timesOff: 2,
        lost: [{ what: "ball", count: 1 }],
        destroyed: [{ what: "slotted screw 1.4 × 3.0", count: 1 }],
      },
    ),
  );
  expect(facts()).toEqual([
    "From",
    "Off",
    "Was set to",
    "Mark",
    "Came out of",
    "Stack",
    "Loose",
    "Remark",
    "Lost",
    "Destroyed",
  ]);
  expect(fact("From")).toContain("lies over the parts after it");
  expect(fact("Off")).toContain("off 2 times so far");
  expect(fact("Mark")).toBe("notch at red line, when cocked");
  expect(fact("Lost")).toBe("1 × ball");
  expect(
    within(screen.getAllByRole("list")[0])
      .getAllByRole("listitem")
      .map((one) => one.textContent),
  ).toEqual(["wave washer", "shim"]);
});

it("leads to where its pieces lie, and offers to move them while it is out", () => {
  const done = show(ring({ wells: ["B2", "B3"] }));
  expect(screen.getByText(/Kept in/).textContent).toContain("B2");
  fireEvent.click(named("button", "Move it…"));
  expect(done.move).toHaveBeenCalledOnce();
  fireEvent.click(named("button", "Take another part off"));
  expect(done.close).toHaveBeenCalledOnce();
});

it("has nothing to move once it is back", () => {
  show(ring({}, { answer: anAnswer("ring", "BACK") }));
  expect(screen.queryByText("Move it…")).toBeNull();
});

it("sets what lies over it and under it, and takes either away", async () => {
  const cover = aPart("cover");
  const shim = aPart("shim", { over: ["ring"] });
  const knob = aPart("knob");
  show(ring({}, { over: ["cover"] }), [cover, shim, knob]);
  const others = within(screen.getByRole("list", { name: "Other parts" }));
  expect(others.getAllByRole("listitem")).toHaveLength(1);
  fireEvent.click(named("button", "knob lies under ring"));
  await waitFor(() =>
    expect(logged()).toEqual([{ kind: "edgeSet", over: "ring", under: "knob", present: true }]),
  );
  fireEvent.click(named("button", "cover does not lie there"));
  await waitFor(() =>
    expect(logged()[1]).toEqual({ kind: "edgeSet", over: "cover", under: "ring", present: false }),
  );
  fireEvent.click(named("button", "shim does not lie there"));
  await waitFor(() =>
    expect(logged()[2]).toEqual({ kind: "edgeSet", over: "ring", under: "shim", present: false }),
  );
});

it("says why parts cannot lie in a circle", async () => {
  show(ring(), [aPart("knob")]);
  answering({
    "POST /api/logs/R-0001/lines": new Refusal(409, {
      detail: "“knob” lies under “ring” already by way of others.",
      remedy: "Look again which is on top.",
    }),
  });
  fireEvent.click(named("button", "knob lies over ring"));
  expect((await screen.findByRole("alert")).textContent).toContain("lies under “ring” already");
});
