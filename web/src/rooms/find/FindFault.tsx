import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useAppend } from "../../api/append";
import type { Entry, JobView } from "../../api/client";
import { day } from "../../ui/dates";
import { diagnosisQuery } from "../../api/queries";
import { AddLine } from "../../ui/AddLine";
import { notify } from "../../shell/notices";
import { Button } from "../../ui/Button";
import { Empty, Panel } from "../../ui/Panel";
import { StateMark } from "../../ui/State";
import { Aside } from "../camera/Aside";
import { useJob } from "../camera/useJob";
import { Ledger } from "./Ledger";
import { Likely, type Diagnosis } from "./Likely";
import { NextLooks } from "./NextLooks";
import { oddsWords, SpeedsSay } from "../prove/SpeedsSay";

type Suspect = JobView["find"]["suspects"][number];

/** The fault: what is seen, who is suspected, what cleared whom, what it was. */
export function FindFault() {
  const job = useJob();
  const diagnosis = useQuery(diagnosisQuery(job.tag, job.lastSequence)).data;
  // whoever is named is what the hands are about; before that, who it could be
  const named = job.find.suspects.length > 0;
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
          {diagnosis !== undefined && <KnownSymptoms job={job} diagnosis={diagnosis} />}
          <Said
            job={job}
            title="Found on the way"
            empty="Torn seals, bent levers, pieces that do not belong here."
            label="Another thing found"
            lines={job.find.found.map((thing) => thing.what)}
            make={(what) => ({ kind: "found", what })}
          />
          {diagnosis !== undefined && <Ledger job={job} diagnosis={diagnosis} />}
        </div>
        <div className="flex flex-col gap-5">
          {named && <Suspects job={job} />}
          {diagnosis !== undefined && <Likely job={job} diagnosis={diagnosis} />}
          {diagnosis !== undefined && <NextLooks job={job} diagnosis={diagnosis} />}
          {!named && <Suspects job={job} />}
          <SpeedsSay job={job} />
          <PatternsKept job={job} />
        </div>
      </div>
      <Aside job={job} />
    </div>
  );
}

/** What of the symptoms was understood, and the words in which they can be said so that it is. */
function KnownSymptoms({ job, diagnosis }: { job: JobView; diagnosis: Diagnosis }) {
  const append = useAppend(job.tag);
  const left = diagnosis.known.filter((one) => !diagnosis.understood.includes(one));
  const say = (what: string) =>
    void append([{ kind: "symptomSeen", what }], { said: `Symptom: ${what}.` }).catch((problem: Error) =>
      notify({ kind: "problem", text: problem.message }),
    );
  return (
    <div className="flex flex-col gap-1.5 text-[14px]">
      {diagnosis.understood.length > 0 && (
        <p className="text-soft">
          Understood: <b className="text-ink">{diagnosis.understood.join(" · ")}</b>
        </p>
      )}
      <label className="flex flex-col gap-1">
        <span className="text-soft">Say it in words that count toward the suspects</span>
        <select className="input text-[15px]" value="" onChange={(event) => say(event.target.value)}>
          <option value="" disabled>
            choose a symptom…
          </option>
          {left.map((one) => (
            <option key={one}>{one}</option>
          ))}
        </select>
      </label>
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
      <AddLine blanks={[{ label }]} onAdd={(what) => append([make(what)], { said: `${title}: ${what}.` })} />
    </Panel>
  );
}

/** What the speeds said at other times. */
function PatternsKept({ job }: { job: JobView }) {
  if (job.find.patterns.length === 0) return null;
  return (
    <Panel title="Kept: what the speeds said">
      <ul>
        {job.find.patterns.toReversed().map(({ id, at, read }) => (
          <li key={id} className="border-line/70 border-b py-1.5">
            <span className="text-soft">
              {day(at)}, {read.phase === "BEFORE" ? "before" : "after"}, {read.firings} firings:
            </span>{" "}
            {read.sentence}{" "}
            <span className="text-soft">
              {read.likely
                .slice(0, 2)
                .map((one) => `${one.words} ${oddsWords(one.probability)}`)
                .join(", ")}
            </span>
          </li>
        ))}
      </ul>
    </Panel>
  );
}

function Suspects({ job }: { job: JobView }) {
  const append = useAppend(job.tag);
  const { suspects } = job.find;
  const cleared = suspects.filter((suspect) => suspect.state === "CLEARED").length;
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
      <AddLine
        blanks={[
          { label: "Suspect", hint: "Another suspect: gummed escapement" },
          { label: "Why", hint: "Why: whirrs unevenly", optional: true },
        ]}
        action="Raise"
        onAdd={(suspect, why) =>
          append([{ kind: "suspectRaised", suspect, why }], { said: `Suspect: ${suspect}.` })
        }
      />
    </Panel>
  );
}

function SuspectRow({ job, suspect }: { job: JobView; suspect: Suspect }) {
  const append = useAppend(job.tag);
  const [asking, setAsking] = useState<"no" | "clear" | "cause">("no");
  const settle = async (look: string) => {
    await append(
      [
        asking === "clear"
          ? { kind: "suspectCleared", suspect: suspect.name, look }
          : { kind: "causeConfirmed", cause: suspect.name, evidence: look },
      ],
      { said: asking === "clear" ? `Cleared: ${suspect.name}.` : `Cause: ${suspect.name}.` },
    );
    setAsking("no");
  };
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
        <AddLine
          blanks={[{ label: asking === "clear" ? "What look cleared it?" : "What is the evidence?" }]}
          action={asking === "clear" ? "Clear" : "Confirm"}
          look="primary"
          focus
          className="pl-6"
          onAdd={settle}
          onCancel={() => setAsking("no")}
        />
      )}
    </li>
  );
}
