import { answering, atTheBench, logged, named } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { aJob, called } from "../../testing/examples";
import { FindFault } from "./FindFault";

const SUSPECT = { area: "leaf shutter", why: "old oil", calls: "clean", jobsHere: 3, raised: false };
const LOOK = {
  id: "whirr",
  words: "listen to 1 s",
  seen: "uneven",
  minutes: 1,
  reachMinutes: 0,
  reach: "outside",
  risk: "",
  bits: 0.42,
  chanceSeen: 0.6,
  ifSeen: { words: "retard train gummed", probability: 0.9 },
  ifNot: { words: "blade ring drags", probability: 0.4 },
};
const DIAGNOSIS = {
  jobs: 9,
  ofFamily: false,
  suspects: [
    { ...SUSPECT, id: "trainGummed", words: "retard train gummed", probability: 0.62 },
    { ...SUSPECT, id: "ringDrags", words: "blade ring drags", probability: 0.2 },
    { ...SUSPECT, id: "foamGone", words: "light seals perished", probability: 0.01 },
  ],
  none: 0.03,
  openBits: 1.4,
  understood: [called("slow speeds late")],
  known: ["slow speeds late", "fast speeds late"].map(called),
  denied: [called("aperture stuck")],
  unread: ["smells of purple"],
  bitsAtFirst: 4.2,
  areas: [{ words: "leaf shutter", part: 0.92 }],
  falseLeads: [],
  causes: [
    {
      cause: called("retard train gummed"),
      roots: ["old oil turned to varnish"],
      harmed: [
        { cause: "oil on the blades", look: { ...LOOK, id: "blades", words: "blades under the loupe" } },
      ],
      advice: "Fire it once a month.",
    },
  ],
  looks: [
    {
      line: "11111111-1111-4111-8111-111111111111",
      words: "blades under the loupe: wet",
      seen: false,
      sure: true,
      moved: "oil on the blades",
      from: 0.3,
      to: 0.02,
    },
  ],
  next: ["whirr", "ringFree", "meshEye", "springTurns"].map((id, at) => ({
    ...LOOK,
    id,
    words: `${LOOK.words} ${at}`,
    risk: at === 1 ? "spring under tension" : "",
  })),
};

const job = aJob();

const at = (shown = job) => {
  atTheBench(<FindFault />, shown);
  answering({
    "GET /api/jobs/R-0001/diagnosis": DIAGNOSIS,
    "GET /api/jobs/R-0001/pattern": null,
  });
};

const inFind = (find: Partial<typeof job.find>) => aJob({ find: { ...job.find, ...find } });

it("says what of the symptoms was not understood", async () => {
  at();
  expect(await screen.findByText(/Not understood, so not counted:/)).toBeTruthy();
  expect(screen.getByText(/“smells of purple”/)).toBeTruthy();
});

it("ranks who it could be and raises a suspect with its odds", async () => {
  at();
  expect(await screen.findByText("62 %")).toBeTruthy();
  expect(screen.queryByText("light seals perished")).toBeNull();
  expect(screen.getByText(/including 9 jobs on this model here/)).toBeTruthy();
  fireEvent.click(named("button", "Add suspect: retard train gummed"));
  await waitFor(() => expect(logged()).toHaveLength(1));
  expect(logged()[0]).toMatchObject({
    kind: "suspectRaised",
    suspect: { id: "trainGummed", words: "retard train gummed" },
  });
});

it("shows the best three looks, what each would tell, and logs its result, sure or leaning", async () => {
  at();
  expect(await screen.findByText("listen to 1 s 0")).toBeTruthy();
  expect(screen.queryByText("listen to 1 s 3")).toBeNull();
  expect(screen.getByText("Caution: spring under tension.")).toBeTruthy();
  fireEvent.click(screen.getAllByLabelText("Not sure")[0]!);
  fireEvent.click(named("button", "listen to 1 s 0: not seen"));
  await waitFor(() => expect(logged()).toHaveLength(1));
  expect(logged()[0]).toMatchObject({ kind: "looked", look: "whirr", seen: false, sure: false });
  fireEvent.click(named("button", /Show all/));
  expect(screen.getByText("listen to 1 s 3")).toBeTruthy();
});

it("keeps a ledger of what was looked at, what it moved, and takes a look back", async () => {
  at();
  expect(await screen.findByText("oil on the blades 30 % → 2 %")).toBeTruthy();
  fireEvent.click(named("button", /Undo: blades under the loupe/));
  await waitFor(() => expect(logged()).toHaveLength(1));
  expect(logged()[0]).toMatchObject({ kind: "struck", target: DIAGNOSIS.looks[0]!.line });
});

it("offers the symptoms that count", async () => {
  at();
  fireEvent.change(await screen.findByLabelText(/Choose a known symptom/), {
    target: { value: "fast-speeds-late" },
  });
  await waitFor(() => expect(logged()).toHaveLength(1));
  expect(logged()[0]).toMatchObject({ kind: "symptomSeen", what: called("fast speeds late") });
});

