import { useState } from "react";
import { Link } from "react-router";
import type { JobView } from "../../api/client";
import { AddLine } from "../../ui/AddLine";
import { Button } from "../../ui/Button";
import { Panel } from "../../ui/Panel";
import { StateMark } from "../../ui/State";
import { PieceAccount } from "../part";
import type { Passed } from "./passed";
import { texts } from "./words";

type Outstanding = JobView["outstanding"][number];

/** So many that are open want one reason for all rather than each its own. */
const MANY = 2;

/** Where one of them is done. What is settled on this screen has no other. */
function wayTo(job: JobView, one: Outstanding): string | undefined {
  if (one.stop === "RETURN" || placeOf(job, one) !== undefined) return undefined;
  const stop = `/camera/${job.tag}/${one.stop.toLowerCase()}`;
  const shown = job.parts.some((part) => part.name === one.part) || !["REFIT", "STRIP"].includes(one.stop);
  return one.part === undefined || !shown ? stop : `${stop}?part=${encodeURIComponent(one.part)}`;
}

/** The account that an empty place is about. */
function placeOf(job: JobView, { place: about }: Outstanding) {
  return job.notes.places.find(
    ({ place }) => about !== undefined && place.part === about.part && place.piece === about.piece,
  );
}

/** What is still to be done before the camera goes back, each with the way to where it is done, or a reason to pass it. */
export function StillOpen({ job, passed }: { job: JobView; passed: Passed }) {
  if (job.outstanding.length === 0) return null;
  const left = job.outstanding.filter((one) => one.hold === "WITHOUT_REASON" && !passed.has(one.id));
  return (
    <Panel title={texts.stillOpen} note={texts.stillToDo(job.outstanding.length)}>
      <ul className="flex flex-col">
        {job.outstanding.map((one) => (
          <OneOpen key={one.id} job={job} one={one} passed={passed} />
        ))}
      </ul>
      {left.length >= MANY && (
        <AddLine
          blanks={[{ label: texts.oneReason }]}
          action={texts.passAllOver(left.length)}
          className="mt-2"
          onAdd={async (reason) =>
            passed.pass(
              left.map((one) => one.id),
              reason!,
            )
          }
        />
      )}
    </Panel>
  );
}

function OneOpen({ job, one, passed }: { job: JobView; one: Outstanding; passed: Passed }) {
  const [asking, setAsking] = useState(false);
  const way = wayTo(job, one);
  const place = placeOf(job, one);
  const reason = passed.reasonOf(one.id);
  const words = (
    <>
      <StateMark mark={reason !== undefined ? "left" : one.hold === "NOT" ? "open" : "not"} />
      <span className="min-w-0 flex-1">
        <b>{one.what}</b>
        {one.why !== "" && <span className="text-soft block text-[13.5px]">{one.why}</span>}
        {reason !== undefined && <span className="block text-[14px]">{texts.goesOutSo(reason)}</span>}
      </span>
    </>
  );
  return (
    <li className="border-line/70 border-b">
      <span className="flex items-center gap-1">
        {way === undefined ? (
          <span className="flex min-h-11 min-w-0 flex-1 items-center gap-2 py-1">{words}</span>
        ) : (
          <Link to={way} className="hover:bg-sunk flex min-h-11 min-w-0 flex-1 items-center gap-2 py-1">
            {words}
            <span aria-hidden="true">→</span>
          </Link>
        )}
        {one.hold === "WITHOUT_REASON" && !asking && (
          <Button kind="quiet" about={one.what} onClick={() => setAsking(true)}>
            {reason === undefined ? texts.passOver : texts.change}
          </Button>
        )}
      </span>
      {place !== undefined && reason === undefined && (
        <ul className="pl-6">
          <PieceAccount job={job} account={place} />
        </ul>
      )}
      {asking && (
        <AddLine
          blanks={[
            {
              label: texts.whyDoesItGoOutSo(one.what),
              hint: texts.whyItGoesOutSo,
              start: reason ?? one.suggested,
            },
          ]}
          action={texts.passOverLabel}
          focus
          className="pb-1"
          onAdd={async (why) => {
            passed.pass([one.id], why!);
            setAsking(false);
          }}
          onCancel={() => setAsking(false)}
        />
      )}
    </li>
  );
}
