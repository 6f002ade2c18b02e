import { useAppend } from "../../hands/append";
import type { JobView } from "../../api/client";
import { texts } from "./words";

/** Says where pieces lie now: those of one part, or all that lay in one well. */
export function useMove(job: JobView) {
  const append = useAppend(job.tag);
  const to = (part: string, wells: string[]) =>
    append([{ kind: "moved", part, wells }], {
      said: wells.length === 0 ? texts.isInNoWellNow(part) : texts.isNowIn(part, wells.join(" ")),
    });
  const between = (from: string, into: string) =>
    append(
      (job.wells[from] ?? []).map((piece) => {
        const lay = job.parts.find((part) => part.name === piece.name)?.removed.wells ?? [];
        return {
          kind: "moved" as const,
          part: piece.name,
          wells: [...new Set(lay.map((well) => (well === from ? into : well)))],
        };
      }),
      { said: texts.whatWasInIsNow(from, into) },
    );
  return { to, between };
}
