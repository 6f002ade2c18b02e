import type { Schemas } from "../../api/client";
import { money, signedMoney } from "../../api/money";
import { useMay } from "../../hands/signer";
import { texts } from "./words";

/** A sum with every one of its terms, so that nobody has to believe it. People who may not see money are shown none of it. */
export function Terms({ terms, net, label }: { terms: Schemas["Term"][]; net: number; label?: string }) {
  if (!useMay("MONEY")) return null;
  return (
    <dl className="grid grid-cols-[minmax(0,1fr)_auto] content-start gap-x-4 text-[14px]">
      {terms.map((term) => (
        <div key={term.what} className="contents">
          <dt className="text-soft">{term.what}</dt>
          <dd className="num text-right">{signedMoney(term.minor)}</dd>
        </div>
      ))}
      <dt className="border-line border-t font-bold">{label ?? texts.together}</dt>
      <dd className={`num border-line border-t text-right font-bold ${net < 0 ? "text-stop" : ""}`}>
        {money(net)}
      </dd>
    </dl>
  );
}
