import { afterEach, expect, it } from "vitest";
import { answering, asked, AWAY, forgetAnswers } from "../testing/server";
import { cameraOfWell } from "./cameraOfWell";

afterEach(forgetAnswers);

it.each([
  ["no camera has pieces in that tray", [], "R-0003", "R-0003"],
  ["the camera at hand is the one that has", ["R-0003"], "R-0003", "R-0003"],
  ["the camera at hand is one of several", ["R-0003", "R-0007"], "R-0003", "R-0003"],
  ["several others have", ["R-0005", "R-0007"], "R-0003", "R-0003"],
  ["one other has", ["R-0007"], "R-0003", "R-0007"],
  ["one has, and none is at hand", ["R-0007"], "", "R-0007"],
])("when %s", async (_, cameras, atHand, answer) => {
  answering({ "GET /api/wells/2B3/cameras": cameras });
  expect(await cameraOfWell("2B3", atHand)).toBe(answer);
  expect(asked).toHaveLength(1);
});

it("stays with the camera at hand while the server is away", async () => {
  answering({ "GET /api/wells/B3/cameras": AWAY });
  expect(await cameraOfWell("B3", "R-0003")).toBe("R-0003");
});
