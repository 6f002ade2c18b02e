import { useKept } from "../../hands/draft";
import type { JobView, Schemas } from "../../api/client";

/** What is to go out though it stands open, each with its reason; kept until the camera is handed over. */
export interface Passed {
  has(id: string): boolean;
  reasonOf(id: string): string | undefined;
  pass(ids: string[], reason: string): void;
  /** What is said with the return: of the things that are still open, and of no others. */
  said(job: JobView): Schemas["PassedOver"][];
  done(): void;
}

export function usePassed(tag: string): Passed {
  const [reasons, setReasons] = useKept<Record<string, string>>(`passed.${tag}`, {});
  return {
    has: (id) => reasons[id] !== undefined,
    reasonOf: (id) => reasons[id],
    pass: (ids, reason) => setReasons({ ...reasons, ...Object.fromEntries(ids.map((id) => [id, reason])) }),
    said: (job) =>
      job.outstanding.flatMap((one) =>
        one.hold === "WITHOUT_REASON" && reasons[one.id] !== undefined
          ? [{ what: { id: one.id, words: one.what }, reason: reasons[one.id]! }]
          : [],
      ),
    done: () => setReasons(undefined),
  };
}
