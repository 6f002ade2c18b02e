import { useQuery } from "@tanstack/react-query";
import { useLayoutEffect, useRef, useState } from "react";
import { Link } from "react-router";
import { useNow } from "../../api/clock";
import { hoursQuery, planQuery, type PlanPage, type PlanTask } from "../../api/plan";
import { houseQuery } from "../../api/queries";
import { useKeys } from "../../hands/keys";
import { orSay } from "../../hands/notices";
import { Button } from "../../ui/Button";
import { day } from "../../ui/dates";
import { Empty, Panel } from "../../ui/Panel";
import { ProblemNote } from "../../ui/ProblemNote";
import { CamerasDue, NotInThePlan } from "./CamerasDue";
import { Conflicts } from "./Conflicts";
import { DayDrawing } from "./DayDrawing";
import { daysLater, lightOf, startOfDay } from "./light";
import { Labels } from "./Labels";
import { Moved } from "./Moved";
import { TaskDetails } from "./TaskDetails";
import { TaskTable } from "./TaskTable";
import { useWishes } from "./useWishes";
import { WeekDrawing } from "./WeekDrawing";
import { texts } from "./words";

const LABELS = 92;

/** The plan of the shop: hands and stations over the days, and what each task's place is good for. */
export function Plan() {
  const { data: plan, error } = useQuery(planQuery);
  const now = useNow(10_000);
  if (plan === undefined) return <div className="p-5">{error ? <ProblemNote problem={error} /> : null}</div>;
  return <Drawn plan={plan} now={now} />;
}

