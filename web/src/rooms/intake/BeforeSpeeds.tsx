import { Link } from "react-router";
import type { JobView } from "../../api/client";
import { Panel } from "../../ui/Panel";
import { StateMark } from "../../ui/State";
import { texts } from "./words";

/** Asks for the speeds as they came in: once the camera is in pieces there is nothing to compare with. */
export function BeforeSpeeds({ job }: { job: JobView }) {
  const timed = job.speeds.filter((row) => row.before !== undefined).length;
  if (job.speeds.length === 0 || (timed === 0 && job.parts.length > 0)) return null;
  return (
    <Panel title={texts.speedsBeforeTheWork} note={texts.ofTimed(timed, job.speeds.length)}>
      {timed === job.speeds.length ? (
        <p className="flex items-center gap-2">
          <StateMark mark="done" /> {texts.allSpeedsAreTimed}
        </p>
      ) : (
        <p className="text-[14.5px]">{texts.timeItBeforeYouOpen}</p>
      )}
      <p className="flex flex-wrap gap-x-4">
        <Link to={`/camera/${job.tag}/stand`} className="inline-flex min-h-11 items-center underline">
          {texts.measureOnTheStand}
        </Link>
        <Link to={`/camera/${job.tag}/prove`} className="inline-flex min-h-11 items-center underline">
          {texts.typeTheTimes}
        </Link>
      </p>
    </Panel>
  );
}
