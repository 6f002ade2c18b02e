import type { JobView } from "../../api/client";
import { texts } from "./words";

/** Whether figures on the screen come from no camera. */
export function anySimulated(job: JobView): boolean {
  return job.speeds.some((row) => row.before?.simulated === true || row.after?.simulated === true);
}

/** Says so where it is. */
export function SimulatedNote({ job }: { job: JobView }) {
  if (!anySimulated(job)) return null;
  return (
    <p className="border-mark-line bg-mark-wash rounded-[3px] border-l-4 px-2 py-1 text-[14.5px]" role="note">
      {texts.someFiguresAreSimulated}
    </p>
  );
}
