import { useState } from "react";
import { Link } from "react-router";
import { useAppend } from "../../hands/append";
import type { JobView, PartView, Schemas } from "../../api/client";
import { named } from "../../api/named";
import { useWords } from "../../api/queries";
import { AddLine } from "../../ui/AddLine";
import { Button } from "../../ui/Button";
import { BareChoice } from "../../ui/Field";
import { Panel } from "../../ui/Panel";
import { StateMark } from "../../ui/State";
import { useSubmit } from "../../ui/useSubmit";
import { texts } from "./words";

type Check = PartView["checks"][number];
type Moment = Check["when"]["moment"];
type Answer = (check: Check, answer: "passed" | "failed" | "waived", words?: string) => Promise<boolean>;

const MOMENTS: Moment[] = ["BEFORE", "ON", "TIGHT", "FIRED", "CLOSED"];

/** The checks of a part, each at its moment: it holds, it does not, or it is waived with a reason. */
export function Gate({ job, part }: { job: JobView; part: PartView }) {
  const append = useAppend(job.tag);
  const { word } = useWords();
  const { refused, submit } = useSubmit();
  const isBack = part.answer.kind === "BACK";
  const open = part.checks.filter((check) => check.state === "OPEN").length;
  const answer: Answer = (check, how, words = "") =>
    submit(() =>
      append(
        [
          how === "failed"
            ? { kind: "checkFailed", part: part.name, check: check.what, seen: words }
            : {
                kind: "gateAnswered",
                part: part.name,
                check: check.what,
                passed: how === "passed",
                reason: words,
              },
        ],
        { said: texts.answered[how](check.what.words) },
      ),
    );
  return (
    <Panel
      title={texts.checks}
      note={part.checks.length === 0 ? texts.noChecks : texts.ofOpen(open, part.checks.length, open > 0)}
    >
      {MOMENTS.map((moment) => {
        const checks = part.checks.filter((check) => check.when.moment === moment);
        return (
          checks.length > 0 && (
            <section key={moment} className="mt-1">
              <h3 className="text-soft text-[13.5px]">{word("checkMoment", moment)}</h3>
              <ul className="flex flex-col">
                {checks.map((check) => (
                  <CheckRow key={check.what.id} job={job} part={part} check={check} answer={answer} />
                ))}
              </ul>
            </section>
          )
        );
      })}
      <OwnCheck job={job} part={part} isBack={isBack} />
      {refused}
    </Panel>
  );
}

/** The check that is next at a part: what the key confirms. */
export function nextCheckOf(part: PartView): Check | undefined {
  return part.checks.find((check) => check.state === "OPEN" && check.due && !check.shown);
}

const MARKS = { OPEN: "open", PASSED: "done", FAILED: "not", WAIVED: "left" } as const;

function CheckRow({
  job,
  part,
  check,
  answer,
}: {
  job: JobView;
  part: PartView;
  check: Check;
  answer: Answer;
}) {
  const [asking, setAsking] = useState<"failed" | "waived">();
  const isOpen = check.state === "OPEN";
  const done = (taken: boolean) => {
    if (taken) setAsking(undefined);
    return taken;
  };
  return (
    <li className="border-line/70 flex flex-wrap items-center gap-2 border-b py-1">
      <StateMark mark={MARKS[check.state]} />
      <span className="min-w-[150px] flex-1">
        {check.what.words}
        {check.own && <span className="text-soft text-[13px]"> {texts.ownCheck}</span>}
        {check.shownBy !== "" && (
          <span className="text-soft block text-[13.5px]">
            {check.state === "PASSED" && check.shown
              ? texts.shown
              : check.shown
                ? texts.holdsWhen(check.shownBy)
                : texts.comesAfter(check.shownBy)}
          </span>
        )}
        {check.state === "WAIVED" && (
          <span className="text-soft block text-[13.5px]">{texts.waivedOf(check.reason)}</span>
        )}
        {check.state === "FAILED" && (
          <b className="text-stop block text-[14px]">{texts.failedOf(check.reason)}</b>
        )}
      </span>
      {isOpen && asking === undefined && (
        <>
          {check.due && !check.shown && (
            <>
              <Button about={check.what.words} onClick={() => void answer(check, "passed")}>
                {texts.confirm}
              </Button>
              <Button kind="quiet" about={check.what.words} onClick={() => setAsking("failed")}>
                {texts.fails}
              </Button>
            </>
          )}
          {(check.due || check.shown) && (
            <Button kind="quiet" about={check.what.words} onClick={() => setAsking("waived")}>
              {texts.waive}
            </Button>
          )}
        </>
      )}
      {asking !== undefined && (
        <AddLine
          blanks={[
            asking === "waived"
              ? { label: texts.whyDoYouWaive(check.what.words), hint: texts.whyDoYouWaiveIt }
              : { label: texts.whatDoYouSee(check.what.words), hint: texts.whatDoYouSeeInstead },
          ]}
          action={asking === "waived" ? texts.waiveLabel : texts.logAsFailed}
          look={asking === "failed" ? "stop" : "plain"}
          focus
          className="w-full"
          onAdd={async (words) => done(await answer(check, asking, words))}
          onCancel={() => setAsking(undefined)}
        />
      )}
      {check.state === "FAILED" && asking === undefined && (
        <AfterFailing
          job={job}
          part={part}
          check={check}
          answer={answer}
          onWaive={() => setAsking("waived")}
        />
      )}
      {(check.state === "PASSED" || check.state === "WAIVED") && (
        <span className="text-soft text-[13.5px]">
          {check.state === "PASSED" ? texts.confirmed : texts.waivedInline}
        </span>
      )}
    </li>
  );
}