function Drawn({ plan, now }: { plan: PlanPage; now: number }) {
  const [zoom, setZoom] = useState<"day" | "week">("day");
  const [first, setFirst] = useState(() => startOfDay(firstDay(plan, now)));
  const [chosen, setChosen] = useState("");
  const [table, setTable] = useState(false);
  const task = plan.tasks.find((one) => one.id === chosen);
  const wishes = useWishes(task);
  const skills = useQuery(hoursQuery).data?.skills ?? [];
  const waits = useQuery(houseQuery).data?.lubrication.waits ?? [];
  const [width, room] = useWidth();
  const days = zoom === "day" ? 1 : 7;
  const light = lightOf(
    plan.people.flatMap((one) => one.windows),
    first,
    days,
    Math.max(360, width - LABELS),
  );
  const choose = (id: string) => setChosen(id);
  const step = (by: number) => {
    const order = plan.tasks.filter((one) => one.kind === "HANDS");
    const at = order.findIndex((one) => one.id === chosen);
    const next = order[Math.min(order.length - 1, Math.max(0, at + by))];
    if (next === undefined) return;
    setChosen(next.id);
    if (zoom === "day" || Date.parse(next.start) >= light.to || Date.parse(next.start) < light.from)
      setFirst(startOfDay(Date.parse(next.start)));
  };
  const lay = (its: PlanTask, at: number, person: string) => {
    setChosen(its.id);
    const minute = Math.round(at / 300_000) * 300_000;
    wishes.change(
      zoom === "day"
        ? { at: new Date(minute).toISOString(), person: person === its.person ? its.wish.person : person }
        : {
            notBefore: new Date(minute).toISOString(),
            at: undefined,
            person: person === its.person ? its.wish.person : person,
          },
      its,
    );
  };
  const turn = (part: "first" | "aside" | "mornings") => () =>
    task !== undefined && !task.runs && wishes.change({ [part]: !(wishes.trying?.wish ?? task.wish)[part] });
  const focus = (id: string) => () => document.getElementById(id)?.focus();
  useKeys({
    ArrowRight: () => step(1),
    ArrowDown: () => step(1),
    ArrowLeft: () => step(-1),
    ArrowUp: () => step(-1),
    f: turn("first"),
    a: turn("aside"),
    m: turn("mornings"),
    r: () => task !== undefined && !task.runs && wishes.leave(),
    v: focus("plan-not-before"),
    x: focus("plan-fixed-at"),
    o: () => {
      if (task === undefined || task.runs) return;
      const names = ["", ...plan.people.map((one) => one.name)];
      const is = (wishes.trying?.wish ?? task.wish).person;
      wishes.change({ person: names[(names.indexOf(is) + 1) % names.length] });
    },
    Enter: () => wishes.trying?.page !== undefined && orSay(wishes.take()),
    Escape: () => wishes.cancel(),
    d: () => setZoom("day"),
    k: () => setZoom("week"),
  });
  return (
    <div className="bay wide:grid-cols-[minmax(0,1fr)_330px] grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_300px] grid-rows-[minmax(0,1fr)]">
      <div className="flex min-h-0 flex-col gap-4 overflow-y-auto px-5 py-4" ref={room}>
        <div className="flex flex-wrap items-center gap-2">
          <h1 className="mr-2 text-[22px]">{texts.plan}</h1>
          <Button
            aria-pressed={zoom === "day"}
            keyHint="D"
            kind={zoom === "day" ? "primary" : "plain"}
            onClick={() => setZoom("day")}
          >
            {texts.day}
          </Button>
          <Button
            aria-pressed={zoom === "week"}
            keyHint="K"
            kind={zoom === "week" ? "primary" : "plain"}
            onClick={() => setZoom("week")}
          >
            {texts.week}
          </Button>
          <span className="grow text-center text-[16px] font-bold">
            {day(new Date(first).toISOString())}
            {zoom === "week" && ` – ${day(new Date(daysLater(first, 6)).toISOString())}`}
          </span>
          <Button aria-label={texts.earlier} onClick={() => setFirst(daysLater(first, -days))}>
            ←
          </Button>
          <Button onClick={() => setFirst(startOfDay(firstDay(plan, now)))}>{texts.toToday}</Button>
          <Button aria-label={texts.later} onClick={() => setFirst(daysLater(first, days))}>
            →
          </Button>
        </div>
        <Moved told={plan.told.slice(0, 3)} now={now} />
        <Conflicts plan={plan} now={now} onChoose={choose} />
        {plan.tasks.length === 0 && plan.left.length === 0 && <Empty>{texts.nobodyIsPlanned}</Empty>}
        <div className="border-line flex shrink-0 border-y" role="group" aria-label={texts.drawing}>
          <Labels plan={plan} light={light} zoom={zoom} days={days} width={LABELS} />
          {zoom === "day" ? (
            <DayDrawing {...{ plan, light, now, chosen }} onChoose={choose} onLay={lay} />
          ) : (
            <WeekDrawing {...{ plan, light, days, now, chosen }} onChoose={choose} onLay={lay} />
          )}
        </div>
        <p className="flex flex-wrap gap-x-5">
          <Link to="/plan/minutes" className="inline-flex min-h-11 items-center underline">
            {texts.minutesLink}
          </Link>
          <a href="/api/plan/week.pdf" className="inline-flex min-h-11 items-center underline">
            {texts.print}
          </a>
          <Link to="/house/hours" className="inline-flex min-h-11 items-center underline">
            {texts.hoursLink}
          </Link>
        </p>
        <Panel title={texts.cameras} note={plan.improving ? texts.thinking : undefined}>
          <CamerasDue plan={plan} now={now} />
        </Panel>
        {plan.left.length > 0 && (
          <Panel title={texts.left}>
            <NotInThePlan plan={plan} />
          </Panel>
        )}
        <details onToggle={(event) => setTable(event.currentTarget.open)}>
          <summary className="min-h-11 py-2.5 underline">{texts.tasks}</summary>
          {table && <TaskTable plan={plan} now={now} onChoose={choose} />}
        </details>
      </div>
      <aside className="border-line bg-sheet flex min-h-0 flex-col gap-4 overflow-y-auto border-l px-4 py-4">
        <TaskDetails
          {...{ plan, task, now, skills, waits }}
          trying={wishes.trying}
          onChange={wishes.change}
          onLeave={wishes.leave}
          onTake={() => orSay(wishes.take())}
          onCancel={wishes.cancel}
        />
        <p className="text-soft mt-auto text-[13px]">{texts.keysHere}</p>
      </aside>
    </div>
  );
}

/** Today while anything of it is left, else the day on which work goes on. */
function firstDay(plan: PlanPage, now: number): number {
  const next = plan.tasks.find((one) => one.kind === "HANDS" && Date.parse(one.end) > now);
  return next === undefined ? now : Math.max(now, Date.parse(next.start));
}

function useWidth() {
  const [width, setWidth] = useState(860);
  const room = useRef<HTMLDivElement>(null);
  useLayoutEffect(() => {
    const element = room.current;
    if (element === null || typeof ResizeObserver === "undefined") return;
    const measure = () => setWidth(element.clientWidth - 40);
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return [width, room] as const;
}
