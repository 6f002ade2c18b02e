import { useAppend } from "../../hands/append";
import type { JobView } from "../../api/client";
import { wordsOf } from "../../api/named";
import { orSay } from "../../hands/notices";
import { Panel } from "../../ui/Panel";
import { oddsWords } from "../../ui/Odds";
import type { Diagnosis } from "./Likely";

/** Every look that was taken, with what it moved; what cleared a suspect is a result as well. */
export function Ledger({ job, diagnosis }: { job: JobView; diagnosis: Diagnosis }) {
  const append = useAppend(job.tag);
  const { swaps } = job.find;
  if (diagnosis.looks.length === 0 && swaps.length === 0) return null;
  const strike = (line: string) =>
    orSay(append([{ kind: "struck", target: line, reason: "looked again" }], { said: "Taken back." }));
  return (
    <Panel
      title="Looked at"
      note={`narrowed from ${diagnosis.bitsAtFirst.toFixed(1)} to ${diagnosis.openBits.toFixed(1)} bit`}
    >
      {job.find.causes.length === 0 && diagnosis.areas.length > 0 && (
        <p className="text-[14px]">
          It lies in:{" "}
          {diagnosis.areas
            .filter((area) => area.part >= 0.03)
            .map((area) => `${area.words} ${oddsWords(area.part)}`)
            .join(" · ")}
        </p>
      )}
      {diagnosis.falseLeads.length > 0 && (
        <p className="text-soft text-[14px]">Followed in vain: {wordsOf(diagnosis.falseLeads).join(", ")}</p>
      )}
      <ul>
        {diagnosis.looks.map((look) => (
          <li key={look.line} className="border-line/70 flex items-start gap-2 border-b py-1.5">
            <span aria-hidden="true" className={look.seen ? "text-done" : "text-soft"}>
              {look.seen ? "●" : "○"}
            </span>
            <span className="min-w-0 flex-1">
              {look.words}: <b>{look.seen ? "seen" : "not seen"}</b>
              {!look.sure && ", leaning"}
              <span className="text-soft num block text-[14px]">
                {look.moved} {oddsWords(look.from)} → {oddsWords(look.to)}
              </span>
            </span>
            <button
              type="button"
              className="text-soft min-h-11 underline"
              aria-label={`Take back: ${look.words}`}
              onClick={() => strike(look.line)}
            >
              back
            </button>
          </li>
        ))}
        {swaps.map(({ id, what }) => (
          <li key={id} className="border-line/70 flex items-start gap-2 border-b py-1.5">
            <span aria-hidden="true" className={what.changed ? "text-done" : "text-soft"}>
              ⇄
            </span>
            <span className="min-w-0 flex-1">
              {what.part} of {what.from} for {what.suspect.words}:{" "}
              <b>{what.changed ? "it changed" : "no change, back to the shelf"}</b>
              {what.seen !== "" && <span className="text-soft block text-[14px]">{what.seen}</span>}
            </span>
          </li>
        ))}
      </ul>
    </Panel>
  );
}
