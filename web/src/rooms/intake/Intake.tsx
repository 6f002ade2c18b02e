import { useState } from "react";
import { useAppend } from "../../api/append";
import type { JobView, Schemas } from "../../api/client";
import { useWords } from "../../api/queries";
import { Button } from "../../ui/Button";
import { day } from "../../ui/dates";
import { ChoiceField, FormProblem } from "../../ui/Field";
import { Empty, Panel } from "../../ui/Panel";
import { ProblemNote } from "../../ui/ProblemNote";
import { useSubmit } from "../../ui/useSubmit";
import { Window } from "../../ui/Window";
import { useJob } from "../camera/useJob";
import { CameraFields } from "./CameraFields";
import { FunctionCheck } from "./FunctionCheck";
import { formOf, received, type Form } from "./receivedForm";

/** What came in, in what state. */
export function Intake() {
  const job = useJob();
  return (
    <div className="wide:grid-cols-[minmax(0,1fr)_minmax(0,1fr)_330px] grid h-full grid-cols-[minmax(0,1fr)_minmax(0,1fr)_264px]">
      <div className="flex min-h-0 flex-col gap-4 overflow-y-auto px-5 py-3">
        <Description job={job} />
        <Findings job={job} />
        <Visitors job={job} />
      </div>
      <div className="border-line min-h-0 overflow-y-auto border-l px-5 py-3">
        <FunctionCheck job={job} />
      </div>
      <aside className="border-line bg-sheet flex min-h-0 flex-col gap-4 overflow-y-auto border-l px-4 py-3">
        <ScopePanel job={job} />
        <BatteryPanel job={job} />
        <Decisions job={job} />
      </aside>
    </div>
  );
}

function Description({ job }: { job: JobView }) {
  const { word } = useWords();
  const [form, setForm] = useState<Form>();
  const append = useAppend(job.tag);
  const { problem, field, submit } = useSubmit();
  const camera = job.intake.received!;
  const change = () =>
    submit(async () => {
      // said anew, with the earlier description struck: nothing is overwritten
      await append(
        [received(form!), { kind: "struck", target: job.intake.receivedId!, reason: "described anew" }],
        { said: "Described anew." },
      );
      setForm(undefined);
    });
  const facts = [
    ["Serial", camera.camera.serial || "none noted"],
    ["Kind", `${word("bodyType", camera.camera.bodyType)}, ${word("family", camera.camera.family)}`],
    ["Speeds", `${camera.speeds.join(" ")} (${word("speedSeries", camera.series)})`],
    [
      "Owner",
      camera.owner.shopsOwn
        ? shopsOwn(camera.owner)
        : `${camera.owner.name}${camera.owner.contact === "" ? "" : `, ${camera.owner.contact}`}`,
    ],
    ["Came along", camera.accessories.join(", ") || "nothing"],
    ["Came in", day(job.intake.receivedAt!)],
  ];
  return (
    <Panel
      title="The camera"
      note={
        <Button kind="quiet" onClick={() => setForm(formOf(camera))}>
          Correct…
        </Button>
      }
    >
      <p className="text-[17px]" dir="auto">
        “{camera.complaint}”
      </p>
      <dl className="grid grid-cols-[92px_1fr] gap-x-3 gap-y-0.5">
        {facts.map(([name, value]) => (
          <div key={name} className="contents">
            <dt className="text-soft">{name}</dt>
            <dd className="break-words" dir="auto">
              {value}
            </dd>
          </div>
        ))}
      </dl>
      {form !== undefined && (
        <Window wide open title="Correct what was said" onOpenChange={(open) => !open && setForm(undefined)}>
          <FormProblem value={field}>
            <form
              noValidate
              onSubmit={(event) => {
                event.preventDefault();
                void change();
              }}
            >
              <CameraFields fresh={false} form={form} change={(part) => setForm({ ...form, ...part })} />
              <div className="flex flex-col gap-2 pt-4">
                {problem !== undefined && <ProblemNote problem={problem} />}
                <Button kind="primary" type="submit" className="self-start">
                  Say it anew
                </Button>
              </div>
            </form>
          </FormProblem>
        </Window>
      )}
    </Panel>
  );
}

function shopsOwn(owner: Schemas["Owner"]): string {
  const amount = (money: Schemas["Money"]) => `${(money.minor / 100).toFixed(2)} ${money.currency}`;
  return [
    "the shop's own",
    ...(owner.paid === undefined ? [] : [`paid ${amount(owner.paid)}`]),
    ...(owner.worth === undefined ? [] : [`would fetch ${amount(owner.worth)}`]),
  ].join(", ");
}

