import { useState } from "react";
import { useAppend } from "../../api/append";
import type { JobView } from "../../api/client";
import { Button } from "../../ui/Button";
import { Empty, Panel } from "../../ui/Panel";
import { ProblemNote } from "../../ui/ProblemNote";
import { useSubmit } from "../../ui/useSubmit";

/** What is to be done. */
export function ScopePanel({ job }: { job: JobView }) {
  const append = useAppend(job.tag);
  const { problem, submit } = useSubmit();
  const [what, setWhat] = useState("");
  return (
    <Panel title="To be done" note={`${job.intake.scope.length}`}>
      {job.intake.scope.length === 0 && <Empty>A short list. It grows as faults show.</Empty>}
      <ul>
        {job.intake.scope.map((item) => (
          <li key={item.id} className="border-line/70 flex justify-between gap-2 border-b py-1">
            {item.what}
            <span className="text-soft">{item.state.toLowerCase()}</span>
          </li>
        ))}
      </ul>
      <form
        className="flex gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          void submit(async () => {
            await append([{ kind: "scopeAdded", what }], { said: `To do: ${what}.` });
            setWhat("");
          });
        }}
      >
        <input
          className="input"
          aria-label="Another thing to do"
          placeholder="Another thing to do"
          value={what}
          onChange={(event) => setWhat(event.target.value)}
        />
        <Button type="submit" disabled={what.trim() === ""}>
          Add
        </Button>
      </form>
      {problem !== undefined && <ProblemNote problem={problem} />}
    </Panel>
  );
}

/** The battery that was in it. */
export function BatteryPanel({ job }: { job: JobView }) {
  const append = useAppend(job.tag);
  const { problem, submit } = useSubmit();
  const [cell, setCell] = useState("");
  const [chamber, setChamber] = useState("");
  const found = job.intake.battery;
  return (
    <Panel title="Battery found" note={found === undefined ? "none noted" : undefined}>
      {found !== undefined && (
        <p>
          <b>{found.cell}</b>
          {found.chamber !== "" && `, ${found.chamber}`}
        </p>
      )}
      <form
        className="grid grid-cols-[1fr_1fr_auto] gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          void submit(async () => {
            await append([{ kind: "batteryFound", cell, chamber }], { said: "Battery noted." });
            setCell("");
            setChamber("");
          });
        }}
      >
        <input
          className="input"
          aria-label="Cell"
          placeholder="Cell, which way up"
          value={cell}
          onChange={(event) => setCell(event.target.value)}
        />
        <input
          className="input"
          aria-label="Chamber"
          placeholder="Chamber"
          value={chamber}
          onChange={(event) => setChamber(event.target.value)}
        />
        <Button type="submit" disabled={cell.trim() === ""}>
          Add
        </Button>
      </form>
      {problem !== undefined && <ProblemNote problem={problem} />}
    </Panel>
  );
}

/** What was decided, and why. */
export function Decisions({ job }: { job: JobView }) {
  const append = useAppend(job.tag);
  const { problem, submit } = useSubmit();
  const [text, setText] = useState("");
  const [reason, setReason] = useState("");
  return (
    <Panel title="Decided">
      {job.bench.time.decisions.length === 0 && (
        <Empty>Repair, quote first, return untouched, keep for parts. Without a reason it stays open.</Empty>
      )}
      <ul>
        {job.bench.time.decisions.map((one) => (
          <li key={one.id} className="border-line/70 border-b py-1">
            <b>{one.decided.text}</b>
            <span className="text-soft block text-[14px]">
              {one.decided.open ? "open" : one.decided.reason}
            </span>
          </li>
        ))}
      </ul>
      <form
        className="flex flex-col gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          void submit(async () => {
            await append([{ kind: "decided", text, reason, open: reason.trim() === "" }], {
              said: "Decision noted.",
            });
            setText("");
            setReason("");
          });
        }}
      >
        <input
          className="input"
          aria-label="Decision"
          placeholder="Decision, or the question"
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
        <div className="flex gap-2">
          <input
            className="input"
            aria-label="Reason"
            placeholder="because…"
            value={reason}
            onChange={(event) => setReason(event.target.value)}
          />
          <Button type="submit" disabled={text.trim() === ""}>
            Add
          </Button>
        </div>
      </form>
      {problem !== undefined && <ProblemNote problem={problem} />}
    </Panel>
  );
}
