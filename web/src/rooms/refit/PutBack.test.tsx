import { answering, atTheBench, logged, named, Refusal, saying } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import { aJob, aPart, called } from "../../testing/examples";
import { PutBack } from "./PutBack";

const check = (text: string, moment: "BEFORE" | "ON" = "BEFORE") => ({
  what: called(text),
  when: { moment, firings: 0, speed: "" },
  state: "OPEN" as const,
  reason: "",
  own: false,
  due: true,
  shown: false,
  shownBy: "",
});

function open(part = aPart("front plate")) {
  const onBack = vi.fn();
  const job = aJob({ parts: [part] });
  atTheBench(<PutBack job={job} part={part} onBack={onBack} />, job);
  return onBack;
}

it("puts back with all fasteners by two keys", async () => {
  const onBack = open();
  fireEvent.keyDown(document.body, { key: "a" });
  expect(screen.getByText(/1 of 1 types confirmed/)).toBeTruthy();
  fireEvent.keyDown(document.body, { key: "Enter", ctrlKey: true });
  await waitFor(() => expect(onBack).toHaveBeenCalled());
  expect(logged()).toEqual([
    {
      kind: "refitted",
      part: "front plate",
      fasteners: [{ type: "slotted screw 1.4 × 3.0", back: 3, lost: 0, replaced: 0, empty: 0, why: "" }],
      overrideReason: "",
      remark: "",
    },
  ]);
});

it("says which fasteners are lost and which took their place", async () => {
  const onBack = open();
  fireEvent.click(named("button", "Not all…"));
  fireEvent.change(screen.getByLabelText("back"), { target: { value: "2" } });
  fireEvent.change(screen.getByLabelText("lost"), { target: { value: "1 screw" } });
  fireEvent.change(screen.getByLabelText("replaced"), { target: { value: "1" } });
  fireEvent.click(named("button", "Confirm"));
  expect(screen.getByText(/2 back, 1 lost, 1 replaced/)).toBeTruthy();
  fireEvent.click(named("button", /^Put back/));
  await waitFor(() => expect(onBack).toHaveBeenCalled());
  expect(logged()[0]).toMatchObject({ fasteners: [{ back: 2, lost: 1, replaced: 1 }] });
});

it("goes through the checks with G, and waives one only with a reason", async () => {
  open(aPart("front plate", { checks: [check("Mark matched"), check("Levers free")] }));
  fireEvent.keyDown(document.body, { key: "g" });
  await waitFor(() =>
    expect(logged()).toEqual([
      { kind: "gateAnswered", part: "front plate", check: called("Mark matched"), passed: true, reason: "" },
    ]),
  );
  fireEvent.click(screen.getAllByRole("button", { name: saying("Waive…") })[1]);
  expect(named("button", "Waive")).toHaveProperty("disabled", true);
  fireEvent.change(screen.getByLabelText(/Levers free/, { selector: "input" }), {
    target: { value: "no lever here" },
  });
  fireEvent.click(named("button", "Waive"));
  await waitFor(() => expect(logged()).toHaveLength(2));
  expect(logged()[1]).toMatchObject({ check: called("Levers free"), passed: false, reason: "no lever here" });
});

it("offers to go on anyway only where that can be, and takes the reason along", async () => {
  const onBack = open();
  answering({
    "POST /api/logs/R-0001/lines": ({ body }: { body: unknown }) =>
      JSON.stringify(body).includes("trial fit")
        ? aJob()
        : new Refusal(409, { code: "notYet", detail: "Still out under it: retard train" }),
  });
  fireEvent.click(named("button", /^Put back/));
  expect(await screen.findByText("Still out under it: retard train")).toBeTruthy();
  fireEvent.change(screen.getByLabelText("Why put it back anyway?"), { target: { value: "trial fit" } });
  fireEvent.click(named("button", "Put back anyway"));
  await waitFor(() => expect(onBack).toHaveBeenCalled());
  expect(logged().at(-1)).toMatchObject({ kind: "refitted", overrideReason: "trial fit" });
});

it("does not offer it where somebody else put it back already", async () => {
  open();
  answering({
    "POST /api/logs/R-0001/lines": new Refusal(409, {
      code: "alreadyBack",
      detail: "“front plate” is already back.",
      since: ["Tomas: put back front plate"],
    }),
  });
  fireEvent.click(named("button", /^Put back/));
  expect(await screen.findByText(/Meanwhile: Tomas/)).toBeTruthy();
  expect(screen.queryByLabelText("Why put it back anyway?")).toBeNull();
});

