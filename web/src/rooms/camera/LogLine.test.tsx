import { answering, atTheBench, AWAY, logged, Refusal } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import type { Chip, Reading } from "../../api/client";
import { aJob, aMet, aPart } from "../../testing/examples";
import { LogLine } from "./LogLine";

const chip = (text: string, change: Partial<Chip> = {}): Chip => ({
  typed: text,
  kind: "FINDING",
  label: "Found",
  says: `found ${text}`,
  fields: { condition: text },
  entries: [{ kind: "found", what: text }],
  ways: [
    { kind: "FINDING", label: "Found", fields: { condition: text } },
    { kind: "SYMPTOM", label: "Symptom", fields: { says: text } },
    { kind: "REMARK", label: "Remark", fields: { says: text } },
  ],
  chosen: 0,
  ...change,
});
const reading = (text: string, change: Partial<Reading> = {}): Reading => ({
  chips: [chip(text)],
  completions: [],
  teaches: [],
  ...change,
});
interface Asked {
  text: string;
  chosen: { typed: string; kind: Chip["kind"]; fields: Chip["fields"] }[];
}
/** A server that reads every line as found, and takes a piece for what was chosen for it. */
const reads = (change: Partial<Reading> = {}) => ({
  "POST /api/jobs/R-0001/read": ({ body }: { body: unknown }) => {
    const asked = body as Asked;
    const text = asked.text.replace("found ", "");
    const mine = asked.chosen[0];
    const plain = reading(text, change);
    if (mine === undefined) return plain;
    const at = plain.chips[0].ways.findIndex((way) => way.kind === mine.kind);
    return {
      ...plain,
      chips: [
        chip(text, {
          kind: mine.kind,
          label: mine.kind,
          says: `${mine.kind} ${JSON.stringify(mine.fields)}`,
          fields: mine.fields,
          entries: [{ kind: "noted" as const, text: `${mine.kind} ${JSON.stringify(mine.fields)}` }],
          chosen: at,
        }),
      ],
    };
  },
  "GET /api/line/kinds": [
    {
      kind: "FINDING",
      label: "Found",
      fields: [{ name: "condition", label: "What it is like", type: "WORDS", choices: [] }],
    },
    {
      kind: "SYMPTOM",
      label: "Symptom",
      fields: [{ name: "says", label: "What it does", type: "WORDS", choices: [] }],
    },
    {
      kind: "REMARK",
      label: "Remark",
      fields: [{ name: "says", label: "What to remember", type: "WORDS", choices: [] }],
    },
  ],
});
const line = () => screen.getByLabelText<HTMLInputElement>("Log line", { selector: "input" });
const type = (text: string) => fireEvent.change(line(), { target: { value: text } });
const enter = () => fireEvent.submit(line());

it("shows how the line is understood before Enter, and logs that at Enter", async () => {
  atTheBench(<LogLine job={aJob()} />);
  answering(reads());
  type("found torn seal");
  expect(await screen.findByRole("button", { name: "Found: Found torn seal" })).toBeTruthy();
  expect(logged()).toEqual([]);
  enter();
  await waitFor(() => expect(line().value).toBe(""));
  expect(logged()).toEqual([{ kind: "found", what: "torn seal" }]);
});

it("asks beside the line, and keeps it as a remark until it is answered", async () => {
  atTheBench(<LogLine job={aJob()} />);
  answering(
    reads({
      chips: [
        chip("back plate", {
          kind: "REMARK",
          label: "Remark",
          entries: [{ kind: "noted", text: "back plate" }],
        }),
      ],
      question: "Which plate: front plate or rear plate?",
    }),
  );
  type("back plate");
  expect(await screen.findByText(/Which plate/)).toBeTruthy();
  enter();
  await waitFor(() => expect(line().value).toBe(""));
  expect(logged()).toEqual([{ kind: "noted", text: "back plate" }]);
});

