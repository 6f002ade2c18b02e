import { useState } from "react";
import type { Schemas } from "../../api/client";
import { useShopLog } from "../../hands/append";
import { orSay } from "../../hands/notices";
import { Button } from "../../ui/Button";
import { day } from "../../ui/dates";
import { ChoiceField, TextField } from "../../ui/Field";
import { Empty, Panel } from "../../ui/Panel";
import { texts } from "./words";

type HoursPage = Schemas["HoursPage"];
type DaysOff = Schemas["DaysOff"];

/** Days on which somebody, or nobody, works: those to come, the next first. */
export function DaysOffList({ page }: { page: HoursPage }) {
  const say = useShopLog("house");
  const [adding, setAdding] = useState<DaysOff>({ person: "", first: "", last: "", why: "" });
  const today = new Date().toLocaleDateString("sv");
  const coming = page.off.filter((one) => one.last >= today).sort((a, b) => (a.first < b.first ? -1 : 1));
  const set = (daysOff: DaysOff[]) =>
    orSay(say([{ kind: "daysOffSet", daysOff }], texts.savedLabel, page.lastSequence));
  const away = (person: string) =>
    page.off.some(
      (one) => (one.person === "" || one.person === person) && one.first <= today && today <= one.last,
    );
  const inToday = page.hours.map((one) => one.person).filter((person) => !away(person));
  return (
    <Panel title={texts.daysOff}>
      {inToday.length > 0 && (
        <div className="flex flex-wrap items-center gap-2">
          {inToday.map((person) => (
            <Button
              key={person}
              onClick={() => set([...page.off, { person, first: today, last: today, why: "" }])}
            >
              {texts.notInToday(person)}
            </Button>
          ))}
        </div>
      )}
      {coming.length === 0 && <Empty>{texts.noDaysOff}</Empty>}
      <ul>
        {coming.map((one) => (
          <li
            key={`${one.person} ${one.first} ${one.last}`}
            className="border-line/70 flex items-center gap-2 border-b py-1 text-[15px]"
          >
            <span className="min-w-0 flex-1">
              <b>{one.person === "" ? texts.wholeShop : one.person}</b>{" "}
              {one.first === one.last ? day(one.first) : texts.fromTo(day(one.first), day(one.last))}
              {one.why !== "" && <span className="text-soft block text-[14px]">{one.why}</span>}
            </span>
            <Button
              aria-label={texts.removeDays(one.person, one.first)}
              onClick={() => set(page.off.filter((other) => other !== one))}
            >
              ✕
            </Button>
          </li>
        ))}
      </ul>
      <form
        className="grid grid-cols-2 items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (adding.first === "") return;
          set([...page.off, { ...adding, last: adding.last === "" ? adding.first : adding.last }]);
        }}
      >
        <ChoiceField
          label={texts.whoIsOff}
          value={adding.person}
          empty={texts.wholeShop}
          choices={page.hours.map((one) => ({ value: one.person, label: one.person }))}
          onChange={(event) => setAdding({ ...adding, person: event.target.value })}
        />
        <TextField
          label={texts.whyOff}
          value={adding.why}
          onChange={(event) => setAdding({ ...adding, why: event.target.value })}
        />
        <TextField
          label={texts.firstDay}
          type="date"
          value={adding.first}
          onChange={(event) => setAdding({ ...adding, first: event.target.value })}
        />
        <TextField
          label={texts.lastDay}
          type="date"
          value={adding.last}
          onChange={(event) => setAdding({ ...adding, last: event.target.value })}
        />
        <Button type="submit" className="col-span-2" disabled={adding.first === ""}>
          {texts.addDaysOff}
        </Button>
      </form>
    </Panel>
  );
}
