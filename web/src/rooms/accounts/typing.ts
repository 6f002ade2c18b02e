import type { DraftLine, Party, Pricing, TypedDraft } from "../../api/accounts";
import type { JobView } from "../../api/client";
import { moneyTyped } from "../../api/money";
import { texts } from "./words";

/** A customer of whom the name alone is known. */
export const named = (name: string): Party => ({
  name,
  street: "",
  postcode: "",
  town: "",
  country: "",
  taxNumber: "",
  email: "",
});

/** An empty paper for a camera. */
export const beginning = (job: JobView): TypedDraft => ({
  kind: "BILL",
  job: job.tag,
  about: job.cameraWords,
  buyer: named(job.intake.received?.owner.name ?? ""),
  lines: [],
  discount: "",
  note: "",
});

const clock = (minutes: number) => `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, "0")}`;

export const hours = (pricing: Pricing, minutes?: number): DraftLine => ({
  words: texts.workAtTheBench,
  quantity: minutes === undefined ? "1" : clock(minutes),
  measure: "HOUR",
  price: moneyTyped(pricing.hourMinor),
  discount: "",
  tax: pricing.taxes.usual,
});

export const piece = (pricing: Pricing): DraftLine => ({
  words: "",
  quantity: "1",
  measure: "PIECE",
  price: "",
  discount: "",
  tax: pricing.taxes.usual,
});

export const fixed = (pricing: Pricing, one: Pricing["fixed"][number]): DraftLine => ({
  words: one.words,
  quantity: "1",
  measure: "PIECE",
  price: moneyTyped(one.minor),
  discount: "",
  tax: one.tax === "" ? pricing.taxes.usual : one.tax,
});

/** A rate as it is written on paper: 23, or 13.5. */
export const percent = (hundredths: number) => String(hundredths / 100);
