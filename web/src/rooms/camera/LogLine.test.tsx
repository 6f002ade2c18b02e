import { answering, atTheBench, AWAY, logged, Refusal } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import type { Reading } from "../../api/client";
import { aJob, aMet, aPart } from "../../testing/examples";
import { LogLine } from "./LogLine";

const reading = (text: string, change: Partial<Reading> = {}): Reading => ({
  chips: [{ kind: "ACTION", text: `found ${text}` }],
  entries: [{ kind: "found", what: text }],
  completions: [],
  ...change,
});
const reads = (change: Partial<Reading> = {}) => ({
  "POST /api/jobs/R-0001/read": ({ body }: { body: unknown }) =>
    reading((body as { text: string }).text.replace("found ", ""), change),
});
const line = () => screen.getByLabelText<HTMLInputElement>("Log line", { selector: "input" });
const type = (text: string) => fireEvent.change(line(), { target: { value: text } });
const enter = () => fireEvent.submit(line());

it("shows how the line is understood before Enter, and logs that at Enter", async () => {
  atTheBench(<LogLine job={aJob()} />);
  answering(reads());
  type("found torn seal");
  expect(await screen.findByText("found torn seal", { selector: "span" })).toBeTruthy();
  expect(logged()).toEqual([]);
  enter();
  await waitFor(() => expect(line().value).toBe(""));
  expect(logged()).toEqual([{ kind: "found", what: "torn seal" }]);
});

it("asks instead of guessing, and logs nothing while it asks", async () => {
  atTheBench(<LogLine job={aJob()} />);
  answering(reads({ entries: [], question: "Which plate: front plate or rear plate?" }));
  type("back plate");
  expect(await screen.findByText(/Which plate/)).toBeTruthy();
  enter();
  await waitFor(() => expect(line().value).toBe("back plate"));
  expect(logged()).toEqual([]);
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
        entries: [{ ...aPart(removed(body)).removed, kind: "removed" }],
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
