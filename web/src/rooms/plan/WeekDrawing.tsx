import type { PlanCamera, PlanPage, PlanTask } from "../../api/plan";
import { day, minutesWords } from "../../ui/dates";
import { chanceWords } from "./chance";
import { Sky } from "./DayDrawing";
import { Carried, laneAt, useLift, type Place } from "./Lift";
import { daysLater, openOn, startOfDay, type Light } from "./light";
import { Threads } from "./Threads";
import { texts } from "./words";

const HEAD = 26;
const ROW = 21;
const MOST = 9;

/** What somebody does at one camera on one day. */
interface Bundle {
  tag: string;
  camera: string;
  first: PlanTask;
  minutes: number;
  late: boolean;
}

/** A week: each day a sheet of light for each person, with the tags of the day in their order, and how full it is. */
export function WeekDrawing({
  plan,
  light,
  days,
  now,
  chosen,
  onChoose,
  onLay,
}: {
  plan: PlanPage;
  light: Light;
  days: number;
  now: number;
  chosen: string;
  onChoose: (id: string) => void;
  onLay: (task: PlanTask, at: number, person: string) => void;
}) {
  const sheets = sheetsOf(plan, light, days);
  const rows = rowsOf(plan, sheets);
  const height = HEAD + rows.reduce((sum, one) => sum + one, 0);
  return (
    <div className="relative" style={{ width: light.width }}>
      <Sky light={light} now={now} height={height} />
      <div className="relative" style={{ height: HEAD }}>
        {sheets.map((one) => (
          <span
            key={one.start}
            className={`absolute truncate pl-1.5 text-[13.5px] leading-[26px] ${startOfDay(now) === startOfDay(one.start) ? "font-bold" : ""}`}
            style={{ left: one.left, width: one.width }}
          >
            {day(new Date(one.start).toISOString())}
          </span>
        ))}
      </div>
      {plan.people.map((person, index) => (
        <div key={person.name} className="border-line relative border-t" style={{ height: rows[index] }}>
          {sheets.map((sheet) => {
            const bundles = bundlesOf(plan, person.name, sheet);
            return (
              <div
                key={sheet.start}
                className="absolute inset-y-0 overflow-hidden px-1 pt-1"
                style={{ left: sheet.left, width: sheet.width }}
                data-person={person.name}
                data-start={Math.max(sheet.start, now)}
              >
                <ul className="flex flex-col">
                  {bundles.slice(0, MOST).map((one) => (
                    <BundleTag
                      key={one.tag}
                      bundle={one}
                      chosen={chosen.startsWith(`${one.tag}/`)}
                      short={sheet.width < 80}
                      {...{ onChoose, onLay }}
                    />
                  ))}
                  {bundles.length > MOST && (
                    <li className="text-soft pl-1 text-[13px]">{texts.andMore(bundles.length - MOST)}</li>
                  )}
                  {bundles.length === 0 && (
                    <li className="text-soft pl-1 text-[13px]">{texts.nothingThisDay}</li>
                  )}
                </ul>
                <Full person={person} sheet={sheet} bundles={bundles} />
              </div>
            );
          })}
        </div>
      ))}
      <Threads plan={plan} light={light} now={now} chosen={chosen} onChoose={onChoose} />
      <Promises plan={plan} light={light} days={days} />
    </div>
  );
}

function BundleTag({
  bundle,
  chosen,
  short,
  onChoose,
  onLay,
}: {
  bundle: Bundle;
  chosen: boolean;
  short: boolean;
  onChoose: (id: string) => void;
  onLay: (task: PlanTask, at: number, person: string) => void;
}) {
  const { first, tag } = bundle;
  const under = (x: number, y: number): Place | undefined => {
    const sheet = laneAt(x, y);
    return sheet === undefined
      ? undefined
      : { at: Number(sheet.dataset.start), person: sheet.dataset.person ?? "" };
  };
  const lift = useLift(under, (place) => onLay(first, place.at, place.person), first.runs);
  return (
    <li>
      <button
        type="button"
        {...lift.props}
        onClick={() => onChoose(first.id)}
        aria-pressed={chosen}
        title={bundle.camera}
        className={`flex w-full cursor-grab touch-pan-y items-baseline gap-1.5 rounded-[3px] border-l-4 pl-1 text-left text-[13px] leading-[20px] ${bundle.late ? "border-stop" : "border-ready"} ${chosen ? "bg-ready-wash outline-ink outline-2" : "hover:bg-sunk"}`}
      >
        <b className="num shrink-0">{short ? tag.replace("R-", "") : tag}</b>{" "}
        <span className="text-soft truncate">{shortSpan(bundle.minutes)}</span>
      </button>
      {lift.lifted !== undefined && (
        <Carried
          at={lift.lifted}
          words={`${tag} ${bundle.camera}`}
          where={
            lift.place === undefined
              ? texts.nowhereToLay
              : texts.layHere(lift.place.person, day(new Date(lift.place.at).toISOString()))
          }
        />
      )}
    </li>
  );
}

