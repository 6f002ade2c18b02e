import { Link } from "react-router";
import type { JobView } from "../../api/client";
import { Panel } from "../../ui/Panel";
import { StateMark } from "../../ui/State";
import { texts } from "./words";

type Outstanding = JobView["outstanding"][number];

/** Where one of them is done. What is settled on this screen has no other. */
function wayTo(tag: string, one: Outstanding): string | undefined {
  if (one.stop === "RETURN") return undefined;
  const stop = `/camera/${tag}/${one.stop.toLowerCase()}`;
  return one.part === undefined ? stop : `${stop}?part=${encodeURIComponent(one.part)}`;
}

/** What is still to be done before the camera goes back, each with the way to where it is done. */
export function StillOpen({ job }: { job: JobView }) {
  if (job.outstanding.length === 0) return null;
  return (
    <Panel title={texts.stillOpen} note={texts.stillToDo(job.outstanding.length)}>
      <ul className="flex flex-col">
        {job.outstanding.map((one) => {
          const way = wayTo(job.tag, one);
          const words = (
            <>
              <StateMark mark={one.holds ? "not" : "open"} />
              <span className="min-w-0 flex-1">
                <b>{one.what}</b>
                {one.why !== "" && <span className="text-soft block text-[13.5px]">{one.why}</span>}
              </span>
            </>
          );
          return (
            <li key={`${one.what} ${one.why}`} className="border-line/70 border-b">
              {way === undefined ? (
                <span className="flex min-h-11 items-center gap-2 py-1">{words}</span>
              ) : (
                <Link to={way} className="hover:bg-sunk flex min-h-11 items-center gap-2 py-1">
                  {words}
                  <span aria-hidden="true">→</span>
                </Link>
              )}
            </li>
          );
        })}
      </ul>
    </Panel>
  );
}
