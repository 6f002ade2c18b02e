import { useSearchParams } from "react-router";
import { useNow } from "../../api/clock";
import { Empty, Panel } from "../../ui/Panel";
import { BackRow } from "../../valley/PartRow";
import { useSayAtHand } from "../../hands/atHand";
import { useJob } from "../../hands/useJob";
import { LargePicture, useLargePicture } from "../part";
import { useDragOver, WhichOver } from "../strip";
import { TrayView } from "../strip";
import { WaitList } from "../treat";
import { HowItFitted } from "./HowItFitted";
import { HowLong } from "./HowLong";
import { Procedures } from "./Procedures";
import { PutBack } from "./PutBack";
import { texts } from "./words";

/** Coming up: each part with the answer to "may it go back?", and the gate of the one that is at hand. */
export function Refit() {
  const job = useJob();
  const [search, setSearch] = useSearchParams();
  const now = useNow(30_000);
  const drag = useDragOver();
  const named = job.parts.find((part) => part.name === search.get("part"));
  const ready = job.parts.filter((part) => part.answer.kind === "READY").at(-1);
  const gated = job.parts.filter((part) => part.answer.kind === "NOT_YET").at(-1);
  const shown = named ?? ready ?? gated;
  useSayAtHand({ part: shown?.name, shows: shown === undefined ? "" : texts.isBack(shown.name) });
  const large = useLargePicture(job, shown);
  const out = job.parts.filter(
    (part) => part.answer.kind !== "BACK" && part.answer.kind !== "LEFT_OUT",
  ).length;
  return (
    <div className="bay wide:grid-cols-[minmax(0,440px)_minmax(0,1fr)_292px] grid h-full grid-cols-[minmax(0,340px)_minmax(0,1fr)_252px]">
      <div className="border-line min-h-0 overflow-y-auto border-r px-4 py-3">
        {large.at !== undefined && shown !== undefined ? (
          <LargePicture job={job} part={shown} large={large} />
        ) : (
          <Panel
            title={texts.reassembly}
            note={job.parts.length === 0 ? undefined : texts.ofStillOut(out, job.parts.length)}
          >
            {job.parts.length === 0 && <Empty>{texts.nothingIsOffSoNothing}</Empty>}
            <HowLong job={job} />
            {drag.pair !== undefined && <WhichOver job={job} pair={drag.pair} onDone={drag.done} />}
            <ol className="flex flex-col gap-1">
              {[...job.parts].reverse().map((part) => (
                <li key={part.name} style={{ paddingRight: Math.min(part.level * 12, 72) }}>
                  <button
                    type="button"
                    onClick={() => setSearch({ part: part.name })}
                    aria-pressed={shown?.name === part.name}
                    className={`wide:grid-cols-[minmax(0,11fr)_minmax(0,12fr)] grid h-[49px] w-full grid-cols-[minmax(0,9fr)_minmax(0,14fr)] rounded-[4px] text-left ${shown?.name === part.name ? "outline-ink outline-3" : drag.over === part.name ? "outline-ready outline-2" : ""}`}
                    {...drag.row(part.name)}
                  >
                    <b className="border-line bg-sheet flex min-w-0 items-center rounded-l-[4px] border-y border-l px-2.5 leading-5">
                      <span className="truncate">{part.name}</span>
                    </b>
                    <BackRow part={part} compact={false} now={now} />
                  </button>
                </li>
              ))}
            </ol>
            {job.parts.length > 0 && <Procedures job={job} />}
          </Panel>
        )}
      </div>
      <div className="min-h-0 overflow-y-auto px-5 py-3">
        <HowItFitted job={job} shown={shown?.name} />
        {shown === undefined ? (
          <Empty>{job.parts.length === 0 ? "" : texts.everythingIsBackOrLeft}</Empty>
        ) : (
          <PutBack
            key={`${shown.name} ${shown.timesOff}`}
            job={job}
            part={shown}
            onBack={() => setSearch({})}
            onStay={() => setSearch({ part: shown.name })}
            onLarge={large.show}
          />
        )}
      </div>
      <div className="border-line bg-sheet flex min-h-0 flex-col gap-4 overflow-y-auto border-l px-3 py-3">
        <TrayView job={job} />
        <WaitList job={job} quiet />
      </div>
    </div>
  );
}
