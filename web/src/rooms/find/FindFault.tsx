import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useAppend } from "../../hands/append";
import type { Entry, JobView } from "../../api/client";
import { day } from "../../ui/dates";
import { diagnosisQuery } from "../../api/queries";
import { named, same, wordsOf, type Named } from "../../api/named";
import { AddLine } from "../../ui/AddLine";
import { orSay } from "../../hands/notices";
import { Button } from "../../ui/Button";
import { Empty, Panel } from "../../ui/Panel";
import { FindingPictures } from "../album";
import { Aside } from "../camera";
import { useJob } from "../../hands/useJob";
import { Ledger } from "./Ledger";
import { Likely, type Diagnosis } from "./Likely";
import { CauseFollows } from "./CauseFollows";
import { Predicted } from "./Predictions";
import { NextLooks } from "./NextLooks";
import { Reopen } from "./Reopen";
import { Suspects } from "./Suspects";
import { oddsWords } from "../../ui/Odds";
import { SpeedsSay } from "../prove";
import { texts } from "./words";

/** The fault: what is seen, who is suspected, what cleared whom, what it was. */
export function FindFault() {
  const job = useJob();
  const diagnosis = useQuery(diagnosisQuery(job.tag, job.lastSequence)).data;
  // whoever is named is what the hands are about; before that, who it could be
  const raised = job.find.suspects.length > 0;
  return (
    <div className="bay wide:grid-cols-[minmax(0,1fr)_316px] grid h-full grid-cols-[minmax(0,1fr)_268px]">
      <div className="grid min-h-0 grid-cols-[minmax(0,2fr)_minmax(0,3fr)] content-start gap-x-6 gap-y-5 overflow-y-auto px-5 py-3">
        <div className="flex flex-col gap-5">
          <Said
            job={job}
            title={texts.symptoms}
            empty={texts.whatDoesItDoWrong}
            label={texts.addASymptom}
            lines={wordsOf(job.find.symptoms.map((symptom) => symptom.what))}
            make={(what) => ({ kind: "symptomSeen", what: named(what) })}
          />
          {diagnosis !== undefined && <KnownSymptoms job={job} diagnosis={diagnosis} />}
          <Reopen job={job} />
          <Said
            job={job}
            title={texts.otherFindings}
            empty={texts.tornSealsBentLeversParts}
            label={texts.addAFinding}
            lines={wordsOf(job.find.found.map((thing) => thing.what))}
            make={(what) => ({ kind: "found", what })}
          />
          <FindingPictures job={job} />
          {diagnosis !== undefined && <Ledger job={job} diagnosis={diagnosis} />}
        </div>
        <div className="flex flex-col gap-5">
          {raised && <Suspects job={job} />}
          {diagnosis !== undefined && <CauseFollows job={job} diagnosis={diagnosis} />}
          {diagnosis !== undefined && <OnTheWay job={job} diagnosis={diagnosis} />}
          <Predicted job={job} />
          {!raised && <Suspects job={job} />}
          <SpeedsSay job={job} />
          <PatternsKept job={job} />
        </div>
      </div>
      <Aside job={job} />
    </div>
  );
}

/** Who it could be and what to look at; once the cause is known, only for who thinks that there is more. */
function OnTheWay({ job, diagnosis }: { job: JobView; diagnosis: Diagnosis }) {
  const [more, setMore] = useState(false);
  if (job.find.causes.length > 0 && !more)
    return (
      <Button className="self-start" onClick={() => setMore(true)}>
        {texts.lookForASecondFault}
      </Button>
    );
  return (
    <>
      <Likely job={job} diagnosis={diagnosis} />
      <NextLooks job={job} diagnosis={diagnosis} />
    </>
  );
}

/** What of the symptoms was understood, and the words in which they can be said so that it is. */
function KnownSymptoms({ job, diagnosis }: { job: JobView; diagnosis: Diagnosis }) {
  const append = useAppend(job.tag);
  const left = diagnosis.known.filter((one) => !diagnosis.understood.some((other) => same(other, one)));
  const say = (what: Named) =>
    orSay(append([{ kind: "symptomSeen", what }], { said: texts.symptom(what.words) }));
  return (
    <div className="flex flex-col gap-1.5 text-[14px]">
      {diagnosis.understood.length > 0 && (
        <p className="text-soft">
          {texts.understood} <b className="text-ink">{wordsOf(diagnosis.understood).join(" · ")}</b>
        </p>
      )}
      {diagnosis.unread.length > 0 && (
        <p>
          <b>{texts.notUnderstood}</b> {diagnosis.unread.map((one) => `“${one}”`).join(" · ")}{" "}
          <span className="text-soft">{texts.sayItAsAKnownSymptom}</span>
        </p>
      )}
      {diagnosis.denied.length > 0 && (
        <details className="text-soft">
          <summary className="min-h-11 content-center underline">
            {texts.ruledOutByTheFunction(diagnosis.denied.length)}
          </summary>
          {wordsOf(diagnosis.denied).join(" · ")}
        </details>
      )}
      <label className="flex flex-col gap-1">
        <span className="text-soft">{texts.chooseAKnownSymptom}</span>
        <select
          className="input text-[15px]"
          value=""
          onChange={(event) => say(left.find((one) => one.id === event.target.value)!)}
        >
          <option value="" disabled>
            {texts.chooseASymptom}
          </option>
          {left.map((one) => (
            <option key={one.id} value={one.id}>
              {one.words}
            </option>
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
    <Panel title={texts.savedWhatTheSpeedsShow}>
      <ul>
        {job.find.patterns.toReversed().map(({ id, at, read }) => (
          <li key={id} className="border-line/70 border-b py-1.5">
            <span className="text-soft">{texts.firings(day(at), read.phase === "BEFORE", read.firings)}</span>{" "}
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
