import { answering, asked, inTheShop, logged, named } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { expect, it } from "vitest";
import type { PlanPage } from "../../api/plan";
import { aCamera, aPlan, at, aTask } from "../../testing/plans";
import { aJob } from "../../testing/examples";
import { Plan } from "./Plan";

const NOTHING_MOVED = { soon: [], done: [] };

const show = (
  change: Partial<PlanPage>,
  trial: object = { start: at(14), moved: NOTHING_MOVED, conflicts: [] },
) => {
  inTheShop(<Plan />);
  answering({
    "GET /api/plan": aPlan(change),
    "GET /api/hours": {
      lastSequence: 1,
      hours: [],
      off: [],
      bellMinutes: 15,
      skills: ["electronics", "general"],
    },
    "POST /api/plan/trial": trial,
    "POST /api/logs/R-0001/lines": { log: "R-0001", lastSequence: 2 },
    "GET /api/jobs/R-0001": aJob(),
  });
};

const TASKS = [
  aTask("R-0001/treat", {
    words: "Clean: gummed train",
    notEarlier: { kind: "NOBODY_WORKS", what: "", at: at(9) },
    seen: 4,
  }),
  aTask("R-0002/prove", { words: "Prove it", start: at(10), end: at(11), person: "Ben" }),
  aTask("R-0001/treat/rest-1", {
    kind: "WAIT",
    person: undefined,
    words: "Flash-off",
    start: at(10),
    end: at(10, 30),
  }),
];

const press = (key: string) => fireEvent.keyDown(document.body, { key });

it("draws each task with its time, and says of the chosen one why it stands there", async () => {
  show({ tasks: TASKS });
  fireEvent.click(await screen.findByRole("button", { name: /^Clean: gummed train, R-0001/ }));
  expect(screen.getByRole("heading", { name: "Clean: gummed train" })).toBeTruthy();
  expect(screen.getByText("nothing presses more")).toBeTruthy();
  expect(screen.getByText(/nobody who can do it works before/)).toBeTruthy();
  expect(screen.getByText(/from 4 like it here/)).toBeTruthy();
  expect(screen.getByRole("button", { name: /^Flash-off, R-0001/ })).toBeTruthy();
});

it("shows what a wish costs before it is logged, and logs it with one more key", async () => {
  show(
    { tasks: TASKS },
    {
      start: at(14),
      moved: {
        soon: [],
        done: [{ tag: "R-0002", camera: "Quillon 35", was: "2031-03-04", is: "2031-03-06", late: true }],
      },
      conflicts: [],
    },
  );
  await screen.findByRole("button", { name: /^Clean: gummed train/ });
  press("ArrowRight");
  press("m");
  expect(await screen.findByText(/R-0002 Quillon 35 would miss its date/)).toBeTruthy();
  expect(logged()).toEqual([]);
  press("Enter");
  await waitFor(() => expect(logged()).toHaveLength(1));
  expect(logged()[0]).toMatchObject({
    kind: "taskWished",
    task: "treat",
    wish: { mornings: true, first: false },
  });
});

it("leaves everything as it is where the cost is too high", async () => {
  show({ tasks: TASKS });
  fireEvent.click(await screen.findByRole("button", { name: /^Clean: gummed train/ }));
  fireEvent.click(named("button", "Set aside"));
  await screen.findByText("No camera is done on another day.");
  fireEvent.click(named("button", "Cancel"));
  expect(screen.queryByText("What it would change")).toBeNull();
  expect(logged()).toEqual([]);
});

it("tries another person, a skill and other minutes", async () => {
  show({ tasks: TASKS });
  fireEvent.click(await screen.findByRole("button", { name: /^Clean: gummed train/ }));
  fireEvent.change(screen.getByLabelText("Who"), { target: { value: "Ben" } });
  await waitFor(() => expect(asked.filter((one) => one.path.startsWith("/api/plan/trial"))).toHaveLength(1));
  fireEvent.change(screen.getByLabelText("Needs a skill"), { target: { value: "electronics" } });
  const minutes = screen.getByLabelText("Minutes");
  fireEvent.change(minutes, { target: { value: "45" } });
  fireEvent.blur(minutes);
  await waitFor(() => expect(asked.filter((one) => one.path.startsWith("/api/plan/trial"))).toHaveLength(3));
  press("o");
  await waitFor(() => expect(asked.filter((one) => one.path.startsWith("/api/plan/trial"))).toHaveLength(4));
});

it("says which wishes cannot all be met", async () => {
  show({
    tasks: TASKS,
    conflicts: [
      {
        wishes: [
          {
            tag: "R-0001",
            camera: "Pellworm Twin",
            task: "treat",
            words: "Clean",
            wish: { ...TASKS[0].wish, at: at(10) },
          },
          {
            tag: "R-0002",
            camera: "Quillon 35",
            task: "prove",
            words: "Prove it",
            wish: { ...TASKS[0].wish, at: at(10, 30) },
          },
        ],
        start: at(13),
        why: { kind: "HANDS_BUSY", what: "Prove it", tag: "R-0002", person: "Ada", until: at(13) },
      },
    ],
  });
  const list = await screen.findByRole("list", { name: "What cannot be met" });
  expect(list.textContent).toContain("These cannot all be met:");
  expect(list.textContent).toMatch(/Ada is at R-0002 until/);
});

it("lists every camera with its date and chance, and what has no place with the reason", async () => {
  show({
    tasks: TASKS,
    cameras: [
      aCamera("R-0001", {
        promised: "2031-03-05",
        late: true,
        forecast: { by50: "2031-03-06", by80: "2031-03-07", chance: 0.31 },
      }),
      aCamera("R-0002", {
        forecast: { by50: "2031-03-06", by80: "2031-03-07", by95: "2031-03-09", chance: undefined },
      }),
    ],
    left: [
      {
        tag: "R-0003",
        camera: "Osterby M",
        task: "treat",
        stop: "MEND",
        words: "Mend the meter",
        wish: TASKS[0].wish,
        why: "NOBODY_CAN",
        about: "electronics",
      },
    ],
  });
  const row = within((await screen.findByRole("link", { name: /R-0001/ })).closest("tr")!);
  expect(row.getByText("30 %")).toBeTruthy();
  expect(row.getByText("late")).toBeTruthy();
  expect(row.getByText("later")).toBeTruthy();
  expect(screen.getByText("nobody here can do electronics work")).toBeTruthy();
});

it("shows a week by cameras, and goes on and back by weeks", async () => {
  show({ tasks: TASKS });
  await screen.findByRole("button", { name: /^Clean: gummed train/ });
  press("k");
  expect(await screen.findByRole("button", { name: /^R-0001 1 h/ })).toBeTruthy();
  fireEvent.click(screen.getByRole("button", { name: "Later" }));
  expect(screen.queryByRole("button", { name: /^R-0001 1 h/ })).toBeNull();
  fireEvent.click(screen.getByRole("button", { name: "Today" }));
  expect(await screen.findByRole("button", { name: /^R-0001 1 h/ })).toBeTruthy();
});

it("says that nothing is left where nothing is", async () => {
  show({});
  expect(await screen.findByText("Nothing is left to do at any camera.")).toBeTruthy();
});
