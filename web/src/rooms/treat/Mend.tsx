import { useState } from "react";
import { Link } from "react-router";
import { GoneCells } from "./GoneCells";
import { useAppend } from "../../api/append";
import type { JobView, Schemas } from "../../api/client";
import { useWords } from "../../api/queries";
import { AddLine } from "../../ui/AddLine";
import { Button, Key } from "../../ui/Button";
import { ChoiceField, FormProblem, TextField, Tick } from "../../ui/Field";
import { Empty, Panel } from "../../ui/Panel";
import { PartInput } from "../../ui/PartInput";
import { Pick } from "../../ui/Pick";
import { ProblemNote } from "../../ui/ProblemNote";
import { StateMark } from "../../ui/State";
import { useSubmit } from "../../ui/useSubmit";
import { useJob } from "../camera/useJob";

type Doing = "mended" | "replaced" | "needed";

/** Mending: what was done to a part, what took its place, and what is still needed. */
export function Mend() {
  const job = useJob();
  const [doing, setDoing] = useState<Doing>("mended");
  return (
    <div className="wide:grid-cols-[minmax(0,1fr)_420px] grid h-full grid-cols-[minmax(0,1fr)_320px]">
      <div className="flex min-h-0 flex-col gap-4 overflow-y-auto px-5 py-3">
        <Link
          to="../adjust"
          relative="path"
          className="border-ready text-ready flex min-h-11 items-center gap-2 self-start rounded-[4px] border px-3.5 font-bold"
        >
          Turn an adjuster <Key>J</Key>
        </Link>
        <Pick
          label="What is entered"
          choices={[
            { value: "mended", label: "Mended" },
            { value: "replaced", label: "Replaced" },
            { value: "needed", label: "Needed" },
          ]}
          value={doing}
          onChange={(next) => setDoing(next as Doing)}
        />
        {doing === "mended" && <MendedForm job={job} />}
        {doing === "replaced" && <ReplacedForm job={job} />}
        {doing === "needed" && <NeedForm job={job} />}
      </div>
      <aside className="border-line bg-sheet flex min-h-0 flex-col gap-4 overflow-y-auto border-l px-4 py-3">
        <Needs job={job} />
        {metered(job) && <GoneCells job={job} />}
        <Done job={job} />
      </aside>
    </div>
  );
}

/** Whether a meter is in it, as far as the counter saw. */
function metered(job: JobView) {
  return job.functions.includes("Meter") || job.intake.battery !== undefined;
}

function MendedForm({ job }: { job: JobView }) {
  const append = useAppend(job.tag);
  const { problem, field, submit } = useSubmit();
  const [part, setPart] = useState("");
  const [what, setWhat] = useState("");
  const [modification, setModification] = useState(false);
  const [agreed, setAgreed] = useState("");
  const log = () =>
    submit(async () => {
      await append([{ kind: "mended", part, what, modification, agreed: modification ? agreed : "" }], {
        said: `Mended: ${part}.`,
      });
      setWhat("");
      setAgreed("");
      setModification(false);
    });
  return (
    <Form title="What was mended" field={field} problem={problem} onSubmit={log} action="Log it">
      <PartInput job={job} value={part} onChange={setPart} placeholder="advance pawl" />
      <TextField
        label="What was done"
        name="what"
        value={what}
        placeholder="bent back straight against the rule"
        onChange={(event) => setWhat(event.target.value)}
      />
      <Tick
        label="It differs from the factory now: the owner is told"
        checked={modification}
        onChange={(event) => setModification(event.target.checked)}
      />
      {modification && (
        <TextField
          label={
            job.ownerToAgree ? "How the owner agreed, before it was done" : "How the owner agreed, if asked"
          }
          name="agreed"
          placeholder="by telephone, on Tuesday"
          value={agreed}
          onChange={(event) => setAgreed(event.target.value)}
        />
      )}
    </Form>
  );
}

function ReplacedForm({ job }: { job: JobView }) {
  const { choices } = useWords();
  const append = useAppend(job.tag);
  const { problem, field, submit } = useSubmit();
  const [part, setPart] = useState(job.needs.needs.find((need) => need.open)?.part ?? "");
  const [source, setSource] = useState<Schemas["Replaced"]["source"]>("DONOR");
  const [from, setFrom] = useState("");
  const [pattern, setPattern] = useState("");
  const [checked, setChecked] = useState(false);
  const [old, setOld] = useState("");
  const [remark, setRemark] = useState("");
  const log = () =>
    submit(async () => {
      await append(
        [
          {
            kind: "replaced",
            part,
            source,
            from,
            pattern,
            checked,
            remark,
            old: old === "" ? undefined : (old as Schemas["Replaced"]["old"]),
          },
        ],
        { said: `Replaced: ${part}.` },
      );
      setFrom("");
      setOld("");
      setChecked(false);
      setRemark("");
    });
  return (
    <Form title="What took its place" field={field} problem={problem} onSubmit={log} action="Log it">
      <PartInput job={job} value={part} onChange={setPart} placeholder="governor" />
      <Pick
        label="Where from"
        choices={choices("sourceKind")}
        value={source}
        onChange={(next) => setSource(next as typeof source)}
      />
      <div className="grid grid-cols-2 gap-3">
        <TextField
          label={source === "DONOR" ? "Which donor camera" : "From where"}
          name="from"
          value={from}
          placeholder={source === "DONOR" ? "Sweep 5512, dead since spring" : "screw tin"}
          onChange={(event) => setFrom(event.target.value)}
        />
        <TextField
          label="Pattern it was made for"
          value={pattern}
          placeholder="1st pattern"
          onChange={(event) => setPattern(event.target.value)}
        />
      </div>
      <div className="grid grid-cols-2 gap-3">
        <ChoiceField
          label="The one that was there goes"
          empty="only a piece of it was replaced"
          value={old}
          choices={choices("oldPiece")}
          onChange={(event) => setOld(event.target.value)}
        />
        <TextField label="Remark" value={remark} onChange={(event) => setRemark(event.target.value)} />
      </div>
      <Tick
        label="Looked over before fitting: straight, whole, the right size"
        checked={checked}
        onChange={(event) => setChecked(event.target.checked)}
      />
    </Form>
  );
}

