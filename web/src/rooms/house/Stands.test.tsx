import { answering, inTheShop, logged } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { readSensors, Stands } from "./Stands";

it("reads sensors as place and width, with a decimal comma too", () => {
  expect(readSensors("2 x 1, 18,5 × 0,8; 34x1")).toEqual([
    { positionMm: 2, widthMm: 1 },
    { positionMm: 18.5, widthMm: 0.8 },
    { positionMm: 34, widthMm: 1 },
  ]);
  expect(readSensors("2 x")).toBeUndefined();
  expect(readSensors("")).toEqual([]);
});

it("keeps what was set up, and the places only when they can be read", async () => {
  const stand = {
    name: "Three diodes",
    instrument: "",
    lamp: "STEADY",
    setup: { kind: "FOCAL_PLANE", coupling: "AUTO", gateMm: 36, sensors: [{ positionMm: 2, widthMm: 1 }] },
  };
  inTheShop(<Stands />);
  answering({
    "GET /api/stands": { stands: [stand], standIn: {} },
    "POST /api/logs/house/lines": { log: "house", lastSequence: 1 },
  });
  const places = await screen.findByLabelText("Sensors in channel order: position x width, mm");
  fireEvent.change(places, { target: { value: "2 x 1, 18" } });
  expect(places.getAttribute("aria-invalid")).toBe("true");
  fireEvent.change(places, { target: { value: "2 x 1, 18 x 1" } });
  fireEvent.click(screen.getByRole("button", { name: "Save stands" }));
  await waitFor(() => expect(logged()).toHaveLength(1));
  expect(JSON.stringify(logged())).toContain('"positionMm":18');
});
