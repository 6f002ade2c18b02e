import { useAppend } from "../../hands/append";
import type { JobView } from "../../api/client";
import { useKeys } from "../../hands/keys";
import { orSay } from "../../hands/notices";
import { Button } from "../../ui/Button";
import { texts } from "./words";

/** Good firings in a row: Space counts one, M a miss, which starts the count again. */
export function StreakBar({ job }: { job: JobView }) {
  const append = useAppend(job.tag);
  const { streak } = job.prove;
  const count = (good: boolean) =>
    orSay(
      append([{ kind: "fired", good, remark: "" }], {
        said: good ? texts.goodFiring : texts.missTheCountStartsAgain,
      }),
    );
  useKeys({ " ": () => count(true), m: () => count(false) });
  const marks = Math.min(streak.wanted, 72);
  const filled = Math.round((Math.min(streak.current, streak.wanted) / streak.wanted) * marks);
  return (
    <section
      aria-label={texts.firingsInARow}
      className="border-line bg-sunk flex shrink-0 items-center gap-4 border-t px-5 py-2"
    >
      <span className="num text-[40px] leading-none font-bold" aria-live="polite">
        {streak.current}
      </span>
      <span className="w-[118px] leading-[18px]">
        <b className="block">{texts.goodInARow}</b>
        <span className="text-soft text-[14px]">
          {streak.current >= streak.wanted
            ? texts.provedRequired(streak.wanted)
            : texts.required(streak.wanted)}
        </span>
      </span>
      <span className="flex min-w-0 flex-1 gap-[3px]" aria-hidden="true">
        {Array.from({ length: marks }, (_, index) => (
          <span
            key={index}
            className={`h-7 min-w-[3px] flex-1 rounded-[2px] border ${index < filled ? "border-ready bg-ready" : "border-line bg-sheet"}`}
          />
        ))}
      </span>
      <span className="text-soft w-[178px] text-[14px] leading-[18px]">
        {streak.firingsSinceWork === 0
          ? texts.nothingFiredSinceTheLast
          : texts.missRateBelowWith95(
              (job.missRateBound * 100).toFixed(0),
              streak.missesSinceWork,
              streak.firingsSinceWork,
            )}
      </span>
      <Button kind="stop" keyHint="M" onClick={() => count(false)}>
        {texts.miss}
      </Button>
      <Button kind="primary" keyHint="Space" className="px-6!" onClick={() => count(true)}>
        {texts.good}
      </Button>
    </section>
  );
}
