import { useAppend } from "../../hands/append";
import type { JobView } from "../../api/client";
import { named } from "../../api/named";
import { AddLine } from "../../ui/AddLine";
import { Empty, Panel } from "../../ui/Panel";

/** What is to be done. */
export function ScopePanel({ job }: { job: JobView }) {
  const append = useAppend(job.tag);
  return (
    <Panel title="To be done" note={`${job.intake.scope.length}`}>
      {job.intake.scope.length === 0 && <Empty>A short list. It grows as faults show.</Empty>}
      <ul>
        {job.intake.scope.map((item) => (
          <li key={item.id} className="border-line/70 flex justify-between gap-2 border-b py-1">
            {item.what.words}
            <span className="text-soft">{item.state.toLowerCase()}</span>
          </li>
        ))}
      </ul>
      <AddLine
        blanks={[{ label: "Another thing to do" }]}
        onAdd={(what) => append([{ kind: "scopeAdded", what: named(what) }], { said: `To do: ${what}.` })}
      />
    </Panel>
  );
}

/** The battery that was in it. */
export function BatteryPanel({ job }: { job: JobView }) {
  const append = useAppend(job.tag);
  const found = job.intake.battery;
  return (
    <Panel title="Battery found" note={found === undefined ? "none noted" : undefined}>
      {found !== undefined && (
        <p>
          <b>{found.cell}</b>
          {found.chamber !== "" && `, ${found.chamber}`}
        </p>
      )}
      <AddLine
        blanks={[
          { label: "Cell", hint: "Cell" },
          { label: "Chamber", optional: true },
        ]}
        onAdd={(cell, chamber) =>
          append([{ kind: "batteryFound", cell, chamber }], { said: "Battery noted." })
        }
      />
    </Panel>
  );
}

/** What was decided, and why. */
export function Decisions({ job }: { job: JobView }) {
  const append = useAppend(job.tag);
  return (
    <Panel title="Decided">
      {job.sitting.time.decisions.length === 0 && (
        <Empty>Repair, quote first, return untouched, keep for parts. Without a reason it stays open.</Empty>
      )}
      <ul>
        {job.sitting.time.decisions.map((one) => (
          <li key={one.id} className="border-line/70 border-b py-1">
            <b>{one.decided.text}</b>
            <span className="text-soft block text-[14px]">
              {one.decided.open ? "open" : one.decided.reason}
            </span>
          </li>
        ))}
      </ul>
      <AddLine
        blanks={[
          { label: "Decision", hint: "Decision" },
          { label: "Reason", hint: "because…", optional: true },
        ]}
        onAdd={(text, reason) =>
          append([{ kind: "decided", text, reason, open: reason.trim() === "" }], { said: "Decision noted." })
        }
      />
    </Panel>
  );
}
