import { useAppend } from "../../hands/append";
import type { JobView, Schemas } from "../../api/client";
import { named } from "../../api/named";
import { orSay } from "../../hands/notices";
import { Button } from "../../ui/Button";
import { Panel } from "../../ui/Panel";
import { Odds, oddsWords } from "../../ui/Odds";
import { texts } from "./words";

export type Diagnosis = Schemas["DiagnosisView"];

const SHOWN = 5;
const LEAST = 0.05;

const CALLS: Record<string, string> = {
  clean: texts.cleanIt,
  mend: texts.mendIt,
  adjust: texts.adjustIt,
  part: texts.aPartIsNeeded,
  leave: texts.nothingToRepair,
};

/** Who it could be, by all that is known so far. */
export function Likely({ job, diagnosis }: { job: JobView; diagnosis: Diagnosis }) {
  const append = useAppend(job.tag);
  const told = diagnosis.understood.length > 0 || diagnosis.looks.length > 0;
  const shown = diagnosis.suspects.filter(
    (one, index) => index < SHOWN && (index === 0 || one.probability >= (told ? LEAST : 0)),
  );
  const raise = (suspect: Diagnosis["suspects"][number]) =>
    orSay(
      append(
        [
          {
            kind: "suspectRaised",
            suspect: named(suspect.words, suspect.id),
            why: texts.fromWhatIsSeen(oddsWords(suspect.probability)),
          },
        ],
        { said: texts.addedSuspect(suspect.words) },
      ),
    );
  return (
    <Panel
      title={told ? texts.likely : texts.mostCommonBeforeAnythingIs}
      note={
        diagnosis.jobs > 0
          ? texts.includingJobsOnThisHere(diagnosis.jobs, diagnosis.ofFamily)
          : texts.fromWhatIsKnownOf
      }
    >
      <ol>
        {shown.map((one) => (
          <li key={one.id} className="border-line/70 flex items-center gap-3 border-b py-1">
            <Odds probability={one.probability} />
            <span className="min-w-0 flex-1">
              <b>{one.words}</b>
              <span className="text-soft block text-[14px]">
                {one.why}
                {one.jobsHere > 0 && <b className="text-mark"> {texts.here(one.jobsHere)}</b>} ·{" "}
                {CALLS[one.calls] ?? one.calls}
              </span>
            </span>
            {!one.raised && (
              <Button onClick={() => raise(one)} aria-label={texts.addSuspect(one.words)}>
                {texts.addSuspectLabel}
              </Button>
            )}
          </li>
        ))}
      </ol>
      <p className="text-soft text-[14px]">
        {texts.noneOfTheListedCauses} <span className="num">{oddsWords(diagnosis.none)}</span>
        {texts.severalCanBeTrueAt}
      </p>
    </Panel>
  );
}
