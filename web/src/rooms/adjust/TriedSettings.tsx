import { useAppend } from "../../hands/append";
import type { JobView } from "../../api/client";
import { orSay } from "../../hands/notices";
import { Panel } from "../../ui/Panel";
import type { AdjustView } from "./plan";
import { texts } from "./words";

const SHOWN = 12;

/** Every setting that was tried with what came of it, the newest first. */
export function TriedSettings({ job, view }: { job: JobView; view: AdjustView }) {
  const append = useAppend(job.tag);
  const tried = view.history.filter((one) => one.turned.length > 0 || one.seen.length > 0);
  if (tried.length === 0) return null;
  const strike = (lines: string[]) =>
    orSay(
      append(
        lines.map((target) => ({ kind: "struck" as const, target, reason: texts.trialLoggedByMistake })),
        { said: texts.trialStruckOutWithIts },
      ),
    );
  return (
    <Panel title={texts.tried} note={texts.settingsTried(tried.length, tried.length === 1)}>
      <ol>
        {tried.slice(0, SHOWN).map((one, index) => (
          <li key={tried.length - index} className="border-line/70 flex gap-2 border-b py-1.5">
            <span className="num text-soft w-5 text-right">{tried.length - index}</span>
            <span className="min-w-0 flex-1">
              {one.afterWork && <span className="text-mark block text-[13.5px]">{texts.afterOtherWork}</span>}
              <b>{one.turned.length === 0 ? texts.asFound : one.turned.join(", ")}</b>
              <span className="num text-soft block text-[13.5px]">
                {one.seen.length === 0 ? texts.nothingMeasuredYet : one.seen.join(" · ")}
              </span>
            </span>
            {index === 0 && one.turned.length > 0 && (
              <button
                type="button"
                className="text-soft min-h-11 underline"
                aria-label={texts.strikeOutTrial(tried.length)}
                onClick={() => strike(one.lines)}
              >
                {texts.strikeOut}
              </button>
            )}
          </li>
        ))}
      </ol>
      {tried.length > SHOWN && (
        <p className="text-soft text-[14px]">{texts.earlierOnesAreOnThe(tried.length - SHOWN)}</p>
      )}
    </Panel>
  );
}
