import { useState } from "react";
import { useAppend } from "../../hands/append";
import type { JobView, Schemas } from "../../api/client";
import { useWords } from "../../api/queries";
import { AddLine } from "../../ui/AddLine";
import { ChoiceField } from "../../ui/Field";
import { Empty, Panel } from "../../ui/Panel";
import { StateMark } from "../../ui/State";
import { NewFinding } from "./NewFinding";
import { texts } from "./words";

/** What was seen outside, region by region. */
export function Findings({ job }: { job: JobView }) {
  const { word } = useWords();
  return (
    <Panel
      title={texts.outsideLabel}
      note={
        job.intake.findings.length === 1 ? texts.n1FindingLabel : texts.findings(job.intake.findings.length)
      }
    >
      {job.intake.findings.length === 0 && <Empty>{texts.turnItOverTheUnderside}</Empty>}
      <ul>
        {job.intake.findings.map(({ id, found }) => (
          <li
            key={id}
            className="border-line/70 grid grid-cols-[86px_minmax(0,1fr)_auto] gap-2 border-b py-1"
          >
            <b>{word("region", found.region)}</b>
            <span>
              {word("conditionKind", found.condition)}
              {found.remark !== "" && <span className="text-soft">, {found.remark}</span>}
            </span>
            <span className={found.severity === "GRAVE" ? "text-stop font-bold" : "text-soft"}>
              {word("severity", found.severity)}
            </span>
          </li>
        ))}
      </ul>
      <NewFinding job={job} />
    </Panel>
  );
}

/** Signs that somebody was in here before. */
export function Visitors({ job }: { job: JobView }) {
  const { choices, word } = useWords();
  const append = useAppend(job.tag);
  const [sign, setSign] = useState("CHEWED_SLOT");
  return (
    <Panel title={texts.signsOfEarlierRepair} note={word("opened", job.visitor.opened)}>
      {job.intake.visitorSigns.map((one) => (
        <p key={one.id} className="border-mark-line bg-mark-wash rounded-[3px] border-l-4 px-2 py-1">
          <b>{word("visitorSignKind", one.sign.sign)}</b>
          {one.sign.remark !== "" && `, ${one.sign.remark}`}
        </p>
      ))}
      {job.visitor.expect.length > 0 && (
        <ul className="flex flex-col gap-0.5">
          {job.visitor.expect.map((one) => (
            <li key={one} className="flex items-start gap-2 text-[14.5px]">
              <span className="pt-0.5">
                <StateMark mark="not" />
              </span>
              {one}
            </li>
          ))}
        </ul>
      )}
      <AddLine
        before={
          <ChoiceField
            label={texts.sign}
            wrap="min-w-0 flex-1"
            value={sign}
            choices={choices("visitorSignKind")}
            onChange={(event) => setSign(event.target.value)}
          />
        }
        blanks={[{ label: texts.whereTheSignIs, hint: texts.where, optional: true }]}
        onAdd={(remark) =>
          append([{ kind: "visitorSign", sign: sign as Schemas["VisitorSign"]["sign"], remark }], {
            said: texts.signOfEarlierRepair(word("visitorSignKind", sign)),
          })
        }
      />
    </Panel>
  );
}
