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
  clean: "clean it",
  mend: "mend it",
  adjust: "adjust it",
  part: "a part is needed",
  leave: "nothing to mend",
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
            why: `${oddsWords(suspect.probability)} by what is seen`,
          },
        ],
        { said: texts.suspect(suspect.words) },
      ),
    );
  return (
    <Panel
      title={told ? texts.likely : texts.commonestBeforeAnythingIs}
      note={
        diagnosis.jobs > 0 ? texts.withJobsOfThis(diagnosis.jobs, diagnosis.ofFamily) : texts.byWhatIsKnown
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
              <Button onClick={() => raise(one)} aria-label={texts.suspectIt(one.words)}>
                {texts.suspectIt2}
              </Button>
            )}
          </li>
        ))}
      </ol>
      <p className="text-soft text-[14px]">
        {texts.noneOfThoseOn} <span className="num">{oddsWords(diagnosis.none)}</span>
        {texts.severalMayBeTrue}
      </p>
    </Panel>
  );
}
