import { useState } from "react";
import { useAppend } from "../../hands/append";
import { type JobView, type PartView, type Schemas } from "../../api/client";
import { useWords } from "../../api/queries";
import { useKept } from "../../hands/draft";
import { useKeys } from "../../hands/keys";
import { AddLine } from "../../ui/AddLine";
import { Button } from "../../ui/Button";
import { FastenerDrawing } from "../../ui/FastenerDrawing";
import { Panel } from "../../ui/Panel";
import { useSubmit } from "../../ui/useSubmit";
import { WellMark } from "../../ui/WellMark";
import { PartAtHand, Pieces } from "../part";
import { HoleMap } from "../album";
import { Edges } from "../strip";
import { answerOf } from "../../valley/words";
import { Gate, nextCheckOf } from "./Gate";
import { OnTheShelf } from "./OnTheShelf";
import { ProbablyWaits } from "./ProbablyWaits";
import { texts } from "./words";

type Counts = Schemas["FastenersBack"];

const OVERRIDABLE = new Set(["notYet", "fastenersUnequal"]);

/** Puts one part back: its gate, its fasteners one type at a time, and the key that closes it. */
export function PutBack({
  job,
  part,
  onBack,
  onStay = onBack,
  onLarge,
}: {
  job: JobView;
  part: PartView;
  onBack: () => void;
  /** It is on, and something is still to be looked at there. */
  onStay?: () => void;
  /** Shows a picture of the part large beside. */
  onLarge?: (at: number) => void;
}) {
  const append = useAppend(job.tag);
  const { word } = useWords();
  const { refused, busy, submit } = useSubmit(
    ({ code }) =>
      OVERRIDABLE.has(code) && (
        <AddLine
          blanks={[{ label: texts.whyPutItBackAnyway, hint: texts.whyPutItBackAnywayThe }]}
          action={texts.putBackAnyway}
          look="stop"
          className="mt-2"
          onAdd={(why) => putBack(why)}
        />
      ),
  );
  const [counts, setCounts] = useKept<Record<string, Counts>>(
    `counts.${job.tag}.${part.name}.${part.timesOff}`,
    {},
  );
  const [leaving, setLeaving] = useState(false);
  const [edges, setEdges] = useState(false);
  const state = answerOf(part);
  const settled = part.answer.kind === "BACK" || part.answer.kind === "LEFT_OUT";
  const confirmed = part.fasteners.filter((one) => counts[one.type] !== undefined).length;

  const putBack = (overrideReason = "") =>
    submit(async () => {
      const after = await append(
        [{ kind: "refitted", part: part.name, fasteners: Object.values(counts), overrideReason, remark: "" }],
        { said: texts.putBack(part.name) },
      );
      setCounts(undefined);
      // what can be seen only now that it is on is asked before the next part
      if (isAskedOf(after, part.name)) onStay();
      else onBack();
    });
  const leaveOut = async (reason: string) => {
    await append([{ kind: "leftOut", part: part.name, reason }], { said: texts.leftOut(part.name) });
    onBack();
  };

  const tried = () =>
    submit(() =>
      append([{ kind: "triedUnfixed", part: part.name, remark: "" }], {
        said: texts.inPlaceNotFixed(part.name),
      }),
    );

  const nextCheck = nextCheckOf(part);
  const allBack = () =>
    setCounts(Object.fromEntries(part.fasteners.map((one) => [one.type, usual(job, part.name, one)])));
  useKeys({
    g: () =>
      nextCheck !== undefined &&
      void submit(async () => {
        const after = await append(
          [{ kind: "gateAnswered", part: part.name, check: nextCheck.what, passed: true, reason: "" }],
          {
            said: texts.answered.passed(nextCheck.what.words),
          },
        );
        if (part.answer.kind === "BACK" && !isAskedOf(after, part.name)) onBack();
      }),
    a: allBack,
    "Ctrl+Enter": () => !settled && void putBack(),
  });

  return (
    <div className="flex flex-col gap-4">
      <div>
        <h2 className="text-[21px]">{part.name}</h2>
        <p className={`mt-1 inline-block rounded-[3px] px-2 py-0.5 ${state.look}`}>
          <b>{state.word}</b>
          {part.answer.reason !== "" && `: ${part.answer.reason}`}
        </p>
        {part.answer.probably.length > 0 && <ProbablyWaits job={job} part={part} />}
        {part.answer.wanted !== undefined && (
          <Button
            className="mt-2 ml-2"
            onClick={() =>
              void submit(() =>
                append([{ kind: "stateSet", state: part.answer.wanted! }], {
                  said: texts.itIsNow(word("mechanismState", part.answer.wanted!)),
                }),
              )
            }
          >
            {texts.itIsNow(word("mechanismState", part.answer.wanted))}
          </Button>
        )}
        {!settled && (
          <p className="mt-2 flex flex-wrap items-center gap-2">
            {part.removed.wells.length === 0 ? (
              <span className="text-soft">{texts.noWellNoted}</span>
            ) : (
              <>
                {texts.keptIn}{" "}
                {part.removed.wells.map((well) => (
                  <WellMark key={well} name={well} />
                ))}
              </>
            )}
            {part.removed.remark !== "" && <span className="text-soft">“{part.removed.remark}”</span>}
          </p>
        )}
        {!settled && <HoleMap job={job} part={part} />}
      </div>
      {!settled && (
        <>
          <Hints hints={part.hints} />
          <Gate job={job} part={part} />
          {part.fasteners.length > 0 && (
            <Panel
              title={texts.fasteners}
              note={texts.ofTypesConfirmedAConfirms(confirmed, part.fasteners.length)}
            >
              <ul className="flex flex-col">
                {part.fasteners.map((one) => (
                  <FastenerCount
                    key={one.type}
                    fastener={one}
                    start={usual(job, part.name, one)}
                    required={accountOf(job, part.name, one.type)?.required ?? one.fastener.count}
                    counts={counts[one.type]}
                    onChange={(next) => setCounts({ ...counts, [one.type]: next })}
                  />
                ))}
              </ul>
            </Panel>
          )}
          {refused}
          <div className="flex flex-wrap items-center gap-2">
            <Button kind="primary" keyHint="Ctrl ↵" disabled={busy} onClick={() => void putBack()}>
              {texts.putBackLabel}
            </Button>
            {part.triedAt === undefined && (
              <Button kind="quiet" onClick={() => void tried()}>
                {texts.trialFitNotFixed}
              </Button>
            )}
            {!edges && (
              <Button kind="quiet" onClick={() => setEdges(true)}>
                {texts.whatLiesOverWhat}
              </Button>
            )}
            {!leaving && (
              <Button kind="quiet" onClick={() => setLeaving(true)}>
                {texts.leaveOut}
              </Button>
            )}
          </div>
          {leaving && (
            <AddLine
              blanks={[
                {
                  label: texts.whyIsItLeftOut,
                  hint: texts.whyIsItLeftOutThe,
                },
              ]}
              action={texts.leaveOutLabel}
              focus
              onAdd={leaveOut}
              onCancel={() => setLeaving(false)}
            />
          )}
          {edges && <Edges job={job} part={part} />}
        </>
      )}
      {settled && part.checks.length > 0 && <Gate job={job} part={part} />}
      <Pieces job={job} part={part.name} />
      <PartAtHand job={job} part={part} onLarge={onLarge} />
    </div>
  );
}

