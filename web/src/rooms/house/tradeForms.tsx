import { z } from "zod";
import type { Schemas } from "../../api/client";
import { named } from "../../api/named";
import { ownId } from "../../api/ids";
import { useWords } from "../../api/queries";
import { FormChoice, FormArea, FormPickMany, FormText, FormTick } from "../../form/fields";
import { Form } from "../../form/Form";
import { SaveOrReset } from "../../form/SaveOrReset";
import { figure, listOf, oneOf, text, wholeOr } from "../../form/typed";
import { useFormOf } from "../../form/useFormOf";
import type { Tables } from "./tables";
import { useLists } from "./useLists";
import { texts } from "./words";

type Lists = Tables["lists"];

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
      await change({ [list]: [kept] }, texts.saved(entry.label));
      onDone(kept.id);
    },
    onReset: tables.changed.includes(id) ? () => takeBack(id).then(() => onDone("")) : undefined,
  };
}

const WORDS = z.object({ words: listOf(/[,\n]/) });

function WordsForm(editing: Editing) {
  const { before, keep, onReset } = useEntry(editing, "words", editing.tables.lists.words);
  const label = before?.label ?? "";
  const form = useFormOf(
    WORDS,
    { words: before?.words.join(", ") ?? "" },
    ({ words }) => keep({ label, words }),
    `words.${editing.id}`,
  );
  return (
    <Form form={form} className="flex flex-col gap-3" aria-label={label}>
      <h2 className="text-[19px]">{label}</h2>
      <FormArea form={form} name="words" label={texts.wordsSeparatedByCommas} rows={8} />
      <SaveOrReset form={form} onReset={onReset} />
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
  const { before, keep, onReset } = useEntry(editing, "functions", editing.tables.lists.functions);
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
    `functions.${editing.id}`,
  );
  return (
    <Form form={form} className="flex flex-col gap-3" aria-label={texts.functions}>
      <FormText form={form} name="label" label={texts.onWhichCamerasInWords} />
      <div>
        <p className="text-soft pb-1 text-[13.5px]">{texts.kindsOfCameraNoneAll}</p>
        <FormPickMany form={form} name="bodies" label={texts.kindsOfCamera} choices={choices("bodyType")} />
      </div>
      <FormArea form={form} name="functions" label={texts.functionsSeparatedByCommas} rows={4} />
      <SaveOrReset form={form} onReset={onReset} />
    </Form>
  );
}

const RUNG = z.object({
  label: text,
  how: text,
  risk: text,
  waitMinutes: wholeOr(0),
  irreversible: z.boolean(),
  on: oneOf<Lists["rungs"][number]["on"]>(),
});

function RungForm(editing: Editing) {
  const { choices } = useWords();
  const { before, keep, onReset } = useEntry(editing, "rungs", editing.tables.lists.rungs);
  const form = useFormOf(
    RUNG,
    {
      label: before?.label ?? "",
      how: before?.how ?? "",
      risk: before?.risk ?? "",
      waitMinutes: String(before?.waitMinutes ?? 0),
      irreversible: before?.irreversible ?? false,
      on: before?.on ?? "ANY",
    },
    keep,
    `method.${editing.id}`,
  );
  return (
    <Form form={form} className="flex flex-col gap-3" aria-label={texts.step}>
      <FormText form={form} name="label" label={texts.method} placeholder={texts.ultrasound} />
      <FormArea form={form} name="how" label={texts.howToDoIt} rows={3} />
      <FormText form={form} name="risk" label={texts.risk} />
      <FormText form={form} name="waitMinutes" label={texts.minutesItNeedsToAct} inputMode="numeric" />
      <FormChoice form={form} name="on" label={texts.triedOn} choices={choices("rungOn")} />
      <FormTick form={form} name="irreversible" label={texts.cannotBeUndoneAskThe} />
      <SaveOrReset form={form} onReset={onReset} />
    </Form>
  );
}

const CELL = z.object({ label: text, freshVolts: figure, spentVolts: figure, note: text });

function MeterCellForm(editing: Editing) {
  const { before, keep, onReset } = useEntry(editing, "cells", editing.tables.lists.cells);
  const form = useFormOf(
    CELL,
    {
      label: before?.label ?? "",
      freshVolts: String(before?.freshVolts ?? ""),
      spentVolts: String(before?.spentVolts ?? ""),
      note: before?.note ?? "",
    },
    keep,
    `cell.${editing.id}`,
  );
  return (
    <Form form={form} className="flex flex-col gap-3" aria-label={texts.cell}>
      <FormText form={form} name="label" label={texts.cell} placeholder={texts.silverOxideCell} />
      <div className="grid grid-cols-2 gap-3">
        <FormText form={form} name="freshVolts" label={texts.freshV} inputMode="decimal" />
        <FormText form={form} name="spentVolts" label={texts.spentV} inputMode="decimal" />
      </div>
      <FormText form={form} name="note" label={texts.howItsVoltageFalls} />
      <SaveOrReset form={form} onReset={onReset} />
    </Form>
  );
}

const NOUN = z.object({ words: listOf(/[,\n]/) });

/** What words of the log line mean one choice; which choices there are is not the shop's to change. */
function NounForm({ tables, id, onDone }: Editing) {
  const { change, takeBack } = useLists();
  const { noun, label, about } = tables.nouns.find((one) => one.id === id) ?? tables.nouns[0];
  const form = useFormOf(
    NOUN,
    { words: noun.words.join(", ") },
    async ({ words }) => {
      await change({ nouns: [{ ...noun, words }] }, texts.saved(label));
      onDone(id);
    },
    `noun.${id}`,
  );
  return (
    <Form form={form} className="flex flex-col gap-3" aria-label={label}>
      <h2 className="text-[19px]">
        {label} <span className="text-soft text-[14px]">{about}</span>
      </h2>
      <FormArea form={form} name="words" label={texts.wordsInTheLogLine} rows={4} />
      <SaveOrReset
        form={form}
        onReset={tables.changed.includes(id) ? () => takeBack(id).then(() => onDone("")) : undefined}
      />
    </Form>
  );
}

/** The form of each list. */
export const TRADE_FORMS = {
  words: WordsForm,
  functions: FunctionsForm,
  rungs: RungForm,
  cells: MeterCellForm,
  nouns: NounForm,
};
