import { answering, Refusal, AWAY } from "../testing/server";
import { expect, it } from "vitest";
import { Away, Problem } from "./client";
import { sending } from "./sending";

const form = () => {
  const made = new FormData();
  made.append("file", new File(["RIFF"], "run.wav"));
  return made;
};

it("says how much has gone out, and what came back", async () => {
  answering({ "POST /api/there": { firings: 3 } });
  const parts: number[] = [];
  expect(await sending("/api/there", form(), (part) => parts.push(part))).toEqual({ firings: 3 });
  expect(parts.at(-1)).toBe(1);
});

it("hands a refusal on in its words", async () => {
  answering({ "POST /api/there": new Refusal(422, { code: "noFiring", detail: "No firing was found." }) });
  const refused = sending("/api/there", form(), () => {});
  await expect(refused).rejects.toBeInstanceOf(Problem);
  await expect(refused).rejects.toThrow("No firing was found.");
});

it("tells a server that is away from one that refuses", async () => {
  answering({ "POST /api/there": AWAY });
  await expect(sending("/api/there", form(), () => {})).rejects.toBeInstanceOf(Away);
});
