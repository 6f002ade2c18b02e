import { useQuery } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { z } from "zod";
import { useAppend } from "../../hands/append";
import type { JobView, PartView, Schemas } from "../../api/client";
import { removed } from "../../api/entries";
import { guessQuery, knownQuery, linesQuery, useWords } from "../../api/queries";
import { useSayAtHand } from "../../hands/atHand";
import { useKeys } from "../../hands/keys";
import { Button } from "../../ui/Button";
import { TextField, Tick } from "../../ui/Field";
import { FastenerEditor, FRESH, type Fastener } from "../../ui/FastenerEditor";
import { FormChoice, FormOwn, FormPick, FormPickMany, FormText } from "../../form/fields";
import { Form } from "../../form/Form";
import { as, listOf, oneOf, text, wholeOr } from "../../form/typed";
import { type FormOf, useFormOf } from "../../form/useFormOf";
import { Panel } from "../../ui/Panel";
import { WellMark } from "../../ui/WellMark";
import { asUsual, BeforeLift, metOf } from "./BeforeLift";
import { fastenerWords } from "../../ui/fastenerWords";
import { texts } from "./words";

type Removed = Schemas["Removed"];
type Met = Schemas["Met"];

const REMOVAL = z.object({
  part: text,
  side: oneOf<Removed["side"]>(),
  /** As it was said by hand; where nothing was, as the name makes likely. */
  covers: z.boolean().optional(),
  fasteners: as<Fastener[]>(),
  setting: text,
  mark: text,
  markState: text,
  loose: text,
  looseCount: wholeOr(1),
  jointKind: oneOf<Schemas["Joint"]["kind"] | "NO">(),
  jointDetail: text,
  hazards: z.array(oneOf<Removed["hazards"][number]>()),
  remark: text,
  state: oneOf<NonNullable<Removed["state"]> | "">(),
  within: text,
  stack: listOf("/"),
});

type Typed = z.input<typeof REMOVAL>;

const BLANK: Omit<Typed, "side"> = {
  part: "",
  covers: undefined,
  fasteners: [],
  setting: "",
  mark: "",
  markState: "",
  loose: "",
  looseCount: "1",
  jointKind: "NO",
  jointDetail: "",
  hazards: [],
  remark: "",
  state: "",
  within: "",
  stack: "",
};

