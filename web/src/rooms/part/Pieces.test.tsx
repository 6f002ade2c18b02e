import { atTheBench, logged, named, saying } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import type { Schemas } from "../../api/client";
import { aJob, aPart } from "../../testing/examples";
import { Pieces } from "./Pieces";

const account = (change: Partial<Schemas["PlaceAccount"]>): Schemas["PlaceAccount"] => ({
  place: { part: "detent lever", piece: "detent ball" },
  required: 1,
  found: 1,
  missing: 0,
  filled: { back: 0, replaced: 0, out: 1 },
  gone: { lost: 0, destroyed: 0, spare: 0, unaccounted: 0 },
  left: 0,
  because: "",
  open: 0,
  ...change,
});

function pieces(...places: Schemas["PlaceAccount"][]) {
  const job = aJob({ parts: [aPart("detent lever")] });
  job.notes.places = places;
  atTheBench(<Pieces job={job} part="detent lever" />, job);
}

it("notes a piece as lost, and found again with where and how long it took", async () => {
  pieces(
    account({}),
    account({
      place: { part: "detent lever", piece: "washer" },
      gone: { lost: 1, destroyed: 0, spare: 0, unaccounted: 0 },
    }),
  );
  fireEvent.click(screen.getAllByRole("button", { name: saying("Lost…") })[0]!);
  fireEvent.click(named("button", "Lost"));
  await waitFor(() =>
    expect(logged()).toMatchObject([{ kind: "lost", piece: "detent ball", count: 1, unlisted: false }]),
  );
  fireEvent.click(screen.getByRole("button", { name: saying("Found…") }));
  fireEvent.change(screen.getByLabelText("Where was it"), { target: { value: "on the magnet" } });
  fireEvent.change(screen.getByLabelText("Minutes looked for it"), { target: { value: "25" } });
  fireEvent.click(named("button", "Found"));
  await waitFor(() =>
    expect(logged()[1]).toMatchObject({
      kind: "foundAgain",
      piece: "washer",
      where: "on the magnet",
      minutes: 25,
    }),
  );
});

it("fills an empty place, asks for a piece, or leaves it empty with a reason", async () => {
  pieces(account({ filled: { back: 0, replaced: 0, out: 0 }, open: 1, missing: 1, found: 0 }));
  expect(screen.getByText("1 missing on arrival, 1 empty")).toBeTruthy();
  fireEvent.click(screen.getByRole("button", { name: saying("Fit another…") }));
  fireEvent.change(screen.getByLabelText("From where, such as drawer 4"), { target: { value: "drawer 4" } });
  fireEvent.click(named("button", "Fit another"));
  await waitFor(() =>
    expect(logged()).toMatchObject([{ kind: "pieceFitted", source: "STOCK", from: "drawer 4", count: 1 }]),
  );
  fireEvent.click(screen.getByRole("button", { name: saying("Leave empty…") }));
  fireEvent.change(screen.getByLabelText("Why it stays empty"), { target: { value: "stripped" } });
  fireEvent.click(named("button", "Leave empty"));
  await waitFor(() => expect(logged()[1]).toMatchObject({ kind: "leftEmpty", why: "stripped" }));
});

it("takes a piece of which nothing was noted", async () => {
  pieces();
  fireEvent.click(named("button", "A piece is gone that was not noted…"));
  fireEvent.change(screen.getByLabelText("How it is gone"), { target: { value: "lost" } });
  fireEvent.change(screen.getByLabelText("Which piece"), { target: { value: "click spring" } });
  fireEvent.click(named("button", "Note it"));
  await waitFor(() =>
    expect(logged()).toEqual([
      { kind: "lost", part: "detent lever", piece: "click spring", count: 1, unlisted: true },
    ]),
  );
});
