import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import type { Schemas } from "../../api/client";
import { benchQuery } from "../../api/queries";
import { day, minutesWords } from "../../ui/dates";
import { PaperTag } from "../../ui/PaperTag";
import { Empty } from "../../ui/Panel";
import { ProblemNote } from "../../ui/ProblemNote";
import { StateMark, type Mark } from "../../ui/State";
import { TinyValley } from "../../valley/TinyValley";
import { Today } from "../plan";
import { atTheBeginning, FirstSteps } from "./FirstSteps";
import { texts } from "./words";

/** Home: what to do now, what runs, and every camera that is open. */
export function Bench() {
  const { data: bench, error } = useQuery(benchQuery);
  if (bench === undefined) return <div className="p-5">{error ? <ProblemNote problem={error} /> : null}</div>;
  return (
    <div className="bay wide:grid-cols-[minmax(0,1fr)_340px] grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_300px] grid-rows-[minmax(0,1fr)]">
      <div className="flex min-h-0 flex-col gap-4 overflow-y-auto px-5 py-4">
        <div className="flex items-center gap-3">
          <h1 className="mr-auto text-[22px]">{texts.onTheBench}</h1>
          <Link
            to="/new"
            className={`${atTheBeginning(bench) ? "text-ready" : "bg-ready text-on-ready"} border-ready inline-flex min-h-11 items-center gap-2 rounded-[4px] border px-4 font-bold`}
          >
            {texts.checkInACamera}
            <kbd className="num rounded-[3px] border border-current px-1.5 text-[12px]">{texts.n}</kbd>
          </Link>
        </div>
        {atTheBeginning(bench) ? (
          <FirstSteps bench={bench} />
        ) : (
          bench.open.length === 0 && <Empty>{texts.noCamerasAreOnThe}</Empty>
        )}
        <ul className="grid grid-cols-[repeat(auto-fill,minmax(272px,1fr))] gap-3">
          {bench.open.map((job) => (
            <li key={job.summary.tag}>
              <OpenCamera
                job={job}
                waiting={bench.waits.some((wait) => wait.tag === job.summary.tag && !wait.over)}
              />
            </li>
          ))}
        </ul>
      </div>
      <aside className="border-line bg-sheet flex min-h-0 flex-col gap-5 overflow-y-auto border-l px-4 py-4">
        {bench.open.length === 0 ? <Empty>{texts.nothingNeedsYourHandsRight}</Empty> : <Today />}
      </aside>
    </div>
  );
}

type Presses = Exclude<Schemas["Pressing"]["kind"], "NOTHING">;

const PRESSING: Record<Presses, { mark: Mark; look: string }> = {
  LATE: { mark: "not", look: "bg-stop-wash text-stop" },
  WAIT_TOO_LATE: { mark: "not", look: "bg-stop-wash text-stop" },
  READY_TO_RETURN: { mark: "done", look: "bg-done-wash text-done" },
  DUE_SOON: { mark: "wait", look: "bg-mark-wash text-mark" },
  DECISION_OPEN: { mark: "open", look: "bg-sunk text-ink" },
};

function OpenCamera({ job, waiting }: { job: Schemas["OpenJob"]; waiting: boolean }) {
  const { summary } = job;
  const late = job.pressing.kind === "LATE";
  return (
    <Link
      to={`/camera/${summary.tag}`}
      className={`bg-sheet hover:border-ink flex h-full flex-col gap-2 rounded-[5px] border p-3 ${job.seated ? "border-mark-line outline-mark-line outline-2" : "border-line"}`}
    >
      {job.pressing.kind !== "NOTHING" && (
        <p
          className={`-mx-3 -mt-3 flex items-center gap-2 rounded-t-[4px] px-3 py-1 text-[14px] font-bold ${PRESSING[job.pressing.kind].look}`}
        >
          <StateMark mark={PRESSING[job.pressing.kind].mark} />
          <span className="truncate">{job.pressing.why}</span>
        </p>
      )}
      <div className="flex items-start justify-between gap-2">
        <PaperTag tag={summary.tag} />
        <span className={`text-[13.5px] ${late ? "text-stop font-bold" : "text-soft"}`}>
          {summary.promised === undefined ? texts.noDatePromised : texts.dueDate(late, day(summary.promised))}
        </span>
      </div>
      <div>
        <h2 className="truncate text-[16.5px]">
          {summary.maker} {summary.model}
          {summary.pattern !== "" && <span className="text-soft font-normal"> {summary.pattern}</span>}
        </h2>
        <p className="text-soft truncate text-[14px]" dir="auto">
          {summary.owner}
        </p>
      </div>
      <div className="flex items-end justify-between gap-3">
        <TinyValley steps={job.steps} width={128} height={46} />
        <div className="text-soft text-right text-[13.5px] leading-[18px]">
          <b className="text-ink block text-[15px]">{stopWord(job.currentStop)}</b>
          {job.steps.length === 0 ? texts.notOpened : texts.ofPartsStillOff(job.out, job.steps.length)}
          <span className="block">{job.minutes > 0 ? minutesWords(job.minutes) : texts.noWorkTimeYet}</span>
        </div>
      </div>
      <p className="border-line mt-auto flex items-center gap-2 border-t pt-2 text-[14px]">
        {job.needs.length > 0 ? (
          <>
            <StateMark mark="not" />
            <span className="truncate">{texts.needs(job.needs.join(", "))}</span>
          </>
        ) : job.next !== undefined ? (
          <>
            <StateMark mark="ready" />
            <span className="truncate">{job.next.what}</span>
          </>
        ) : (
          <>
            <StateMark mark={waiting ? "wait" : "open"} />
            <span>{waiting ? texts.onlyWaiting : texts.nothingKnownToDo}</span>
          </>
        )}
        {job.seated && (
          <span className="bg-mark-wash text-mark ml-auto shrink-0 rounded-[3px] px-1.5 text-[13px] font-bold">
            {texts.atTheBench}
          </span>
        )}
      </p>
    </Link>
  );
}

const stopWord = (stop: string) => stop[0] + stop.slice(1).toLowerCase();
