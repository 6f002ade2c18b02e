import type { Pricing } from "../../../api/accounts";
import { TextField } from "../../../ui/Field";
import { Part } from "./Part";
import { whole } from "./read";
import { texts } from "../words";

/** How long quotes hold, and when bills are due. */
export function TermsForm({ terms }: { terms: Pricing["terms"] }) {
  const start = {
    quoteDays: String(terms.quoteDays),
    payDays: String(terms.payDays),
    collectDays: String(terms.collectDays),
    remindDays: String(terms.remindDays),
    keepYears: String(terms.keepYears ?? 10),
  };
  const labels = {
    quoteDays: texts.quoteHolds,
    payDays: texts.billDue,
    collectDays: texts.collectWithin,
    remindDays: texts.remindAfter,
    keepYears: texts.keepYears,
  };
  return (
    <Part
      title={texts.terms}
      start={start}
      entry={(typed) =>
        Promise.resolve([
          {
            kind: "termsSet",
            terms: {
              quoteDays: whole(typed.quoteDays),
              payDays: whole(typed.payDays),
              collectDays: whole(typed.collectDays),
              remindDays: whole(typed.remindDays),
              keepYears: whole(typed.keepYears),
            },
          },
        ])
      }
    >
      {(typed, change) => (
        <div className="grid grid-cols-5 gap-3">
          {(Object.keys(start) as (keyof typeof start)[]).map((name) => (
            <TextField
              key={name}
              name={name}
              label={labels[name]}
              inputMode="numeric"
              value={typed[name]}
              onChange={(event) => change({ ...typed, [name]: event.target.value })}
            />
          ))}
        </div>
      )}
    </Part>
  );
}
