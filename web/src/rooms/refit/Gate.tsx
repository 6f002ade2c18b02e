import { useState } from "react";
import { Link } from "react-router";
import { useAppend } from "../../hands/append";
import type { JobView, PartView, Schemas } from "../../api/client";
import { named } from "../../api/named";
import { useWords } from "../../api/queries";
import { AddLine } from "../../ui/AddLine";
import { Button } from "../../ui/Button";
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
                  <CheckRow
                    key={check.what.id}
                    job={job}
                    part={part}
                    check={check}
                    due={canBeAnswered(job, part, check)}
                    answer={answer}
                  />
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

/** Whether its moment has come: before the part goes on, or once it is on and the check is due. */
function canBeAnswered(job: JobView, part: PartView, check: Check): boolean {
  return check.when.moment === "BEFORE"
    ? part.answer.kind !== "BACK"
    : job.lateChecks.some(
        (late) => late.part === part.name && late.check.what.id === check.what.id && late.due,
      );
}

/** The check that is next at a part: what the key confirms. */
export function nextCheckOf(job: JobView, part: PartView): Check | undefined {
  return part.checks.find(
    (check) => check.state === "OPEN" && !isShown(check) && canBeAnswered(job, part, check),
  );
}

const isShown = (check: Check) =>
  check.when.speed !== "" || (check.when.firings > 0 && check.when.moment === "BEFORE");

function shownBy(check: Check): string {
  if (check.when.speed !== "") return texts.holdsWhenSpeed(check.when.speed);
  return check.when.firings > 0 && check.when.moment === "BEFORE"
    ? texts.holdsWhenFired(check.when.firings)
    : check.when.firings > 0
      ? texts.afterFirings(check.when.firings)
      : "";
}

const MARKS = { OPEN: "open", PASSED: "done", FAILED: "not", WAIVED: "left" } as const;

function CheckRow({
  job,
  part,
  check,
  due,
  answer,
}: {
  job: JobView;
  part: PartView;
  check: Check;
  due: boolean;
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
        {shownBy(check) !== "" && (
          <span className="text-soft block text-[13.5px]">
            {check.state === "PASSED" ? texts.shown : shownBy(check)}
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
          {due && !isShown(check) && (
            <>
              <Button about={check.what.words} onClick={() => void answer(check, "passed")}>
                {texts.confirm}
              </Button>
              <Button kind="quiet" about={check.what.words} onClick={() => setAsking("failed")}>
                {texts.fails}
              </Button>
            </>
          )}
          {(due || isShown(check)) && (
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
          <select
            aria-label={texts.momentOfTheCheck}
            className="input w-[172px]"
            value={moment}
            onChange={(event) => setMoment(event.target.value as Moment)}
          >
            {moments.map((one) => (
              <option key={one.value} value={one.value}>
                {one.label}
              </option>
            ))}
          </select>
          {moment === "BEFORE" && (
            <select
              aria-label={texts.whatShowsIt}
              className="input w-[150px]"
              value={waits}
              onChange={(event) => setWaits(event.target.value as Waits)}
            >
              <option value="">{texts.eyeOrHand}</option>
              <option value="firings">{texts.firingsWithoutAMiss}</option>
              <option value="speed">{texts.aSpeedThatMeasures}</option>
            </select>
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
