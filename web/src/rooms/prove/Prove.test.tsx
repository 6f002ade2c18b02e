import { answering, atTheBench, logged, named, Refusal } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { aJob, aPart } from "../../testing/examples";
import { Prove } from "./Prove";

const job = () => aJob({ parts: [aPart("front plate")] });
const speed = () => screen.getByLabelText<HTMLInputElement>("Marked speed");
const firings = () => screen.getByLabelText<HTMLInputElement>("Firings, camera level");

it("logs typed firings and goes on to the speed that the server names", async () => {
  atTheBench(<Prove />, job());
  answering({
    "GET /api/times": { seconds: [1.02, 1.04] },
    "POST /api/jobs/R-0001/entries": { ...job(), toTime: { before: [], after: ["1/30"] } },
  });
  expect(speed().value).toBe("1");
  fireEvent.keyDown(document.body, { key: "f" });
  expect(document.activeElement).toBe(firings());
  fireEvent.change(firings(), { target: { value: "1.02s 1.04s" } });
  fireEvent.submit(firings());
  await waitFor(() => expect(speed().value).toBe("1/30"));
  expect(logged()[0]).toMatchObject({ speed: "1", phase: "AFTER", seconds: [1.02, 1.04] });
  expect(firings().value).toBe("");
});

it("says beside the field which firing is none, and keeps them all", async () => {
  atTheBench(<Prove />, job());
  answering({
    "GET /api/times": new Refusal(422, { field: "firings", detail: "“1/0” is no time." }),
  });
  fireEvent.change(firings(), { target: { value: "1/58 1/0" } });
  fireEvent.submit(firings());
  expect(await screen.findByText(/“1\/0” is no time/)).toBeTruthy();
  expect(firings().getAttribute("aria-invalid")).toBe("true");
  expect(firings().value).toBe("1/58 1/0");
  expect(logged()).toEqual([]);
});

it("counts firings with Space and a miss with M, where no field has focus", async () => {
  atTheBench(<Prove />, job());
  fireEvent.keyDown(document.body, { key: " " });
  fireEvent.keyDown(document.body, { key: "m" });
  fireEvent.keyDown(firings(), { key: " " });
  await waitFor(() => expect(logged()).toHaveLength(2));
  expect(logged()).toMatchObject([
    { kind: "fired", good: true },
    { kind: "fired", good: false },
  ]);
});

it("times before the work while nothing is off", () => {
  atTheBench(<Prove />, aJob());
  expect(named("radio", "before").getAttribute("aria-checked")).toBe("true");
});
