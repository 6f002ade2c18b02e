import { useAppend } from "../../hands/append";
import type { JobView } from "../../api/client";
import { named } from "../../api/named";
import { AddLine } from "../../ui/AddLine";
import { Empty, Panel } from "../../ui/Panel";
import { scopeWords } from "../../ui/scopeWords";
import { texts } from "./words";

/** What is to be done. */
export function ScopePanel({ job }: { job: JobView }) {
  const append = useAppend(job.tag);
  return (
    <Panel title={texts.workToDo} note={`${job.intake.scope.length}`}>
      {job.intake.scope.length === 0 && <Empty>{texts.keepItShortAddFaults}</Empty>}
      <ul>
        {job.intake.scope.map((item) => (
          <li key={item.id} className="border-line/70 flex justify-between gap-2 border-b py-1">
            {item.what.words}
            <span className="text-soft">{scopeWords[item.state]}</span>
          </li>
        ))}
      </ul>
      <AddLine
        blanks={[{ label: texts.addWorkToDo }]}
        onAdd={(what) =>
          append([{ kind: "scopeAdded", what: named(what) }], { said: texts.addedToTheWorkTo(what) })
        }
      />
    </Panel>
  );
}

/** The battery that was in it. */
export function BatteryPanel({ job }: { job: JobView }) {
  const append = useAppend(job.tag);
  const found = job.intake.battery;
  return (
    <Panel title={texts.batteryFound} note={found === undefined ? texts.noneNoted : undefined}>
      {found !== undefined && (
        <p>
          <b>{found.cell}</b>
          {found.chamber !== "" && `, ${found.chamber}`}
        </p>
      )}
      <AddLine
        blanks={[
          { label: texts.batteryType, hint: texts.batteryType },
          { label: texts.batteryChamber, hint: texts.chamber, optional: true },
        ]}
        onAdd={(cell, chamber) =>
          append([{ kind: "batteryFound", cell, chamber }], { said: texts.batteryNoted })
        }
      />
    </Panel>
  );
}

/** What was decided, and why. */
export function Decisions({ job }: { job: JobView }) {
  const append = useAppend(job.tag);
  return (
    <Panel title={texts.decision}>
      {job.sitting.time.decisions.length === 0 && <Empty>{texts.repairQuoteFirstReturnUntouched}</Empty>}
      <ul>
        {job.sitting.time.decisions.map((one) => (
          <li key={one.id} className="border-line/70 border-b py-1">
            <b>{one.decided.text}</b>
            <span className="text-soft block text-[14px]">
              {one.decided.open ? texts.open : one.decided.reason}
            </span>
          </li>
        ))}
      </ul>
      <AddLine
        blanks={[
          { label: texts.decisionLabel, hint: texts.decisionLabel },
          { label: texts.reason, hint: texts.because, optional: true },
        ]}
        onAdd={(text, reason) =>
          append([{ kind: "decided", text, reason, open: reason.trim() === "" }], {
            said: texts.decisionNoted,
          })
        }
      />
    </Panel>
  );
}
