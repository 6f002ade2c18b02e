import type { Pricing } from "../../api/accounts";
import type { JobView } from "../../api/client";
import type { TypedOption } from "../../api/offer";
import { writeDraft } from "../../hands/draft";
import { beginning, hours, piece } from "./typing";

const whole = (typed: string) => (/^\d+$/.test(typed.trim()) ? Number(typed) : 0);

/** Draws up a paper from an option: its work by the likely minutes, and its parts. It is gone over before it goes out. */
export function keepQuote(job: JobView, option: TypedOption, pricing: Pricing): void {
  const minutes = option.steps.reduce((sum, step) => sum + whole(step.likely), 0);
  const draft = {
    ...beginning(job),
    lines: [
      { ...hours(pricing, minutes), words: option.name },
      ...option.parts.map((part) => ({
        ...piece(pricing),
        words: part.words,
        quantity: part.count,
        price: part.price,
      })),
    ],
  };
  writeDraft(`paper ${job.tag}`, JSON.stringify(draft));
}