/** What to think of while it goes on: not to be ticked, but not to be forgotten. */
function Hints({ hints }: { hints: string[] }) {
  if (hints.length === 0) return null;
  return (
    <ul className="text-[14.5px]">
      {hints.map((hint) => (
        <li key={hint} className="border-mark-line bg-mark-wash mb-1 rounded-[3px] border-l-4 px-2 py-1">
          {hint}
        </li>
      ))}
    </ul>
  );
}

/** Whether a check at a part can be made now and is open. */
function isAskedOf(job: JobView | undefined, name: string): boolean {
  const part = job?.parts.find((one) => one.name === name);
  return part !== undefined && nextCheckOf(part) !== undefined;
}

/** The account of one type of fastener at a part. */
function accountOf(job: JobView, part: string, type: string) {
  return job.notes.places.find((one) => one.place.part === part && one.place.piece === type);
}

/** What is true of most parts: all that came off goes back, and what lies ready fills the rest. */
function usual(job: JobView, part: string, one: PartView["fasteners"][number]): Counts {
  const account = accountOf(job, part, one.type);
  const gone = (account?.gone.lost ?? 0) + (account?.gone.destroyed ?? 0);
  return {
    type: one.type,
    back: one.fastener.count - gone,
    lost: gone,
    replaced: account?.filled.replaced ?? 0,
    empty: account?.left ?? 0,
    why: account?.because ?? "",
  };
}