export interface Sheet {
  start: number;
  end: number;
  left: number;
  width: number;
}

export function sheetsOf(plan: PlanPage, light: Light, days: number): Sheet[] {
  const windows = plan.people.flatMap((one) => one.windows);
  return Array.from({ length: days }, (_, index) => openOn(windows, daysLater(light.from, index))).flatMap(
    (open) =>
      open === undefined
        ? []
        : [{ ...open, left: light.x(open.start), width: light.x(open.end) - light.x(open.start) }],
  );
}

/** How tall each person's row is: as many tags as the fullest day has. */
export function rowsOf(plan: PlanPage, sheets: Sheet[]): number[] {
  return plan.people.map((person) => {
    const most = Math.max(1, ...sheets.map((sheet) => bundlesOf(plan, person.name, sheet).length));
    return Math.min(MOST + 1, most) * ROW + 16;
  });
}

/** A span as short as it can be read. */
const shortSpan = (minutes: number) =>
  minutes < 60
    ? minutesWords(minutes)
    : `${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, "0")}`;

export const WEEK_HEAD = HEAD;

function bundlesOf(plan: PlanPage, person: string, sheet: Sheet): Bundle[] {
  const bundles = new Map<string, Bundle>();
  for (const task of plan.tasks) {
    const start = Date.parse(task.start);
    if (task.person !== person || start >= sheet.end || Date.parse(task.end) <= sheet.start) continue;
    if (start < startOfDay(sheet.start) && !task.runs) continue;
    const minutes = (Date.parse(task.end) - Math.max(start, sheet.start)) / 60_000;
    const before = bundles.get(task.tag);
    if (before === undefined)
      bundles.set(task.tag, {
        tag: task.tag,
        camera: task.camera,
        first: task,
        minutes,
        late: task.first.kind === "LATE",
      });
    else before.minutes += minutes;
  }
  return [...bundles.values()].map((one) => ({ ...one, minutes: Math.round(one.minutes) }));
}

/** How much of the day is taken. */
function Full({
  person,
  sheet,
  bundles,
}: {
  person: PlanPage["people"][number];
  sheet: Sheet;
  bundles: Bundle[];
}) {
  const there = person.windows
    .map((one) => Math.min(Date.parse(one.end), sheet.end) - Math.max(Date.parse(one.start), sheet.start))
    .filter((one) => one > 0)
    .reduce((sum, one) => sum + one / 60_000, 0);
  const taken = bundles.reduce((sum, one) => sum + one.minutes, 0);
  if (there === 0) return null;
  return (
    <div
      className="bg-earth absolute inset-x-1 bottom-1 h-[5px] rounded-full"
      role="img"
      aria-label={texts.fullness(minutesWords(Math.round(taken)), minutesWords(Math.round(there)))}
    >
      <div
        className="bg-ready h-full rounded-full"
        style={{ width: `${Math.min(100, (100 * taken) / there)}%` }}
      />
    </div>
  );
}

/** The promised days of the week, with the chance that each is kept. */
function Promises({ plan, light, days }: { plan: PlanPage; light: Light; days: number }) {
  const all = Array.from({ length: days }, (_, index) => daysLater(light.from, index)).map((start) => ({
    start,
    cameras: plan.cameras.filter(
      (one) => one.promised !== undefined && dayOf(one.promised) === startOfDay(start),
    ),
  }));
  if (all.every((one) => one.cameras.length === 0)) return null;
  return (
    <ul className="relative flex min-h-[34px] flex-wrap gap-2 py-1.5" aria-label={texts.promises}>
      {all.flatMap(({ start, cameras }) =>
        cameras.map((one) => (
          <li
            key={one.tag}
            className="bg-sheet border-line flex items-center gap-2 rounded-[4px] border px-2 text-[13px] leading-[24px]"
          >
            <span className="text-soft">{day(new Date(start).toISOString())}</span>
            <b className="num">{one.tag}</b>
            <Chance camera={one} />
          </li>
        )),
      )}
    </ul>
  );
}

export const dayOf = (iso: string) => {
  const [year, month, date] = iso.split("-").map(Number);
  return new Date(year, month - 1, date).getTime();
};

/** The chance that a promised day is kept, in words and colour. */
export function Chance({ camera }: { camera: PlanCamera }) {
  const chance = camera.forecast?.chance;
  if (chance === undefined) return <span className="text-soft">–</span>;
  const look = chance < 0.5 ? "text-stop font-bold" : chance < 0.8 ? "text-mark font-bold" : "text-done";
  return <span className={`num ${look}`}>{chanceWords(chance)}</span>;
}
