import type { JobSummary } from "../../api/client";
import { fullDay, minutesWords } from "../../ui/dates";
import { PaperTag } from "../../ui/PaperTag";
import { texts } from "./words";

/** One camera in a list. */
export function JobLine({ job }: { job: JobSummary }) {
  return (
    <div className="grid min-h-12 grid-cols-[96px_minmax(0,2fr)_minmax(0,1.2fr)_minmax(0,1.6fr)_104px] items-center gap-3 py-1">
      <PaperTag tag={job.tag} />
      <span className="min-w-0 leading-[19px]">
        <span className="block truncate">
          <b>
            {job.maker} {job.model}
          </b>
          {job.pattern !== "" && <span className="text-soft"> {job.pattern}</span>}
        </span>
        {job.serial !== "" && <span className="num text-soft block truncate text-[13px]">{job.serial}</span>}
      </span>
      <span className="truncate" dir="auto">
        {job.owner}
      </span>
      <span className="truncate text-[14.5px]" dir="auto">
        {job.cause === "" ? job.complaint : job.cause}
      </span>
      <span className="text-soft text-right text-[13.5px]">
        {job.returnedAt === undefined ? texts.inTheShopInline : fullDay(job.returnedAt)}
        {job.minutes > 0 && <span className="block">{minutesWords(job.minutes)}</span>}
      </span>
    </div>
  );
}
