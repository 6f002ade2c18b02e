import { fireEvent, screen, within } from "@testing-library/react";
import { expect, it } from "vitest";
import { atTheBench } from "../../testing/atTheBench";
import { aJob, aPart } from "../../testing/examples";
import { Refit } from "./Refit";

type Shot = ReturnType<typeof aJob>["album"]["shots"][number];

const shot = (name: string, part: string, pins: number): Shot => ({
  id: name,
  at: "2031-03-04T10:00:00Z",
  by: "Ines K.",
  what: { kind: "pictured", name, shows: "", part, at: "STRIP" },
  pins: Array.from({ length: pins }, (_, index) => ({
    id: `${name} ${index}`,
    what: {
      kind: "pinned",
      picture: name,
      number: index + 1,
      x: 0.2,
      y: 0.3,
      what: "FASTENER",
      words: "slotted screw 1.4 × 3.0",
      part,
      well: "",
    },
  })) as Shot["pins"],
});

function pictured() {
  const plate = aPart("front plate", { pictures: ["plain.jpg", "map.jpg"] });
  return aJob({
    parts: [plate],
    album: { shots: [shot("plain.jpg", "front plate", 0), shot("map.jpg", "front plate", 2)], toCome: [] },
  });
}

it("shows the pictures large beside the gate with one key, the hole map first", () => {
  atTheBench(<Refit />, pictured());
  fireEvent.keyDown(document.body, { key: "v" });
  const large = screen.getByRole("region", { name: "Pictures of the front plate, large" });
  expect(within(large).getByRole("img").getAttribute("src")).toBe("/api/pictures/map.jpg");
  expect(screen.getByRole("region", { name: "Checks" })).toBeTruthy();
  fireEvent.keyDown(document.body, { key: "v" });
  expect(within(large).getByRole("img").getAttribute("src")).toBe("/api/pictures/plain.jpg");
  fireEvent.keyDown(document.body, { key: "Escape" });
  expect(screen.queryByRole("region", { name: /large$/ })).toBeNull();
  expect(screen.getByRole("region", { name: "Reassembly" })).toBeTruthy();
});

it("does nothing by that key where there is no picture", () => {
  atTheBench(<Refit />, aJob({ parts: [aPart("front plate")] }));
  fireEvent.keyDown(document.body, { key: "v" });
  expect(screen.getByRole("region", { name: "Reassembly" })).toBeTruthy();
});
