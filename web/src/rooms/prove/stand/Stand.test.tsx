import { answering, atTheBench, logged } from "../../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { aJob } from "../../../testing/examples";
import { Stand } from "./Stand";

const setup = { kind: "LEAF", coupling: "AUTO", sensors: [] };
const standIn = {
  slowErrorEv: 0,
  fastErrorEv: 0,
  scatterEv: 0,
  missPart: 0,
  travelMs: 10,
  trailingPart: 1,
  reboundPart: 0,
  snrDb: 35,
  cutoffHz: 5,
  rippleDepth: 0,
};
const shot = { index: 1, seconds: 1.02, uncertaintySeconds: 0.0002, flags: [], sensorSeconds: [] };
const heard = (caught: object[]) => ({ peaks: [0.4], clipping: false, lit: false, caught });

function standing(caught: object[]) {
  answering({
    "GET /api/stands": {
      stands: [{ name: "One diode", instrument: "diode", lamp: "STEADY", setup }],
      standIn,
    },
    "POST /api/stand/sessions": { id: "5b0c6a0e-0000-4000-8000-000000000001" },
    "POST /api/stand/sessions/5b0c6a0e-0000-4000-8000-000000000001/stand-in": heard(caught),
    "DELETE /api/stand/sessions/5b0c6a0e-0000-4000-8000-000000000001": {},
  });
}

const listen = async () => {
  fireEvent.change(await screen.findByRole("combobox", { name: "Input" }), { target: { value: "stand-in" } });
  fireEvent.click(await screen.findByRole("button", { name: "Start listening" }));
  await screen.findByRole("button", { name: /Fire the stand-in/ });
};

it("logs each firing at the speed that is set, with its set-up and recording", async () => {
  atTheBench(<Stand />, aJob());
  standing([
    {
      shot,
      errorEv: 0.03,
      recording: `${"a".repeat(64)}.wav`,
      analysis: 1,
      said: [],
      input: { coupled: false },
    },
  ]);
  await listen();
  fireEvent.keyDown(document.body, { key: "f" });
  await waitFor(() => expect(logged()).toHaveLength(1));
  expect(logged()[0]).toMatchObject({
    kind: "firingsMeasured",
    speed: "1",
    phase: "BEFORE",
    instrument: "diode",
    setup: { kind: "LEAF", nominalSeconds: 1 },
    firings: [shot],
    source: { input: "The stand-in (simulated)", stand: "One diode", simulated: true },
  });
  expect(screen.getByRole("status").textContent).toContain("Simulated: no camera was fired");
  expect((await screen.findByRole("status")).textContent).toContain("+0.03 EV");
});

it("says why a firing is not counted, and logs nothing", async () => {
  atTheBench(<Stand />, aJob());
  standing([{ recording: "", analysis: 1, said: ["the curtains meet"], input: { coupled: false } }]);
  await listen();
  fireEvent.keyDown(document.body, { key: "f" });
  expect((await screen.findByRole("status")).textContent).toContain("not counted");
  expect(screen.getByRole("status").textContent).toContain("the curtains meet");
  expect(logged()).toEqual([]);
});

it("listens to no stand-in in a shop of one's own until it is chosen, even where it was chosen before", async () => {
  localStorage.setItem("ruvant.standInput", "stand-in");
  atTheBench(<Stand />, aJob());
  standing([]);
  const input = await screen.findByRole<HTMLSelectElement>("combobox", { name: "Input" });
  expect(input.selectedOptions[0]?.textContent).toBe("Sound input the browser chooses");
});

it("goes on to the next speed with Space", async () => {
  atTheBench(<Stand />, aJob());
  standing([]);
  await screen.findByRole("button", { name: "Start listening" });
  const here = () => document.querySelector("[aria-current=step]")?.textContent;
  expect(here()).toContain("1");
  const before = here();
  fireEvent.keyDown(document.body, { key: " " });
  await waitFor(() => expect(here()).not.toBe(before));
});

it("takes nothing back where nothing was fired", async () => {
  atTheBench(<Stand />, aJob());
  standing([]);
  await screen.findByRole("button", { name: "Start listening" });
  fireEvent.keyDown(document.body, { key: "u" });
  await waitFor(() => expect(logged()).toEqual([]));
});
