import { answering, atTheBench, logged, named, Refusal } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { expect, it } from "vitest";
import { drag } from "../../testing/drag";
import { aJob, aPart } from "../../testing/examples";
import { Strip } from "./Strip";

const plate = aPart("plate");
const ring = aPart("ring", { removed: { ...aPart("ring").removed, wells: ["B2"] } });
const holds = (name: string) => [{ name, fasteners: [], loose: [], lookAlike: false }];
const twoOut = () =>
  aJob({
    parts: [plate, ring],
    wells: { B1: holds("plate"), B2: holds("ring") },
    trays: [
      {
        number: 1,
        name: "",
        rows: [
          ["A1", "A2", "A3"],
          ["B1", "B2", "B3"],
        ],
        used: true,
        others: [],
      },
      {
        number: 2,
        name: "lidded",
        rows: [["2A1", "2A2"]],
        used: false,
        others: ["R-0007"],
      },
    ],
  });
const noneKnown = () => answering({ "GET /api/jobs/R-0001/known": undefined });

const row = (name: string) => screen.getByRole("button", { name: new RegExp(`^${name}`) });

it("asks which lies over which when a part is dragged onto another", async () => {
  atTheBench(<Strip />, twoOut());
  noneKnown();
  drag(row("plate"), row("ring"));
  fireEvent.click(named("button", "plate lies over"));
  await waitFor(() =>
    expect(logged()).toEqual([{ kind: "edgeSet", over: "plate", under: "ring", present: true }]),
  );
});

it("takes an edge away that is there already", async () => {
  const job = twoOut();
  job.parts[1] = { ...ring, over: ["plate"] };
  atTheBench(<Strip />, job);
  noneKnown();
  drag(row("ring"), row("plate"));
  fireEvent.click(named("button", "It does not"));
  await waitFor(() =>
    expect(logged()).toEqual([{ kind: "edgeSet", over: "plate", under: "ring", present: false }]),
  );
});

it("frees two parts that only probably lie over each other", async () => {
  const job = twoOut();
  job.parts[1] = { ...ring, over: ["plate"], probably: ["plate"] };
  atTheBench(<Strip />, job);
  noneKnown();
  drag(row("ring"), row("plate"));
  expect(screen.getByText(/plate probably lies over ring/)).toBeTruthy();
  fireEvent.click(named("button", "Free of each other"));
  await waitFor(() => expect(logged()).toEqual([{ kind: "freeOf", part: "ring", others: ["plate"] }]));
});

it("logs pieces that are dragged from one well into another", async () => {
  atTheBench(<Strip />, twoOut());
  noneKnown();
  drag(named("button", "Well B2: ring"), named("button", "Well A3, empty"));
  await waitFor(() => expect(logged()).toEqual([{ kind: "moved", part: "ring", wells: ["A3"] }]));
});

it("says by buttons alone where a part lies now, in another tray too", async () => {
  atTheBench(<Strip />, twoOut(), "?part=ring");
  noneKnown();
  fireEvent.click(named("button", "Move it…"));
  fireEvent.click(named("button", "Well B2: ring"));
  fireEvent.click(named("button", "Trays of other cameras…"));
  fireEvent.click(screen.getByRole("radio", { name: "2 lidded" }));
  expect(screen.getByText(/also holds pieces of R-0007/)).toBeTruthy();
  fireEvent.click(named("button", "Well 2A1, empty"));
  fireEvent.click(within(screen.getByLabelText("Where it is now")).getByText("Save"));
  await waitFor(() => expect(logged()).toEqual([{ kind: "moved", part: "ring", wells: ["2A1"] }]));
});

it("says what lies in a well that no tray has any more", () => {
  const job = { ...twoOut(), nowhere: ["D9"] };
  job.wells = { ...job.wells, D9: holds("plate") };
  atTheBench(<Strip />, job);
  noneKnown();
  expect(screen.getByText("No longer in a tray:").parentElement?.textContent).toContain("D9 plate");
});

it("keeps the wells that were pressed when they are refused, and those of the next removal when a part is moved", async () => {
  const job = twoOut();
  atTheBench(<Strip />, job);
  noneKnown();
  fireEvent.click(named("button", "Well A3, empty"));
  fireEvent.click(row("ring"));
  fireEvent.click(named("button", "Move it…"));
  fireEvent.click(named("button", "Well A1, empty"));
  answering({
    "POST /api/logs/R-0001/lines": new Refusal(422, {
      detail: "There is no well A1.",
      remedy: "It has B1.",
    }),
  });
  fireEvent.click(named("button", "Save"));
  expect(await screen.findByText(/There is no well A1/)).toBeTruthy();
  expect(screen.getByLabelText("Where it is now").textContent).toContain("B2 A1");
  fireEvent.click(named("button", "Cancel"));
  fireEvent.click(named("button", "Take another part off"));
  expect(named("button", "Well A3, empty").getAttribute("aria-pressed")).toBe("true");
  expect(named("button", "Well A1, empty").getAttribute("aria-pressed")).toBe("false");
});

it("asks through which side a part from inside was reached, and frees it of the others", async () => {
  const reachedThrough: NonNullable<ReturnType<typeof twoOut>["reachedThrough"]> = {
    part: "mirror gear",
    ways: [
      { side: "TOP", freeOf: ["base plate"] },
      { side: "BOTTOM", freeOf: ["plate", "ring"] },
    ],
  };
  atTheBench(<Strip />, { ...twoOut(), reachedThrough });
  noneKnown();
  fireEvent.click(named("button", "Only the bottom"));
  await waitFor(() =>
    expect(logged()).toEqual([{ kind: "freeOf", part: "mirror gear", others: ["plate", "ring"] }]),
  );
  fireEvent.click(named("button", "All of them"));
  expect(screen.queryByRole("region", { name: "How it was reached" })).toBeNull();
});
