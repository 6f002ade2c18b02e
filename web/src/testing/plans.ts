import { NO_WISH, type PlanCamera, type PlanPage, type PlanTask, type TodayPage } from "../api/plan";

/** Tuesday, 4 March 2031, at a time of day where the tests run. */
export const at = (hour: number, minute = 0, day = 4) => new Date(2031, 2, day, hour, minute).toISOString();

export const aTask = (id: string, change: Partial<PlanTask> = {}): PlanTask => {
  const [tag, ...task] = id.split("/");
  return {
    id,
    tag,
    camera: "Pellworm Twin",
    task: task.join("/"),
    kind: "HANDS",
    stop: "CLEAN",
    words: `do ${task.join("/")}`,
    piece: 1,
    pieces: 1,
    start: at(9),
    end: at(10),
    person: "Ada",
    runs: false,
    station: "",
    wish: NO_WISH,
    usually: 60,
    least: 35,
    most: 100,
    seen: 0,
    first: { kind: "NOTHING_PRESSES", what: "" },
    ...change,
  };
};

export const aCamera = (tag: string, change: Partial<PlanCamera> = {}): PlanCamera => ({
  tag,
  camera: "Pellworm Twin",
  here: at(9, 0, 1),
  urgency: "USUAL",
  done: at(12),
  late: false,
  hands: 95,
  ...change,
});

export const aPlan = (change: Partial<PlanPage> = {}): PlanPage => ({
  now: at(9),
  number: 1,
  improving: false,
  from: at(9),
  people: [
    {
      name: "Ada",
      windows: [
        { start: at(9), end: at(12) },
        { start: at(13), end: at(17) },
        { start: at(9, 0, 5), end: at(17, 0, 5) },
      ],
    },
    { name: "Ben", windows: [{ start: at(10), end: at(15) }] },
  ],
  stations: [{ name: "bath", capacity: 1 }],
  tasks: [],
  left: [],
  cameras: [],
  conflicts: [],
  told: [],
  ...change,
});

export const aToday = (change: Partial<TodayPage> = {}): TodayPage => ({
  now: at(9),
  number: 1,
  improving: false,
  person: "Ada",
  working: true,
  until: at(12),
  closes: at(17),
  bellMinutes: 15,
  next: [],
  fits: [],
  waits: [],
  notToday: [],
  late: [],
  told: [],
  ...change,
});
