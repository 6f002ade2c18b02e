import { useAppend } from "../../hands/append";
import type { JobView } from "../../api/client";
import { wordsOf } from "../../api/named";
import { orSay } from "../../hands/notices";
import { Panel } from "../../ui/Panel";
import { oddsWords } from "../../ui/Odds";
import type { Diagnosis } from "./Likely";
import { alike } from "./bits";
import { texts } from "./words";

/** Every look that was taken, with what it moved; what cleared a suspect is a result as well. */
export function Ledger({ job, diagnosis }: { job: JobView; diagnosis: Diagnosis }) {
  const append = useAppend(job.tag);
  const { swaps } = job.find;
  if (diagnosis.looks.length === 0 && swaps.length === 0) return null;
  const strike = (line: string) =>
    orSay(append([{ kind: "struck", target: line, reason: texts.lookedAgain }], { said: texts.undone }));
  return (
    <Panel
      title={texts.looksDone}
      note={
        <span title={texts.fromBitsToBits(diagnosis.bitsAtFirst.toFixed(1), diagnosis.openBits.toFixed(1))}>
          {texts.fromLikelyCausesTo(alike(diagnosis.bitsAtFirst), alike(diagnosis.openBits))}
        </span>
      }
    >
      {job.find.causes.length === 0 && diagnosis.areas.length > 0 && (
        <p className="text-[14px]">
          {texts.theFaultLiesIn}{" "}
          {diagnosis.areas
            .filter((area) => area.part >= 0.03)
            .map((area) => `${area.words} ${oddsWords(area.part)}`)
            .join(" · ")}
        </p>
      )}
      {diagnosis.falseLeads.length > 0 && (
        <p className="text-soft text-[14px]">{texts.falseLeads(wordsOf(diagnosis.falseLeads).join(", "))}</p>
      )}
      <ul>
        {diagnosis.looks.map((look) => (
          <li key={look.line} className="border-line/70 flex items-start gap-2 border-b py-1.5">
            <span aria-hidden="true" className={look.seen ? "text-done" : "text-soft"}>
              {look.seen ? "●" : "○"}
            </span>
            <span className="min-w-0 flex-1">
              {look.words}: <b>{look.seen ? texts.seenInline : texts.notSeenInline}</b>
              {!look.sure && texts.notSure}
              <span className="text-soft num block text-[14px]">
                {look.moved} {oddsWords(look.from)} → {oddsWords(look.to)}
              </span>
            </span>
            <button
              type="button"
              className="text-soft min-h-11 underline"
              aria-label={texts.undo(look.words)}
              onClick={() => strike(look.line)}
            >
              {texts.undoLabel}
            </button>
          </li>
        ))}
        {swaps.map(({ id, what }) => (
          <li key={id} className="border-line/70 flex items-start gap-2 border-b py-1.5">
            <span aria-hidden="true" className={what.changed ? "text-done" : "text-soft"}>
              ⇄
            </span>
            <span className="min-w-0 flex-1">
              {texts.fromToTest(what.part, what.from, what.suspect.words)}{" "}
              <b>{what.changed ? texts.itChanged : texts.noChangeBackToThe}</b>
              {what.seen !== "" && <span className="text-soft block text-[14px]">{what.seen}</span>}
            </span>
          </li>
        ))}
      </ul>
    </Panel>
  );
}
