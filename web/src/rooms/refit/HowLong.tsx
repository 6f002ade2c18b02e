import type { JobView } from "../../api/client";
import { useNow } from "../../api/clock";
import { minutesWords, moment, spanMinutes } from "../../ui/dates";
import { texts } from "./words";

/** How long the way back takes, and which parts wait for each other. */
export function HowLong({ job }: { job: JobView }) {
  const now = useNow(60_000);
  const { hands, closedAt, chain } = job.wayBack;
  if (closedAt === undefined) return null;
  return (
    <p className="text-[14.5px]">
      {texts.about} <b>{minutesWords(spanMinutes(hands))}</b> {texts.ofHandsOnWorkClosed}{" "}
      <b className="num">{moment(closedAt, now)}</b> {texts.ifYouStartNow}
      {chain.length > 2 && (
        <span className="text-soft block text-[13.5px]">
          {texts.longestChainFirstLastParts(chain[0], chain.at(-1), chain.length)}
        </span>
      )}
    </p>
  );
}
