import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { useAppend } from "../../hands/append";
import type { Schemas } from "../../api/client";
import { useNow } from "../../api/clock";
import { waitsQuery } from "../../api/queries";
import { bellMuted } from "../../hands/bell";
import { orSay } from "../../hands/notices";
import { Button } from "../../ui/Button";
import { moment, untilWords } from "../../ui/dates";
import { Tick } from "../../ui/Field";
import { PaperTag } from "../../ui/PaperTag";
import { Empty, Panel } from "../../ui/Panel";
import { beginning, ending } from "../treat";
import { StateMark } from "../../ui/State";
import { texts } from "./words";

type ShopWait = Schemas["ShopWait"];
type Use = Schemas["StationUse"];

/** Everything that soaks, dries or rests in the shop, by time, and the places it lies in. */
export function Waits() {
  const view = useQuery(waitsQuery).data;
  const now = useNow();
  const [silent, setSilent] = useState(bellMuted.read);
  if (view === undefined) return null;
  return (
    <div className="bay wide:grid-cols-[minmax(0,1fr)_320px] grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_280px]">
      <div className="min-h-0 overflow-y-auto px-5 py-4">
        <h1 className="pb-3 text-[22px]">{texts.waits}</h1>
        {view.waits.length === 0 && <Empty>{texts.nothingIsSoakingDryingOr}</Empty>}
        <ul className="flex flex-col">
          {view.waits.map((wait) => (
            <OneWait key={wait.running.id} wait={wait} now={now} />
          ))}
        </ul>
      </div>
      <aside className="border-line bg-sheet flex min-h-0 flex-col gap-5 overflow-y-auto border-l px-4 py-4">
        <Panel title={texts.stations} note={texts.editInSettings}>
          <ul>
            {view.stations.map((use) => (
              <StationRow key={use.name} use={use} now={now} />
            ))}
          </ul>
        </Panel>
        <Panel title={texts.bell}>
          <Tick
            label={texts.silentOnThisComputer}
            checked={silent}
            onChange={(event) => {
              bellMuted.write(event.target.checked);
              setSilent(event.target.checked);
            }}
          />
          <p className="text-soft text-[14px]">{texts.itRingsOnceForEach}</p>
        </Panel>
      </aside>
    </div>
  );
}

function OneWait({ wait, now }: { wait: ShopWait; now: number }) {
  const append = useAppend(wait.tag);
  const { running, then } = wait;
  const over = Date.parse(running.endsAt) <= now;
  const late = running.latestAt !== undefined && Date.parse(running.latestAt) <= now;
  const end = (next: boolean) =>
    orSay(
      append(
        [ending(running.id, over), ...(next && then !== undefined ? [beginning(then, running.part)] : [])],
        { said: next ? texts.doneAndStarted(then?.label) : over ? texts.notedAsFinished : texts.endedEarly },
      ),
    );
  const about = `${running.what.words}, ${wait.tag}`;
  return (
    <li
      className={`border-line/70 grid grid-cols-[112px_16px_minmax(0,1fr)_190px_150px] items-center gap-4 border-b py-2.5 pl-3 ${late ? "border-l-stop bg-stop-wash/50 border-l-4" : over ? "border-l-mark-line bg-mark-wash/60 border-l-4" : "border-l-4 border-l-transparent"}`}
    >
      <span className="num text-[19px] font-bold">
        {over ? (late ? texts.tooLate : texts.finished) : untilWords(running.endsAt, now)}
        <span className="text-soft block text-[13px] font-normal">
          {over ? texts.since : texts.until} {moment(running.endsAt, now)}
        </span>
      </span>
      <StateMark mark={late ? "not" : over ? "wait" : "open"} />
      <span className="min-w-0 flex-1">
        <b className="block text-[16.5px]">{running.what.words}</b>
        <span className="text-soft block">
          {running.part ?? texts.theWholeCamera}
          {running.station !== "" &&
            running.station.toLowerCase() !== running.what.words.toLowerCase() &&
            texts.inThe(running.station)}
          {running.latestAt !== undefined && !late && texts.continueBefore(moment(running.latestAt, now))}
        </span>
        {late && running.late !== "" && <b className="text-stop block">{running.late}</b>}
      </span>
      <Link to={`/camera/${wait.tag}/clean`} className="flex min-w-0 flex-col gap-0.5">
        <PaperTag tag={wait.tag} />
        <span className="truncate text-[14px]">{wait.camera}</span>
      </Link>
      <span className="flex flex-col gap-1.5">
        {over && then !== undefined && (
          <Button kind="primary" about={about} onClick={() => end(true)}>
            {texts.doneStart(then.label)}
          </Button>
        )}
        <Button
          kind={over && then === undefined ? "primary" : "plain"}
          about={about}
          onClick={() => end(false)}
        >
          {over ? texts.done : texts.endEarly}
        </Button>
      </span>
    </li>
  );
}

function StationRow({ use, now }: { use: Use; now: number }) {
  return (
    <li className="border-line/70 flex items-center gap-3 border-b py-2">
      <span className="min-w-0 flex-1">
        <b>{use.name}</b>
        <span className="text-soft block text-[14px]">
          {use.freeAt === undefined
            ? texts.free(use.capacity - use.held)
            : Date.parse(use.freeAt) <= now
              ? texts.fullTakeOutWhatHas
              : texts.fullFreeAt(moment(use.freeAt, now))}
        </span>
      </span>
      <span className="flex gap-1" aria-hidden="true">
        {Array.from({ length: use.capacity }, (_, index) => (
          <span
            key={index}
            className={`border-metal block size-4 rounded-[3px] border ${index < use.held ? "bg-mark-line" : "bg-sheet"}`}
          />
        ))}
      </span>
      <span className="num w-9 text-right">
        {use.held}/{use.capacity}
      </span>
    </li>
  );
}
