import type { JobView, PartView, Schemas } from "../api/client";
import { named, type Named } from "../api/named";

const screw = (lengthMm: number, count: number): PartView["fasteners"][number] => ({
  fastener: {
    kind: "SCREW",
    drive: "SLOTTED",
    head: "NOT_SAID",
    threadMm: 1.4,
    lengthMm,
    count,
    traits: [],
  },
  type: `slotted screw 1.4 × ${lengthMm.toFixed(1)}`,
  staysIn: false,
});

/** Whether a part may go back. */
export const anAnswer = (
  part: string,
  kind: PartView["answer"]["kind"],
  reason = "",
  probably: string[] = [],
): PartView["answer"] => ({ part, kind, reason, probably, closedIn: false });

/** A thing as the server tells it: its id made of its words. */
export const called = (words: string): Named =>
  named(words, words.toLowerCase().replace(/[^a-z0-9/.]+/g, "-"));

/** A part that is off, held by screws. */
export function aPart(name: string, change: Partial<PartView> = {}): PartView {
  const fasteners = change.fasteners ?? [screw(3, 3)];
  return {
    name,
    removed: {
      kind: "removed",
      part: name,
      side: "FRONT",
      covers: false,
      fasteners: fasteners.map((one) => one.fastener),
      joints: [],
      wells: ["B1"],
      setting: "",
      loose: [],
      hazards: [],
      remark: "",
      stack: [],
    },
    removalId: `removal of ${name}`,
    removedAt: "2031-03-04T09:00:00Z",
    removedBy: "Ada",
    timesOff: 1,
    answer: anAnswer(name, "READY"),
    over: [],
    probably: [],
    neighbours: {},
    depth: 0,
    level: 0,
    pieces: 4,
    fasteners,
    lost: [],
    destroyed: [],
    marks: [],
    states: [],
    checks: [],
    hints: [],
    pictures: [],
    ...change,
  };
}

type KnownPart = Schemas["KnownPart"];

/** A part as earlier jobs of the model met it. */
export const aMet = (
  name: string,
  change: Partial<KnownPart["lies"] & KnownPart["held"] & KnownPart["beware"] & { jobs: number }> = {},
  more: Partial<Omit<Schemas["Met"], "part">> = {},
): Schemas["Met"] => ({
  part: {
    name,
    jobs: change.jobs ?? 6,
    lies: {
      side: change.side ?? "TOP",
      covers: change.covers ?? true,
      over: change.over ?? [],
      others: change.others ?? [],
    },
    held: { fasteners: change.fasteners ?? [], hidden: change.hidden ?? [], loose: change.loose ?? [] },
    beware: {
      hazards: change.hazards ?? [],
      state: change.state,
      slips: change.slips ?? [],
      remarks: change.remarks ?? [],
    },
    takes: { off: "PT0S", back: "PT0S" },
    needless: false,
    checks: [],
  },
  care: false,
  unlogged: [],
  ...more,
});

type Source = Schemas["Source"];

/** A place where a part can come from: one on the shelf, unless said otherwise. */
export const aSource = (
  id: string,
  what: Partial<Source["what"]>,
  netMinor: number,
  change: Partial<Source> = {},
): Source => ({
  id,
  kind: "STOCK",
  what: {
    words: "governor for Sweep",
    where: "drawer 3",
    number: "",
    pieces: 1,
    picture: "",
    madeFor: { maker: "Pellworm", model: "Twin", pattern: "1st pattern" },
    ...what,
  },
  chances: { fits: 0.9, fitWords: "same pattern, fits 4 of 5 here", works: 0.95 },
  effort: { minutes: 5, days: 0 },
  worth: {
    terms: [{ what: "fits and works at 86 %", minor: netMinor }],
    netMinor,
    opens: false,
    openingMinor: 0,
  },
  keptForThis: false,
  ...change,
});

