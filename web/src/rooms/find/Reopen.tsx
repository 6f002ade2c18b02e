import { useState } from "react";
import { useAppend } from "../../hands/append";
import type { JobView } from "../../api/client";
import { useWords } from "../../api/queries";
import { named } from "../../api/named";
import { AddLine } from "../../ui/AddLine";
import { Button } from "../../ui/Button";
import { Panel } from "../../ui/Panel";
import { texts } from "./words";

/** A finding that was waved through earlier and turns out to matter. */
export function Reopen({ job }: { job: JobView }) {
  const append = useAppend(job.tag);
  const { word } = useWords();
  const [open, setOpen] = useState(false);
  const [chosen, setChosen] = useState("");
  const earlier = [
    ...job.intake.findings.map(({ id, found }) => ({
      id,
      words: texts.findingSaid(
        word("region", found.region),
        word("severity", found.severity),
        word("conditionKind", found.condition),
        found.remark === "" ? "" : `, ${found.remark}`,
      ),
    })),
    ...job.intake.visitorSigns.map(({ id, sign }) => ({
      id,
      words: texts.signOfEarlierRepair(
        word("visitorSignKind", sign.sign),
        sign.remark === "" ? "" : `, ${sign.remark}`,
      ),
    })),
    ...job.find.found.map((found) => ({ id: found.id, words: texts.found(found.what.words) })),
  ];
  const { overturned } = job.find;
  if (earlier.length === 0 && overturned.length === 0) return null;
  return (
    <Panel title={texts.reopenAFinding}>
      {overturned.length > 0 && (
        <ul>
          {overturned.map(({ id, what }) => (
            <li key={id} className="border-line/70 border-b py-1.5">
              <b>{what.was}</b> {texts.pointsTo} <b>{what.suspect.words}</b>
              <span className="text-soft block text-[14px]">{what.why}</span>
            </li>
          ))}
        </ul>
      )}
      {open ? (
        <AddLine
          before={
            <select
              className="input flex-[1_1_100%]"
              aria-label={texts.earlierFinding}
              value={chosen}
              onChange={(event) => setChosen(event.target.value)}
            >
              <option value="" disabled>
                {texts.chooseAFinding}
              </option>
              {earlier.map((one) => (
                <option key={one.id} value={one.id}>
                  {one.words}
                </option>
              ))}
            </select>
          }
          blanks={[
            { label: texts.itPointsTo, hint: texts.bottomPlatePressesOnThe },
            { label: texts.whyItMatters, hint: texts.marksWhereItRubs },
          ]}
          action={texts.reopen}
          onCancel={() => setOpen(false)}
          onAdd={async (suspect, why) => {
            const one = earlier.find((finding) => finding.id === chosen);
            if (one === undefined) throw new Error(texts.noFindingIsChosenChoose);
            await append(
              [{ kind: "reopened", finding: one.id, was: one.words, suspect: named(suspect), why }],
              {
                said: texts.reopened(one.words),
              },
            );
            setOpen(false);
            setChosen("");
          }}
        />
      ) : (
        <Button className="self-start" onClick={() => setOpen(true)}>
          {texts.reopenAFindingLabel}
        </Button>
      )}
    </Panel>
  );
}
