import { useState } from "react";
import { useAppend } from "../../hands/append";
import type { JobView, Schemas } from "../../api/client";
import { named } from "../../api/named";
import { useWords } from "../../api/queries";
import { useKeys } from "../../hands/keys";
import { AddLine } from "../../ui/AddLine";
import { Button } from "../../ui/Button";
import { ChoiceField, TextField } from "../../ui/Field";
import { Panel } from "../../ui/Panel";
import { StateMark } from "../../ui/State";
import { useSubmit } from "../../ui/useSubmit";
import { Window } from "../../ui/Window";
import { texts } from "./words";

type Walk = Schemas["Walk"];
type Stands = Walk["steps"][number];
type Step = Schemas["ProcedureStep"];

/** Steps that must follow one another, walked one by one; and the way to write others down. */
export function Procedures({ job }: { job: JobView }) {
  const [writing, setWriting] = useState<Walk | "new">();
  const first = job.walks.find((walk) => nextOf(walk) !== undefined);
  return (
    <section className="mt-4">
      {job.walks.map((walk) => (
        <WalkThrough
          key={walk.procedure.name.id}
          job={job}
          walk={walk}
          keyed={walk === first}
          onChange={() => setWriting(walk)}
        />
      ))}
      <Button kind="quiet" onClick={() => setWriting("new")}>
        {texts.writeAProcedure}
      </Button>
      {writing !== undefined && (
        <WriteProcedure
          job={job}
          from={writing === "new" ? undefined : writing}
          close={() => setWriting(undefined)}
        />
      )}
    </section>
  );
}

const MARKS = { DONE: "done", WAIVED: "left", FAILED: "not", NEXT: "ready", LATER: "open" } as const;

/** The step to take now, or the one that failed. */
const nextOf = (walk: Walk) => walk.steps.find((one) => one.state === "NEXT" || one.state === "FAILED");

function WalkThrough({
  job,
  walk,
  keyed,
  onChange,
}: {
  job: JobView;
  walk: Walk;
  /** Whether the key takes a step of this one. */
  keyed: boolean;
  onChange: () => void;
}) {
  const append = useAppend(job.tag);
  const { word } = useWords();
  const { refused, submit } = useSubmit();
  const [asking, setAsking] = useState<"FAILED" | "WAIVED">();
  const next = nextOf(walk);
  const take = (outcome: Schemas["StepTaken"]["outcome"], words = "") =>
    submit(async () => {
      await append(
        [
          {
            kind: "stepTaken",
            procedure: walk.procedure.name,
            number: next!.number,
            outcome,
            words,
          },
        ],
        { said: texts.stepTaken(next!.number) },
      );
      setAsking(undefined);
    });
  useKeys(keyed ? { d: () => void take("DONE") } : {});
  return (
    <Panel
      title={walk.procedure.name.words}
      note={
        next === undefined
          ? texts.allStepsDone
          : texts.stepOf(next.number, walk.steps.length, walk.own ? "" : texts.learnedProcedure)
      }
    >
      <ol className="flex flex-col">
        {walk.steps.map((one) => (
          <li key={one.number} className="border-line/70 flex flex-wrap items-center gap-2 border-b py-1">
            <StateMark mark={MARKS[one.state]} />
            <span className={`min-w-0 flex-1 ${one.state === "LATER" ? "text-soft" : ""}`}>
              <b className="num">{one.number}</b> {one.step.what}
              <span className="text-soft block text-[13.5px]">
                {[
                  one.step.part === undefined ? "" : texts.goesOn(one.step.part),
                  one.step.state === undefined ? "" : word("mechanismState", one.step.state),
                  one.step.check,
                  one.words,
                ]
                  .filter(Boolean)
                  .join(" · ")}
              </span>
            </span>
          </li>
        ))}
      </ol>
      {next !== undefined && asking === undefined && (
        <div className="flex flex-wrap gap-2">
          <Button keyHint={keyed ? "D" : undefined} onClick={() => void take("DONE")}>
            {texts.stepDone(next.number)}
          </Button>
          <StateNow job={job} next={next} />
          <Button kind="quiet" onClick={() => setAsking("FAILED")}>
            {texts.fails}
          </Button>
          <Button kind="quiet" onClick={() => setAsking("WAIVED")}>
            {texts.waive}
          </Button>
          <Button kind="quiet" onClick={onChange}>
            {texts.changeTheSteps}
          </Button>
        </div>
      )}
      {next !== undefined && asking !== undefined && (
        <AddLine
          focus
          blanks={[{ label: asking === "FAILED" ? texts.whatDoYouSeeInstead : texts.whyDoYouWaiveIt }]}
          action={asking === "FAILED" ? texts.logAsFailed : texts.waiveLabel}
          onAdd={(words) => take(asking, words)}
          onCancel={() => setAsking(undefined)}
        />
      )}
      {refused}
    </Panel>
  );
}

