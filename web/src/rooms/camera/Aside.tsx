import { Link } from "react-router";
import type { JobView } from "../../api/client";
import { Empty, Panel } from "../../ui/Panel";
import { StateMark } from "../../ui/State";
import { placeOf } from "../../valley/Path";
import { TrayView } from "../strip";
import { WhenDone } from "../plan";
import { WaitList } from "../treat";
import { PickUpAgain } from "./PickUpAgain";
import { scopeWords } from "../../ui/scopeWords";
import { texts } from "./words";

/** So many stand beside the camera; the rest is said in a word. */
const SHOWN = 5;

/** What lies beside the camera: what to do next, the tray, what waits. */
export function Aside({ job }: { job: JobView }) {
  return (
    <aside className="border-line bg-sheet flex h-full min-h-0 flex-col gap-4 overflow-y-auto border-l px-4 py-3">
      <PickUpAgain job={job} />
      <Panel title={texts.whatToDoNow}>
        {job.next.length === 0 && (
          <Empty>
            {job.handover.returnedAt === undefined
              ? job.treat.waits.some((wait) => wait.state !== "ENDED")
                ? texts.nothingToDoButWait
                : texts.nothingIsKnownToBeOpen
              : texts.thisCameraHasBeenReturned}
          </Empty>
        )}
        <ol className="flex flex-col">
          {job.next.slice(0, SHOWN).map((thing, index) => (
            <li key={index} className="border-line/70 border-b last:border-0">
              <Link
                to={`/camera/${job.tag}/${placeOf(thing.stop)}`}
                className="hover:bg-sunk flex min-h-11 items-start gap-2 rounded-[3px] py-1"
              >
                <span className="pt-0.5">
                  <StateMark mark={thing.urgency === 0 ? "wait" : "ready"} />
                </span>
                <span className="min-w-0">
                  <b className="block leading-5">{thing.what}</b>
                  <span className="text-soft block text-[13.5px] leading-[18px]">{thing.why}</span>
                </span>
              </Link>
            </li>
          ))}
        </ol>
        {job.next.length > SHOWN && (
          <p className="text-soft text-[13.5px]">{texts.andMore(job.next.length - SHOWN)}</p>
        )}
      </Panel>
      <TrayView job={job} />
      <WaitList job={job} quiet />
      <Scope job={job} />
      {job.handover.returnedAt === undefined && <WhenDone job={job} />}
    </aside>
  );
}

function Scope({ job }: { job: JobView }) {
  if (job.intake.scope.length === 0) return null;
  return (
    <Panel title={texts.workToDo}>
      <ul>
        {job.intake.scope.map((item) => (
          <li key={item.id} className="flex items-center gap-2 py-0.5">
            <StateMark mark={item.state === "DONE" ? "done" : item.state === "LEFT" ? "left" : "open"} />
            <span>{item.what.words}</span>
            <span className="text-soft ml-auto text-[13.5px]">{scopeWords[item.state]}</span>
          </li>
        ))}
      </ul>
    </Panel>
  );
}
