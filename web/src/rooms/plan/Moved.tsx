import type { Schemas } from "../../api/client";
import { day, moment } from "../../ui/dates";
import { texts } from "./words";

type Told = Schemas["PlanTold"];

/** What moved in the plan and after what, in one line each. */
export function Moved({ told, now }: { told: Told[]; now: number }) {
  if (told.length === 0) return null;
  return (
    <ul className="flex flex-col gap-1" aria-label={texts.moved}>
      {told.map((one) => (
        <li
          key={one.at}
          className={`rounded-[4px] px-2 py-1 text-[14px] leading-[19px] ${one.moved.done.some((done) => done.late) ? "bg-stop-wash text-stop" : "bg-sunk"}`}
        >
          <span className="num">{moment(one.at, now)}</span> {cause(one)}: {line(one, now)}
        </li>
      ))}
    </ul>
  );
}

function cause({ log }: Told): string {
  switch (log) {
    case undefined:
      return texts.becauseTime;
    case "house":
    case "knowledge":
      return texts.becauseHouse;
    case "shelf":
      return texts.becauseShelf;
    default:
      return texts.becauseLog(log);
  }
}

/** The worst of it first, and how much more there is. */
export function line(told: Told, now: number): string {
  const { done, soon } = told.moved;
  const all = [
    ...done.map((one) => {
      const camera = `${one.tag} ${one.camera}`;
      if (one.is === undefined) return texts.noLongerPlanned(camera);
      if (one.late) return texts.movedLate(camera, day(one.is));
      return one.was === undefined
        ? texts.doneNow(camera, day(one.is))
        : texts.movedDone(camera, day(one.was), day(one.is));
    }),
    ...soon.map(
      (one) =>
        texts.movedSoon(one.words, one.tag, moment(one.was, now), moment(one.is, now)) +
        (one.by !== undefined && one.by !== one.byBefore ? texts.byOther(one.by) : ""),
    ),
  ];
  const shown = all.slice(0, 2).join("; ");
  return all.length > 2 ? `${shown}; ${texts.andMore(all.length - 2)}` : shown;
}