it("says while it is typed what cannot be logged, and then does not log it", async () => {
  atTheBench(<LogLine job={aJob()} />);
  answering(
    reads({
      chips: [
        chip("top plate on", {
          trouble: {
            message: "The retard is still out under it.",
            remedy: "Put it back first.",
            holds: true,
          },
        }),
      ],
    }),
  );
  type("top plate on");
  expect(await screen.findByText(/still out under it/)).toBeTruthy();
  enter();
  await waitFor(() => expect(screen.getByText(/still out under it/)).toBeTruthy());
  expect(logged()).toEqual([]);
  expect(line().value).toBe("top plate on");
});

it("takes a piece for something else with the arrow keys, and logs that", async () => {
  atTheBench(<LogLine job={aJob()} />);
  answering(reads());
  type("found torn seal");
  await screen.findByRole("button", { name: "Found: Found torn seal" });
  fireEvent.keyDown(line(), { key: "ArrowDown" });
  const piece = await screen.findByRole("button", { name: /^Found/ });
  expect(document.activeElement).toBe(piece);
  fireEvent.keyDown(piece, { key: "ArrowDown" });
  const other = await screen.findByRole("button", { name: /^SYMPTOM/ });
  fireEvent.keyDown(other, { key: "Enter" });
  await waitFor(() => expect(line().value).toBe(""));
  expect(logged()).toEqual([{ kind: "noted", text: 'SYMPTOM {"says":"torn seal"}' }]);
});

it("keeps a piece as a remark with one key, and takes that back with the same", async () => {
  atTheBench(<LogLine job={aJob()} />);
  answering(reads());
  type("found torn seal");
  fireEvent.keyDown(await screen.findByRole("button", { name: "Found: Found torn seal" }), { key: "Delete" });
  fireEvent.keyDown(await screen.findByRole("button", { name: /Kept as a remark/ }), { key: "Delete" });
  expect(await screen.findByRole("button", { name: "Found: Found torn seal" })).toBeTruthy();
});

it("corrects a field in place, by a press on the piece", async () => {
  atTheBench(<LogLine job={aJob()} />);
  answering(reads());
  type("found torn seal");
  fireEvent.click(await screen.findByRole("button", { name: "Found: Found torn seal" }));
  const field = await screen.findByLabelText("What it is like");
  fireEvent.change(field, { target: { value: "crumbling" } });
  fireEvent.blur(field);
  expect(await screen.findByRole("button", { name: /crumbling/ })).toBeTruthy();
  enter();
  await waitFor(() => expect(line().value).toBe(""));
  expect(logged()).toEqual([{ kind: "noted", text: 'FINDING {"condition":"crumbling"}' }]);
});

it("keeps what was typed into a field when the form is closed by key", async () => {
  atTheBench(<LogLine job={aJob()} />);
  answering(reads());
  type("found torn seal");
  fireEvent.click(await screen.findByRole("button", { name: "Found: Found torn seal" }));
  const field = await screen.findByLabelText("What it is like");
  fireEvent.change(field, { target: { value: "crumbling" } });
  fireEvent.keyDown(field, { key: "Escape" });
  await waitFor(() => expect(screen.queryByLabelText("What it is like")).toBeNull());
  expect(await screen.findByRole("button", { name: /crumbling/ })).toBeTruthy();
});

it("forgets a choice once its words are gone", async () => {
  atTheBench(<LogLine job={aJob()} />);
  answering(reads());
  type("found torn seal");
  fireEvent.keyDown(await screen.findByRole("button", { name: "Found: Found torn seal" }), { key: "Delete" });
  await screen.findByRole("button", { name: /Kept as a remark/ });
  type("found bent arm");
  expect(await screen.findByRole("button", { name: "Found: Found bent arm" })).toBeTruthy();
});

it("logs whatever a line can say by a form as well", async () => {
  atTheBench(<LogLine job={aJob()} />);
  answering(reads());
  fireEvent.click(screen.getByRole("button", { name: "By form" }));
  await screen.findByRole("option", { name: "Symptom" });
  const kind = screen.getByLabelText("What is it?");
  fireEvent.change(kind, { target: { value: "SYMPTOM" } });
  const field = await screen.findByLabelText("What it does");
  fireEvent.change(field, { target: { value: "sticks" } });
  fireEvent.blur(field);
  expect(await screen.findByText('SYMPTOM {"says":"sticks"}')).toBeTruthy();
  fireEvent.click(screen.getByRole("button", { name: "Log" }));
  await waitFor(() => expect(logged()).toEqual([{ kind: "noted", text: 'SYMPTOM {"says":"sticks"}' }]));
});