it("says what to think of, and leads to the pictures with their pins", () => {
  const pin = (part: string) => ({
    id: part,
    what: {
      kind: "pinned" as const,
      picture: "a.jpg",
      number: 1,
      x: 0,
      y: 0,
      what: "MARK" as const,
      words: "",
      part,
    },
  });
  const part = aPart("front plate", { hints: ["Start all 3 before any is tight."], pictures: ["a.jpg"] });
  const job = aJob({
    parts: [part],
    album: {
      shots: [
        {
          id: "shot",
          at: "2031-03-04T09:00:00Z",
          by: "Ada",
          what: { kind: "pictured", name: "a.jpg", shows: "", at: "STRIP" },
          pins: [pin("front plate"), pin("other")],
        },
      ],
      toCome: [],
    },
  });
  atTheBench(<PutBack job={job} part={part} onBack={() => undefined} />, job);
  expect(screen.getByText("Start all 3 before any is tight.")).toBeTruthy();
  const link = named("link", "The front plate, picture 1");
  expect(link.getAttribute("href")).toBe("/camera/R-0001/pictures?shot=a.jpg");
});

it("leaves a part out with its reason", async () => {
  const onBack = open();
  fireEvent.click(named("button", "Leave out…"));
  fireEvent.change(screen.getByLabelText("Why is it left out?"), { target: { value: "worn through" } });
  fireEvent.click(named("button", "Leave out"));
  await waitFor(() => expect(onBack).toHaveBeenCalled());
  expect(logged()).toEqual([{ kind: "leftOut", part: "front plate", reason: "worn through" }]);
});

it("has a button for the state that is required before the part can go on", async () => {
  const part = aPart("speed cam");
  open(
    aPart("speed cam", {
      answer: { ...part.answer, kind: "NOT_YET", against: "STATE_WRONG", wanted: "COCKED" },
    }),
  );
  fireEvent.click(named("button", /^It is .* now$/));
  await waitFor(() => expect(logged()).toEqual([{ kind: "stateSet", state: "COCKED" }]));
});

it("logs a check that fails with what was seen, and offers what can be done about it", async () => {
  const failed = { ...check("Runs free"), state: "FAILED" as const, reason: "binds at 1/30" };
  open(aPart("front plate", { checks: [check("Levers free"), failed] }));
  fireEvent.click(screen.getByRole("button", { name: saying("Fails…") }));
  fireEvent.change(screen.getByLabelText(/Levers free/, { selector: "input" }), {
    target: { value: "one is bent" },
  });
  fireEvent.click(named("button", "Log as failed"));
  await waitFor(() =>
    expect(logged()).toEqual([
      { kind: "checkFailed", part: "front plate", check: called("Levers free"), seen: "one is bent" },
    ]),
  );
  expect(screen.getByText("failed: binds at 1/30")).toBeTruthy();
  expect(screen.getByRole("link", { name: "Adjust" }).getAttribute("href")).toBe("/camera/R-0001/adjust");
  expect(screen.getByRole("button", { name: saying("It holds now") })).toBeTruthy();
});

it("asks once the part is on what can be seen only then", async () => {
  const late = check("Mark matched", "ON");
  const back = aPart("front plate", { checks: [late] });
  back.answer = { ...back.answer, kind: "BACK" };
  const job = aJob({ parts: [back] });
  atTheBench(<PutBack job={job} part={back} onBack={() => undefined} />, job);
  fireEvent.keyDown(document.body, { key: "g" });
  await waitFor(() => expect(logged()).toMatchObject([{ kind: "gateAnswered", passed: true }]));
});

it("knows that a screw was missing on arrival, and leaves its place empty only with a reason", async () => {
  const part = aPart("front plate");
  const type = part.fasteners[0]!.type;
  const count = part.fasteners[0]!.fastener.count;
  const job = aJob({ parts: [part] });
  job.notes.places = [
    {
      place: { part: "front plate", piece: type },
      required: count + 1,
      found: count,
      missing: 1,
      filled: { back: 0, replaced: 0, out: count },
      gone: { lost: 0, destroyed: 0, spare: 0, unaccounted: 0 },
      left: 0,
      because: "",
      open: 1,
    },
  ];
  atTheBench(<PutBack job={job} part={part} onBack={() => undefined} />, job);
  expect(screen.getByText(`${count + 1} belong there`)).toBeTruthy();
  fireEvent.click(screen.getAllByRole("button", { name: saying("Not all…") })[0]!);
  fireEvent.change(screen.getByLabelText("left empty"), { target: { value: "1" } });
  fireEvent.change(screen.getByLabelText("why"), { target: { value: "stripped" } });
  fireEvent.click(named("button", "Confirm"));
  fireEvent.click(named("button", /^Put back/));
  await waitFor(() =>
    expect(logged()[0]).toMatchObject({ fasteners: [{ back: count, empty: 1, why: "stripped" }] }),
  );
});
