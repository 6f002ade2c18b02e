import type { House } from "../api/client";

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
