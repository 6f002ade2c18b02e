import { answering, atTheBench, logged, named, Refusal } from "../../testing/atTheBench";
import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { aJob, aPart } from "../../testing/examples";
import { Prove } from "./Prove";

const job = () => aJob({ parts: [aPart("front plate")] });
const speed = () => screen.getByLabelText<HTMLInputElement>("Marked speed");
const firings = () => screen.getByLabelText<HTMLInputElement>("Firings");

it("logs typed firings and goes on to the speed that the server names", async () => {
  atTheBench(<Prove />, job());
  answering({
    "GET /api/times": { seconds: [1.02, 1.04] },
    "GET /api/jobs/R-0001": { ...job(), toTime: { before: [], after: ["1/30"] } },
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

it("keeps the chosen before or after when the page is left", () => {
  const job = aJob();
  atTheBench(<Prove />, job);
  fireEvent.click(named("radio", "after"));
  cleanup();
  atTheBench(<Prove />, job);
  expect(named("radio", "after").getAttribute("aria-checked")).toBe("true");
});

it("shows what changed, what hung up, and what holding it otherwise does", async () => {
  const one = job();
  const run = (biasEv: number, hung: number[] = []) => ({
    seconds: [1.02, 1.04],
    errorsEv: [0.03, 0.06],
    hung,
    bias: { ev: biasEv, percent: 3, lowEv: biasEv - 0.1, highEv: biasEv + 0.1 },
    scatter: { ev: 0.02, tooWide: false },
    verdict: { kind: "IN" as const, fireMore: 0, straddles: false },
    simulated: false,
  });
  one.speeds[0] = {
    ...one.speeds[0],
    before: run(0.5),
    after: run(0.05, [1.9]),
    change: { byEv: -0.45, lowEv: -0.55, highEv: -0.35 },
    attitudes: [{ attitude: "LENS_DOWN", effectEv: 0.31, halfWidthEv: 0.08, chance: 0.001, called: true }],
  };
  atTheBench(<Prove />, one);
  expect(screen.getByText(/hung up, not counted/).textContent).toContain("1.9");
  expect(named("row", /^change −0.45 EV, from −0.55 to −0.35/)).toBeTruthy();
  expect(named("row", /\+0.31 EV ± 0.08 against level ?this attitude affects it/)).toBeTruthy();
  answering({ "GET /api/times": { seconds: [1.3] } });
  fireEvent.change(screen.getByLabelText("Camera held"), { target: { value: "LENS_DOWN" } });
  fireEvent.change(firings(), { target: { value: "1.3s" } });
  fireEvent.submit(firings());
  await waitFor(() => expect(logged()[0]).toMatchObject({ attitude: "LENS_DOWN", seconds: [1.3] }));
});
