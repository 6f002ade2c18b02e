import { useQuery } from "@tanstack/react-query";
import { Link, useNavigate } from "react-router";
import { useNow } from "../../api/clock";
import { todayQuery, type PlanTask, type TodayPage } from "../../api/plan";
import { useAppend } from "../../hands/append";
import { orSay } from "../../hands/notices";
import { useSigner } from "../../hands/signer";
import { Button } from "../../ui/Button";
import { moment, untilWords } from "../../ui/dates";
import { PaperTag } from "../../ui/PaperTag";
import { Empty, Panel } from "../../ui/Panel";
import { StateMark } from "../../ui/State";
import { placeOf } from "../../valley/Path";
import { Moved } from "./Moved";
import { reasonWords, taskWords } from "./reasonWords";
import { roughly } from "./rough";
import { texts } from "./words";

/** What the plan says to whoever signs here: now, next, what else fits, and what waits meanwhile. */
export function Today() {
  const { signer } = useSigner();
  const today = useQuery(todayQuery(signer)).data;
  const now = useNow(5000);
  if (today === undefined) return null;
  const next = today.next.slice(0, 4);
  const fits = today.fits.filter((one) => next.every((other) => other.id !== one.id)).slice(0, 4);
  return (
    <>
      <Panel title={texts.today} note={<Left today={today} now={now} />}>
        <Moved told={today.told.slice(0, 1)} now={now} />
        {today.late.length > 0 && (
          <Link to="/plan" className="text-stop flex min-h-11 items-center gap-2 font-bold underline">
            <StateMark mark="not" />
            {texts.missesItsDay(today.late.map((one) => one.tag))}
          </Link>
        )}
        {today.current === undefined ? (
          <Empty>{texts.nothingForYouToday}</Empty>
        ) : (
          <Current task={today.current} now={now} working={today.working} />
        )}
        {next.length > 0 && (
          <>
            <h3 className="text-soft pt-1 text-[13.5px]">{texts.next}</h3>
            <ol className="flex flex-col">
              {next.map((task) => (
                <Line key={task.id} task={task} now={now} why={reasonWords(task.first, now)} />
              ))}
            </ol>
          </>
        )}
      </Panel>
      {today.waits.length > 0 && (
        <Panel title={texts.while} note={<Link to="/waits">{texts.waits}</Link>}>
          <ul className="flex flex-col">
            {today.waits.map((wait) => (
              <Running key={wait.id} wait={wait} />
            ))}
          </ul>
        </Panel>
      )}
      {fits.length > 0 && today.until !== undefined && (
        <Panel title={texts.fits(moment(today.until, now))}>
          <ul className="flex flex-col">
            {fits.map((task) => (
              <Line key={task.id} task={task} now={now} why={texts.about(roughly(task.usually))} />
            ))}
          </ul>
        </Panel>
      )}
      {today.notToday.length > 0 && (
        <Panel title={texts.notToday} note={<Link to="/plan">{texts.openThePlan}</Link>}>
          <ul className="flex flex-col">
            {today.notToday.slice(0, 4).map((task) => (
              <Line
                key={task.id}
                task={task}
                now={now}
                why={task.notEarlier === undefined ? "" : reasonWords(task.notEarlier, now)}
              />
            ))}
          </ul>
        </Panel>
      )}
    </>
  );
}

/** How long until the next break or closing. */
function Left({ today, now }: { today: TodayPage; now: number }) {
  if (today.until === undefined)
    return today.opens === undefined ? texts.noHours : texts.outOfHours(moment(today.opens, now));
  const closing = today.until === today.closes;
  const left = (Date.parse(today.until) - now) / 60_000;
  const soon = left <= today.bellMinutes;
  return (
    <span className={soon ? "text-mark font-bold" : ""}>
      {texts.leftUntil(untilWords(today.until, now), closing ? texts.closing : texts.breakAt)}
    </span>
  );
}

function Current({ task, now, working }: { task: PlanTask; now: number; working: boolean }) {
  const append = useAppend(task.tag);
  const navigate = useNavigate();
  const place = `/camera/${task.tag}/${placeOf(task.stop)}`;
  const start = async () => {
    await append([{ kind: "satDown", stop: task.stop, step: "" }], { said: texts.started });
    void navigate(place);
  };
  return (
    <div
      className={`rounded-[5px] border p-3 ${task.runs ? "border-mark-line bg-mark-wash/50" : "border-ready bg-ready-wash/40"}`}
    >
      <p className="text-soft pb-1.5 text-[13.5px]">
        {task.runs ? texts.atWorkNow : texts.startWith}
        {!working && !task.runs && `, ${moment(task.start, now)}`}
      </p>
      <div className="flex items-center gap-2">
        <PaperTag tag={task.tag} />
        <span className="truncate">{task.camera}</span>
      </div>
      <b className="block pt-1.5 text-[17px] leading-6">{taskWords(task)}</b>
      <p className="text-soft text-[14px]">
        {texts.about(roughly(task.usually))}; {reasonWords(task.first, now)}
      </p>
      <div className="pt-2">
        {task.runs ? (
          <Link
            to={place}
            className="border-line bg-sheet inline-flex min-h-11 items-center rounded-[4px] border px-3.5"
          >
            {texts.goOn}
          </Link>
        ) : (
          <Button kind="primary" className="w-full" about={taskWords(task)} onClick={() => orSay(start())}>
            {texts.start}
          </Button>
        )}
      </div>
    </div>
  );
}

function Line({ task, now, why }: { task: PlanTask; now: number; why: string }) {
  return (
    <li className="border-line/70 border-b last:border-0">
      <Link
        to={`/camera/${task.tag}/${placeOf(task.stop)}`}
        className="hover:bg-sunk grid min-h-[48px] grid-cols-[70px_1fr] items-start gap-2 rounded-[4px] px-1 py-1.5"
      >
        <span className="num pt-px text-[13px] leading-5 whitespace-nowrap">{moment(task.start, now)}</span>
        <span className="min-w-0">
          <b className="block leading-5">{taskWords(task)}</b>
          <span className="text-soft block text-[13.5px] leading-[18px]">
            <span className="num">{task.tag}</span> {task.camera}
            {why !== "" && `: ${why}`}
          </span>
        </span>
      </Link>
    </li>
  );
}

function Running({ wait }: { wait: PlanTask }) {
  const now = useNow();
  const over = Date.parse(wait.end) <= now;
  return (
    <li className="border-line/70 border-b last:border-0">
      <Link
        to={`/camera/${wait.tag}/clean`}
        className="hover:bg-sunk grid min-h-[44px] grid-cols-[70px_16px_1fr] items-start gap-2 rounded-[4px] px-1 py-1.5"
      >
        <span className="num text-[13.5px] leading-5 font-bold whitespace-nowrap">
          {over ? moment(wait.end, now) : untilWords(wait.end, now)}
        </span>
        <span className="pt-0.5">
          <StateMark mark="wait" />
        </span>
        <span className="min-w-0 leading-5">
          {wait.words}
          <span className="text-soft block text-[13.5px]">
            <span className="num">{wait.tag}</span> {wait.camera}
            {wait.station !== "" && `, ${wait.station}`}
          </span>
        </span>
      </Link>
    </li>
  );
}
