import type { ReactNode } from "react";
import { Link } from "react-router";
import { useAppend } from "../../hands/append";
import type { Entry, JobView, Schemas } from "../../api/client";
import { same } from "../../api/named";
import { orSay } from "../../hands/notices";
import { AddLine } from "../../ui/AddLine";
import { Button } from "../../ui/Button";
import { figure, figureOrSay } from "../../ui/figures";
import { Empty, Panel } from "../../ui/Panel";
import { StateMark } from "../../ui/State";
import type { AdjustView } from "./plan";
import { texts } from "./words";

type Outlook = AdjustView["plan"]["outlooks"][number];
type Described = Schemas["ResultDescribed"];

const isSpeed = (name: string) => /^(1\/)?\d+(\.\d+)?$/.test(name);

/** What came of it: speeds come from the stand, other results are typed or judged here. */
export function Results({ job, view }: { job: JobView; view: AdjustView }) {
  const { plan } = view;
  const moved = [...new Set(plan.chosen.flatMap((one) => one.moves.map((move) => move.result.id)))];
  const speeds = moved.filter(isSpeed);
  const own = view.results;
  const first = speeds.find((speed) =>
    plan.outlooks.every((one) => one.result.id !== speed || !one.measuredNow),
  );
  return (
    <Panel title={texts.whatItMoves} note={texts.nowAfterTheTurn}>
      {plan.chosen.length === 0 && <Empty>{texts.chooseAnAdjusterOnThe}</Empty>}
      <ul>
        {plan.outlooks.map((one) => (
          <OneOutlook key={one.result.id} outlook={one} turning={plan.turns.length > 0}>
            {own
              .filter((result) => !judged(result) && same(result.name, one.result))
              .map((result) => (
                <Read key={result.name.id} job={job} view={view} result={result} />
              ))}
          </OneOutlook>
        ))}
        {own
          .filter((result) => !judged(result) && !plan.outlooks.some((one) => same(one.result, result.name)))
          .map((result) => (
            <li key={result.name.id} className="border-line/70 border-b py-1">
              <b>{result.name.words}</b>{" "}
              <span className="text-soft text-[13.5px]">
                {texts.target(short(result.wanted), short(result.tolerance), result.unit)}
              </span>
              <Read job={job} view={view} result={result} />
            </li>
          ))}
      </ul>
      {plan.chosen.length > 0 && (speeds.length > 0 || moved.length === 0) && (
        <Link
          to={`../stand${first === undefined ? "" : `?speed=${encodeURIComponent(first)}`}`}
          relative="path"
          className="border-ready text-ready flex min-h-11 items-center justify-center rounded-[4px] border font-bold"
        >
          {texts.fire} {first ?? texts.again} {texts.onTheStand}
        </Link>
      )}
      {own.filter(judged).map((result) => (
        <Judge key={result.name.id} job={job} view={view} result={result} />
      ))}
    </Panel>
  );
}

function judged(result: Described) {
  return result.tooLow !== "" || result.tooHigh !== "";
}

function OneOutlook({
  outlook,
  turning,
  children,
}: {
  outlook: Outlook;
  turning: boolean;
  children: ReactNode;
}) {
  const right = Math.abs(outlook.now) <= outlook.tolerance;
  return (
    <li className="border-line/70 border-b py-1">
      <span className="flex items-center gap-2">
        <StateMark mark={!outlook.measuredNow ? "open" : right ? "done" : "not"} />
        <b className="min-w-0 flex-1">{outlook.result.words}</b>
        <span className="num text-[14px] whitespace-nowrap">
          {signed(outlook.now)}
          {turning && <b> → {signed(outlook.then)}</b>}
        </span>
      </span>
      <span className="text-soft block pl-6 text-[13.5px]">
        {right ? texts.inWord : texts.outWord}: ± {short(outlook.tolerance)} {outlook.unit}
        {turning && texts.then(short(1.96 * outlook.thenSd))}
        {!outlook.measuredNow && texts.notMeasuredSinceTheLast}
      </span>
      {children}
    </li>
  );
}

function signed(value: number) {
  const words = short(Math.abs(value));
  return words === short(0) ? "0" : `${value < 0 ? "−" : "+"}${words}`;
}

const short = (value: number) => figure(value, Math.abs(value) >= 10 ? 1 : 2);

/** Whatever is entered of a result says first what the result is, where the log does not know yet. */
function useEntered(job: JobView, view: AdjustView) {
  const append = useAppend(job.tag);
  return (entry: Entry, said: string) => append([...view.introductions, entry], { said });
}

function Read({
  job,
  view,
  result,
}: {
  job: JobView;
  view: AdjustView;
  result: AdjustView["results"][number];
}) {
  const enter = useEntered(job, view);
  return (
    <AddLine
      blanks={[{ label: `${result.name.words}, ${result.unit}`, hint: texts.reading(result.unit) }]}
      action={texts.log}
      onAdd={(typed) => {
        const value = figureOrSay(typed);
        return enter(
          { kind: "resultRead", result: result.name, value, remark: "" },
          `${result.name.words} ${typed} ${result.unit}.`,
        );
      }}
    />
  );
}

function Judge({
  job,
  view,
  result,
}: {
  job: JobView;
  view: AdjustView;
  result: AdjustView["results"][number];
}) {
  const enter = useEntered(job, view);
  const judge = (came: Schemas["ResultJudged"]["came"], words: string) =>
    orSay(
      enter(
        { kind: "resultJudged", result: result.name, came, remark: "" },
        `${result.name.words}: ${words}.`,
      ),
    );
  return (
    <div role="group" aria-label={result.name.words} className="flex flex-col gap-1.5">
      <b className="text-[14.5px]">{result.name.words}</b>
      <span className="flex flex-wrap gap-1.5">
        {sides(result).map(([came, words]) => (
          <Button key={came} onClick={() => judge(came, words)}>
            {words}
          </Button>
        ))}
      </span>
    </div>
  );
}

function sides(result: Described): ["TOO_LOW" | "RIGHT" | "TOO_HIGH", string][] {
  const all: ["TOO_LOW" | "RIGHT" | "TOO_HIGH", string][] = [
    ["TOO_LOW", result.tooLow],
    ["RIGHT", "right"],
    ["TOO_HIGH", result.tooHigh],
  ];
  return all.filter(([, words]) => words !== "");
}
