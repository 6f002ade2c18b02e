import { useState } from "react";
import type { JobView, Schemas } from "../../api/client";
import { useAppend } from "../../hands/append";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/Field";
import { figure } from "../../ui/figures";
import { Panel } from "../../ui/Panel";
import { StateMark } from "../../ui/State";
import { useSubmit } from "../../ui/useSubmit";
import { FilmForm, FilmShown } from "./film/FilmForm";
import { texts } from "./words";

type Due = Schemas["ProofDue"];
type Criterion = Schemas["Criterion"];

const MARKS = { OPEN: "open", STARTED: "ready", PASSED: "done", FAILED: "not" } as const;

/** Proofs that follow from what was opened and done, each with why, its criterion and how it stands. */
export function ProofList({ job }: { job: JobView }) {
  const [opened, setOpened] = useState("");
  if (job.proofs.length === 0) return null;
  const open = job.proofs.filter((due) => due.because.length > 0 && due.state !== "PASSED").length;
  return (
    <Panel title={texts.proofs} note={texts.proofsOpen(open)}>
      <ul>
        {job.proofs.map((due) => (
          <li key={due.proof.id} className="border-line/70 border-b last:border-0">
            <button
              type="button"
              aria-expanded={opened === due.proof.id}
              className="hover:bg-sunk flex min-h-11 w-full items-start gap-2 rounded-[3px] py-1.5 text-left"
              onClick={() => setOpened(opened === due.proof.id ? "" : due.proof.id)}
            >
              <span className="pt-0.5">
                <StateMark mark={MARKS[due.state]} />
              </span>
              <span className="min-w-0 flex-1">
                <b className="block leading-5">{due.proof.words}</b>
                <span className="text-soft block text-[13.5px] leading-[18px]">{reasons(due)}</span>
              </span>
              <span className={`text-[14px] ${due.state === "FAILED" ? "text-stop font-bold" : "text-soft"}`}>
                {texts.proofState[due.state]}
              </span>
            </button>
            {opened === due.proof.id && <Making job={job} due={due} />}
            {due.film !== undefined && <FilmShown film={due.film} />}
          </li>
        ))}
      </ul>
    </Panel>
  );
}

const NAMED = 2;

function reasons(due: Due): string {
  if (due.because.length === 0) return texts.optional;
  const named = due.because.slice(0, NAMED).map((one) => texts.because[one.why](one.what));
  return due.because.length > NAMED ? `${named.join(", ")} …` : named.join(", ");
}

function Making({ job, due }: { job: JobView; due: Due }) {
  const append = useAppend(job.tag);
  const { refused, busy, submit } = useSubmit();
  const make = (passed: boolean | undefined, readings: Schemas["ProofReading"][], said: string) =>
    void submit(() =>
      append([{ kind: "proofMade", proof: due.proof, passed, readings, remark: "" }], { said }),
    );
  return (
    <div className="flex flex-col gap-2 pb-3 pl-7">
      <p className="text-[14px]">{due.how}</p>
      {due.criterion !== undefined ? (
        <Readings
          criterion={due.criterion}
          readings={due.readings}
          busy={busy}
          onRead={(reading) => make(undefined, [reading], texts.readingAdded)}
        />
      ) : due.proof.id === "test-film" ? (
        <FilmForm job={job} />
      ) : (
        <div className="flex gap-2">
          {[true, false].map((passed) => (
            <Button
              key={String(passed)}
              kind={passed ? "primary" : "stop"}
              disabled={busy}
              about={due.proof.words}
              onClick={() => make(passed, [], texts.proofSaid(due.proof.words, passed))}
            >
              {passed ? texts.passed : texts.failed}
            </Button>
          ))}
        </div>
      )}
      {refused}
    </div>
  );
}

function Readings({
  criterion,
  readings,
  busy,
  onRead,
}: {
  criterion: Criterion;
  readings: Schemas["ProofReading"][];
  busy: boolean;
  onRead: (reading: Schemas["ProofReading"]) => void;
}) {
  const [at, setAt] = useState("");
  const [value, setValue] = useState("");
  const number = (typed: string) => Number(typed.replace(",", "."));
  const needsAt = criterion.at !== "";
  const readable =
    value.trim() !== "" &&
    Number.isFinite(number(value)) &&
    (!needsAt || (at.trim() !== "" && Number.isFinite(number(at))));
  return (
    <>
      <p className="text-soft text-[13.5px]">
        {criterion.low === criterion.high
          ? texts.passesAt(figure(criterion.low, 1), criterion.unit)
          : texts.passes(figure(criterion.low, 1), figure(criterion.high, 1), criterion.unit)}
        {", "}
        {texts.readingsOf(readings.length, criterion.least)}
        {criterion.apart > 0 && `, ${texts.apart(figure(criterion.apart, 0), criterion.unit)}`}
      </p>
      {readings.length > 0 && (
        <p className="num text-[14px]">
          {readings
            .map((one) =>
              one.at === undefined ? figure(one.value, 1) : `${one.at}: ${figure(one.value, 1)}`,
            )
            .join("  ")}
        </p>
      )}
      {/* what mostly comes is one press, since it is made a dozen times in a row */}
      {criterion.low === criterion.high && !needsAt && (
        <Button kind="primary" disabled={busy} onClick={() => onRead({ value: criterion.low })}>
          {texts.oneFrame}
        </Button>
      )}
      <form
        className="flex items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (!readable) return;
          onRead(needsAt ? { at: number(at), value: number(value) } : { value: number(value) });
          setValue("");
        }}
      >
        {needsAt && (
          <TextField
            label={criterion.at}
            inputMode="decimal"
            wrap="w-[92px]"
            value={at}
            onChange={(event) => setAt(event.target.value)}
          />
        )}
        <TextField
          label={texts.readingValue(criterion.unit)}
          inputMode="decimal"
          wrap="min-w-0 flex-1"
          value={value}
          onChange={(event) => setValue(event.target.value)}
        />
        <Button type="submit" disabled={busy || !readable}>
          {texts.addReading}
        </Button>
      </form>
    </>
  );
}
