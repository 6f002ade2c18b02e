import type { JobView, Stop } from "../../api/client";
import { texts } from "./words";

/** Three lines that fit the stop, with this camera's own parts, wells and speeds where it has any. */
export function lineHints(job: JobView, stop: Stop | undefined): string {
  const out = job.parts.filter((part) => part.answer.kind !== "BACK" && part.answer.kind !== "LEFT_OUT");
  const part = out.at(-1)?.name ?? job.parts.at(-1)?.name ?? texts.aPart;
  // an agent or a lubricant is only named beside a part that was cleaned here, or beside none of this camera's
  const cleaned = job.treat.cleaned.at(-1)?.what.part ?? texts.aTrain;
  const speed = job.speeds[0]?.speed ?? "1/60";
  const hints = {
    INTAKE: texts.linesAtIntake,
    STRIP: texts.linesAtStrip(job.freeWell ?? "A1", part),
    FIND: texts.linesAtFind,
    CLEAN: texts.linesAtClean(cleaned),
    MEND: texts.linesAtMend(part),
    OIL: texts.linesAtOil(cleaned),
    REFIT: texts.linesAtRefit(part),
    PROVE: texts.linesAtProve(speed),
    RETURN: texts.linesAtReturn,
  };
  return hints[stop ?? job.currentStop];
}