/** Says that the mechanism stands as the step wants it. */
function StateNow({ job, next }: { job: JobView; next: Stands }) {
  const append = useAppend(job.tag);
  const { word } = useWords();
  const { submit } = useSubmit();
  const wanted = next.step.state;
  if (wanted === undefined || Object.values(job.notes.states).includes(wanted)) return null;
  const said = texts.itIsNow(word("mechanismState", wanted));
  return (
    <Button onClick={() => void submit(() => append([{ kind: "stateSet", state: wanted }], { said }))}>
      {said}
    </Button>
  );
}

const EMPTY: Step = { what: "", check: "" };

/** The steps of a procedure, in their order. */
function WriteProcedure({ job, from, close }: { job: JobView; from?: Walk; close: () => void }) {
  const append = useAppend(job.tag);
  const { choices } = useWords();
  const { refused, busy, submit } = useSubmit();
  const [name, setName] = useState(from?.procedure.name.words ?? "");
  const [before, setBefore] = useState(from?.procedure.before ?? "");
  const [steps, setSteps] = useState<Step[]>(from?.procedure.steps ?? [EMPTY, EMPTY, EMPTY]);
  const change = (index: number, next: Partial<Step>) =>
    setSteps(steps.map((one, at) => (at === index ? { ...one, ...next } : one)));
  const parts = job.parts.map((part) => ({ value: part.name, label: part.name }));
  const written = steps.filter((step) => step.what.trim() !== "");
  const save = () =>
    submit(async () => {
      await append(
        [
          {
            kind: "procedureKept",
            procedure: {
              name: from?.procedure.name.words === name ? from.procedure.name : named(name),
              before: before === "" ? undefined : before,
              steps: written,
            },
          },
        ],
        { said: texts.procedureKept(name) },
      );
      close();
    });
  return (
    <Window
      wide
      open
      onOpenChange={(open) => !open && close()}
      title={texts.writeAProcedureTitle}
      about={texts.whatAProcedureIs}
    >
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        <div className="grid grid-cols-2 gap-3">
          <TextField
            label={texts.procedureName}
            placeholder={texts.timingTheGears}
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
          <ChoiceField
            label={texts.waitsForAll}
            value={before}
            empty={texts.noPartWaits}
            choices={parts}
            onChange={(event) => setBefore(event.target.value)}
          />
        </div>
        <ol className="flex flex-col gap-2">
          {steps.map((step, index) => (
            <li key={index} className="grid grid-cols-[24px_2fr_1fr_1fr_1.4fr] items-end gap-2">
              <b className="num pb-2.5">{index + 1}</b>
              <TextField
                label={texts.whatToDo(index + 1)}
                value={step.what}
                onChange={(event) => change(index, { what: event.target.value })}
              />
              <ChoiceField
                label={texts.partThatGoesOn(index + 1)}
                value={step.part ?? ""}
                empty={texts.noPart}
                choices={parts}
                onChange={(event) => change(index, { part: event.target.value || undefined })}
              />
              <ChoiceField
                label={texts.stateOfStep(index + 1)}
                value={step.state ?? ""}
                empty={texts.anyState}
                choices={choices("mechanismState")}
                onChange={(event) =>
                  change(index, { state: (event.target.value || undefined) as Step["state"] })
                }
              />
              <TextField
                label={texts.checkOfStep(index + 1)}
                value={step.check}
                onChange={(event) => change(index, { check: event.target.value })}
              />
            </li>
          ))}
        </ol>
        <Button kind="quiet" className="self-start" onClick={() => setSteps([...steps, EMPTY])}>
          {texts.anotherStep}
        </Button>
        {refused}
        <Button
          kind="primary"
          type="submit"
          className="self-start"
          disabled={busy || name.trim() === "" || written.length < 2}
        >
          {texts.keepTheProcedure}
        </Button>
      </form>
    </Window>
  );
}