/** What can be done about a check that does not hold. */
function AfterFailing({
  job,
  part,
  check,
  answer,
  onWaive,
}: {
  job: JobView;
  part: PartView;
  check: Check;
  answer: Answer;
  onWaive: () => void;
}) {
  const link =
    "border-line bg-sheet hover:border-ink inline-flex min-h-11 items-center rounded-[4px] border px-3";
  const at = encodeURIComponent(part.name);
  return (
    <span className="flex w-full flex-wrap items-center gap-2">
      <Button about={check.what.words} onClick={() => void answer(check, "passed")}>
        {texts.holdsNow}
      </Button>
      {part.answer.kind === "BACK" && (
        <Link className={link} to={`/camera/${job.tag}/strip?again=${at}`}>
          {texts.takeItOffAgain}
        </Link>
      )}
      <Link className={link} to={`/camera/${job.tag}/find`}>
        {texts.findWhy}
      </Link>
      <Link className={link} to={`/camera/${job.tag}/adjust`}>
        {texts.adjustIt}
      </Link>
      <Link className={link} to={`/camera/${job.tag}/mend?part=${at}`}>
        {texts.mendIt}
      </Link>
      <Button kind="quiet" about={check.what.words} onClick={onWaive}>
        {texts.waive}
      </Button>
    </span>
  );
}

type Waits = "" | "firings" | "speed";

/** A check of one's own, with its moment, and what the camera has to show for it. */
function OwnCheck({ job, part, isBack }: { job: JobView; part: PartView; isBack: boolean }) {
  const append = useAppend(job.tag);
  const { choices } = useWords();
  const [open, setOpen] = useState(false);
  const moments = choices("checkMoment").filter((one) => !isBack || one.value !== "BEFORE");
  const [moment, setMoment] = useState<Moment>(isBack ? "ON" : "BEFORE");
  const [waits, setWaits] = useState<Waits>("");
  const wantsFirings = waits === "firings" || moment === "FIRED";
  const when = (firings: string, speed: string): Schemas["CheckWhen"] => ({
    moment,
    firings: wantsFirings ? Number(firings || "1") : 0,
    speed: waits === "speed" ? speed : "",
  });
  if (!open)
    return (
      <Button kind="quiet" className="self-start" onClick={() => setOpen(true)}>
        {texts.addACheck}
      </Button>
    );
  return (
    <AddLine
      key={`${wantsFirings} ${waits}`}
      onCancel={() => setOpen(false)}
      blanks={[
        { label: texts.yourOwnCheck, hint: texts.leverLeftOfThePost },
        ...(wantsFirings ? [{ label: texts.howManyFirings, start: "12" }] : []),
        ...(waits === "speed" ? [{ label: texts.whichSpeed, start: job.speeds[0]?.speed ?? "" }] : []),
      ]}
      before={
        <>
          <BareChoice
            label={texts.momentOfTheCheck}
            className="w-[172px]"
            value={moment}
            choices={moments}
            onChange={(event) => setMoment(event.target.value as Moment)}
          />
          {moment === "BEFORE" && (
            <BareChoice
              label={texts.whatShowsIt}
              className="w-[150px]"
              value={waits}
              choices={[
                { value: "", label: texts.eyeOrHand },
                { value: "firings", label: texts.firingsWithoutAMiss },
                { value: "speed", label: texts.aSpeedThatMeasures },
              ]}
              onChange={(event) => setWaits(event.target.value as Waits)}
            />
          )}
        </>
      }
      onAdd={async (check, ...more) => {
        await append(
          [
            {
              kind: "gateAdded",
              part: part.name,
              check: named(check!),
              when: when(wantsFirings ? (more[0] ?? "") : "", waits === "speed" ? (more.at(-1) ?? "") : ""),
            },
          ],
          { said: texts.checkAdded },
        );
        setOpen(false);
      }}
    />
  );
}
