import type { JobView, Stop } from "../../api/client";
import { texts } from "./words";

/** Three lines that fit the stop, with this camera's own parts, wells and speeds where it has any. */
export function lineHints(job: JobView, stop: Stop | undefined): string {
  const out = job.parts.filter((part) => part.answer.kind !== "BACK" && part.answer.kind !== "LEFT_OUT");
  const part = out.at(-1)?.name ?? job.parts.at(-1)?.name ?? texts.aPart;
  const speed = job.speeds[0]?.speed ?? "1/60";
  const hints = {
    INTAKE: texts.linesAtIntake,
    STRIP: texts.linesAtStrip(job.freeWell ?? "A1", part),
    FIND: texts.linesAtFind(part),
    CLEAN: texts.linesAtClean(part),
    MEND: texts.linesAtMend(part),
    OIL: texts.linesAtOil(part),
    REFIT: texts.linesAtRefit(part),
    PROVE: texts.linesAtProve(speed),
    RETURN: texts.linesAtReturn,
  };
  return hints[stop ?? job.currentStop];
}
