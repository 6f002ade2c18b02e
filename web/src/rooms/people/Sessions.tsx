import { useQuery, useQueryClient } from "@tanstack/react-query";
import { serverNow } from "../../api/clock";
import { endSession, hereQuery, sessionsQuery, type SessionRow } from "../../api/people";
import { orSay } from "../../hands/notices";
import { Button } from "../../ui/Button";
import { moment } from "../../ui/dates";
import { Empty, Panel } from "../../ui/Panel";
import { texts } from "./words";

/** Where people are signed in; each can be ended from here. */
export function Sessions({ all }: { all: boolean }) {
  const client = useQueryClient();
  const sessions = useQuery(sessionsQuery).data ?? [];
  const end = async (one: SessionRow) => {
    client.setQueryData(sessionsQuery.queryKey, await endSession(one.id));
    if (one.here) await client.invalidateQueries({ queryKey: hereQuery.queryKey });
  };
  return (
    <Panel title={all ? texts.signedInWhere : texts.yourSessions} note={`${sessions.length}`}>
      {sessions.length === 0 && <Empty>{texts.nobody}</Empty>}
      <ul className="divide-line flex flex-col divide-y">
        {sessions.map((one) => (
          <li key={one.id} className="flex items-center gap-3 py-1.5">
            <div className="min-w-0 flex-1">
              <b>
                <bdi>{one.person}</bdi>
              </b>{" "}
              <span>{texts.signedInBy(one.signedBy, one.bench, one.onlyJob)}</span>
              {one.here && <b> {texts.thisBrowser}</b>}
              <span className="text-soft block text-[14px]">
                {texts.lastUsed(moment(one.seen, serverNow()))} ·{" "}
                {texts.endsBy(moment(one.endsAt, serverNow()))}
              </span>
            </div>
            <Button aria-label={texts.endSessionOf(one.person)} onClick={() => orSay(end(one))}>
              {texts.endSession}
            </Button>
          </li>
        ))}
      </ul>
    </Panel>
  );
}