function NeedForm({ job }: { job: JobView }) {
  const append = useAppend(job.tag);
  const { problem, field, submit } = useSubmit();
  const [part, setPart] = useState("");
  const [what, setWhat] = useState("");
  const log = () =>
    submit(async () => {
      await append([{ kind: "needOpened", part, what: what === "" ? part : what }], {
        said: `Needed: ${what || part}.`,
      });
      setPart("");
      setWhat("");
    });
  return (
    <Form title="What is needed" field={field} problem={problem} onSubmit={log} action="Open the need">
      <PartInput job={job} value={part} onChange={setPart} placeholder="governor" />
      <TextField
        label="What exactly"
        name="need"
        value={what}
        placeholder="pinion of 14 teeth"
        onChange={(event) => setWhat(event.target.value)}
      />
    </Form>
  );
}

function Form({
  title,
  field,
  problem,
  onSubmit,
  action,
  children,
}: {
  title: string;
  field: React.ContextType<typeof FormProblem>;
  problem: unknown;
  onSubmit: () => Promise<unknown>;
  action: string;
  children: React.ReactNode;
}) {
  return (
    <FormProblem value={field}>
      <Panel title={title}>
        <form
          className="flex max-w-[720px] flex-col gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            void onSubmit();
          }}
        >
          {children}
          {problem !== undefined && <ProblemNote problem={problem} />}
          <Button kind="primary" type="submit" className="self-start">
            {action}
          </Button>
        </form>
      </Panel>
    </FormProblem>
  );
}

function Needs({ job }: { job: JobView }) {
  const append = useAppend(job.tag);
  const [dropping, setDropping] = useState<string>();
  const drop = async (part: string, why: string) => {
    await append([{ kind: "needDropped", part, why }], { said: `No longer needed: ${part}.` });
    setDropping(undefined);
  };
  return (
    <Panel title="Needs" note={`${job.needs.needs.filter((need) => need.open).length} open`}>
      {job.needs.needs.length === 0 && (
        <Empty>No part is needed. A need keeps its part, and what covers it, from going back.</Empty>
      )}
      <ul>
        {job.needs.needs.map((need) => (
          <li key={need.id} className="border-line/70 flex flex-wrap items-center gap-2 border-b py-1">
            <StateMark mark={need.open ? "not" : "done"} />
            <span className="min-w-0 flex-1">
              <b>{need.part}</b>
              {need.what !== need.part && `: ${need.what}`}
              {!need.open && <span className="text-soft block text-[13.5px]">met: {need.how}</span>}
            </span>
            {need.open && dropping !== need.part && (
              <Button kind="quiet" onClick={() => setDropping(need.part)}>
                Not needed…
              </Button>
            )}
            {need.open && dropping === need.part && (
              <AddLine
                blanks={[{ label: "Why not?", hint: "Why not: mended after all" }]}
                action="Drop it"
                focus
                className="w-full"
                onAdd={(why) => drop(need.part, why)}
                onCancel={() => setDropping(undefined)}
              />
            )}
          </li>
        ))}
      </ul>
    </Panel>
  );
}

function Done({ job }: { job: JobView }) {
  const lines = [
    ...job.treat.mended.map((one) => ({
      id: one.id,
      what: `${one.what.part}: ${one.what.what}`,
      note: one.what.modification ? "differs from factory" : "",
    })),
    ...job.needs.replacements.map((one) => ({
      id: one.id,
      what: `${one.what.part} from ${one.what.from}`,
      note: one.what.checked ? "checked" : "not checked",
    })),
  ];
  if (lines.length === 0) return null;
  return (
    <Panel title="Mended and replaced">
      <ul>
        {lines.map((line) => (
          <li key={line.id} className="border-line/70 border-b py-1">
            {line.what} {line.note !== "" && <span className="text-soft text-[13.5px]">{line.note}</span>}
          </li>
        ))}
      </ul>
    </Panel>
  );
}
