import { answering, atTheBench, logged, named } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { aJob, aPart, called } from "../../testing/examples";
import { aHouse } from "../../testing/house";
import { Oil } from "./Oil";

const blades = aHouse().lubrication.points[0];
const says = (lubricant: string, objection?: string) => ({
  kind: blades,
  houseWords: "none",
  lubricant,
  ...(objection && { objection: { code: "neverHere", message: objection, remedy: "" } }),
});

const openByHand = async () => fireEvent.click(await screen.findByRole("button", { name: "Add a point…" }));

const point = (
  name: string,
  { kind = "leafTrain", ...change }: { kind?: string; stands?: object; put?: object; house?: object } = {},
) => ({
  part: "retard train",
  point: called(name),
  kind: { id: kind, label: "trains" },
  origin: { because: "MODEL", jobs: 3, dry: 0 },
  house: {
    lubricant: "thinOil",
    words: "one speck",
    never: "",
    bySchool: {
      OIL: { lubricant: "thinOil", words: "one speck" },
      DRY: { lubricant: "none", words: "none" },
    },
    ...change.house,
  },
  stands: { cleaned: true, next: "OIL", ...change.stands },
  put: { times: 0, remark: "", ...change.put },
});

const sheet = (...rows: object[]) =>
  answering({ "GET /api/jobs/R-0001/oil-sheet": () => ({ school: "PASTE", rows }) });

it("works down the sheet by key: as the house does, or left dry", async () => {
  atTheBench(<Oil />);
  sheet(point("upper pivots"), point("lower pivots"), point("pallet", { kind: "pallet" }));
  await screen.findByRole("option", { name: /upper pivots/, selected: true });
  fireEvent.keyDown(window, { key: "Enter" });
  await waitFor(() =>
    expect(logged()).toMatchObject([
      { point: called("upper pivots"), lubricant: { id: "thinOil" }, reason: "" },
    ]),
  );
  await screen.findByRole("option", { name: /lower pivots/, selected: true });
  fireEvent.keyDown(window, { key: "ArrowDown" });
  await screen.findByRole("option", { name: /pallet/, selected: true });
  fireEvent.keyDown(window, { key: "d" });
  await waitFor(() =>
    expect(logged()[1]).toMatchObject({ point: called("pallet"), lubricant: { id: "none" } }),
  );
});

it("does all points of a kind at once, and none that is done", async () => {
  atTheBench(<Oil />);
  sheet(
    point("upper pivots"),
    point("lower pivots"),
    point("pallet", { stands: { next: "DONE" }, put: { with: "thin oil", times: 1 } }),
  );
  fireEvent.click(await screen.findByRole("button", { name: /All 2 of this kind/ }));
  await waitFor(() =>
    expect(logged()).toMatchObject([{ point: called("upper pivots") }, { point: called("lower pivots") }]),
  );
});

it("sets the practices side by side", async () => {
  atTheBench(<Oil />);
  sheet(point("upper pivots"));
  fireEvent.click(await screen.findByRole("radio", { name: "Compare practices" }));
  expect(await screen.findByText(/1 of 1 points differ/)).toBeTruthy();
});

it("shows what house practice puts there, and asks why where it objects", async () => {
  atTheBench(<Oil />, aJob({ parts: [aPart("shutter blades")] }));
  answering({
    "GET /api/jobs/R-0001/oil-sheet": () => ({ school: "PASTE", rows: [] }),
    "GET /api/oiling": ({ path }: { path: string }) =>
      path.includes("lubricant=thinOil")
        ? says("thinOil", "thin oil never goes on shutter blades: oil makes them stick.")
        : says("none"),
  });
  await openByHand();
  fireEvent.click(named("button", "shutter blades"));
  expect(await screen.findByText("none", { selector: "b" })).toBeTruthy();
  expect(screen.queryByLabelText(/Why oil it anyway/)).toBeNull();
  fireEvent.click(named("radio", "thin oil"));
  const why = await screen.findByLabelText(/never goes on shutter blades.*Why oil it anyway/);
  fireEvent.change(why, { target: { value: "owner asked" } });
  fireEvent.click(named("button", "Log the point"));
  await waitFor(() =>
    expect(logged()).toEqual([
      {
        kind: "lubricated",
        part: "shutter blades",
        point: { id: "", words: "shutter blades" },
        pointKind: "blades",
        lubricant: { id: "thinOil", words: "thin oil" },
        reason: "owner asked",
      },
    ]),
  );
});
