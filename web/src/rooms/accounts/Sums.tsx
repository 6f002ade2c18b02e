import type { Schemas } from "../../api/client";
import { money } from "../../api/money";
import { percent } from "./typing";
import { texts } from "./words";

/** What a paper comes to, as it will stand under its lines. */
export function Sums({ totals, included }: { totals: Schemas["Totals"]; included: boolean }) {
  const taxed = totals.groups.filter((one) => one.rate.kind === "STANDARD");
  return (
    <dl className="ml-auto grid w-[360px] max-w-full grid-cols-[1fr_auto] gap-x-4 gap-y-0.5 text-[15px]">
      {!included && taxed.length > 0 && <Row words={texts.withoutTax} minor={totals.netMinor} />}
      {!included &&
        taxed.map((one) => (
          <Row
            key={one.rate.id}
            words={texts.taxOn(one.rate.name, percent(one.rate.hundredths), money(one.netMinor))}
            minor={one.taxMinor}
          />
        ))}
      {totals.prepaidMinor !== 0 && <Row words={texts.prepaid} minor={-totals.prepaidMinor} />}
      {totals.roundingMinor !== 0 && <Row words={texts.rounded} minor={totals.roundingMinor} />}
      <dt className="border-line border-t pt-1 text-[17px] font-bold">{texts.total}</dt>
      <dd className="num border-line border-t pt-1 text-right text-[17px] font-bold">
        {money(totals.dueMinor)}
      </dd>
      {included &&
        taxed.map((one) => (
          <dd key={one.rate.id} className="text-soft col-span-2 text-right text-[13.5px]">
            {texts.includes(one.rate.name, percent(one.rate.hundredths), money(one.taxMinor))}
          </dd>
        ))}
    </dl>
  );
}

function Row({ words, minor }: { words: string; minor: number }) {
  return (
    <>
      <dt className="text-soft">{words}</dt>
      <dd className="num text-right">{money(minor)}</dd>
    </>
  );
}
