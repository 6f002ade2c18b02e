import { useAppend } from "../../hands/append";
import type { JobView, Schemas } from "../../api/client";
import { useKeys } from "../../hands/keys";
import { Button } from "../../ui/Button";
import { useSubmit } from "../../ui/useSubmit";
import { kindWords } from "../shelf";
import { texts } from "./words";

type Outcome = Schemas["FitSeen"]["outcome"];

/**
 * Asks once, with one key, how a piece from elsewhere went in: when its part is at hand or back on. It teaches what
 * interchanges with what.
 */
export function HowItFitted({ job, shown }: { job: JobView; shown?: string }) {
  const append = useAppend(job.tag);
  const { refused, submit } = useSubmit();
  const state = (name: string) => job.parts.find((part) => part.name === name)?.answer.kind;
  const asked =
    job.fitsToJudge.find((one) => one.part === shown) ??
    job.fitsToJudge.find((one) => state(one.part) === undefined || state(one.part) === "BACK");
  const say = (outcome: Outcome, said: string) =>
    asked !== undefined &&
    void submit(() =>
      append([{ kind: "fitSeen", part: asked.part, from: asked.from, outcome, remark: "" }], {
        said: `${asked.part}: ${said}.`,
      }),
    );
  useKeys({
    y: () => say("AS_IS", texts.fitsAsItIs),
    e: () => say("WITH_WORK", texts.fitsWithWork),
    x: () => say("NOT", texts.doesNotFit),
  });
  if (asked === undefined) return null;
  return (
    <section
      aria-label={texts.howItFits}
      className="border-mark-line bg-mark-wash mb-4 flex flex-wrap items-center gap-2 rounded-[3px] border-l-4 px-3 py-2"
    >
      <p className="w-full">
        {texts.howDidThe} <b>{asked.part}</b> {texts.ofGoIn(kindWords(asked.from))}
        <span className="block text-[13.5px]">{asked.words}</span>
      </p>
      <Button keyHint="Y" onClick={() => say("AS_IS", texts.fitsAsItIs)}>
        {texts.asItIs}
      </Button>
      <Button keyHint="E" onClick={() => say("WITH_WORK", texts.fitsWithWork)}>
        {texts.withWork}
      </Button>
      <Button keyHint="X" onClick={() => say("NOT", texts.doesNotFit)}>
        {texts.doesNotFitLabel}
      </Button>
      {refused}
    </section>
  );
}
