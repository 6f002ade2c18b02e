import { answering, atTheBench, logged, named } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { Adjust } from "./Adjust";
import { called } from "../../testing/examples";

const ENGAGEMENT = {
  kind: "adjusterDescribed",
  name: called("retard engagement"),
  unit: "EIGHTHS",
  least: -1,
  most: 1,
  lock: "SCREW",
  caution: "The plate drops.",
  triedWith: "",
  coverMinutes: 0,
  moves: [{ result: called("1/8"), effect: 0.9 }],
};
const RELEASE = {
  ...ENGAGEMENT,
  name: called("film release"),
  unit: "SIXTEENTHS",
  caution: "",
  coverMinutes: 12,
  moves: [{ result: called("film freed"), effect: 1 }],
};
const HEIGHT = { kind: "resultDescribed", unit: "", wanted: 0, tolerance: 1, measureSd: 0 };
const offer = (what: object, more: object = {}) => ({
  what,
  from: "FAMILY",
  turns: 0,
  stands: "as found",
  timesTurned: 0,
  off: [],
  measured: 0,
  cameras: 0,
  why: "how deep",
  ...more,
});
const AT = [-0.25, -0.125, 0, 0.125, 0.25];
const VIEW = {
  offers: [offer(ENGAGEMENT, { off: ["1/8"], cameras: 3 }), offer(RELEASE)],
  chosen: [called("retard engagement")],
  introductions: [ENGAGEMENT],
  results: [],
  history: [
    {
      at: "2031-03-04T09:10:00Z",
      afterWork: false,
      turned: ["retard engagement 1/8 turn in"],
      seen: ["1/8 −0.30"],
      lines: ["11111111-1111-4111-8111-111111111111", "11111111-1111-4111-8111-111111111112"],
    },
  ],
  plan: {
    chosen: [ENGAGEMENT],
    verdict: "TURN",
    turns: [
      {
        adjuster: called("retard engagement"),
        by: 0.25,
        to: 0.25,
        words: "2/8 turn in",
        steps: ["The plate drops.", "Loosen its lock screw.", "Turn it 2/8 turn in."],
        line: "turn retard engagement 2/8 in",
      },
    ],
    why: "The worst result should go from 1.2 to 0.4 of what is allowed.",
    probability: 0.9,
    outlooks: [
      {
        result: called("1/8"),
        unit: "EV",
        tolerance: 0.3,
        now: -0.36,
        nowSd: 0.03,
        then: 0.02,
        thenSd: 0.06,
        measuredNow: true,
      },
    ],
    brackets: [],
    slices: [
      {
        adjuster: called("retard engagement"),
        now: 0,
        at: AT,
        words: ["2/8 turn out", "1/8 turn out", "as found", "1/8 turn in", "2/8 turn in"],
        worst: [2, 1.6, 1.2, 0.8, 0.4],
        courses: [
          {
            result: called("1/8"),
            expected: [-2, -1.6, -1.2, -0.8, -0.4],
            sd: [0.2, 0.1, 0.1, 0.1, 0.2],
            trials: [{ at: 0, error: -1.2, sd: 0.1 }],
          },
        ],
      },
    ],
    trialMinutes: 0,
  },
};

const answer = (view: object) => {
  atTheBench(<Adjust />);
  answering({ "GET /api/jobs/R-0001/adjusters": view });
};

it("says what to turn, with what to mind first, and logs it as advised", async () => {
  answer(VIEW);
  expect(await screen.findByText("Caution: The plate drops.")).toBeTruthy();
  expect(screen.getByText(/should go from 1.2 to 0.4/)).toBeTruthy();
  fireEvent.click(named("button", "Log the turn"));
  await waitFor(() => expect(logged()).toHaveLength(2));
  expect(logged()).toMatchObject([
    { kind: "adjusterDescribed", name: called("retard engagement") },
    { kind: "turned", adjuster: called("retard engagement"), unit: "EIGHTHS", by: 0.25 },
  ]);
});

it("lets arrows ask about another setting, and logs a turn to there", async () => {
  answer(VIEW);
  const slider = await screen.findByRole("slider");
  expect(slider.getAttribute("aria-valuetext")).toContain("2/8 turn in: 1/8 −0.4");
  fireEvent.keyDown(slider, { key: "ArrowLeft" });
  await waitFor(() => expect(slider.getAttribute("aria-valuetext")).toContain("1/8 turn in: 1/8 −0.8"));
  fireEvent.click(named("button", "Turned to there"));
  await waitFor(() => expect(logged()).toHaveLength(2));
  expect(logged()[1]).toMatchObject({ kind: "turned", by: 0.125 });
});

