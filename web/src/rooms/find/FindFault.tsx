import { useState } from "react";
import { useAppend } from "../../api/append";
import type { Entry, JobView } from "../../api/client";
import { Button } from "../../ui/Button";
import { Empty, Panel } from "../../ui/Panel";
import { ProblemNote } from "../../ui/ProblemNote";
import { StateMark } from "../../ui/State";
import { useSubmit } from "../../ui/useSubmit";
import { Aside } from "../camera/Aside";
import { useJob } from "../camera/useJob";

type Suspect = JobView["find"]["suspects"][number];

/** The fault: what is seen, who is suspected, what cleared whom, what it was. */
export function FindFault() {
  const job = useJob();
  return (
    <div className="wide:grid-cols-[minmax(0,1fr)_316px] grid h-full grid-cols-[minmax(0,1fr)_268px]">
      <div className="grid min-h-0 grid-cols-[minmax(0,2fr)_minmax(0,3fr)] content-start gap-x-6 gap-y-5 overflow-y-auto px-5 py-3">
        <div className="flex flex-col gap-5">
          <Said
            job={job}
            title="Symptoms"
            empty="What does it do wrong? One thing a line, as it is seen: “1/15 and slower late, worse lens down”."
            label="Another symptom"
            lines={job.find.symptoms.map((symptom) => symptom.what)}
            make={(what) => ({ kind: "symptomSeen", what })}
          />
          <Said
            job={job}
            title="Found on the way"
            empty="Torn seals, bent levers, pieces that do not belong here."
            label="Another thing found"
            lines={job.find.found.map((thing) => thing.what)}
            make={(what) => ({ kind: "found", what })}
          />
        </div>
        <Suspects job={job} />
      </div>
      <Aside job={job} />
    </div>
  );
}

function Said({
  job,
  title,
  empty,
  label,
  lines,
  make,
}: {
  job: JobView;
  title: string;
  empty: string;
  label: string;
  lines: string[];
  make: (what: string) => Entry;
}) {
  const append = useAppend(job.tag);
  const { problem, submit } = useSubmit();
  const [text, setText] = useState("");
  const add = () =>
    submit(async () => {
      await append([make(text)], { said: `${title}: ${text}.` });
      setText("");
    });
  return (
    <Panel title={title}>
      {lines.length === 0 && <Empty>{empty}</Empty>}
      <ul>
        {lines.map((line, index) => (
          <li key={index} className="border-line/70 border-b py-1.5">
            {line}
          </li>
        ))}
      </ul>
      <form
        className="flex gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          void add();
        }}
      >
        <input
          className="input"
          aria-label={label}
          placeholder={label}
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
        <Button type="submit" disabled={text.trim() === ""}>
          Add
        </Button>
      </form>
      {problem !== undefined && <ProblemNote problem={problem} />}
    </Panel>
  );
}

function Suspects({ job }: { job: JobView }) {
  const append = useAppend(job.tag);
  const { problem, submit } = useSubmit();
  const [name, setName] = useState("");
  const [why, setWhy] = useState("");
  const { suspects } = job.find;
  const cleared = suspects.filter((suspect) => suspect.state === "CLEARED").length;
  const raise = () =>
    submit(async () => {
      await append([{ kind: "suspectRaised", suspect: name, why }], { said: `Suspect: ${name}.` });
      setName("");
      setWhy("");
    });
  const order = { CAUSE: 0, OPEN: 1, CLEARED: 2 };
  return (
    <Panel
      title="Suspects"
      note={suspects.length === 0 ? undefined : `${cleared} of ${suspects.length} cleared`}
    >
      {suspects.length === 0 && (
        <Empty>
          Who could it be? Raise each possible cause, then clear or confirm it by a look. A cleared one is a
          result.
        </Empty>
      )}
      <ul className="flex flex-col">
        {[...suspects]
          .sort((a, b) => order[a.state] - order[b.state])
          .map((suspect) => (
            <SuspectRow key={suspect.id} job={job} suspect={suspect} />
          ))}
      </ul>
      <form
        className="grid grid-cols-[1fr_1fr_auto] gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          void raise();
        }}
      >
        <input
          className="input"
          aria-label="Suspect"
          placeholder="Another suspect: gummed escapement"
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
        <input
          className="input"
          aria-label="Why"
          placeholder="Why: whirrs unevenly"
          value={why}
          onChange={(event) => setWhy(event.target.value)}
        />
        <Button type="submit" disabled={name.trim() === ""}>
          Raise
        </Button>
      </form>
      {problem !== undefined && <ProblemNote problem={problem} />}
    </Panel>
  );
}

function SuspectRow({ job, suspect }: { job: JobView; suspect: Suspect }) {
  const append = useAppend(job.tag);
  const { problem, submit } = useSubmit();
  const [asking, setAsking] = useState<"no" | "clear" | "cause">("no");
  const [look, setLook] = useState("");
  const settle = () =>
    submit(async () => {
      await append(
        [
          asking === "clear"
            ? { kind: "suspectCleared", suspect: suspect.name, look }
            : { kind: "causeConfirmed", cause: suspect.name, evidence: look },
        ],
        { said: asking === "clear" ? `Cleared: ${suspect.name}.` : `Cause: ${suspect.name}.` },
      );
      setAsking("no");
      setLook("");
    });
  return (
    <li
      className={`border-line/70 flex flex-col gap-1.5 border-b px-2 py-2 ${suspect.state === "CAUSE" ? "border-l-mark-line bg-mark-wash border-l-4" : ""}`}
    >
      <div className="flex flex-wrap items-center gap-2.5">
        <StateMark mark={suspect.state === "OPEN" ? "open" : suspect.state === "CLEARED" ? "done" : "wait"} />
        <span className="min-w-0 flex-1">
          <b className={suspect.state === "CLEARED" ? "text-soft font-normal" : "text-[16.5px]"}>
            {suspect.name}
            {suspect.state === "CAUSE" && " is the cause"}
            {suspect.state === "CLEARED" && ", cleared"}
          </b>
          <span className="text-soft block text-[14px]">
            {suspect.look !== "" ? suspect.look : suspect.why}
          </span>
        </span>
        {suspect.state === "OPEN" && asking === "no" && (
          <>
            <Button onClick={() => setAsking("clear")}>Clear…</Button>
            <Button onClick={() => setAsking("cause")}>It is the cause…</Button>
          </>
        )}
      </div>
      {asking !== "no" && (
        <form
          className="flex gap-2 pl-6"
          onSubmit={(event) => {
            event.preventDefault();
            void settle();
          }}
        >
          <input
            autoFocus
            className="input"
            aria-label={asking === "clear" ? "What look cleared it?" : "What is the evidence?"}
            placeholder={asking === "clear" ? "What look cleared it?" : "What is the evidence?"}
            value={look}
            onChange={(event) => setLook(event.target.value)}
          />
          <Button type="submit" kind="primary" disabled={look.trim() === ""}>
            {asking === "clear" ? "Clear" : "Confirm"}
          </Button>
          <Button kind="quiet" onClick={() => setAsking("no")}>
            Not
          </Button>
        </form>
      )}
      {problem !== undefined && <ProblemNote problem={problem} />}
    </li>
  );
}
