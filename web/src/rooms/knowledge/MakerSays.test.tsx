import { answering, inTheShop, logged, named, Refusal } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import type { Schemas } from "../../api/client";
import { MakerSays, readMeans } from "./MakerSays";

const SHEET: Schemas["ModelSheet"] = {
  maker: "Pellworm",
  model: "Twin",
  source: "service sheet 12",
  limits: { slowEv: 0.3, fastEv: 0.4, scatterEv: 0.1, taperSlowEv: 0.2, taperFastEv: 0.3 },
  meansSeconds: { "1/60": 0.0167 },
};
const show = (sheet?: Schemas["ModelSheet"]) => {
  inTheShop(<MakerSays maker="Pellworm" model="Twin" sheet={sheet} />);
  answering({
    "GET /api/models/one": { lastSequence: 3 },
    "POST /api/logs/knowledge/lines": { log: "knowledge", lastSequence: 4 },
  });
};
const type = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });

it("enters a sheet with no more than what it says", async () => {
  show();
  expect(screen.getByText(/No service sheet entered/)).toBeTruthy();
  fireEvent.click(named("button", "Enter the service sheet"));
  type("Source", "sheet 7");
  type("Leading, ms", "13,5");
  type("Marked speeds that mean something else, in seconds", "1/60 = 0.0167, 1/300 = 0,0033 s");
  fireEvent.click(named("button", "Save sheet"));
  await waitFor(() => expect(logged()).toHaveLength(1));
  expect(logged()[0]).toMatchObject({
    kind: "sheetKept",
    sheet: {
      maker: "Pellworm",
      source: "sheet 7",
      leadingTravelMs: 13.5,
      meansSeconds: { "1/60": 0.0167, "1/300": 0.0033 },
    },
  });
  expect(logged()[0]).not.toHaveProperty("sheet.limits");
  expect(await screen.findByText("Enter the service sheet")).toBeTruthy();
});

it("changes one figure of a sheet and keeps the others", async () => {
  show(SHEET);
  fireEvent.click(named("button", "Edit"));
  type("± EV faster", "0,5");
  fireEvent.click(named("button", "Save sheet"));
  await waitFor(() =>
    expect(logged()).toMatchObject([
      { sheet: { limits: { ...SHEET.limits, fastEv: 0.5 }, meansSeconds: SHEET.meansSeconds } },
    ]),
  );
});

it("takes a sheet away", async () => {
  show(SHEET);
  fireEvent.click(named("button", "Edit"));
  fireEvent.click(named("button", "Delete sheet"));
  await waitFor(() =>
    expect(logged()).toEqual([{ kind: "sheetTakenBack", maker: "Pellworm", model: "Twin" }]),
  );
});

it("says beside the field what the sheet cannot say", async () => {
  show(SHEET);
  answering({
    "POST /api/logs/knowledge/lines": new Refusal(400, {
      field: "source",
      detail: "The source is empty.",
      remedy: "Name it.",
    }),
  });
  fireEvent.click(named("button", "Edit"));
  type("Source", "");
  fireEvent.click(named("button", "Save sheet"));
  expect(await screen.findByText("The source is empty. Name it.")).toBeTruthy();
  expect(screen.getByLabelText("Source").getAttribute("aria-invalid")).toBe("true");
});

it("reads what marked speeds mean by pieces, and leaves what is no number for the server to say", () => {
  expect(readMeans("1/60 = 0.0167; 1/30=0,0333 s")).toEqual({ "1/60": 0.0167, "1/30": 0.0333 });
  expect(readMeans("")).toEqual({});
  expect(readMeans("1/60 = soon")["1/60"]).toBeNaN();
});