it("strikes the last trial with all its lines", async () => {
  answer(VIEW);
  fireEvent.click(await screen.findByRole("button", { name: "Strike out trial 1" }));
  await waitFor(() => expect(logged()).toHaveLength(2));
  expect(logged().every((entry) => entry.kind === "struck")).toBe(true);
});

it("asks what came first, and enters what the result is along with the answer", async () => {
  const result = { ...HEIGHT, name: called("film freed"), tooLow: "too late", tooHigh: "too early" };
  answer({
    ...VIEW,
    chosen: [called("film release")],
    introductions: [RELEASE, result],
    results: [result],
    plan: {
      ...VIEW.plan,
      chosen: [RELEASE],
      verdict: "MEASURE_FIRST",
      turns: [],
      why: "Say how it comes as it stands.",
      outlooks: [],
      slices: [],
      trialMinutes: 12,
      brackets: [
        {
          result: called("film freed"),
          adjuster: called("film release"),
          tooLow: "too late",
          tooHigh: "too early",
          at: AT,
          words: ["2/8 turn out", "1/8 turn out", "as found", "1/8 turn in", "2/8 turn in"],
          right: [0.1, 0.2, 0.4, 0.2, 0.1],
          tried: [],
          margin: "",
        },
      ],
    },
  });
  expect(await screen.findByText("Measure first")).toBeTruthy();
  expect(screen.getByText(/Each trial takes about 12 min/)).toBeTruthy();
  fireEvent.click(named("button", "too late"));
  await waitFor(() => expect(logged()).toHaveLength(3));
  expect(logged()[2]).toMatchObject({ kind: "resultJudged", result: called("film freed"), came: "TOO_LOW" });
});

it("takes a figure where a result is measured, and says what is none", async () => {
  const result = { ...HEIGHT, name: called("height"), unit: "arc-min", tooLow: "", tooHigh: "" };
  answer({ ...VIEW, introductions: [], results: [result] });
  const field = await screen.findByLabelText("height, arc-min");
  fireEvent.change(field, { target: { value: "much" } });
  fireEvent.submit(field.closest("form")!);
  expect(await screen.findByText(/“much” is not a number/)).toBeTruthy();
  fireEvent.change(field, { target: { value: "−1,5" } });
  fireEvent.submit(field.closest("form")!);
  await waitFor(() => expect(logged()).toHaveLength(1));
  expect(logged()[0]).toMatchObject({ kind: "resultRead", result: called("height"), value: -1.5 });
});

it("describes an adjuster made on the spot", async () => {
  answer(VIEW);
  fireEvent.click(await screen.findByRole("button", { name: "Add one…" }));
  fireEvent.change(await screen.findByLabelText("Name"), { target: { value: "odd eccentric" } });
  fireEvent.change(screen.getByLabelText("New result"), { target: { value: "judged" } });
  fireEvent.change(screen.getByLabelText("Which"), { target: { value: "latch" } });
  fireEvent.change(screen.getByLabelText("Fault if too far out"), { target: { value: "slips" } });
  fireEvent.click(named("button", "Save adjuster"));
  await waitFor(() => expect(logged()).toHaveLength(2));
  expect(logged()).toMatchObject([
    { kind: "resultDescribed", name: { words: "latch" }, tooLow: "slips" },
    {
      kind: "adjusterDescribed",
      name: { words: "odd eccentric" },
      moves: [{ result: { words: "latch" }, effect: 1 }],
    },
  ]);
});

it("says what to do where nothing is known", async () => {
  answer({
    ...VIEW,
    offers: [],
    chosen: [],
    introductions: [],
    history: [],
    plan: {
      ...VIEW.plan,
      chosen: [],
      turns: [],
      outlooks: [],
      slices: [],
      verdict: "NOTHING_CHOSEN",
      why: "Choose what you want to turn.",
    },
  });
  expect(await screen.findByText(/Nothing is known about this family/)).toBeTruthy();
  expect(screen.getByText("What do you turn?")).toBeTruthy();
});

it.each([
  { measuredNow: false, green: 0 },
  { measuredNow: true, green: 1 },
])("marks green only what was measured since the last turn: $measuredNow", async ({ measuredNow, green }) => {
  const outlook = { ...VIEW.plan.outlooks[0]!, now: 0.02, measuredNow };
  answer({ ...VIEW, plan: { ...VIEW.plan, outlooks: [outlook] } });
  const results = (await screen.findByText("What it moves")).closest("section")!;
  expect(results.textContent!.includes("not measured since the last turn")).toBe(!measuredNow);
  expect(results.querySelectorAll("svg.text-done")).toHaveLength(green);
});
