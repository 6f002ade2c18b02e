import type { PlanPage, PlanTask } from "../../api/plan";
import { day, fullHour, moment } from "../../ui/dates";
import { Carried, laneAt, useLift, type Place } from "./Lift";
import type { Light } from "./light";
import { taskWords } from "./reasonWords";
import { Threads } from "./Threads";
import { texts } from "./words";

/** Lane of one person: tall enough for a knuckle. */
const LANE = 72;
const LEAST = 8;
const SCALE = 26;

interface Drawn {
  plan: PlanPage;
  light: Light;
  now: number;
  chosen: string;
  onChoose: (id: string) => void;
  /** A task was laid at another time, or before another person. */
  onLay: (task: PlanTask, at: number, person: string) => void;
}

/** One or two days to scale: the day's light across, a bench for each person with paper tags on it, and below what waits. */
export function DayDrawing({ plan, light, now, chosen, onChoose, onLay }: Drawn) {
  return (
    <div className="relative" style={{ width: light.width }}>
      <Sky light={light} now={now} height={SCALE + plan.people.length * LANE} />
      <Scale light={light} />
      {plan.people.map((person) => (
        <BenchOf
          key={person.name}
          {...{ person, light, now, chosen, onChoose, onLay }}
          tasks={plan.tasks.filter((one) => one.person === person.name)}
        />
      ))}
      <Threads plan={plan} light={light} now={now} chosen={chosen} onChoose={onChoose} />
    </div>
  );
}

/** Where somebody works it is light; nights and free days are folded to a dark strip. */
export function Sky({ light, now, height }: { light: Light; now: number; height: number }) {
  const here = light.x(now);
  return (
    <div className="pointer-events-none absolute inset-x-0 top-0" style={{ height }} aria-hidden="true">
      {light.stretches.map((one) => (
        <div
          key={one.from}
          className={`absolute inset-y-0 ${one.fold ? "bg-earth" : "daylight"}`}
          style={{ left: one.left, width: one.width }}
        >
          {one.fold && one.width < 60 && (
            <svg width="12" height="12" viewBox="0 0 12 12" className="text-soft mx-auto mt-1.5">
              <path
                d="M8.5 8.6A4.6 4.6 0 0 1 4 1.6 5 5 0 1 0 10 8a4.6 4.6 0 0 1-1.5.6Z"
                fill="currentColor"
              />
            </svg>
          )}
        </div>
      ))}
      {now > light.from && now < light.to && (
        <div className="bg-stop absolute inset-y-0 w-[2px]" style={{ left: here - 1 }} />
      )}
    </div>
  );
}

function Scale({ light }: { light: Light }) {
  const hours: number[] = [];
  for (const stretch of light.stretches.filter((one) => !one.fold)) {
    const first = Math.ceil(stretch.from / 3_600_000) * 3_600_000;
    for (let at = first; at <= stretch.to; at += 3_600_000) hours.push(at);
  }
  const every = hours.length > 1 && light.x(hours[1]) - light.x(hours[0]) < 44 ? 2 : 1;
  return (
    <div className="text-soft relative" style={{ height: SCALE }} aria-hidden="true">
      {hours.map((at, index) => (
        <span
          key={at}
          className="absolute bottom-0 border-l pl-1 text-[12.5px] leading-4"
          style={{ left: light.x(at), borderColor: "var(--color-line)" }}
        >
          {index % every === 0 && light.width - light.x(at) > 46 && (
            <span className="num">{fullHour(at)}</span>
          )}
        </span>
      ))}
      {light.stretches.every((one) => one.fold) && (
        <span className="absolute inset-x-0 text-center">
          {day(new Date(light.from).toISOString())}, {texts.closed}
        </span>
      )}
    </div>
  );
}

function BenchOf({
  person,
  tasks,
  light,
  now,
  chosen,
  onChoose,
  onLay,
}: Omit<Drawn, "plan"> & { person: PlanPage["people"][number]; tasks: PlanTask[] }) {
  const away = breaksOf(person.windows, light);
  return (
    <div className="border-line relative border-t" style={{ height: LANE }} data-person={person.name}>
      {away.map((one) => (
        <div
          key={one.from}
          aria-hidden="true"
          className="bg-earth/70 absolute inset-y-0"
          style={{ left: one.from, width: one.to - one.from }}
        />
      ))}
      <ul className="contents">
        {tasks
          .filter((one) => Date.parse(one.end) > light.from && Date.parse(one.start) < light.to)
          .map((task) => (
            <Slip
              key={task.id}
              task={task}
              light={light}
              now={now}
              chosen={chosen === task.id}
              onChoose={onChoose}
              onLay={onLay}
            />
          ))}
      </ul>
    </div>
  );
}