it("keeps a refused line as it was typed, with the reason over it", async () => {
  atTheBench(<LogLine job={aJob()} />);
  answering({
    ...reads(),
    "POST /api/logs/R-0001/lines": new Refusal(409, {
      detail: "“front plate” is already off.",
      remedy: "Give it a name of its own.",
    }),
  });
  type("off front plate");
  enter();
  expect(await screen.findByText("“front plate” is already off.")).toBeTruthy();
  expect(line().value).toBe("off front plate");
});

it("keeps what was typed over a reload", () => {
  localStorage.setItem("ruvant.draft.line.R-0001", "off half a");
  atTheBench(<LogLine job={aJob()} />);
  answering(reads());
  expect(line().value).toBe("off half a");
});

it("brings earlier lines back with the arrows", async () => {
  atTheBench(<LogLine job={aJob()} />);
  answering(reads());
  for (const text of ["found one", "found two"]) {
    type(text);
    enter();
    await waitFor(() => expect(line().value).toBe(""));
  }
  const seen = ["ArrowUp", "ArrowUp", "ArrowUp", "ArrowDown", "ArrowDown"].map((key) => {
    fireEvent.keyDown(line(), { key });
    return line().value;
  });
  expect(seen).toEqual(["found two", "found one", "found one", "found two", ""]);
});

it("takes a completion by a press", async () => {
  atTheBench(<LogLine job={aJob()} />);
  answering(reads({ completions: ["front plate", "retard train"] }));
  type("back");
  fireEvent.click(await screen.findByRole("button", { name: "retard train" }));
  expect(line().value).toBe("back retard train ");
});

it("keeps a line that cannot be read while the server is away, as a note", async () => {
  atTheBench(<LogLine job={aJob()} />);
  answering({ "POST /api/jobs/R-0001/read": AWAY });
  type("off front plate");
  enter();
  await waitFor(() => expect(line().value).toBe(""));
  expect(logged()).toEqual([{ kind: "noted", text: "off front plate" }]);
  expect(screen.queryByRole("button", { name: "Log" })).toBeNull();
});

it("finishes a name that was begun, and warns of the part once it is named", async () => {
  atTheBench(<LogLine job={aJob()} />);
  const removed = (body: unknown) =>
    (body as { text: string }).text.replace(/^off /, "").replace(/, *$/, "").trim();
  answering({
    "POST /api/jobs/R-0001/read": ({ body }: { body: unknown }) =>
      reading("", {
        chips: [chip("", { entries: [{ ...aPart(removed(body)).removed, kind: "removed" }] })],
        completions: ["top cover", "trim ring"],
      }),
    "GET /api/jobs/R-0001/known": {
      jobs: 4,
      next: [],
      parts: [aMet("trim ring", { loose: ["1 × ball"] }, { care: true })],
    },
  });
  type("off t");
  fireEvent.click(await screen.findByRole("button", { name: "trim ring" }));
  expect(line().value).toBe("off trim ring ");
  expect(await screen.findByText("Before you lift the trim ring")).toBeTruthy();
});

it("tells what a correction teaches, and teaches it where it is logged", async () => {
  atTheBench(<LogLine job={aJob()} />);
  const taught = { id: "condition.wonky", phrase: "wonky", as: "CONDITION" as const, line: "lever wonky" };
  answering({
    ...reads({ teaches: [taught] }),
    "POST /api/logs/house/lines": { log: "house", lastSequence: 5 },
  });
  type("found lever wonky");
  expect(await screen.findByText(/teaches: “wonky” is condition/)).toBeTruthy();
  enter();
  await waitFor(() => expect(line().value).toBe(""));
  expect(logged()).toContainEqual({ kind: "wordsTaught", words: { words: [taught] } });
});
