import { answering, atTheBench, logged, named } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { beforeEach, expect, it } from "vitest";
import { aJob } from "../../testing/examples";
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
  understood: ["slow speeds late"],
  known: ["slow speeds late", "fast speeds late"],
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

beforeEach(() => {
  atTheBench(<FindFault />, job);
  answering({
    "GET /api/jobs/R-0001/diagnosis": DIAGNOSIS,
    "GET /api/jobs/R-0001/pattern": null,
  });
});

it("ranks who it could be and raises a suspect with its odds", async () => {
  expect(await screen.findByText("62 %")).toBeTruthy();
  expect(screen.queryByText("light seals perished")).toBeNull();
  expect(screen.getByText(/with 9 jobs of this model here/)).toBeTruthy();
  fireEvent.click(named("button", "Suspect it: retard train gummed"));
  await waitFor(() => expect(logged()).toHaveLength(1));
  expect(logged()[0]).toMatchObject({ kind: "suspectRaised", suspect: "retard train gummed" });
});

it("shows the best three looks, what each would tell, and logs its result, sure or leaning", async () => {
  expect(await screen.findByText("listen to 1 s 0")).toBeTruthy();
  expect(screen.queryByText("listen to 1 s 3")).toBeNull();
  expect(screen.getByText("Beware: spring under tension.")).toBeTruthy();
  fireEvent.click(screen.getAllByLabelText("only leans")[0]!);
  fireEvent.click(named("button", "listen to 1 s 0: not so"));
  await waitFor(() => expect(logged()).toHaveLength(1));
  expect(logged()[0]).toMatchObject({ kind: "looked", look: "whirr", seen: false, sure: false });
  fireEvent.click(named("button", /Why not another/));
  expect(screen.getByText("listen to 1 s 3")).toBeTruthy();
});

it("keeps a ledger of what was looked at, what it moved, and takes a look back", async () => {
  expect(await screen.findByText("oil on the blades 30 % → 2 %")).toBeTruthy();
  fireEvent.click(named("button", /Take back: blades under the loupe/));
  await waitFor(() => expect(logged()).toHaveLength(1));
  expect(logged()[0]).toMatchObject({ kind: "struck", target: DIAGNOSIS.looks[0]!.line });
});

it("offers the symptoms that count", async () => {
  fireEvent.change(await screen.findByLabelText(/Say it in words that count/), {
    target: { value: "fast speeds late" },
  });
  await waitFor(() => expect(logged()).toHaveLength(1));
  expect(logged()[0]).toMatchObject({ kind: "symptomSeen", what: "fast speeds late" });
});
