import { answering, inTheShop, logged, named, saying } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { aJob, called } from "../../testing/examples";
import { Waits } from "./Waits";

const at = (minutes: number) => new Date(Date.now() + minutes * 60_000).toISOString();

const wait = (id: string, change: object, then?: object) => ({
  tag: "R-0001",
  camera: "Pellworm Twin",
  running: {
    id,
    what: called("Enamel coat"),
    startedAt: at(-200),
    endsAt: at(30),
    station: "",
    late: "",
    ...change,
  },
  then,
});

const show = (waits: object[], stations: object[] = []) => {
  inTheShop(<Waits />);
  answering({
    "GET /api/waits": { now: at(0), waits, stations },
    "POST /api/logs/R-0001/lines": aJob(),
  });
};

it("shows what runs, what is over and what is too late, with what to do", async () => {
  show([
    wait("a", { what: called("Rest"), endsAt: at(30), part: "rail", station: "bath", latestAt: at(90) }),
    wait("b", { endsAt: at(-100), latestAt: at(-10), late: "Cut it back and go on." }),
  ]);
  expect(await screen.findByText("too late")).toBeTruthy();
  expect(screen.getByText("Cut it back and go on.")).toBeTruthy();
  expect(screen.getByText(/rail · in the bath · continue before/)).toBeTruthy();
});

it("ends one and begins the next of its chain in one go", async () => {
  const then = {
    id: "hard",
    label: "Until hard",
    minutes: 600,
    latestMinutes: 0,
    station: "drying box",
    late: "",
  };
  show([wait("a", { endsAt: at(-5), part: "plate" }, { ...then, then: "" })]);
  fireEvent.click(await screen.findByRole("button", { name: saying("Done, start Until hard") }));
  await waitFor(() => expect(logged()).toHaveLength(2));
  expect(logged()).toMatchObject([
    { kind: "waitEnded", waitId: "a", remark: "" },
    {
      kind: "waitStarted",
      what: { id: "hard", words: "Until hard" },
      minutes: 600,
      station: "drying box",
      part: "plate",
    },
  ]);
});

it("says how full each place is, and keeps the bell silent where that is wanted", async () => {
  show(
    [],
    [
      { name: "bath", capacity: 1, held: 1, freeAt: at(20) },
      { name: "drying box", capacity: 4, held: 1 },
    ],
  );
  expect(await screen.findByText(/Nothing is soaking/)).toBeTruthy();
  expect(screen.getByText(/full, free at/)).toBeTruthy();
  expect(screen.getByText("3 free")).toBeTruthy();
  fireEvent.click(named("checkbox", "Silent on this computer"));
  expect(localStorage.getItem("ruvant.bellMuted")).toContain("yes");
});
