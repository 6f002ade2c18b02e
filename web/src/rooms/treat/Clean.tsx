import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { useAppend } from "../../hands/append";
import type { JobView, Schemas } from "../../api/client";
import { useNow } from "../../api/clock";
import { agentsQuery, houseQuery, madeOfQuery, useWords } from "../../api/queries";
import { named } from "../../api/named";
import { orSay } from "../../hands/notices";
import { AddLine } from "../../ui/AddLine";
import { Button } from "../../ui/Button";
import { moment } from "../../ui/dates";
import { Panel } from "../../ui/Panel";
import { PartInput } from "../../ui/PartInput";
import { StateMark } from "../../ui/State";
import { useSubmit } from "../../ui/useSubmit";
import { useJob } from "../../hands/useJob";
import { MadeOf } from "./MadeOf";
import { StartWait } from "./StartWait";
import { VERDICTS } from "./verdicts";
import { WaitList } from "./WaitList";
import { Ways } from "./Ways";
import { simply } from "./waits";
import { texts } from "./words";

type Judged = Schemas["Judged"];

/** Cleaning: a part, what it is made of, and what each agent does to it; and what has to wait afterwards. */
export function Clean() {
  const job = useJob();
  const [part, setPart] = useState(
    [...job.parts].reverse().find((one) => one.answer.kind === "NOT_YET")?.name ?? "",
  );
  const [soil, setSoil] = useState("");
  const [own, setOwn] = useState<string[]>();
  const known = useQuery(madeOfQuery(job.tag, job.lastSequence, part)).data;
  const materials = own ?? known?.materials ?? [];
  const house = useQuery(houseQuery).data;
  const judged = useQuery(agentsQuery(materials)).data ?? [];
  return (
    <div className="bay wide:grid-cols-[minmax(0,1fr)_352px] grid h-full grid-cols-[minmax(0,1fr)_300px]">
      <div className="flex min-h-0 flex-col gap-4 overflow-y-auto px-5 py-3">
        <Panel title={texts.partToClean}>
          <PartInput
            job={job}
            value={part}
            placeholder={texts.retardTrain}
            onChange={(next) => {
              setPart(next);
              setOwn(undefined);
            }}
          />
          <div className="flex flex-wrap items-center gap-1" role="group" aria-label={texts.whatToRemove}>
            {house?.soils.map((one) => (
              <button
                key={one.id}
                type="button"
                aria-pressed={soil === one.id}
                onClick={() => setSoil(soil === one.id ? "" : one.id)}
                className={`min-h-11 rounded-[4px] border px-2.5 text-[14px] ${soil === one.id ? "border-ready bg-ready text-on-ready font-bold" : "border-line bg-sheet"}`}
              >
                {one.label}
              </button>
            ))}
          </div>
          <MadeOf
            key={part}
            job={job}
            part={part}
            materials={materials}
            known={own === undefined ? known?.knownFrom : undefined}
            all={house?.materials ?? []}
            onChange={setOwn}
            onKept={() => setOwn(undefined)}
          />
        </Panel>
        {soil !== "" && part.trim() !== "" ? (
          <Ways key={`${part} ${soil}`} job={job} part={part} soil={soil} materials={materials} />
        ) : (
          <Panel title={texts.cleaningAgent} note={texts.gentlestFirstADataSheet}>
            <ul className="flex flex-col">
              {judged.map((agent) => (
                <Agent
                  key={`${part} ${agent.agent}`}
                  job={job}
                  part={part}
                  materials={materials}
                  agent={agent}
                />
              ))}
            </ul>
          </Panel>
        )}
      </div>
      <aside className="border-line bg-sheet flex min-h-0 flex-col gap-4 overflow-y-auto border-l px-4 py-3">
        <WaitList job={job} />
        <StartWait job={job} />
        <CleanedSoFar job={job} />
      </aside>
    </div>
  );
}

