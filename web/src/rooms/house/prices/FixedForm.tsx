import type { Pricing } from "../../../api/accounts";
import { moneyTyped } from "../../../api/money";
import { Button } from "../../../ui/Button";
import { TextField } from "../../../ui/Field";
import { Part } from "./Part";
import { minorOf } from "./read";
import { texts } from "../words";

/** Work at a price of its own. */
export function FixedForm({ fixed }: { fixed: Pricing["fixed"] }) {
  const start = fixed.map((one) => ({ ...one, price: moneyTyped(one.minor) }));
  return (
    <Part
      title={texts.fixedPrices}
      start={start}
      entry={async (typed) => [
        {
          kind: "fixedPricesSet",
          fixed: await Promise.all(
            typed.map(async ({ id, words, tax, price }) => ({ id, words, tax, minor: await minorOf(price) })),
          ),
        },
      ]}
    >
      {(typed, change) => {
        const set = (at: number, next: Partial<(typeof typed)[number]>) =>
          change(typed.map((one, index) => (index === at ? { ...one, ...next } : one)));
        return (
          <>
            {typed.map((one, at) => (
              <div key={one.id} className="grid grid-cols-[minmax(0,1fr)_110px_auto] items-end gap-2">
                <TextField
                  label={texts.fixedFor}
                  aria-label={texts.inRow(texts.fixedFor, at + 1)}
                  value={one.words}
                  onChange={(event) => set(at, { words: event.target.value })}
                />
                <TextField
                  label={texts.fixedAmount}
                  aria-label={texts.inRow(texts.fixedAmount, at + 1)}
                  inputMode="decimal"
                  value={one.price}
                  onChange={(event) => set(at, { price: event.target.value })}
                />
                <Button
                  kind="quiet"
                  aria-label={texts.inRow(texts.removeFixed(one.words), at + 1)}
                  onClick={() => change(typed.filter((_, index) => index !== at))}
                >
                  ✕
                </Button>
              </div>
            ))}
            <Button
              className="self-start"
              onClick={() =>
                change([
                  ...typed,
                  { id: `price-${Date.now().toString(36)}`, words: "", minor: 0, tax: "", price: "" },
                ])
              }
            >
              {texts.addFixed}
            </Button>
          </>
        );
      }}
    </Part>
  );
}
