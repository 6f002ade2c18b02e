import type { Pricing } from "../../../api/accounts";
import { money } from "../../../api/money";
import { useWords } from "../../../api/queries";
import { Button } from "../../../ui/Button";
import { ChoiceField, TextField, Tick } from "../../../ui/Field";
import { Part } from "./Part";
import { hundredths } from "./read";
import { texts } from "../words";

const STEPS = [1, 5, 10, 100];

/** The taxes that prices bear. */
export function TaxForm({ taxes }: { taxes: Pricing["taxes"] }) {
  const { choices } = useWords();
  const start = {
    ...taxes,
    rates: taxes.rates.map((rate) => ({ ...rate, percent: String(rate.hundredths / 100) })),
  };
  type Rate = (typeof start)["rates"][number];
  return (
    <Part
      title={texts.taxes}
      start={start}
      entry={({ rates, ...others }) =>
        Promise.resolve([
          {
            kind: "taxesSet",
            taxes: {
              ...others,
              rates: rates.map(({ percent, ...rate }) => ({
                ...rate,
                hundredths: rate.kind === "STANDARD" ? hundredths(percent) : 0,
              })),
            },
          },
        ])
      }
    >
      {(typed, change) => {
        const set = (at: number, next: Partial<Rate>) =>
          change({
            ...typed,
            rates: typed.rates.map((one, index) => (index === at ? { ...one, ...next } : one)),
          });
        return (
          <>
            {typed.rates.map((rate, at) => (
              <div
                key={rate.id}
                className="border-line/70 grid grid-cols-[minmax(0,1fr)_150px_84px_auto_auto] items-end gap-2 border-b pb-2"
              >
                <TextField
                  label={texts.taxName}
                  aria-label={texts.inRow(texts.taxName, at + 1)}
                  value={rate.name}
                  onChange={(event) => set(at, { name: event.target.value })}
                />
                <ChoiceField
                  label={texts.taxKind}
                  aria-label={texts.inRow(texts.taxKind, at + 1)}
                  value={rate.kind}
                  choices={choices("taxKind")}
                  onChange={(event) => set(at, { kind: event.target.value as Rate["kind"] })}
                />
                <TextField
                  label={texts.ratePercent}
                  aria-label={texts.inRow(texts.ratePercent, at + 1)}
                  inputMode="decimal"
                  disabled={rate.kind !== "STANDARD"}
                  value={rate.kind === "STANDARD" ? rate.percent : "0"}
                  onChange={(event) => set(at, { percent: event.target.value })}
                />
                <label className="flex min-h-11 items-center gap-1.5">
                  <input
                    type="radio"
                    name="usual"
                    className="accent-ready size-5"
                    aria-label={texts.inRow(texts.usualTaxOf(rate.name), at + 1)}
                    checked={typed.usual === rate.id}
                    onChange={() => change({ ...typed, usual: rate.id })}
                  />
                  {texts.usualTax}
                </label>
                <Button
                  kind="quiet"
                  aria-label={texts.inRow(texts.removeTax(rate.name), at + 1)}
                  disabled={typed.rates.length === 1 || typed.usual === rate.id}
                  onClick={() => change({ ...typed, rates: typed.rates.filter((one) => one.id !== rate.id) })}
                >
                  ✕
                </Button>
                {rate.kind === "EXEMPT" && (
                  <TextField
                    label={texts.exemptionReason}
                    aria-label={texts.inRow(texts.exemptionReason, at + 1)}
                    wrap="col-span-5"
                    value={rate.reason}
                    onChange={(event) => set(at, { reason: event.target.value })}
                  />
                )}
              </div>
            ))}
            <Button
              className="self-start"
              onClick={() =>
                change({
                  ...typed,
                  rates: [
                    ...typed.rates,
                    {
                      id: `rate-${Date.now().toString(36)}`,
                      name: "",
                      kind: "STANDARD",
                      hundredths: 0,
                      reason: "",
                      percent: "",
                    },
                  ],
                })
              }
            >
              {texts.addTax}
            </Button>
            <Tick
              label={texts.pricesIncludeTax}
              checked={typed.included}
              onChange={(event) => change({ ...typed, included: event.target.checked })}
            />
            <ChoiceField
              label={texts.smallestCoin}
              value={String(typed.stepMinor)}
              choices={STEPS.map((step) => ({
                value: String(step),
                label: step === 1 ? texts.noRounding : money(step),
              }))}
              onChange={(event) => change({ ...typed, stepMinor: Number(event.target.value) })}
            />
            <p className="text-soft text-[14px]">{texts.taxesNote}</p>
          </>
        );
      }}
    </Part>
  );
}