/** A camera just in, with nothing done. */
export function aJob(change: Partial<JobView> = {}): JobView {
  return {
    tag: "R-0001",
    lastSequence: 4,
    now: "2031-03-04T09:00:00Z",
    intake: {
      received: {
        kind: "received",
        camera: {
          maker: "Pellworm",
          model: "Twin",
          pattern: "2nd pattern",
          serial: "338999",
          bodyType: "TLR",
          family: "LEAF_LENS",
        },
        owner: { name: "A. Okonjo", contact: "", shopsOwn: false },
        lens: "",
        accessories: ["case"],
        complaint: "Slow speeds drag",
        series: "DOUBLING",
        speeds: ["1", "1/30"],
        features: [],
      },
      receivedId: "received",
      receivedAt: "2031-03-04T08:00:00Z",
      findings: [],
      visitorSigns: [],
      functions: [],
      scope: [],
    },
    album: { shots: [], toCome: [] },
    cameraWords: "Pellworm Twin, 2nd pattern",
    functions: ["Speed 1", "Speed 1/30", "B"].map(called),
    parts: [],
    wells: {},
    trays: [
      {
        number: 1,
        name: "",
        rows: ["A", "B", "C", "D"].map((row) => [1, 2, 3, 4, 5, 6].map((column) => `${row}${column}`)),
        used: false,
        others: [],
      },
    ],
    nowhere: [],
    freeWell: "A1",
    lookAlikes: [],
    ledger: {
      off: 0,
      pieces: { back: 0, lost: 0, destroyed: 0, toStock: 0, leftOut: 0, out: 0, unaccounted: 0 },
      places: { substituted: 0, empty: 0 },
      missing: [],
    },
    notAccounted: 0,
    notes: { states: {}, letDown: [], missing: [], surplus: [], stuck: [], leaveAlone: [], places: [] },
    walks: [],
    stuck: [],
    refitting: { kept: [], answers: [] },
    visitor: { opened: "UNTOUCHED", reasons: ["no sign of anybody was noted"], expect: [] },
    ownerToAgree: true,
    wayBack: { hands: "PT0S", chain: [] },
    pickUp: {
      lastAt: "2031-03-04T08:00:00Z",
      last: [],
      halfDone: [],
      standing: [],
      ranOut: [],
      looseIn: "",
    },
    find: {
      symptoms: [],
      suspects: [],
      causes: [],
      found: [],
      patterns: [],
      looks: [],
      predictions: [],
      swaps: [],
      overturned: [],
      roots: [],
      seen: {},
      shown: {},
    },
    treat: { cleaned: [], waits: [], mended: [], modified: [], lubricated: [], ranDry: {} },
    needs: { needs: [], replacements: [], fits: [], pieces: [] },
    fitsToJudge: [],
    speeds: [
      {
        speed: "1",
        nominal: { seconds: 1, source: "doubling" },
        allowed: { ev: 0.3, source: "usual" },
        attitudes: [],
        earlier: [],
        guesses: [],
      },
      {
        speed: "1/30",
        nominal: { seconds: 0.03125, source: "doubling" },
        allowed: { ev: 0.3, source: "usual" },
        attitudes: [],
        earlier: [],
        guesses: [],
      },
    ],
    toTime: { before: ["1", "1/30"], after: ["1", "1/30"] },
    prove: {
      timed: [],
      guesses: [],
      streak: { current: 0, wanted: 36, firingsSinceWork: 0, missesSinceWork: 0 },
      functions: [],
      triedSinceWork: [],
      groups: { begun: [] },
      counting: [],
    },
    wishes: { byTask: {}, promises: [], urgency: "USUAL" },
    offer: { sheets: [], questions: [], agreements: [], consents: [], told: [] },
    cost: { minutes: 0, labourMinor: 0, partsMinor: 0, currency: "EUR", parts: [] },
    missRateBound: 1,
    handover: { advice: [], leftOpen: [], estimates: [] },
    proofs: [],
    readyToReturn: false,
    sitting: {
      time: {
        minutesByStop: {},
        sittings: [],
        decisions: [],
        notes: [],
        slips: [],
        lacking: [],
        tools: [],
        ofTheModel: [],
      },
      minutes: 0,
    },
    stops: [],
    currentStop: "STRIP",
    next: [],
    outstanding: [],
    unreadable: [],
    ...change,
  };
}
