import { answering, inTheShop, logged, named } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { aCamera, at, aTask, aToday } from "../../testing/plans";
import { aJob } from "../../testing/examples";
import type { TodayPage } from "../../api/plan";
import { Today } from "./Today";

const show = (change: Partial<TodayPage>) => {
  inTheShop(<Today />);
  answering({
    "GET /api/today": aToday(change),
    "POST /api/logs/R-0001/lines": { log: "R-0001", lastSequence: 2 },
    "GET /api/jobs/R-0001": aJob(),
  });
};

it("says what to start with and why, and one press sits down there", async () => {
  show({
    current: aTask("R-0001/treat", {
      words: "Clean: gummed train",
      first: { kind: "STARTS_REST", what: "Rest", until: at(11) },
    }),
  });
  expect(await screen.findByText("Clean: gummed train")).toBeTruthy();
  expect(screen.getByText(/about 1 h; starts “Rest”, over at/)).toBeTruthy();
  fireEvent.click(named("button", "Start"));
  await waitFor(() => expect(logged()).toEqual([{ kind: "satDown", stop: "CLEAN", step: "" }]));
});

it("goes on with what is being done instead of starting it again", async () => {
  show({ current: aTask("R-0001/treat", { runs: true, first: { kind: "RUNNING", what: "" } }) });
  expect((await screen.findByRole("link", { name: "Open it" })).getAttribute("href")).toBe(
    "/camera/R-0001/clean",
  );
  expect(screen.queryByRole("button", { name: /Start/ })).toBeNull();
});

it("shows what comes next, what also fits and what waits, each with its camera", async () => {
  show({
    current: aTask("R-0001/treat"),
    next: [
      aTask("R-0002/prove", {
        words: "Prove it",
        first: { kind: "LATE", what: "", at: at(12), day: "2031-03-01" },
      }),
    ],
    fits: [aTask("R-0003/open", { words: "Open it up", usually: 22 })],
    waits: [aTask("R-0004/wait", { kind: "WAIT", words: "Soak", runs: true, station: "bath", end: at(11) })],
    notToday: [
      aTask("R-0005/fit", {
        words: "Fit the spring",
        notEarlier: { kind: "AFTER_PARCEL", what: "spring, ordered", at: at(9, 0, 8) },
      }),
    ],
  });
  expect(await screen.findByText("Prove it")).toBeTruthy();
  expect(screen.getByText(/promised for Sat,? 1 Mar/)).toBeTruthy();
  expect(screen.getByText(/about 20 min/)).toBeTruthy();
  expect(screen.getByText("Soak")).toBeTruthy();
  expect(screen.getByText(/Pellworm Twin, bath/)).toBeTruthy();
  expect(screen.getByText(/spring, ordered, due/)).toBeTruthy();
});

it("says out of hours when work begins, and that nothing is planned where nothing is", async () => {
  show({ working: false, until: undefined, closes: undefined, opens: at(9, 0, 5) });
  expect(await screen.findByText("Nothing is planned for you today.")).toBeTruthy();
  expect(screen.getByText(/Outside your hours; next/)).toBeTruthy();
});

it("says days before which cameras will miss their dates", async () => {
  show({ late: [aCamera("R-0009", { late: true })] });
  const link = await screen.findByRole("link", { name: "R-0009 will miss its date" });
  expect(link.getAttribute("href")).toBe("/plan");
});

it("tells in one line what moved, the late ones first, and after what", async () => {
  show({
    told: [
      {
        at: at(9),
        log: "R-0007",
        moved: {
          soon: [],
          done: [
            { tag: "R-0001", camera: "Pellworm Twin", was: "2031-03-06", is: "2031-03-09", late: true },
            { tag: "R-0002", camera: "Quillon 35", was: "2031-03-06", is: "2031-03-07", late: false },
            { tag: "R-0003", camera: "Osterby M", was: "2031-03-06", is: "2031-03-07", late: false },
          ],
        },
      },
    ],
  });
  const line = await screen.findByText(/after R-0007: R-0001 Pellworm Twin will now miss its date/);
  expect(line.textContent).toContain("R-0002 Quillon 35 is done");
  expect(line.textContent).toContain("and 1 more");
});
