import { atTheBench, logged, named } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { expect, it } from "vitest";
import { aJob } from "../../testing/examples";
import { BODIES } from "./drawing/bodies";
import { SixSides } from "./SixSides";

const board = (side: string) => named("button", new RegExp(`^The camera's ${side}`));
const found = (id: string, remark: string, change: object = {}) => ({
  id,
  found: {
    kind: "conditionFound" as const,
    region: "BOTTOM" as const,
    condition: "DENT" as const,
    severity: "SLIGHT" as const,
    remark,
    picture: "",
    ...change,
  },
});

it("puts a finding where the drawing was tapped, by keyboard too", async () => {
  atTheBench(<SixSides job={aJob()} />);
  fireEvent.keyDown(board("top"), { key: "ArrowLeft", shiftKey: true });
  fireEvent.keyDown(board("top"), { key: "Enter" });
  expect(screen.getByText("on the top")).toBeTruthy();
  fireEvent.change(screen.getByLabelText("Remark"), { target: { value: "by the winder" } });
  fireEvent.click(named("button", "Add finding"));
  await waitFor(() =>
    expect(logged()).toMatchObject([
      {
        kind: "conditionFound",
        region: "TOP",
        remark: "by the winder",
        place: { side: "TOP", x: 0.4, y: 0.5 },
      },
    ]),
  );
});

it("keeps what was typed when the drawing is tapped, and takes the region from the tap", () => {
  atTheBench(<SixSides job={aJob()} />);
  const region = () => screen.getByLabelText<HTMLSelectElement>("Where").value;
  const tap = (side: string) => {
    fireEvent.keyDown(board(side), { key: "ArrowUp" });
    fireEvent.keyDown(board(side), { key: "Enter" });
  };
  fireEvent.change(screen.getByLabelText("Remark"), { target: { value: "deep" } });
  expect(region()).toBe("BOTTOM");
  tap("top");
  expect(region()).toBe("TOP");
  expect(screen.getByLabelText<HTMLInputElement>("Remark").value).toBe("deep");
  fireEvent.change(screen.getByLabelText("Where"), { target: { value: "LENS" } });
  tap("top");
  expect(region()).toBe("TOP");
  tap("back");
  expect(region()).toBe("BACK");
  tap("front");
  expect(region()).toBe("LENS");
});

it("takes a new pin away with Escape", () => {
  atTheBench(<SixSides job={aJob()} />);
  fireEvent.keyDown(board("top"), { key: "ArrowUp" });
  fireEvent.keyDown(board("top"), { key: "Enter" });
  expect(screen.getByText("on the top")).toBeTruthy();
  fireEvent.keyDown(document.body, { key: "Escape" });
  expect(screen.queryByText("on the top")).toBeNull();
});

it("takes a finding by region alone, and shows it at that region's usual place", async () => {
  const job = aJob();
  job.intake.findings = [found("1", "by the socket")];
  atTheBench(<SixSides job={job} />, job);
  expect(named("button", "Pin 1: slight dent, by the socket")).toBeTruthy();
  fireEvent.click(named("button", "Add finding"));
  await waitFor(() => expect(logged()).toHaveLength(1));
  expect(logged()[0]).not.toHaveProperty("place");
});

it("keeps drawing and list in step", () => {
  const job = aJob();
  job.intake.findings = [found("1", "one"), found("2", "two", { severity: "GRAVE" })];
  atTheBench(<SixSides job={job} />, job);
  fireEvent.click(named("button", /^Pin 2/));
  const row = screen.getByText(/two/, { selector: "span" }).closest("li")!;
  expect(within(row).getByRole("button", { name: /Strike out this finding/ })).toBeTruthy();
});

it("draws every body type from six sides, each within its frame", () => {
  expect(Object.keys(BODIES).sort()).toEqual(
    ["BOX", "FOLDING", "LENS", "MODULAR", "RIGID", "SLR", "SUBMINIATURE", "TLR"].sort(),
  );
  for (const sides of Object.values(BODIES))
    for (const side of Object.values(sides)) {
      expect(side.strokes.length).toBeGreaterThan(1);
      for (const stroke of side.strokes) expect(stroke.d).toMatch(/^M-?[\d.]+ -?[\d.]+[^N]*$/);
    }
});
