import { useState } from "react";
import { answer, server, type Schemas } from "../../api/client";
import { useShopLog } from "../../hands/append";
import { orSay } from "../../hands/notices";
import { ChoiceField } from "../../ui/Field";
import { Panel } from "../../ui/Panel";
import { texts } from "./words";

type HoursPage = Schemas["HoursPage"];

/** The plan as a calendar file to take elsewhere, and holidays from one. */
export function Calendars({ page }: { page: HoursPage }) {
  const say = useShopLog("house");
  const [person, setPerson] = useState("");
  const take = async (file: File) => {
    const read = await answer(
      server.POST("/api/hours/calendar", {
        params: { query: { person } },
        body: await file.text(),
        bodySerializer: (body: string) => body,
        headers: { "Content-Type": "text/calendar" },
      }),
    );
    const key = (one: Schemas["DaysOff"]) => `${one.person} ${one.first} ${one.last}`;
    const known = new Set(page.off.map(key));
    const fresh = read.filter((one) => !known.has(key(one)));
    if (fresh.length > 0)
      await say(
        [{ kind: "daysOffSet", daysOff: [...page.off, ...fresh] }],
        texts.daysTaken(fresh.length),
        page.lastSequence,
      );
  };
  return (
    <Panel title={texts.calendars}>
      <p className="text-soft text-[14px]">{texts.calendarOutHint}</p>
      <ul className="flex flex-wrap gap-2">
        {page.hours.map((one) => (
          <li key={one.person}>
            <a
              className="border-line bg-sheet inline-flex min-h-11 items-center rounded-[4px] border px-3.5"
              href={`/api/plan/calendar.ics?person=${encodeURIComponent(one.person)}`}
              download
            >
              {texts.calendarOf(one.person)}
            </a>
          </li>
        ))}
        <li>
          <a
            className="border-line bg-sheet inline-flex min-h-11 items-center rounded-[4px] border px-3.5"
            href="/api/plan/calendar.ics"
            download
          >
            {texts.calendarOfAll}
          </a>
        </li>
      </ul>
      <p className="text-soft pt-2 text-[14px]">{texts.calendarInHint}</p>
      <div className="grid grid-cols-2 items-end gap-2">
        <ChoiceField
          label={texts.daysOffOf}
          value={person}
          empty={texts.wholeShop}
          choices={page.hours.map((one) => ({ value: one.person, label: one.person }))}
          onChange={(event) => setPerson(event.target.value)}
        />
        <label className="border-line bg-sheet hover:border-ink focus-within:outline-focus relative flex min-h-11 cursor-pointer items-center justify-center rounded-[4px] border px-3.5 focus-within:outline-3">
          {texts.chooseCalendar}
          <input
            type="file"
            accept=".ics,text/calendar"
            className="sr-only"
            onChange={(event) => {
              const file = event.target.files?.[0];
              event.target.value = "";
              if (file !== undefined) orSay(take(file));
            }}
          />
        </label>
      </div>
    </Panel>
  );
}
