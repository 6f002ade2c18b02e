import type { Schemas } from "../../api/client";
import { answering, inTheShop, named } from "../../testing/atTheBench";
import { fireEvent, screen } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import { aJob, aMet, called } from "../../testing/examples";
import { KnownModel } from "./KnownModel";
import { BLANK } from "./receivedForm";

const typed = { ...BLANK, maker: "Pellworm", model: "Twin", serial: "338500" };
const known = {
  jobs: 4,
  usual: aJob().intake.received,
  pattern: { pattern: "2nd pattern", sure: true, why: "3 of that pattern were numbered 338000 to 339000" },
  features: [
    { text: "scale engraved", patterns: { "1st pattern": 2 } },
    { text: "black dial", patterns: { "1st pattern": 1, "2nd pattern": 1 } },
  ],
  care: [],
  batteries: [],
  ofTheModel: [],
  leaveAlone: [],
};

it("offers to describe it like the last one, and to take the pattern that its number says", async () => {
  const change = vi.fn();
  answering({ "GET /api/identify": known });
  inTheShop(<KnownModel typed={typed} change={change} />);
  fireEvent.click(await screen.findByRole("button", { name: "Copy the last one's description" }));
  expect(change).toHaveBeenLastCalledWith({
    bodyType: "TLR",
    family: "LEAF_LENS",
    series: "DOUBLING",
    speed: "1 1/30",
  });
  fireEvent.click(named("button", "Use “2nd pattern”"));
  expect(change).toHaveBeenLastCalledWith({ pattern: "2nd pattern" });
});

it("says nothing of a model that is new here, nor before it is named", async () => {
  answering({ "GET /api/identify": { ...known, jobs: 0 } });
  inTheShop(<KnownModel typed={typed} change={vi.fn()} />);
  expect(screen.queryByLabelText("What we know about this model")).toBeNull();
});

it("lets one press what the camera shows, and takes it back", async () => {
  const change = vi.fn();
  answering({ "GET /api/identify": known });
  inTheShop(<KnownModel typed={{ ...typed, feature: "Black Dial, odd strap lug" }} change={change} />);
  fireEvent.click(await screen.findByRole("button", { name: "scale engraved", pressed: false }));
  expect(change).toHaveBeenLastCalledWith({ feature: "Black Dial, odd strap lug, scale engraved" });
  fireEvent.click(screen.getByRole("button", { name: "black dial", pressed: true }));
  expect(change).toHaveBeenLastCalledWith({ feature: "odd strap lug" });
});

it("says so where number and looks gainsay each other", async () => {
  answering({
    "GET /api/identify": {
      ...known,
      pattern: { pattern: "", sure: false, why: "parts of two patterns, look again" },
    },
  });
  inTheShop(<KnownModel typed={typed} change={vi.fn()} />);
  expect(await screen.findByText(/parts of two patterns/)).toBeTruthy();
  expect(screen.queryByRole("button", { name: /Take “/ })).toBeNull();
});

it("shows at once what to beware of, which cells it takes and what to leave alone", async () => {
  const hidden: Schemas["Fastener"] = {
    kind: "SCREW",
    drive: "CROSS",
    head: "NOT_SAID",
    threadMm: 2,
    lengthMm: 5,
    count: 1,
    traits: [],
  };
  answering({
    "GET /api/identify": {
      ...known,
      care: [aMet("top cover", { hidden: [hidden], loose: ["1 × ball"] }).part],
      batteries: [{ what: called("1.35 V cell"), jobs: 3 }],
      ofTheModel: [],
      leaveAlone: [{ what: called("two screws at the shaft: they hold the train"), jobs: 2 }],
    },
  });
  inTheShop(<KnownModel typed={typed} change={vi.fn()} />);
  expect(await screen.findByText(/at the top cover: hidden 1 × .*loose: 1 × ball/)).toBeTruthy();
  expect(screen.getByText(/1.35 V cell \(3\)/)).toBeTruthy();
  expect(screen.getByText(/they hold the train/)).toBeTruthy();
});
