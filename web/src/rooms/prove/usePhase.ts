import type { JobView } from "../../api/client";
import { useDraft } from "../../hands/draft";

export type Phase = "BEFORE" | "AFTER";

/** Whether firings are timed before or after the work: as chosen for this job, else by whether anything is off yet. */
export function usePhase(job: JobView): [Phase, (phase: Phase) => void] {
  const [kept, keep] = useDraft(`phase.${job.tag}`);
  return [kept === "BEFORE" || kept === "AFTER" ? kept : job.parts.length === 0 ? "BEFORE" : "AFTER", keep];
}
