import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import type { Schemas } from "../../api/client";
import { hoursQuery } from "../../api/plan";
import { useShopLog } from "../../hands/append";
import { orSay } from "../../hands/notices";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/Field";
import { Panel } from "../../ui/Panel";
import { Calendars } from "./Calendars";
import { DaysOffList } from "./DaysOffList";
import { DAYS, dayWords, readHours, typedOf, type Day, type Hours as HoursOf } from "./weekHours";
import { texts } from "./words";

type HoursPage = Schemas["HoursPage"];

/** When who works, at what, and on which days not. */
export function Hours() {
  const page = useQuery(hoursQuery).data;
  if (page === undefined) return null;
  return (
    <div className="bay wide:grid-cols-[minmax(0,1fr)_400px] grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_340px] content-start gap-x-8 gap-y-5 overflow-y-auto px-5 py-4">
      <div className="col-span-2 flex items-baseline gap-4">
        <h1 className="text-[22px]">{texts.hoursAndDaysOff}</h1>
        <Link to="/house" className="inline-flex min-h-11 items-center underline">
          {texts.settings}
        </Link>
      </div>
      <div className="flex flex-col gap-6">
        {page.hours.map((one) => (
          <Person key={`${one.person} ${JSON.stringify(one)}`} hours={one} page={page} />
        ))}
        <p className="text-soft text-[14px]">{texts.peopleAreEnteredInSettings}</p>
      </div>
      <div className="flex flex-col gap-6">
        <DaysOffList key={JSON.stringify(page.off)} page={page} />
        <BellBefore page={page} />
        <Calendars page={page} />
      </div>
    </div>
  );
}

function Person({ hours, page }: { hours: HoursOf; page: HoursPage }) {
  const say = useShopLog("house");
  const [typed, setTyped] = useState(() => typedOf(hours));
  const [bad, setBad] = useState<Day>();
  const before = typedOf(hours);
  const changed = JSON.stringify(typed) !== JSON.stringify(before);
  const set = (day: Day, value: string) => setTyped({ ...typed, days: { ...typed.days, [day]: value } });
  const save = async () => {
    const read = readHours(typed);
    if ("day" in read) {
      setBad(read.day);
      return;
    }
    setBad(undefined);
    await say([{ kind: "hoursSet", hours: read.hours }], texts.savedLabel, page.lastSequence);
  };
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        orSay(save());
      }}
    >
      <Panel title={hours.person} note={weekWords(hours)}>
        <div className="grid grid-cols-[repeat(auto-fill,minmax(210px,1fr))] gap-x-3 gap-y-1.5">
          {DAYS.map((day) => (
            <TextField
              key={day}
              label={texts.weekday(day)}
              aria-label={`${texts.weekday(day)}, ${hours.person}`}
              value={typed.days[day]}
              placeholder={texts.free}
              aria-invalid={bad === day ? true : undefined}
              hint={bad === day ? texts.writeHoursLike : undefined}
              onChange={(event) => set(day, event.target.value)}
            />
          ))}
          <Button
            className="self-end"
            about={hours.person}
            onClick={() =>
              setTyped({
                ...typed,
                days: {
                  ...typed.days,
                  ...Object.fromEntries(DAYS.slice(1, 5).map((one) => [one, typed.days.MONDAY])),
                },
              })
            }
          >
            {texts.sameMondayToFriday}
          </Button>
        </div>
        <TextField
          label={texts.skillsLabel}
          aria-label={`${texts.skillsLabel}, ${hours.person}`}
          value={typed.skills}
          placeholder={texts.allWork}
          hint={texts.skillsHint}
          onChange={(event) => setTyped({ ...typed, skills: event.target.value })}
        />
        {changed && (
          <div className="flex gap-2">
            <Button kind="primary" type="submit" about={hours.person}>
              {texts.save}
            </Button>
            <Button onClick={() => setTyped(before)}>{texts.reset}</Button>
          </div>
        )}
      </Panel>
    </form>
  );
}

function weekWords(hours: HoursOf): string {
  const minutes = Object.values(hours.week)
    .flat()
    .reduce((sum, one) => {
      const clock = (time: string) => Number(time.slice(0, 2)) * 60 + Number(time.slice(3, 5));
      const to = clock(one.to);
      return sum + (to === 0 ? 1440 : to) - clock(one.from);
    }, 0);
  const first = DAYS.find((day) => dayWords(hours.week[day]) !== "");
  return first === undefined ? texts.worksNever : texts.hoursAWeek(Math.round(minutes / 6) / 10);
}

function BellBefore({ page }: { page: HoursPage }) {
  const say = useShopLog("house");
  const [typed, setTyped] = useState(String(page.bellMinutes));
  const save = () =>
    Number(typed) === page.bellMinutes || Number.isNaN(Number(typed))
      ? undefined
      : orSay(say([{ kind: "bellSet", minutesBefore: Number(typed) }], texts.savedLabel, page.lastSequence));
  return (
    <Panel title={texts.bellBeforeClosing}>
      <TextField
        label={texts.bellMinutes}
        inputMode="numeric"
        value={typed}
        hint={texts.bellHint}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={save}
      />
    </Panel>
  );
}
