import { screen, within } from "@testing-library/react";
import { expect, it } from "vitest";
import { atTheBench } from "../../testing/atTheBench";
import { aJob, aPart } from "../../testing/examples";
import { PartAtHand } from "./PartAtHand";

it("draws what holds a part, how it was set and what lay loose, without any picture", () => {
  const part = aPart("speed ring", { neighbours: { outward: { part: "front plate", known: false } } });
  part.removed = {
    ...part.removed,
    setting: "1/125",
    mark: { text: "notch at red line", state: "" },
    loose: [{ name: "detent ball", count: 1 }],
  };
  const job = aJob({ parts: [aPart("front plate"), part] });
  atTheBench(<PartAtHand job={job} part={part} point="ring edge" />, job);
  const drawing = within(screen.getByRole("list", { name: /The speed ring between its neighbours/ }));
  for (const words of [
    "3 × slotted screw 1.4 × 3.0",
    "was at 1/125",
    "mark: notch at red line",
    "1 × detent ball",
    "came off just before it · still out",
    "oil here: ring edge",
  ])
    expect(drawing.getByText(words)).toBeTruthy();
  expect(screen.getByRole("link", { name: "Add a picture" }).getAttribute("href")).toBe(
    "/camera/R-0001/pictures?part=speed%20ring",
  );
});
