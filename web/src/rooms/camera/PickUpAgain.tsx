import type { JobView } from "../../api/client";
import { useNow } from "../../api/clock";
import { moment } from "../../ui/dates";
import { Panel } from "../../ui/Panel";
import { StateMark, type Mark } from "../../ui/State";
import { texts } from "./words";

/** A job that lay for this long is picked up again, not gone on with. */
const A_PAUSE_MS = 3 * 3_600_000;

/** For whoever sits down after a pause: what happened last, what is half done, what is loose, how it stands. */
export function PickUpAgain({ job }: { job: JobView }) {
  const now = useNow(60_000);
  const { pickUp } = job;
  const rested = now - Date.parse(pickUp.lastAt) > A_PAUSE_MS;
  const seated = job.sitting.time.seatedSince !== undefined;
  if (!rested || seated || job.parts.length === 0 || job.handover.returnedAt !== undefined) return null;
  return (
    <Panel title={texts.whereYouLeftOff} note={texts.lastWorkedOn(moment(pickUp.lastAt, now))}>
      <ul className="flex flex-col gap-1 text-[14.5px]">
        {pickUp.last.slice(0, 3).map((done, index) => (
          <li key={index} className="flex gap-2">
            <span className="text-soft w-[74px] shrink-0 text-[13.5px]">{moment(done.at, now)}</span>
            <span className="line-clamp-2 min-w-0">
              {done.words} <span className="text-soft">({done.by})</span>
            </span>
          </li>
        ))}
      </ul>
      <dl className="flex flex-col gap-0.5">
        <Fact mark="wait" name="Ran out" values={pickUp.ranOut} />
        <Fact mark="not" name="Half done" values={pickUp.halfDone} />
        <Fact mark="open" name="It stands" values={pickUp.standing} />
        <Fact mark="left" name="Loose in" values={pickUp.looseIn === "" ? [] : [pickUp.looseIn]} />
      </dl>
    </Panel>
  );
}

function Fact({ mark, name, values }: { mark: Mark; name: string; values: string[] }) {
  if (values.length === 0) return null;
  return (
    <div className="flex items-start gap-2 text-[14.5px]">
      <dt className="text-soft flex w-[90px] shrink-0 items-center gap-2">
        <StateMark mark={mark} />
        {name}
      </dt>
      <dd className="min-w-0">{values.join("; ")}</dd>
    </div>
  );
}
