import type { Schemas } from "../api/client";

/** What a shop charges that entered it. */
export const somePricing = (change: Partial<Schemas["Pricing"]> = {}): Schemas["Pricing"] => ({
  taxes: {
    rates: [{ id: "vat", name: "VAT", kind: "STANDARD", hundredths: 2300, reason: "" }],
    usual: "vat",
    included: true,
    stepMinor: 1,
  },
  labour: [],
  hourMinor: 4000,
  markupHundredths: 0,
  fixed: [{ id: "look", words: "Looking at it", minor: 2500, tax: "" }],
  terms: { quoteDays: 30, payDays: 14, collectDays: 90, remindDays: 7 },
  seller: {
    party: {
      name: "Harbour Repair Room",
      street: "",
      postcode: "",
      town: "",
      country: "",
      taxNumber: "",
      email: "",
    },
    phone: "",
    account: "",
    bank: "",
    footer: "",
  },
  ...change,
});

/** A bill with so much open. */
export const aBill = (openMinor: number): Schemas["OpenBill"] => ({
  paper: {
    id: "b1",
    number: "B-00001",
    kind: "BILL",
    job: "R-0001",
    about: "Pellworm Twin",
    buyer: "A. Okonjo",
    day: "2031-03-01",
    until: "2031-03-15",
    dueMinor: 10_300,
    currency: "EUR",
    eInvoice: false,
  },
  openMinor,
  overdue: openMinor > 0,
  moved: [],
});

/** What a paper with one line comes to. */
export const comesTo = (minor: number): Schemas["DraftTotals"] => ({
  linesMinor: [minor],
  quotedMinor: minor,
  totals: {
    linesNetMinor: [minor],
    groups: [],
    netMinor: minor,
    taxMinor: 0,
    totalMinor: minor,
    roundingMinor: 0,
    prepaidMinor: 0,
    dueMinor: minor,
  },
});