/** Takes a part off by form: everything the log line can say, with buttons. */
export function RemovalForm({
  job,
  wells,
  setWells,
  before,
  again,
  onDone,
}: {
  job: JobView;
  wells: string[];
  setWells: (wells: string[]) => void;
  before?: string;
  /** A part that was off before and comes off once more. */
  again?: string;
  onDone: () => void;
}) {
  const [round, setRound] = useState(0);
  const { choices } = useWords();
  const append = useAppend(job.tag);
  const usual = job.parts.at(-1)?.removed.side ?? "TOP";
  const form = useFormOf(
    REMOVAL,
    { ...BLANK, side: usual },
    async (read) => {
      await append([entry(read, covers, wells)], { said: texts.takenOff(read.part), before });
      form.reset({ ...BLANK, side: read.side });
      setRound(round + 1);
      onDone();
    },
    `removal.${job.tag}.${before ?? ""}`,
  );
  const { part, covers: said } = form.watch();
  const heldBefore = job.parts.find(
    (one) => one.name.toLowerCase() === part.trim().toLowerCase() && one.answer.kind === "BACK",
  );
  const asBefore = useCallback(
    (one: PartView) => {
      form.setValue("part", one.name);
      form.setValue("side", one.removed.side);
      form.setValue("covers", one.removed.covers);
      form.setValue("fasteners", one.removed.fasteners);
    },
    [form],
  );
  const filled = useRef("");
  useEffect(() => {
    const one = job.parts.find((other) => other.name === again);
    if (one === undefined || filled.current === again) return;
    filled.current = one.name;
    asBefore(one);
    document.getElementById("log-part")?.focus();
  }, [again, asBefore, job.parts]);
  useSayAtHand({ part: part.trim(), shows: part.trim() === "" ? "" : texts.beforeIt(part.trim()) });
  const guess = useQuery(guessQuery(part)).data;
  const covers = said ?? guess?.covers ?? false;
  const known = useQuery(knownQuery(job.tag, job.lastSequence)).data;
  const met = metOf(known, part);
  const anchor = useQuery({ ...linesQuery(job.tag), enabled: before !== undefined }).data?.find(
    (line) => line.id === before,
  );
  useKeys({ a: () => document.getElementById("part-off")?.focus() });
  return (
    <Form form={form} key={round} className="flex min-h-0 flex-1 flex-col" aria-label={texts.takeAPartOff}>
      <div className="flex min-h-0 flex-1 flex-col gap-4 overflow-y-auto px-5 py-3">
        <Panel title={texts.takeAPartOff} note={before === undefined ? texts.orTypeItBelow : undefined}>
          {anchor !== undefined && (
            <p className="bg-mark-wash text-mark rounded-[3px] px-2 py-1">
              {texts.itCameOffBeforeLine(anchor.sequence, anchor.words)}
            </p>
          )}
          <div className="grid grid-cols-[1fr_auto] items-end gap-3">
            <TextField
              label={texts.part}
              name="part"
              id="part-off"
              list="parts-known"
              required
              value={part}
              placeholder={known?.next[0]?.part ?? texts.frontPlate}
              onChange={(event) => {
                form.setValue("part", event.target.value);
                form.setValue("covers", undefined);
              }}
            />
            <datalist id="parts-known">
              {known?.parts.map((one) => (
                <option key={one.part.name} value={one.part.name} />
              ))}
            </datalist>
            <Tick
              label={texts.liesOverThePartsAfter}
              checked={covers}
              onChange={(event) => form.setValue("covers", event.target.checked)}
            />
          </div>
          {heldBefore !== undefined && (
            <div className="bg-sunk flex flex-wrap items-center gap-x-3 gap-y-1 rounded-[4px] px-2.5 py-1.5 text-[14.5px]">
              <span className="min-w-0 flex-1">
                <b>{texts.offBefore}</b> {texts.whatIsNotSaidIsAsBefore}
              </span>
              <Button onClick={() => asBefore(heldBefore)}>{texts.fillInAsBefore}</Button>
            </div>
          )}
          {known !== undefined && met !== undefined && heldBefore === undefined && (
            <>
              <BeforeLift job={job} known={known} met={met} />
              <AsUsual
                met={met}
                onTake={() => {
                  const usual = asUsual(met.part);
                  form.setValue("side", usual.side);
                  form.setValue("covers", usual.covers);
                  form.setValue("fasteners", usual.fasteners);
                  form.setValue("hazards", usual.hazards);
                  form.setValue("state", usual.state ?? "");
                  document.getElementById("log-part")?.focus();
                }}
              />
            </>
          )}
          <FormPick form={form} name="side" label={texts.side} small choices={choices("side")} />
          {wells.length > 0 && (
            <p className="flex items-center gap-1.5">
              {texts.itsPiecesGoInto}{" "}
              {wells.map((well) => (
                <WellMark key={well} name={well} />
              ))}
              <Button kind="quiet" onClick={() => setWells([])}>
                {texts.none}
              </Button>
            </p>
          )}
        </Panel>
        <WhatHeldIt form={form} />
        <HowItLay form={form} job={job} />
      </div>
      <div className="border-line flex flex-wrap items-center gap-3 border-t px-5 py-2">
        {form.refused}
        <Button id="log-part" kind="primary" type="submit" keyHint="↵" disabled={form.busy}>
          {texts.logThePart}
        </Button>
      </div>
    </Form>
  );
}

/** What is usual for a part of this name, and one press to take it over into the form. */
function AsUsual({ met, onTake }: { met: Met; onTake: () => void }) {
  const { word } = useWords();
  const { held, lies, beware } = met.part;
  return (
    <div className="bg-sunk flex flex-wrap items-center gap-x-3 gap-y-1 rounded-[4px] px-2.5 py-1.5">
      <span className="min-w-0 flex-1 text-[14.5px]">
        <b>{texts.usually}</b>{" "}
        {[
          word("side", lies.side),
          held.fasteners.map((one) => `${one.count} × ${fastenerWords(one)}`).join(", ") || texts.noFastener,
          ...beware.hazards.map((one) => word("hazard", one)),
        ].join(" · ")}
      </span>
      <Button onClick={onTake}>{texts.fillInAsUsual}</Button>
    </div>
  );
}

