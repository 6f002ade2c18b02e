import { answering, inTheShop, named } from "../../testing/atTheBench";
import { fireEvent, screen } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import { aJob } from "../../testing/examples";
import { KnownModel } from "./KnownModel";
import { BLANK } from "./receivedForm";

const typed = { ...BLANK, maker: "Pellworm", model: "Twin", serial: "338500" };
const known = {
  jobs: 4,
  usual: aJob().intake.received,
  pattern: { pattern: "2nd pattern", inside: true, why: "3 of that pattern were numbered 338000 to 339000" },
  care: [],
};

it("offers to describe it like the last one, and to take the pattern that its number says", async () => {
  const change = vi.fn();
  answering({ "GET /api/identify": known });
  inTheShop(<KnownModel form={typed} change={change} />);
  fireEvent.click(await screen.findByRole("button", { name: "Describe it like the last one" }));
  expect(change).toHaveBeenLastCalledWith({
    bodyType: "TLR",
    family: "LEAF_LENS",
    series: "DOUBLING",
    speeds: "1 1/30",
  });
  fireEvent.click(named("button", "Take “2nd pattern”"));
  expect(change).toHaveBeenLastCalledWith({ pattern: "2nd pattern" });
});

it("says nothing of a model that is new here, nor before it is named", async () => {
  answering({ "GET /api/identify": { ...known, jobs: 0 } });
  inTheShop(<KnownModel form={typed} change={vi.fn()} />);
  expect(screen.queryByLabelText("Known of this model")).toBeNull();
});
