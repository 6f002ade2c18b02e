import type { Schemas } from "../../api/client";
import { fullDay } from "../../ui/dates";
import { texts } from "./words";

/** The authority's fingerprint, in lines of eight pairs, as it is compared by eye. */
export function Fingerprint({ network }: { network: Schemas["NetworkAddresses"] }) {
  if (network.fingerprint === undefined) return null;
  const pairs = network.fingerprint.split(":");
  return (
    <div>
      <p className="text-soft text-[13.5px]">
        {texts.fingerprint}
        {network.until !== undefined && `, ${texts.until(fullDay(network.until))}`}
      </p>
      <p className="num text-[15px] leading-6">
        {[0, 8, 16, 24].map((from) => (
          <span key={from} className="block">
            {pairs.slice(from, from + 8).join(" ")}
          </span>
        ))}
      </p>
    </div>
  );
}