it("shows to where it was narrowed, and what the counter denies", async () => {
  at();
  expect(await screen.findByText(/from about 18 likely causes to 3/)).toBeTruthy();
  expect(screen.getByText(/The fault lies in: leaf shutter 92 %/)).toBeTruthy();
  expect(screen.getByText("1 ruled out by the function check")).toBeTruthy();
});

const SUSPECT_OPEN = {
  id: "s1",
  what: called("light cell aged"),
  state: "OPEN" as const,
  why: "reads low",
  look: "",
};

it("clears a suspect by a swap, or leaves it with the owner told", async () => {
  at(inFind({ suspects: [SUSPECT_OPEN] }));
  fireEvent.click(await screen.findByRole("button", { name: "More for light cell aged" }));
  fireEvent.change(screen.getByLabelText("Part fitted"), { target: { value: "light cell" } });
  fireEvent.change(screen.getByLabelText("From which donor or shelf place"), {
    target: { value: "donor 12" },
  });
  fireEvent.click(named("button", "Log the swap"));
  await waitFor(() => expect(logged()).toHaveLength(1));
  expect(logged()[0]).toMatchObject({
    kind: "swapTried",
    suspect: called("light cell aged"),
    changed: false,
  });
  fireEvent.click(named("button", "More for light cell aged"));
  fireEvent.click(named("radio", "Leave unrepaired"));
  fireEvent.change(screen.getByLabelText("Why it is left"), { target: { value: "not worth it" } });
  fireEvent.change(screen.getByLabelText("How the owner was told"), { target: { value: "by mail" } });
  fireEvent.click(named("button", "Leave unrepaired"));
  await waitFor(() => expect(logged()).toHaveLength(2));
  expect(logged()[1]).toMatchObject({
    kind: "leftOpen",
    what: "light cell aged",
    why: "not worth it; by mail",
  });
});

it("asks of a cause what made it, what else it harmed, and what to tell the owner", async () => {
  at(
    inFind({
      suspects: [
        { ...SUSPECT_OPEN, what: called("retard train gummed"), state: "CAUSE", look: "free when wet" },
      ],
      causes: [
        { at: "2031-03-04T09:00:00Z", id: "c1", what: called("retard train gummed"), more: "free when wet" },
      ],
    }),
  );
  fireEvent.click(await screen.findByRole("button", { name: "old oil turned to varnish" }));
  fireEvent.click(named("button", "blades under the loupe: not seen"));
  fireEvent.click(named("button", "Put on the return sheet"));
  await waitFor(() => expect(logged()).toHaveLength(3));
  expect(logged()).toMatchObject([
    { kind: "rootNamed", root: "old oil turned to varnish" },
    { kind: "looked", look: "blades", seen: false },
    { kind: "advised", advice: "Fire it once a month." },
  ]);
  expect(screen.queryByText("Look next")).toBeNull();
  fireEvent.click(named("button", /Look for a second fault/));
  expect(screen.getByText("Look next")).toBeTruthy();
});

it("foretells, and holds what is seen against it", async () => {
  const what = {
    kind: "predicted" as const,
    what: "needle",
    expected: 2,
    allowed: 0.33,
    unit: "stops",
    bearsOn: [called("meter wire")],
  };
  at(
    inFind({
      predictions: [
        { id: "p1", what },
        { id: "p2", what: { ...what, what: "frame" }, seen: 1.2, held: false },
      ],
    }),
  );
  expect(await screen.findByText(/not as predicted/)).toBeTruthy();
  fireEvent.change(screen.getByLabelText("Result for needle"), { target: { value: "1,8" } });
  fireEvent.click(named("button", "Save result"));
  await waitFor(() => expect(logged()).toHaveLength(1));
  expect(logged()[0]).toMatchObject({ kind: "observed", predicted: "p1", seen: 1.8 });
  fireEvent.click(named("button", "Predict first…"));
  fireEvent.change(screen.getByLabelText("What you expect to see"), { target: { value: "needle again" } });
  fireEvent.change(screen.getByLabelText("Expected value"), { target: { value: "two" } });
  fireEvent.change(screen.getByLabelText("Plus or minus"), { target: { value: "0.3" } });
  fireEvent.click(named("button", "Save prediction"));
  expect(await screen.findByText(/“two” is not a number/)).toBeTruthy();
});

it("reopens a finding that was waved through", async () => {
  at(inFind({ found: [{ at: "2031-03-04T09:00:00Z", id: "f1", what: called("bent strut"), more: "" }] }));
  fireEvent.click(await screen.findByRole("button", { name: "Reopen a finding…" }));
  fireEvent.change(screen.getByLabelText("It points to"), { target: { value: "rail binds" } });
  fireEvent.change(screen.getByLabelText("Why it matters"), { target: { value: "marks" } });
  fireEvent.click(named("button", "Reopen"));
  expect(await screen.findByText(/No finding is chosen/)).toBeTruthy();
  fireEvent.change(screen.getByLabelText("Earlier finding"), { target: { value: "f1" } });
  fireEvent.click(named("button", "Reopen"));
  await waitFor(() => expect(logged()).toHaveLength(1));
  expect(logged()[0]).toMatchObject({
    kind: "reopened",
    finding: "f1",
    suspect: { id: "", words: "rail binds" },
  });
});
