import { Button } from "../../ui/Button";
import { Empty } from "../../ui/Panel";
import { TaughtWords } from "./TaughtWords";
import { TRADE_FORMS } from "./tradeForms";
import type { Tables } from "./tables";
import { texts } from "./words";

/** Which entry is open: the list it stands in, and its id; "new" for one that is not there yet. */
export interface Opened {
  list: keyof typeof TRADE_FORMS;
  id: string;
}

/** The short lists of the trade at the left, the one that is open as a form at the right. */
export function TradeWords({
  tables,
  opened,
  onOpen,
}: {
  tables: Tables;
  opened?: Opened;
  onOpen: (opened?: Opened) => void;
}) {
  const { lists } = tables;
  const groups: {
    title: string;
    list: Opened["list"];
    entries: { id: string; label: string; note: string }[];
  }[] = [
    {
      title: texts.wordsInPartNames,
      list: "words",
      entries: lists.words.map((one) => ({ ...one, note: one.words.join(", ") })),
    },
    {
      title: texts.checkedAtIntake,
      list: "functions",
      entries: lists.functions.map((one) => ({
        ...one,
        note: one.functions.map((each) => each.words).join(", "),
      })),
    },
    {
      title: texts.stuckFastenersGentlestFirst,
      list: "rungs",
      entries: lists.rungs.map((one) => ({ ...one, note: one.how })),
    },
    {
      title: texts.cellsForLightMeters,
      list: "cells",
      entries: lists.cells.map((one) => ({ ...one, note: texts.toV(one.freshVolts, one.spentVolts) })),
    },
    {
      title: texts.wordsOfTheLogLine,
      list: "nouns",
      entries: tables.nouns.map(({ id, noun, label, about }) => ({
        id,
        label: `${label} · ${about}`,
        note: noun.words.join(", ") || texts.noWords,
      })),
    },
  ];
  const Shown = opened === undefined ? undefined : TRADE_FORMS[opened.list];
  return (
    <div className="bay grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_380px]">
      <div
        className="flex min-h-0 flex-col gap-5 overflow-y-auto px-5 pb-4"
        tabIndex={0}
        role="group"
        aria-label={texts.tradeWords}
      >
        <TaughtWords tables={tables} />
        {groups.map(({ title, list, entries }) => (
          <section key={list} aria-label={title} className="max-w-[880px]">
            <h2 className="heading border-line border-b pb-1">{title}</h2>
            <ul>
              {entries.map((one) => (
                <li key={one.id} className="border-line/70 border-b">
                  <button
                    type="button"
                    aria-pressed={opened?.list === list && opened.id === one.id}
                    onClick={() => onOpen({ list, id: one.id })}
                    className="aria-pressed:bg-ready-wash hover:bg-sunk grid min-h-11 w-full grid-cols-[260px_minmax(0,1fr)] items-baseline gap-4 px-1 py-1.5 text-left"
                  >
                    <span>
                      {one.label}
                      {tables.changed.includes(one.id) && (
                        <b className="text-mark text-[13.5px]"> {texts.changedHere}</b>
                      )}
                    </span>
                    <span className="text-soft text-[14px]">{one.note}</span>
                  </button>
                </li>
              ))}
            </ul>
            {list !== "words" && list !== "nouns" && (
              <Button kind="quiet" about={title} onClick={() => onOpen({ list, id: "new" })}>
                {texts.addOne}
              </Button>
            )}
          </section>
        ))}
      </div>
      <aside
        className="border-line bg-sheet min-h-0 overflow-y-auto border-l px-4 py-3"
        aria-label={texts.entry}
      >
        {opened === undefined || Shown === undefined ? (
          <Empty>{texts.chooseAnEntryToChange}</Empty>
        ) : (
          <Shown
            key={`${opened.list} ${opened.id}`}
            tables={tables}
            id={opened.id}
            onDone={(id) => onOpen(id === "" ? undefined : { list: opened.list, id })}
          />
        )}
      </aside>
    </div>
  );
}
