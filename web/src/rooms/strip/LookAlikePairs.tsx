import { useState } from "react";
import type { JobView } from "../../api/client";
import { Button } from "../../ui/Button";
import { FastenerDrawing } from "../../ui/FastenerDrawing";
import { texts } from "./words";

const AT_ONCE = 3;

/** Twelve times as large as they are, so that half a millimetre can be seen. */
const SCALE = 12;

/** Fasteners that the eye will not tell apart, one above the other at true proportion, with where the long one goes. */
export function LookAlikePairs({ job }: { job: JobView }) {
  const [all, setAll] = useState(false);
  const shown = all ? job.lookAlikes.length : AT_ONCE;
  return (
    <>
      {job.lookAlikes.slice(0, shown).map((pair) => (
        <div
          key={pair.words}
          className="border-mark-line bg-mark-wash flex flex-col gap-1 rounded-[3px] border-l-4 px-2 py-1 text-[14px]"
        >
          <div className="flex flex-col items-start gap-0.5">
            {[pair.shorter, pair.longer].map((one, index) => (
              <span key={index} className="flex items-center gap-2">
                <FastenerDrawing fastener={one} scale={SCALE} />
                <b className="num text-[13.5px]">{one.lengthMm}</b>
              </span>
            ))}
          </div>
          <p>
            <b className="text-mark">{texts.lookAlikes}</b> {pair.words}
          </p>
        </div>
      ))}
      {job.lookAlikes.length > shown && (
        <Button kind="quiet" className="self-start" onClick={() => setAll(true)}>
          {texts.morePairsLookAlike(job.lookAlikes.length - shown)}
        </Button>
      )}
    </>
  );
}