function Findings({ job }: { job: JobView }) {
  const { choices, word } = useWords();
  const append = useAppend(job.tag);
  const { problem, submit } = useSubmit();
  const [region, setRegion] = useState("TOP");
  const [kind, setKind] = useState("DENT");
  const [severity, setSeverity] = useState("SLIGHT");
  const [remark, setRemark] = useState("");
  const add = () =>
    submit(async () => {
      await append(
        [
          {
            kind: "conditionFound",
            region: region as Schemas["ConditionFound"]["region"],
            condition: kind as Schemas["ConditionFound"]["condition"],
            severity: severity as Schemas["ConditionFound"]["severity"],
            remark,
          },
        ],
        { said: `Outside, ${word("region", region)}: ${word("conditionKind", kind)}.` },
      );
      setRemark("");
    });
  return (
    <Panel title="Outside" note={`${job.intake.findings.length} findings`}>
      {job.intake.findings.length === 0 && (
        <Empty>Turn it over: the underside tells most. What is found now is not argued about later.</Empty>
      )}
      <ul>
        {job.intake.findings.map(({ id, found }) => (
          <li
            key={id}
            className="border-line/70 grid grid-cols-[86px_minmax(0,1fr)_auto] gap-2 border-b py-1"
          >
            <b>{word("region", found.region)}</b>
            <span>
              {word("conditionKind", found.condition)}
              {found.remark !== "" && <span className="text-soft">, {found.remark}</span>}
            </span>
            <span className={found.severity === "GRAVE" ? "text-stop font-bold" : "text-soft"}>
              {word("severity", found.severity)}
            </span>
          </li>
        ))}
      </ul>
      <form
        className="flex flex-col gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          void add();
        }}
      >
        <div className="grid grid-cols-3 gap-2">
          <ChoiceField
            label="Where"
            value={region}
            choices={choices("region")}
            onChange={(event) => setRegion(event.target.value)}
          />
          <ChoiceField
            label="What"
            value={kind}
            choices={choices("conditionKind")}
            onChange={(event) => setKind(event.target.value)}
          />
          <ChoiceField
            label="How much"
            value={severity}
            choices={choices("severity")}
            onChange={(event) => setSeverity(event.target.value)}
          />
        </div>
        <div className="flex gap-2">
          <input
            className="input"
            aria-label="Remark on it"
            placeholder="Where exactly, how it looks"
            value={remark}
            onChange={(event) => setRemark(event.target.value)}
          />
          <Button type="submit">Add</Button>
        </div>
        {problem !== undefined && <ProblemNote problem={problem} />}
      </form>
    </Panel>
  );
}

function Visitors({ job }: { job: JobView }) {
  const { choices, word } = useWords();
  const append = useAppend(job.tag);
  const { problem, submit } = useSubmit();
  const [sign, setSign] = useState("CHEWED_SLOT");
  const [remark, setRemark] = useState("");
  const add = () =>
    submit(async () => {
      await append([{ kind: "visitorSign", sign: sign as Schemas["VisitorSign"]["sign"], remark }], {
        said: `Earlier visitor: ${word("visitorSignKind", sign)}.`,
      });
      setRemark("");
    });
  return (
    <Panel
      title="Earlier visitor"
      note={job.intake.visitorSigns.length === 0 ? "no sign noted" : "somebody has been in"}
    >
      {job.intake.visitorSigns.map((one) => (
        <p key={one.id} className="border-mark-line bg-mark-wash rounded-[3px] border-l-4 px-2 py-1">
          <b>{word("visitorSignKind", one.sign.sign)}</b>
          {one.sign.remark !== "" && `, ${one.sign.remark}`}
        </p>
      ))}
      <form
        className="grid grid-cols-[1fr_1fr_auto] items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          void add();
        }}
      >
        <ChoiceField
          label="Sign"
          value={sign}
          choices={choices("visitorSignKind")}
          onChange={(event) => setSign(event.target.value)}
        />
        <input
          className="input"
          aria-label="Where is the sign"
          placeholder="Where"
          value={remark}
          onChange={(event) => setRemark(event.target.value)}
        />
        <Button type="submit">Add</Button>
      </form>
      {problem !== undefined && <ProblemNote problem={problem} />}
    </Panel>
  );
}

function ScopePanel({ job }: { job: JobView }) {
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

function BatteryPanel({ job }: { job: JobView }) {
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

function Decisions({ job }: { job: JobView }) {
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
