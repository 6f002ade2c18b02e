import { useQuery, useQueryClient } from "@tanstack/react-query";
import { serverNow } from "../../api/clock";
import { endTrust, trustedBenchesQuery } from "../../api/people";
import { orSay } from "../../hands/notices";
import { Button } from "../../ui/Button";
import { moment } from "../../ui/dates";
import { Empty, Panel } from "../../ui/Panel";
import { texts } from "./words";

/** Benches at which a PIN is enough. */
export function TrustedBenches() {
  const client = useQueryClient();
  const benches = useQuery(trustedBenchesQuery).data ?? [];
  return (
    <Panel title={texts.trustedBenches} note={benches.length === 0 ? undefined : `${benches.length}`}>
      {benches.length === 0 && <Empty>{texts.noTrustedBenches}</Empty>}
      <ul className="divide-line flex flex-col divide-y">
        {benches.map((one) => (
          <li key={one.id} className="flex items-center gap-3 py-1.5">
            <div className="min-w-0 flex-1">
              <b className="block truncate">{one.name}</b>
              <span className="text-soft text-[14px]">
                {texts.trustedBy(one.trustedBy, moment(one.made, serverNow()))} ·{" "}
                {texts.lastUsed(moment(one.seen, serverNow()))}
              </span>
            </div>
            <Button
              aria-label={texts.endTrustOf(one.name)}
              onClick={() =>
                orSay(
                  endTrust(one.id).then((left) => client.setQueryData(trustedBenchesQuery.queryKey, left)),
                )
              }
            >
              {texts.endTrust}
            </Button>
          </li>
        ))}
      </ul>
    </Panel>
  );
}
