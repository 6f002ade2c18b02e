import type { PlanPage, PlanTask } from "../../api/plan";
import { moment } from "../../ui/dates";
import type { Light } from "./light";
import { texts } from "./words";

const ROW = 30;

/** What waits, by the place in which it lies: a thread from the moment it is put in to the clock at which it is over. */
export function Threads({
  plan,
  light,
  now,
  chosen,
  onChoose,
}: {
  plan: PlanPage;
  light: Light;
  now: number;
  chosen: string;
  onChoose: (id: string) => void;
}) {
  return (
    <div className="border-ink border-t-2">
      {placesOf(plan, light).map((place) => (
        <ul
          key={place.name}
          aria-label={place.name === "" ? texts.elsewhere : place.name}
          className="border-line relative border-b"
          style={{ height: place.rows * ROW + 6 }}
        >
          {place.lying.map(({ task, row }) => (
            <Thread
              key={task.id}
              {...{ task, light, now, onChoose }}
              chosen={chosen === task.id}
              top={3 + row * ROW}
            />
          ))}
        </ul>
      ))}
    </div>
  );
}

export interface Place {
  name: string;
  capacity: number;
  rows: number;
  lying: { task: PlanTask; row: number }[];
}

/** Stations with what lies in them in these days, each thing in a row of its own while it does; and what lies in none. */
export function placesOf(plan: PlanPage, light: Light): Place[] {
  const waits = plan.tasks.filter(
    (one) => one.kind !== "HANDS" && Date.parse(one.end) > light.from && Date.parse(one.start) < light.to,
  );
  const names = [...plan.stations.map((one) => one.name), ""];
  return names
    .map((name) => {
      const ends: number[] = [];
      const its = waits
        .filter((one) =>
          name === ""
            ? !plan.stations.some((station) => same(station.name, one.station))
            : same(name, one.station),
        )
        .sort((a, b) => Date.parse(a.start) - Date.parse(b.start));
      const lying = its.map((task) => {
        const spot = spotOf(task, light);
        const free = ends.findIndex((end) => end <= spot.left);
        const row = free < 0 ? ends.length : free;
        // the next must not be written over a name
        ends[row] = spot.left + spot.width;
        return { task, row };
      });
      const capacity = plan.stations.find((one) => one.name === name)?.capacity ?? 0;
      return { name, capacity, rows: Math.max(1, ends.length), lying };
    })
    .filter((one) => one.lying.length > 0 || one.name !== "");
}

/** Room that the name beside a thread takes, in a drawing that cannot measure it. */
const nameWidth = (task: PlanTask) => 44 + task.words.length * 6.4;

/** Where a thread and its name stand: within the drawing, the name before the thread where that begins too far right. */
function spotOf(task: PlanTask, light: Light) {
  const from = light.x(Date.parse(task.start));
  const left = Math.max(0, Math.min(from, light.width - nameWidth(task)));
  const to = light.x(Date.parse(task.end)) + 8;
  return { left, width: Math.min(light.width - left, Math.max(to - left, nameWidth(task))) };
}

const same = (one: string, other: string) => one.toLowerCase() === other.toLowerCase();

function Thread({
  task,
  light,
  now,
  chosen,
  top,
  onChoose,
}: {
  task: PlanTask;
  light: Light;
  now: number;
  chosen: boolean;
  top: number;
  onChoose: (id: string) => void;
}) {
  const from = light.x(Date.parse(task.start));
  const to = light.x(Date.parse(task.end));
  const comes = task.kind === "ARRIVAL";
  const guessed = task.notEarlier?.kind === "AFTER_GUESS";
  const { left, width } = spotOf(task, light);
  return (
    <li className="absolute" style={{ left, top, width, height: ROW - 2 }}>
      <button
        type="button"
        id={`task-${task.id}`}
        aria-pressed={chosen}
        onClick={() => onChoose(task.id)}
        aria-label={texts.taskAt(
          task.words,
          `${task.tag} ${task.camera}`,
          moment(task.start, now),
          moment(task.end, now),
        )}
        title={`${task.tag} ${task.words}, ${moment(task.end, now)}`}
        className={`relative block h-full w-full overflow-hidden rounded-[3px] text-left ${chosen ? "outline-ink outline-2" : ""}`}
      >
        <span
          className={`border-mark-line absolute top-[19px] border-b-2 ${comes || guessed ? "border-dashed" : ""}`}
          style={{ left: from - left, width: Math.max(to - from, 2) }}
          aria-hidden="true"
        />
        <span className="absolute inset-x-0 top-0 truncate pl-0.5 text-[12.5px] leading-[18px]">
          <span className="num font-bold">{task.tag.replace("R-", "")}</span> {task.words}
        </span>
        {Date.parse(task.end) <= light.to && (
          <Clock at={task.end} left={Math.min(width - 7, Math.max(7, to - left))} />
        )}
      </button>
    </li>
  );
}

/** A small clock whose hands show when it is over. */
function Clock({ at, left }: { at: string; left: number }) {
  const date = new Date(at);
  const minute = (date.getMinutes() / 60) * 2 * Math.PI;
  const hour = (((date.getHours() % 12) + date.getMinutes() / 60) / 12) * 2 * Math.PI;
  const hand = (angle: number, length: number) =>
    `M7 7L${7 + length * Math.sin(angle)} ${7 - length * Math.cos(angle)}`;
  return (
    <svg
      width="14"
      height="14"
      viewBox="0 0 14 14"
      className="absolute top-[13px]"
      style={{ left: left - 7 }}
      aria-hidden="true"
    >
      <circle cx="7" cy="7" r="6" className="fill-sheet stroke-mark-line" strokeWidth="1.4" />
      <path d={`${hand(minute, 4.6)}${hand(hour, 3)}`} className="stroke-ink" strokeWidth="1.2" fill="none" />
    </svg>
  );
}
