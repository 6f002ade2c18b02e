import { answering, atTheBench, logged, named } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { aHouse, aJob, aPart } from "../../testing/examples";
import { Oil } from "./Oil";

const blades = aHouse().lubrication.points[0];
const says = (lubricant: string, objection?: string) => ({
  kind: blades,
  houseWords: "nothing",
  lubricant,
  ...(objection && { objection: { code: "neverHere", message: objection, remedy: "" } }),
});

it("shows what the house puts there, and asks why where it objects", async () => {
  atTheBench(<Oil />, aJob({ parts: [aPart("shutter blades")] }));
  answering({
    "GET /api/oiling": ({ path }: { path: string }) =>
      path.includes("lubricant=thinOil")
        ? says("thinOil", "thin oil never goes on shutter blades: oil makes them stick.")
        : says("none"),
  });
  fireEvent.click(named("button", "shutter blades"));
  expect(await screen.findByText("nothing", { selector: "b" })).toBeTruthy();
  expect(screen.queryByLabelText(/Why all the same/)).toBeNull();
  fireEvent.click(named("radio", "thin oil"));
  const why = await screen.findByLabelText(/never goes on shutter blades.*Why all the same/);
  fireEvent.change(why, { target: { value: "owner asked" } });
  fireEvent.click(named("button", "Log the point"));
  await waitFor(() =>
    expect(logged()).toEqual([
      {
        kind: "lubricated",
        part: "shutter blades",
        point: "shutter blades",
        pointKind: "blades",
        lubricant: "thinOil",
        reason: "owner asked",
      },
    ]),
  );
});
