import { z } from "zod";
import type { Schemas } from "../../api/client";
import { named } from "../../api/named";
import { ownId } from "../../api/ids";
import { useWords } from "../../api/queries";
import { Button } from "../../ui/Button";
import { FormArea, FormPickMany, FormText, FormTick } from "../../form/fields";
import { Form } from "../../form/Form";
import { figure, listOf, oneOf, text, wholeOr } from "../../form/typed";
import { useFormOf } from "../../form/useFormOf";
import { Empty } from "../../ui/Panel";
import { SoItIsHere } from "./SoItIsHere";
import type { Tables } from "./tables";
import { useLists } from "./useLists";

type Lists = Tables["lists"];

/** Which entry is open: the list it stands in, and its id; "new" for one that is not there yet. */
export interface Opened {
  list: keyof typeof FORMS;
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
      title: "Words in the names of parts",
      list: "words",
      entries: lists.words.map((one) => ({ ...one, note: one.words.join(", ") })),
    },
    {
      title: "Tried out at intake",
      list: "functions",
      entries: lists.functions.map((one) => ({
        ...one,
        note: one.functions.map((each) => each.words).join(", "),
      })),
    },
    {
      title: "Stuck fasteners, the gentlest first",
      list: "rungs",
      entries: lists.rungs.map((one) => ({ ...one, note: one.how })),
    },
    {
      title: "Cells for light meters",
      list: "cells",
      entries: lists.cells.map((one) => ({ ...one, note: `${one.freshVolts} to ${one.spentVolts} V` })),
    },
  ];
  const Shown = opened === undefined ? undefined : FORMS[opened.list];
  return (
    <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_380px]">
      <div
        className="flex min-h-0 flex-col gap-5 overflow-y-auto px-5 pb-4"
        tabIndex={0}
        role="group"
        aria-label="Trade words"
      >
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
                        <b className="text-mark text-[13.5px]"> · changed here</b>
                      )}
                    </span>
                    <span className="text-soft text-[14px]">{one.note}</span>
                  </button>
                </li>
              ))}
            </ul>
            {list !== "words" && (
              <Button kind="quiet" onClick={() => onOpen({ list, id: "new" })}>
                Add one…
              </Button>
            )}
          </section>
        ))}
      </div>
      <aside className="border-line bg-sheet min-h-0 overflow-y-auto border-l px-4 py-3" aria-label="Entry">
        {opened === undefined || Shown === undefined ? (
          <Empty>Choose an entry to change it.</Empty>
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

interface Editing {
  tables: Tables;
  id: string;
  onDone: (id: string) => void;
}

/** What the forms share: the entry as it is, how it is kept, and how it is taken back. */
function useEntry<Entry extends { id: string; label: string }>(
  { tables, id, onDone }: Editing,
  list: keyof Schemas["ListChanges"],
  all: Entry[],
) {
  const { change, takeBack } = useLists();
  return {
    before: all.find((one) => one.id === id),
    keep: async (entry: Omit<Entry, "id">) => {
      const kept = { ...entry, id: id === "new" ? ownId(entry.label) : id };
      await change({ [list]: [kept] }, `${entry.label}: saved.`);
      onDone(kept.id);
    },
    onTakeBack: tables.changed.includes(id) ? () => takeBack(id).then(() => onDone("")) : undefined,
  };
}

const WORDS = z.object({ words: listOf(/[,\n]/) });

function WordsForm(editing: Editing) {
  const { before, keep, onTakeBack } = useEntry(editing, "words", editing.tables.lists.words);
  const label = before?.label ?? "";
  const form = useFormOf(WORDS, { words: before?.words.join(", ") ?? "" }, ({ words }) =>
    keep({ label, words }),
  );
  return (
    <Form form={form} className="flex flex-col gap-3" aria-label={label}>
      <h2 className="text-[19px]">{label}</h2>
      <FormArea form={form} name="words" label="Words, separated by commas" rows={8} />
      <SoItIsHere refused={form.refused} onTakeBack={onTakeBack} />
    </Form>
  );
}

const FUNCTIONS = z.object({
  label: text,
  bodies: z.array(oneOf<Lists["functions"][number]["bodies"][number]>()),
  functions: listOf(/[,\n]/),
});

function FunctionsForm(editing: Editing) {
  const { choices } = useWords();
  const { before, keep, onTakeBack } = useEntry(editing, "functions", editing.tables.lists.functions);
  const known = before?.functions ?? [];
  const form = useFormOf(
    FUNCTIONS,
    {
      label: before?.label ?? "",
      bodies: before?.bodies ?? [],
      functions: known.map((one) => one.words).join(", "),
    },
    ({ label, bodies, functions }) =>
      keep({
        label,
        bodies,
        // a function that was there keeps its id, so that what was said of it still counts
        functions: functions.map((words) => known.find((one) => one.words === words) ?? named(words)),
      }),
  );
  return (
    <Form form={form} className="flex flex-col gap-3" aria-label="Functions">
      <FormText form={form} name="label" label="On which cameras, in words" />
      <div>
        <p className="text-soft pb-1 text-[13.5px]">Kinds of camera; none for all</p>
        <FormPickMany form={form} name="bodies" label="Kinds of camera" choices={choices("bodyType")} />
      </div>
      <FormArea form={form} name="functions" label="Functions, separated by commas" rows={4} />
      <SoItIsHere refused={form.refused} onTakeBack={onTakeBack} />
    </Form>
  );
}

const RUNG = z.object({
  label: text,
  how: text,
  risk: text,
  waitMinutes: wholeOr(0),
  irreversible: z.boolean(),
});

function RungForm(editing: Editing) {
  const { before, keep, onTakeBack } = useEntry(editing, "rungs", editing.tables.lists.rungs);
  const form = useFormOf(
    RUNG,
    {
      label: before?.label ?? "",
      how: before?.how ?? "",
      risk: before?.risk ?? "",
      waitMinutes: String(before?.waitMinutes ?? 0),
      irreversible: before?.irreversible ?? false,
    },
    keep,
  );
  return (
    <Form form={form} className="flex flex-col gap-3" aria-label="Rung">
      <FormText form={form} name="label" label="What is tried" placeholder="ultrasound" />
      <FormArea form={form} name="how" label="How it is done" rows={3} />
      <FormText form={form} name="risk" label="What it risks" />
      <FormText form={form} name="waitMinutes" label="Minutes it has to act" inputMode="numeric" />
      <FormTick form={form} name="irreversible" label="It cannot be undone: the owner agrees first" />
      <SoItIsHere refused={form.refused} onTakeBack={onTakeBack} />
    </Form>
  );
}

const CELL = z.object({ label: text, freshVolts: figure, spentVolts: figure, note: text });

function MeterCellForm(editing: Editing) {
  const { before, keep, onTakeBack } = useEntry(editing, "cells", editing.tables.lists.cells);
  const form = useFormOf(
    CELL,
    {
      label: before?.label ?? "",
      freshVolts: String(before?.freshVolts ?? ""),
      spentVolts: String(before?.spentVolts ?? ""),
      note: before?.note ?? "",
    },
    keep,
  );
  return (
    <Form form={form} className="flex flex-col gap-3" aria-label="Cell">
      <FormText form={form} name="label" label="Cell" placeholder="silver oxide cell" />
      <div className="grid grid-cols-2 gap-3">
        <FormText form={form} name="freshVolts" label="Fresh, V" inputMode="decimal" />
        <FormText form={form} name="spentVolts" label="Spent, V" inputMode="decimal" />
      </div>
      <FormText form={form} name="note" label="How its voltage goes" />
      <SoItIsHere refused={form.refused} onTakeBack={onTakeBack} />
    </Form>
  );
}

const FORMS = {
  words: WordsForm,
  functions: FunctionsForm,
  rungs: RungForm,
  cells: MeterCellForm,
};