/** The stretches of the drawing in which a person does not work, though somebody does. */
function breaksOf(windows: { start: string; end: string }[], light: Light) {
  const gaps: { from: number; to: number }[] = [];
  for (const stretch of light.stretches.filter((one) => !one.fold)) {
    let at = stretch.from;
    for (const one of windows) {
      const start = Date.parse(one.start);
      const end = Date.parse(one.end);
      if (end <= stretch.from || start >= stretch.to) continue;
      if (start > at) gaps.push({ from: light.x(at), to: light.x(start) });
      at = Math.max(at, end);
    }
    if (at < stretch.to) gaps.push({ from: light.x(at), to: light.x(stretch.to) });
  }
  return gaps;
}

function Slip({
  task,
  light,
  now,
  chosen,
  onChoose,
  onLay,
}: {
  task: PlanTask;
  light: Light;
  now: number;
  chosen: boolean;
  onChoose: (id: string) => void;
  onLay: Drawn["onLay"];
}) {
  const under = (left: number, y: number): Place | undefined => {
    const lane = laneAt(left, y);
    return lane === undefined
      ? undefined
      : {
          at: wholeMinutes(light.at(left - lane.getBoundingClientRect().left)),
          person: lane.dataset.person ?? "",
        };
  };
  const lift = useLift(under, (place) => onLay(task, place.at, place.person), task.runs);
  const from = Math.max(
    light.x(Date.parse(task.start)),
    task.runs ? light.x(Math.min(now, Date.parse(task.end))) - LEAST : 0,
  );
  const width = Math.max(LEAST, light.x(Date.parse(task.end)) - from);
  const fixed = task.wish.at !== undefined;
  const look = task.runs
    ? "fill-mark-wash stroke-mark-line"
    : task.first.kind === "LATE"
      ? "fill-stop-wash stroke-stop"
      : "fill-ready-wash stroke-ready";
  return (
    <li className="absolute" style={{ left: from, top: 6, width, height: LANE - 12 }}>
      <button
        type="button"
        id={`task-${task.id}`}
        {...lift.props}
        aria-pressed={chosen}
        aria-label={texts.taskAt(
          taskWords(task),
          `${task.tag} ${task.camera}`,
          moment(task.start, now),
          moment(task.end, now),
        )}
        title={`${task.tag} ${taskWords(task)}`}
        onClick={() => onChoose(task.id)}
        className={`relative block h-full w-full touch-pan-y overflow-hidden ${task.runs ? "" : "cursor-grab"} rounded-[3px] text-left ${chosen ? "outline-ink z-10 outline-2" : ""} ${lift.lifted === undefined ? "" : "opacity-50"}`}
      >
        <TagShape width={width} height={LANE - 12} look={look} />
        {fixed && (
          <span
            className="bg-ink absolute right-[3px] bottom-[3px] h-[9px] w-[3px] rounded-full"
            aria-hidden="true"
          />
        )}
        {width >= 52 ? (
          <span className="relative block">
            <span className="num block truncate pt-px pl-[17px] text-[12.5px] leading-[18px] font-bold">
              {width >= 78 ? task.tag : task.tag.replace("R-", "")}
            </span>
            <span className="block pr-1 pl-[7px] text-[12.5px] leading-[14px] [overflow-wrap:anywhere]">
              {task.words}
            </span>
          </span>
        ) : width >= 17 ? (
          <span className="num absolute top-[19px] left-1/2 -translate-x-1/2 text-[11.5px] leading-[12px] font-bold [writing-mode:vertical-rl]">
            {task.tag.replace("R-", "")}
          </span>
        ) : null}
      </button>
      {lift.lifted !== undefined && (
        <Carried
          at={lift.lifted}
          words={`${task.tag} ${taskWords(task)}`}
          where={
            lift.place === undefined
              ? texts.nowhereToLay
              : texts.layHere(lift.place.person, moment(new Date(lift.place.at).toISOString(), now))
          }
        />
      )}
    </li>
  );
}

/** A moment to five minutes, as a tag is laid by hand. */
const wholeMinutes = (at: number) => Math.round(at / 300_000) * 300_000;

/** A paper tag as wide as the work is long; where there is room, with its hole. */
function TagShape({ width, height, look }: { width: number; height: number; look: string }) {
  const cut = Math.min(9, width / 3);
  return (
    <svg width={width} height={height} className="absolute inset-0" aria-hidden="true">
      <path
        d={`M${cut} .7H${width - 2.7}a2 2 0 0 1 2 2V${height - 2.7}a2 2 0 0 1-2 2H${cut}L.7 ${height - cut}V${cut}Z`}
        className={look}
        strokeWidth="1.2"
      />
      {width >= 15 && <circle cx={Math.min(10, width / 2)} cy="10" r="3" className="fill-mat stroke-metal" />}
    </svg>
  );
}