/** Fasteners one type at a time, and any other joint. */
function WhatHeldIt({ form }: { form: FormOf<Typed> }) {
  const { choices } = useWords();
  const [added, setAdded] = useState(-1);
  const jointKind = form.watch("jointKind");
  return (
    <Panel title={texts.whatHeldIt}>
      <FormOwn form={form} name="fasteners">
        {(fasteners, set) => (
          <>
            {fasteners.map((fastener, index) => (
              <FastenerEditor
                key={`${index} of ${fasteners.length}`}
                fastener={fastener}
                focus={index === added}
                onChange={(next) => set(fasteners.map((one, at) => (at === index ? next : one)))}
                onRemove={() => {
                  setAdded(-1);
                  set(fasteners.filter((_, at) => at !== index));
                }}
              />
            ))}
            <div className="flex flex-wrap items-end gap-2">
              <Button
                onClick={() => {
                  setAdded(fasteners.length);
                  set([...fasteners, FRESH]);
                }}
              >
                {texts.addAFastener}
              </Button>
              <FormPick
                form={form}
                name="jointKind"
                label={texts.otherJoint}
                small
                choices={[{ value: "NO", label: texts.noneInline }, ...choices("jointKind")]}
              />
            </div>
          </>
        )}
      </FormOwn>
      {jointKind !== "NO" && <FormText form={form} name="jointDetail" label={texts.fromWhereToWhereAnd} />}
    </Panel>
  );
}

function HowItLay({ form, job }: { form: FormOf<Typed>; job: JobView }) {
  const { choices } = useWords();
  const { setting, mark, loose, remark, state, within, stack, hazards } = form.watch();
  const noted = [setting, mark, loose, remark, state, within, stack].filter((one) => one !== "").length;
  return (
    <details open={noted + hazards.length > 0 || undefined} className="group">
      <summary className="border-line flex min-h-11 cursor-pointer items-center gap-2 border-b text-[16px] font-bold">
        <span aria-hidden="true" className="group-open:rotate-90">
          ▸
        </span>
        {texts.howItWasFitted}
        <span className="text-soft text-[13.5px] font-normal">{texts.settingMarkLoosePieces}</span>
      </summary>
      <div className="flex flex-col gap-3 pt-2">
        <div className="wide:grid-cols-2 grid gap-3">
          <FormText
            form={form}
            name="setting"
            label={texts.itsControlWasSetTo}
            placeholder={texts.n1125InfinityLabel}
          />
          <div className="grid grid-cols-[1fr_110px] gap-2">
            <FormText form={form} name="mark" label={texts.witnessMark} placeholder={texts.notchAtRedLine} />
            <FormText form={form} name="markState" label={texts.markHoldsWhen} placeholder={texts.cocked} />
          </div>
          <div className="grid grid-cols-[1fr_76px] gap-2">
            <FormText
              form={form}
              name="loose"
              label={texts.looseUnderneathLabel}
              placeholder={texts.detentBall}
            />
            <FormText form={form} name="looseCount" label={texts.howMany} inputMode="numeric" />
          </div>
          <FormText form={form} name="remark" label={texts.remark} placeholder={texts.tiltToTheLeftTo} />
        </div>
        <div className="wide:grid-cols-3 grid gap-3">
          <FormChoice
            form={form}
            name="state"
            label={texts.comesOffOnlyWhen}
            empty={texts.inAnyState}
            choices={choices("mechanismState")}
          />
          <FormChoice
            form={form}
            name="within"
            label={texts.comesOutOf}
            empty={texts.theCameraItself}
            choices={job.parts
              .filter((part) => part.answer.kind !== "BACK" && part.answer.kind !== "LEFT_OUT")
              .map((part) => ({ value: part.name, label: part.name }))}
          />
          <FormText
            form={form}
            name="stack"
            label={texts.stackOutermostFirst}
            placeholder={texts.n1HookUpLabel}
          />
        </div>
        <FormPickMany form={form} name="hazards" label={texts.cautions} choices={choices("hazard")} />
      </div>
    </details>
  );
}

function entry(read: z.output<typeof REMOVAL>, covers: boolean, wells: string[]) {
  const { side, fasteners, setting, hazards, remark, stack } = read;
  return removed(read.part, {
    ...{ side, covers, fasteners, wells, setting, hazards, remark, stack },
    joints: read.jointKind === "NO" ? [] : [{ kind: read.jointKind, detail: read.jointDetail }],
    mark: read.mark.trim() === "" ? undefined : { text: read.mark, state: read.markState },
    loose: read.loose.trim() === "" ? [] : [{ name: read.loose, count: read.looseCount }],
    state: read.state === "" ? undefined : read.state,
    within: read.within === "" ? undefined : read.within,
  });
}
