import { answering, atTheBench, logged, named, Refusal } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import type { LineView } from "../../api/client";
import { aJob } from "../../testing/examples";
import { Record } from "./Record";

const line = (sequence: number, words: string, change: Partial<LineView> = {}): LineView => ({
  id: `line ${sequence}`,
  sequence,
  at: "2031-03-04T09:00:00Z",
  by: "Ada",
  words,
  aboutTheRecord: false,
  entry: { kind: "noted", text: words },
  ...change,
});

function open(...lines: LineView[]) {
  atTheBench(<Record />);
  answering({ "GET /api/logs/R-0001/lines": lines });
}

it("shows the newest first, and only lines with the words asked for", async () => {
  open(line(1, "camera came in"), line(2, "taken off front plate"), line(3, "torn seal"));
  await screen.findByText("torn seal");
  const shown = () => screen.getAllByRole("listitem").map((item) => item.textContent);
  expect(shown()[0]).toContain("torn seal");
  fireEvent.change(screen.getByLabelText("Search the record"), { target: { value: "PLATE" } });
  expect(shown()).toHaveLength(1);
});

it("strikes a line with a reason, together with those that rest on it where asked", async () => {
  open(line(1, "camera came in"), line(2, "taken off front plate"), line(3, "put back front plate"));
  await screen.findByText("put back front plate");
  answering({
    "POST /api/logs/R-0001/lines": ({ body }: { body: unknown }) =>
      (body as { lines: unknown[] }).lines.length > 1
        ? aJob()
        : new Refusal(409, {
            code: "restsOnIt",
            detail: "A later line depends on this: line 3.",
            resting: ["line 3"],
          }),
  });
  fireEvent.click(screen.getAllByRole("button", { name: /Strike/ })[1]);
  fireEvent.change(screen.getByLabelText("Why do you strike it out?"), { target: { value: "wrong camera" } });
  fireEvent.click(named("button", "Strike out"));
  fireEvent.click(await screen.findByRole("button", { name: "Strike them all out" }));
  await waitFor(() => expect(logged()).toHaveLength(3));
  expect(logged().slice(1)).toEqual([
    { kind: "struck", target: "line 2", reason: "wrong camera" },
    { kind: "struck", target: "line 3", reason: "wrong camera" },
  ]);
});

it("shows what a changed line said and what it says now", async () => {
  open(line(1, "took off front plate, front", { now: "took off front plate, front, 4 screws" }));
  expect(await screen.findByText("took off front plate, front, 4 screws")).toBeTruthy();
  expect(screen.getByText("took off front plate, front").className).toContain("line-through");
});

it("keeps a struck line readable, with its reason, and brings it back", async () => {
  open(line(1, "taken off front plate", { struckBecause: "wrong camera" }));
  expect(await screen.findByText("struck out: wrong camera")).toBeTruthy();
  fireEvent.click(named("button", /Restore/));
  await waitFor(() => expect(logged()).toEqual([{ kind: "strikeUndone", target: "line 1" }]));
});

it("changes a line in its place, and those that rest on it with it where asked", async () => {
  open(
    line(2, "took off front plate, front", { entry: { kind: "noted", text: "front plate" } }),
    line(3, "put back front plate", { entry: { kind: "noted", text: "front plate is back" } }),
  );
  await screen.findByText("put back front plate");
  answering({
    "POST /api/logs/R-0001/lines": ({ body }: { body: unknown }) =>
      (body as { lines: unknown[] }).lines.length > 1
        ? aJob()
        : new Refusal(409, {
            code: "restsOnIt",
            detail: "A later line depends on this.",
            resting: ["line 3"],
          }),
  });
  fireEvent.click(screen.getAllByRole("button", { name: /^Change…/ })[1]!);
  fireEvent.change(screen.getByLabelText("Text"), { target: { value: "rear plate" } });
  fireEvent.click(named("button", "Save the change"));
  fireEvent.click(await screen.findByRole("button", { name: "Change them too" }));
  fireEvent.change(screen.getAllByLabelText("Text")[0]!, { target: { value: "rear plate is back" } });
  fireEvent.click(named("button", "Save the change"));
  await waitFor(() => expect(logged()).toHaveLength(3));
  expect(logged().slice(1)).toEqual(
    expect.arrayContaining([
      { kind: "amended", target: "line 2", entry: { kind: "noted", text: "rear plate" }, reason: "" },
      { kind: "amended", target: "line 3", entry: { kind: "noted", text: "rear plate is back" }, reason: "" },
    ]),
  );
});
