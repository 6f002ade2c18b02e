import type { JobView } from "../../api/client";
import { useNow } from "../../api/clock";
import { minutesWords, moment, spanMinutes } from "../../ui/dates";

/** How long the way back takes, and which parts wait for each other. */
export function HowLong({ job }: { job: JobView }) {
  const now = useNow(60_000);
  const { hands, closedAt, chain } = job.wayBack;
  if (closedAt === undefined) return null;
  return (
    <p className="text-[14.5px]">
      About <b>{minutesWords(spanMinutes(hands))}</b> of hands; closed by about{" "}
      <b className="num">{moment(closedAt, now)}</b> if you go on now.
      {chain.length > 2 && (
        <span className="text-soft block text-[13.5px]">
          Longest way: {chain[0]} first, {chain.at(-1)} last, {chain.length} parts that wait for each other.
        </span>
      )}
    </p>
  );
}