function FastenerCount({
  fastener,
  start,
  required,
  counts,
  onChange,
}: {
  fastener: PartView["fasteners"][number];
  start: Counts;
  required: number;
  counts?: Counts;
  onChange: (counts: Counts) => void;
}) {
  const [open, setOpen] = useState(false);
  const all = fastener.fastener.count;
  const set = (change: Partial<Counts>) => onChange({ ...start, ...counts, ...change });
  return (
    <li className="border-line/70 flex min-h-[52px] flex-wrap items-center gap-3 border-b py-1">
      <span className="flex w-[64px] justify-end">
        <FastenerDrawing fastener={fastener.fastener} scale={5} />
      </span>
      <span className="min-w-0 flex-1">
        <b className="num text-[17px]">{all}</b> × {fastener.type}
        {required !== all && (
          <span className="text-stop block text-[13.5px]">{texts.belongThere(required)}</span>
        )}
      </span>
      {!open && counts === undefined && (
        <>
          <Button about={fastener.type} onClick={() => set({})}>
            {fastener.staysIn
              ? texts.tightAgain
              : start.back === 1
                ? texts.itIsBack
                : texts.allBack(start.back)}
          </Button>
          <Button kind="quiet" about={fastener.type} onClick={() => setOpen(true)}>
            {texts.notAll}
          </Button>
        </>
      )}
      {!open && counts !== undefined && (
        <span className="text-done">
          {texts.back(counts.back)}
          {counts.lost > 0 && texts.lost(counts.lost)}
          {counts.replaced > 0 && texts.replaced(counts.replaced)}
          {counts.empty > 0 && texts.leftEmpty(counts.empty)}
          <Button kind="quiet" about={fastener.type} onClick={() => setOpen(true)}>
            {texts.change}
          </Button>
        </span>
      )}
      {(open || (counts?.lost ?? 0) > 0) && <OnTheShelf type={fastener.type} />}
      {open && (
        <span className="flex flex-wrap items-end gap-2">
          {(["back", "lost", "replaced", "empty"] as const).map((name) => (
            <label key={name} className="text-soft flex w-[72px] flex-col text-[13px]">
              {texts.counted[name]}
              <input
                className="input num"
                inputMode="numeric"
                value={(counts ?? start)[name]}
                onChange={(event) => set({ [name]: Number(event.target.value.replace(/\D/g, "")) })}
              />
            </label>
          ))}
          {(counts ?? start).empty > 0 && (
            <label className="text-soft flex min-w-[130px] flex-1 flex-col text-[13px]">
              {texts.whyEmpty}
              <input
                className="input"
                value={(counts ?? start).why}
                onChange={(event) => set({ why: event.target.value })}
              />
            </label>
          )}
          <Button
            onClick={() => {
              set({});
              setOpen(false);
            }}
          >
            {texts.confirmLabel}
          </Button>
        </span>
      )}
    </li>
  );
}
