import { useAppend } from "../../hands/append";
import type { Entry, JobView } from "../../api/client";
import { useNow } from "../../api/clock";
import { orSay } from "../../hands/notices";
import { Button } from "../../ui/Button";
import { moment, untilWords } from "../../ui/dates";
import { Empty, Panel } from "../../ui/Panel";
import { beginning, ending } from "./waits";
import { texts } from "./words";

/** Waits of one camera: running, over, and with the key to say that one was seen to be over. */
export function WaitList({ job, quiet = false }: { job: JobView; quiet?: boolean }) {
  const now = useNow();
  const append = useAppend(job.tag);
  const waits = job.treat.waits.filter((wait) => wait.state !== "ENDED");
  if (quiet && waits.length === 0) return null;
  const end = (id: string, over: boolean, next?: Entry) =>
    orSay(
      append([ending(id, over), ...(next === undefined ? [] : [next])], {
        said: over ? texts.notedAsFinished : texts.endedEarly,
      }),
    );
  return (
    <Panel title={texts.waits} note={texts.byTheClock}>
      {waits.length === 0 && <Empty>{texts.nothingIsWaitingHere}</Empty>}
      <ul className="flex flex-col">
        {waits.map(({ running, then }) => {
          const over = Date.parse(running.endsAt) <= now;
          const late = running.latestAt !== undefined && Date.parse(running.latestAt) <= now;
          const share = Math.min(
            1,
            (now - Date.parse(running.startedAt)) /
              (Date.parse(running.endsAt) - Date.parse(running.startedAt)),
          );
          return (
            <li
              key={running.id}
              className="border-line/70 flex flex-wrap items-center gap-2 border-b py-1 last:border-0"
            >
              <Dial share={share} />
              <div className="min-w-0 flex-1">
                <b className="block leading-5">{running.what.words}</b>
                <span className="text-soft block text-[13.5px] leading-[18px]">
                  {running.part ?? texts.theWholeCamera}
                  {running.station !== "" && texts.inThe(running.station)}
                </span>
              </div>
              <span
                className={`shrink-0 text-right text-[15px] font-bold tabular-nums ${over ? "text-mark" : ""}`}
              >
                {late ? texts.tooLate : over ? texts.finished : untilWords(running.endsAt, now)}
                <span className="text-soft block text-[13.5px] leading-[18px] font-normal">
                  {over ? texts.since : texts.untilInline} {moment(running.endsAt, now)}
                </span>
              </span>
              <Button
                kind={over ? "primary" : "quiet"}
                onClick={() => end(running.id, over)}
                className="px-2!"
                about={[running.what.words, running.part].filter(Boolean).join(", ")}
              >
                {over ? texts.doneLabel : texts.endEarly}
              </Button>
              {late && running.late !== "" && (
                <b className="text-stop basis-full text-[14px]">{running.late}</b>
              )}
              {over && then !== undefined && (
                <Button
                  className="basis-full"
                  onClick={() => end(running.id, over, beginning(then, running.part))}
                >
                  {texts.doneStart(then.label)}
                </Button>
              )}
            </li>
          );
        })}
      </ul>
    </Panel>
  );
}

/** A small clock face that fills as a wait goes by. */
function Dial({ share }: { share: number }) {
  const angle = Math.max(0.02, Math.min(0.9999, share)) * 2 * Math.PI;
  const x = 12 + 9 * Math.sin(angle);
  const y = 12 - 9 * Math.cos(angle);
  return (
    <svg width="24" height="24" viewBox="0 0 24 24" aria-hidden="true" className="shrink-0">
      <circle cx="12" cy="12" r="10" className="fill-sheet stroke-mark-line" strokeWidth="2" />
      <path d={`M12 12V3A9 9 0 ${angle > Math.PI ? 1 : 0} 1 ${x} ${y}Z`} className="fill-mark-line" />
    </svg>
  );
}
