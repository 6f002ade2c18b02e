import type { House, JobView, PartView, Schemas } from "../api/client";
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

/** A house with two people and one settled kind of point. */
export function aHouse(): House {
  return {
    lastSequence: 0,
    practice: {
      people: ["Ada", "Tomas"],
      school: "PASTE",
      trays: [{ name: "", rows: 4, columns: 6 }],
      stations: [{ name: "bath", capacity: 1, hot: false }],
      head: { shopName: "The Lantern Bench", guaranteeMonths: 6 },
      standards: { streakLength: 36, lookAlikeMm: 1, glassPasses: 4, ownerAgreesFirst: true },
      speeds: { limits: {}, sheets: [] },
      reckoning: {
        money: { currency: "EUR", locale: "en-IE" },
        rates: { hourMinor: 4000, lateDayMinor: 200, needMinor: 8000, makeMinutes: 120 },
      },
    },
    soils: [
      {
        id: "gummedTrain",
        label: "gummed train",
        agents: ["naphtha"],
        methods: ["flush"],
        note: "",
        optics: false,
        caution: "",
      },
    ],
    moneyDigits: 2,
    cautions: [{ id: "flammable", label: "Flammable vapour", words: "No flame." }],
    words: {
      bodySide: ["front", "back", "top", "bottom", "left", "right"].map((label) => ({
        value: label.toUpperCase(),
        label,
      })),
      currency: [
        { value: "EUR", label: "EUR, Euro" },
        { value: "JPY", label: "JPY, Japanese Yen" },
      ],
      severity: [
        { value: "SLIGHT", label: "slight" },
        { value: "GRAVE", label: "grave" },
      ],
      conditionKind: [{ value: "DENT", label: "dent" }],
      likeness: [
        { value: "SAME", label: "the same fault" },
        { value: "NEW", label: "a new fault" },
      ],
      frameFault: [{ value: "OVERLAP", label: "overlaps the next frame" }],
      drive: [
        { value: "SLOTTED", label: "slotted" },
        { value: "CROSS", label: "cross" },
      ],
      region: [
        { value: "BOTTOM", label: "bottom" },
        { value: "TOP", label: "top" },
        { value: "BACK", label: "back" },
        { value: "LENS", label: "lens" },
      ],
      dryRunResult: [
        { value: "FREE", label: "turns freely" },
        { value: "STICKS", label: "sticks" },
      ],
      attitude: [
        { value: "LEVEL", label: "level" },
        { value: "LENS_DOWN", label: "lens down" },
      ],
      school: [
        { value: "PASTE", label: "paste" },
        { value: "OIL", label: "oil" },
        { value: "DRY", label: "dry" },
      ],
      oldPiece: [
        { value: "STOCK", label: "to stock" },
        { value: "SCRAPPED", label: "scrapped" },
      ],
      sourceKind: [
        { value: "DONOR", label: "donor" },
        { value: "STOCK", label: "stock" },
        { value: "FABRICATED", label: "made here" },
      ],
    },
    materials: [],
    lubrication: {
      version: 1,
      oneThing: [],
      points: [
        {
          id: "blades",
          label: "shutter blades",
          bySchool: { PASTE: "nothing" },
          suggested: { PASTE: "none" },
          never: ["thinOil"],
          neverWhy: "oil makes them stick",
          words: ["blade"],
        },
      ],
      lubricants: [
        { id: "none", label: "nothing, left dry" },
        { id: "thinOil", label: "thin oil" },
      ],
      waits: [],
      families: {},
      elsewhere: "thinOil",
    },
    stuckLadder: [
      {
        id: "firm-driver",
        label: "right driver, firm pressure",
        how: "press hard",
        risk: "a marred slot",
        waitMinutes: 0,
        irreversible: false,
        on: "ANY" as const,
      },
      {
        id: "drill-out",
        label: "drill it out",
        how: "centre it",
        risk: "the thread",
        waitMinutes: 0,
        irreversible: true,
        on: "ANY" as const,
      },
    ],
    usualLimits: {},
    demo: false,
    shopNamed: true,
  };
}
