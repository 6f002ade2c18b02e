import { answering, atTheBench, logged, named } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { aJob, aPart } from "../../testing/examples";
import { OnePicture } from "./OnePicture";

const NAME = `${"c".repeat(64)}.jpg`;
const pin = (number: number, change: object = {}) => ({
  id: `pin-${number}`,
  at: "2031-03-04T09:00:00Z",
  by: "Ada",
  what: {
    kind: "pinned" as const,
    picture: NAME,
    number,
    x: 0.2,
    y: 0.3,
    what: "MARK" as const,
    words: "scribe line",
    ...change,
  },
});
const shot = (pins: object[] = []) =>
  ({
    id: "shot",
    at: "2031-03-04T09:00:00Z",
    by: "Ada",
    what: { kind: "pictured", name: NAME, shows: "the front", at: "STRIP" },
    pins,
  }) as unknown as Parameters<typeof OnePicture>[0]["shot"];
const show = (pins: object[] = [], part?: string) => {
  const job = aJob({ parts: [aPart("plate"), aPart("ring")] });
  atTheBench(<OnePicture job={job} shot={shot(pins)} part={part} />, job);
  answering({ "GET /api/guess": { covers: false, materials: [] } });
};
const mode = (name: string) => named("radio", name);
const board = () => named("button", /^The picture/);

it("only looks where there is something to look at, and taps screws where there is not yet", () => {
  show([pin(1)]);
  expect(mode("Just look").getAttribute("aria-checked")).toBe("true");
});

it("begins with the screws where nothing is on it", () => {
  show();
  expect(mode("Tap the screws of a part").getAttribute("aria-checked")).toBe("true");
  expect(screen.getByText("No pins yet.")).toBeTruthy();
});

it("pins one thing where the cross stands, with the next number, of the part that was chosen", async () => {
  show([pin(4)]);
  fireEvent.click(mode("Pin one thing"));
  expect(screen.getByText("tap the picture first")).toBeTruthy();
  fireEvent.keyDown(board(), { key: "ArrowRight", shiftKey: true });
  fireEvent.keyDown(board(), { key: "Enter" });
  expect(screen.getByText("placed")).toBeTruthy();
  fireEvent.change(screen.getByLabelText("On which part"), { target: { value: "ring" } });
  fireEvent.change(screen.getByLabelText("What it is"), { target: { value: "shim under it" } });
  fireEvent.click(named("button", "Place the pin"));
  await waitFor(() =>
    expect(logged()).toMatchObject([
      { kind: "pinned", picture: NAME, number: 5, what: "MARK", words: "shim under it", part: "ring" },
    ]),
  );
  const [said] = logged() as { x: number; y: number }[];
  expect(said.x).toBeCloseTo(0.6);
  expect(said.y).toBeCloseTo(0.5);
  expect(screen.getByText("tap the picture first")).toBeTruthy();
});

it("forgets a spot that was not pinned when it is looked at otherwise", () => {
  show([pin(1)]);
  fireEvent.click(mode("Pin one thing"));
  fireEvent.keyDown(board(), { key: "ArrowUp" });
  fireEvent.keyDown(board(), { key: "Enter" });
  expect(named("button", "Pin 2: not logged yet")).toBeTruthy();
  fireEvent.click(mode("Just look"));
  expect(screen.queryByRole("button", { name: "Pin 2: not logged yet" })).toBeNull();
});

it("takes a pin off by striking its line", async () => {
  show([pin(1), pin(2, { words: "", part: "plate" })]);
  fireEvent.click(screen.getByText("scribe line"));
  fireEvent.click(named("button", "Remove the pin"));
  await waitFor(() => expect(logged()).toEqual([{ kind: "struck", target: "pin-1", reason: "pin removed" }]));
});
