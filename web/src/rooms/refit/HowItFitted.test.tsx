import { atTheBench, logged, named } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { aJob, aPart } from "../../testing/examples";
import { HowItFitted } from "./HowItFitted";

const from = { maker: "Pellworm", model: "Twin", pattern: "1st pattern" };
const job = (part: string) =>
  aJob({
    parts: [aPart("governor"), aPart("speed ring")],
    fitsToJudge: [{ part, from, words: "donor camera, D-4" }],
  });

it("asks with one key how the piece at hand went in", async () => {
  const here = job("governor");
  atTheBench(<HowItFitted job={here} shown="governor" />, here);
  expect(screen.getByText(/Pellworm Twin, 1st pattern/)).toBeTruthy();
  fireEvent.keyDown(window, { key: "e" });
  await waitFor(() =>
    expect(logged()).toMatchObject([{ kind: "fitSeen", part: "governor", from, outcome: "WITH_WORK" }]),
  );
});

it("asks nothing while the part is still out and another is at hand", () => {
  const here = job("governor");
  atTheBench(<HowItFitted job={here} shown="speed ring" />, here);
  expect(screen.queryByRole("region", { name: "How it fits" })).toBeNull();
  fireEvent.keyDown(window, { key: "y" });
  expect(logged()).toEqual([]);
});

it("asks for a part that never came off by itself", () => {
  const here = job("pinion");
  atTheBench(<HowItFitted job={here} shown="speed ring" />, here);
  expect(named("button", /As it is/)).toBeTruthy();
});