function Agent({
  job,
  part,
  materials,
  agent,
}: {
  job: JobView;
  part: string;
  materials: string[];
  agent: Judged;
}) {
  const append = useAppend(job.tag);
  const { refused, submit } = useSubmit();
  const [asked, setAsked] = useState(false);
  const verdict = VERDICTS[agent.verdict];
  const clean = (why: string, wait: boolean) =>
    submit(async () => {
      await append(
        [
          {
            kind: "cleaned",
            part,
            agent: named(agent.label, agent.agent),
            materials,
            verdict: agent.verdict,
            reason: why,
            soil: "",
            method: "",
          },
          ...(wait ? [simply(texts.flashOff(agent.label.toLowerCase()), agent.flashOffMinutes, part)] : []),
        ],
        { said: texts.cleaned(part, agent.label.toLowerCase()) },
      );
      setAsked(false);
    });
  const blocked = agent.verdict === "NO" && !asked;
  const about = agent.label;
  return (
    <li className="border-line/70 flex flex-col gap-1 border-b py-1">
      <div className="grid grid-cols-[92px_minmax(0,1fr)_auto] items-center gap-3">
        <span className={`flex items-center gap-1.5 font-bold ${verdict.look}`}>
          <StateMark mark={verdict.mark} />
          {verdict.word}
        </span>
        <span className="min-w-0">
          <b>{agent.label}</b> <span className="text-soft text-[14px]">{agent.use}</span>
          <span className="block text-[13.5px]">
            {agent.reasons.join("; ")}
            {agent.flammable && (
              <span className="text-stop">
                {texts.flammableVentilateNoFlameNo(agent.reasons.length > 0 ? " · " : "")}
              </span>
            )}
          </span>
        </span>
        {blocked ? (
          <Button kind="quiet" about={about} disabled={part.trim() === ""} onClick={() => setAsked(true)}>
            {texts.useAnyway}
          </Button>
        ) : (
          !asked && (
            <span className="flex gap-1">
              <Button about={about} disabled={part.trim() === ""} onClick={() => void clean("", false)}>
                {texts.logAsCleaned}
              </Button>
              {agent.flashOffMinutes > 0 && (
                <Button about={about} disabled={part.trim() === ""} onClick={() => void clean("", true)}>
                  {texts.andWaitMin(agent.flashOffMinutes)}
                </Button>
              )}
            </span>
          )
        )}
      </div>
      {asked && (
        <AddLine
          focus
          className="pl-[104px]"
          blanks={[
            {
              label: texts.whyUseAnyway(agent.label),
              hint: texts.whyIsItRightHere,
            },
          ]}
          action={texts.logAsCleanedAnyway}
          look="stop"
          onAdd={(reason) => clean(reason, false)}
          onCancel={() => setAsked(false)}
        />
      )}
      {refused}
    </li>
  );
}

/** What was cleaned, and how it ran dry before any oil covered that up. */
function CleanedSoFar({ job }: { job: JobView }) {
  const now = useNow(60_000);
  const append = useAppend(job.tag);
  const { choices, word } = useWords();
  const { cleaned, ranDry } = job.treat;
  if (cleaned.length === 0) return null;
  const run = (part: string, result: Schemas["RunDry"]["result"]) =>
    orSay(
      append([{ kind: "runDry", part, result, remark: "" }], {
        said: texts.dryRunOf(part, word("dryRunResult", result)),
      }),
    );
  const last = new Map(cleaned.map((one) => [one.what.part, one]));
  return (
    <Panel title={texts.cleanedSoFar} note={texts.dryRunBeforeOiling}>
      <ul>
        {[...last.values()].map((one) => {
          const ran = ranDry[one.what.part];
          return (
            <li key={one.id} className="border-line/70 flex flex-col gap-1 border-b py-1.5 text-[14.5px]">
              <span className="flex justify-between gap-3">
                <span className="min-w-0 truncate">
                  <b>{one.what.part}</b>, <span className="text-soft">{one.what.agent.words}</span>
                </span>
                <span className="text-soft shrink-0">{moment(one.at, now)}</span>
              </span>
              {ran === undefined ? (
                <span className="flex gap-1" role="group" aria-label={texts.dryRunOfOf(one.what.part)}>
                  {choices("dryRunResult").map((choice) => (
                    <Button
                      key={choice.value}
                      about={one.what.part}
                      className="px-2! text-[13.5px]"
                      onClick={() => run(one.what.part, choice.value as Schemas["RunDry"]["result"])}
                    >
                      {choice.label}
                    </Button>
                  ))}
                </span>
              ) : (
                <span className={`flex items-center gap-1.5 ${ran === "FREE" ? "text-done" : "text-stop"}`}>
                  <StateMark mark={ran === "FREE" ? "done" : "not"} />
                  {texts.dry(word("dryRunResult", ran))}
                  {ran !== "FREE" && texts.cleanItAgainBeforeYou}
                </span>
              )}
            </li>
          );
        })}
      </ul>
      <Link to="../prove" relative="path" className="inline-flex min-h-11 items-center self-start underline">
        {texts.timeItDryAsWell}
      </Link>
    </Panel>
  );
}
