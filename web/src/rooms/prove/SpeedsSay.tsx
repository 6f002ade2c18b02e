import { Odds } from "../../ui/Odds";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useAppend } from "../../hands/append";
import type { JobView, Schemas } from "../../api/client";
import { patternQuery } from "../../api/queries";
import { orSay } from "../../hands/notices";
import { Button } from "../../ui/Button";
import { Empty, Panel } from "../../ui/Panel";
import { anySimulated, SimulatedNote } from "./SimulatedNote";
import { texts } from "./words";

type Said = Schemas["PatternSaid"];
type Phase = Said["phase"];

const KEPT = 12;

/** The phase that has enough to say: the newer one where it has. */
function phaseThatTells(job: JobView): Phase {
  return job.speeds.filter((row) => row.after !== undefined).length >= LEAST_SPEEDS ? "AFTER" : "BEFORE";
}

const LEAST_SPEEDS = 3;

/** What all speeds together say about the mechanism: likely causes, what speaks for them, what would tell them apart. */
export function SpeedsSay({ job }: { job: JobView }) {
  const phase = phaseThatTells(job);
  const said = useQuery(patternQuery(job.tag, phase, job.lastSequence)).data;
  if (said === undefined) return null;
  if (said === null || said.says.causes.length === 0)
    return job.prove.timed.length === 0 ? null : (
      <Panel title={texts.whatTheSpeedsShow}>
        <Empty>{texts.timeAtLeastThreeSpeeds}</Empty>
      </Panel>
    );
  return (
    <Panel
      title={texts.whatTheSpeedsShow}
      note={texts.firingsEvidenceNotADiagnosis(phase === "BEFORE", said.firings)}
    >
      <p className="max-w-[80ch]">{said.says.sentence}</p>
      <Causes causes={said.says.causes.slice(0, said.says.worthNaming)} />
      <p className="max-w-[80ch] text-[14.5px]">
        {!said.says.settled && <b>{texts.toTellThemApart} </b>}
        {said.says.toTellApart}
      </p>
      {anySimulated(job) ? <SimulatedNote job={job} /> : <Keep job={job} said={said} />}
    </Panel>
  );
}

function Causes({ causes }: { causes: Said["says"]["causes"] }) {
  const [open, setOpen] = useState<string>();
  return (
    <ol className="flex flex-col">
      {causes.map((cause) => (
        <li key={cause.id} className="border-line/70 border-b">
          <button
            type="button"
            aria-expanded={open === cause.id}
            onClick={() => setOpen(open === cause.id ? undefined : cause.id)}
            className="flex min-h-11 w-full items-center gap-3 text-left"
          >
            <Odds probability={cause.probability} />
            <span className="min-w-0 flex-1">
              <b>{cause.name}</b>
              <span className="text-soft"> · {cause.shows}</span>
            </span>
          </button>
          {open === cause.id && <p className="text-soft pb-2 pl-[160px] text-[14.5px]">{cause.why}</p>}
        </li>
      ))}
    </ol>
  );
}

function Keep({ job, said }: { job: JobView; said: Said }) {
  const append = useAppend(job.tag);
  const kept = job.find.patterns.find(
    (one) =>
      one.read.phase === said.phase &&
      one.read.firings === said.firings &&
      one.read.sentence === said.says.sentence,
  );
  if (kept !== undefined) return <p className="text-done text-[14.5px]">{texts.savedAsEvidenceOnThis}</p>;
  const keep = () =>
    orSay(
      append(
        [
          {
            kind: "patternRead",
            phase: said.phase,
            firings: said.firings,
            sentence: said.says.sentence,
            likely: said.says.causes
              .slice(0, KEPT)
              .map((one) => ({ cause: one.id, words: one.name, probability: one.probability })),
            toTellApart: said.says.toTellApart,
          },
        ],
        { said: texts.savedWhatTheSpeedsShow },
      ),
    );
  return (
    <Button className="self-start" onClick={keep}>
      {texts.saveAsEvidence}
    </Button>
  );
}
