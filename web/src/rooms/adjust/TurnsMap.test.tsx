import { cleanup, render, screen } from "@testing-library/react";
import { afterEach, expect, it } from "vitest";
import type { Plan } from "./plan";
import { TurnsMap } from "./TurnsMap";

afterEach(cleanup);

const named = (id: string) => ({ id, words: id });
const side = [-0.5, -0.25, 0, 0.25, 0.5];

const field: NonNullable<Plan["map"]> = {
  first: named("height screw"),
  second: named("side screw"),
  across: side,
  up: side,
  worst: side.map((b) => side.map((a) => 0.6 + 4 * Math.hypot(a, b))),
  path: [[-0.25, 0.5]],
  now: 3.4,
  then: 1.6,
  acrossRange: [-1, 1],
  upRange: [-0.25, 1],
};

it("says now and after the turns in the numbers of the advice", () => {
  render(
    <TurnsMap field={field} turns={[{ adjuster: named("height screw"), to: 0 } as Plan["turns"][number]]} />,
  );
  expect(
    screen.getByRole("img", { name: /worst is at 3.4 × its tolerance now, and should be at 1.6 ×/ }),
  ).toBeTruthy();
  expect(screen.getByText("1.6")).toBeTruthy();
});

it("shows what lies beyond the range of a screw as such, and only where there is any", () => {
  const { rerender } = render(<TurnsMap field={field} turns={[]} />);
  expect(screen.getByText("beyond the range of the screw")).toBeTruthy();
  rerender(<TurnsMap field={{ ...field, upRange: [-1, 1] }} turns={[]} />);
  expect(screen.queryByText("beyond the range of the screw")).toBeNull();
});
