import { figure } from "../../ui/figures";
import { useEffect } from "react";
import { Link, useSearchParams } from "react-router";
import { z } from "zod";
import { useAppend } from "../../hands/append";
import type { JobView, Schemas, SpeedRow } from "../../api/client";
import { readTimes, useWords } from "../../api/queries";
import { CurtainPlot, FilmStrip, ms } from "../../plots/CurtainPlot";
import { stopsWords, timeWords } from "../../plots/ev";
import { SpeedPlot } from "../../plots/SpeedPlot";
import { useKeys } from "../../hands/keys";
import { Button, Key } from "../../ui/Button";
import { FormChoice, FormText, FormTick } from "../../form/fields";
import { Form } from "../../form/Form";
import { oneOf, text } from "../../form/typed";
import { useFormOf } from "../../form/useFormOf";
import { Empty, Panel } from "../../ui/Panel";
import { Pick } from "../../ui/Pick";
import { useJob } from "../../hands/useJob";
import { EarFound, EarLine } from "./EarLine";
import { FaultMapPanel } from "./FaultMapPanel";
import { Firings } from "./Firings";
import { FunctionProofs } from "./FunctionProofs";
import { ProofList } from "./ProofList";
import { RunFacts } from "./RunFacts";
import { SimulatedNote } from "./SimulatedNote";
import { SpeedsSay } from "./SpeedsSay";
import { StreakBar } from "./StreakBar";
import { usePhase, type Phase } from "./usePhase";
import { texts } from "./words";

const FIRINGS = z.object({
  speed: text,
  attitude: oneOf<Schemas["FiringsTimed"]["attitude"]>(),
  firings: text,
  afterRest: z.boolean(),
});

/** Proof: every speed before and after, firings in a row, and what worked at intake. */
export function Prove() {
  const job = useJob();
  const [search, setSearch] = useSearchParams();
  const [phase, setPhase] = usePhase(job);
  const chosen = search.get("speed") ?? job.toTime.after[0] ?? job.speeds[0]?.speed ?? "";
  const row = job.speeds.find((one) => one.speed === chosen);
  useKeys({ f: () => document.getElementById("firings")?.focus() });
  const choose = (speed: string) => setSearch({ speed }, { replace: true });
  return (
    <div className="flex h-full flex-col">
      <div className="bay wide:grid-cols-[minmax(0,1fr)_330px] grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_300px]">
        <div className="min-h-0 overflow-y-auto px-5 py-3">
          <Panel title={headline(job.speeds)} note={texts.ev95IntervalHollowBefore}>
            {job.speeds.length === 0 ? (
              <Empty>{texts.thisCameraHasNoSpeeds}</Empty>
            ) : (
              <SpeedPlot rows={job.speeds} chosen={chosen} onChoose={choose} />
            )}
            <SimulatedNote job={job} />
            <Firings job={job} speed={chosen} />
            <TakeAway job={job} />
          </Panel>
          <div className="mt-5 flex flex-col gap-5">
            <SpeedsSay job={job} />
            <FaultMapPanel job={job} />
          </div>
        </div>
        <aside className="border-line bg-sheet flex min-h-0 flex-col gap-4 overflow-y-auto border-l px-4 py-3">
          <Link
            to={`../stand?speed=${encodeURIComponent(chosen)}`}
            relative="path"
            className="bg-ready text-on-ready border-ready flex min-h-11 items-center justify-center rounded-[4px] border font-bold"
          >
            {texts.measureOnTheStand}
          </Link>
          <Link
            to="../adjust"
            relative="path"
            className="border-ready text-ready flex min-h-11 items-center justify-center gap-2 rounded-[4px] border font-bold"
          >
            {texts.whatToTurn} <Key>{texts.j}</Key>
          </Link>
          <ProofList job={job} />
          <CurtainsRan row={row} />
          <BladesMoved row={row} />
          <TimeSpeed job={job} row={row} speed={chosen} phase={phase} setPhase={setPhase} onChoose={choose} />
          <FunctionProofs job={job} />
        </aside>
      </div>
      <StreakBar job={job} />
    </div>
  );
}

/** The figures and the picture as files. */
function TakeAway({ job }: { job: JobView }) {
  if (job.prove.timed.length === 0) return null;
  return (
    <p className="text-soft flex gap-4 text-[14px]">
      {texts.download}
      <a className="underline" href={`/api/jobs/${job.tag}/firings.csv`} download>
        {texts.firingsAsCsv}
      </a>
      <a
        className="underline"
        href={`/api/jobs/${job.tag}/firings.json`}
        download={`${job.tag}-firings.json`}
      >
        {texts.asJson}
      </a>
      <a className="underline" href={`/api/jobs/${job.tag}/speeds.svg`} download>
        {texts.pictureAsSvg}
      </a>
    </p>
  );
}

/** How the curtains ran at the chosen speed, where the stand saw them. */
function CurtainsRan({ row }: { row?: SpeedRow }) {
  const run = row?.after?.curtains ?? row?.before?.curtains;
  if (row === undefined || run === undefined) return null;
  const uneven = Math.abs(run.taper.ev) > run.taper.allowedEv;
  return (
    <Panel
      title={texts.theCurtainsAt(row.speed)}
      note={row.after?.curtains ? texts.afterInline : texts.before}
    >
      <CurtainPlot run={run} />
      <p className="num text-[14px]">
        <span className="text-ready font-bold">{texts.leading(ms(run.travel.leadingSeconds))}</span>
        <span className="text-mark float-right font-bold">
          {texts.trailing(ms(run.travel.trailingSeconds))}
        </span>
      </p>
      <FilmStrip run={run} />
      <p className="text-[14px]">
        <b className={uneven ? "text-stop" : "text-done"}>{uneven ? texts.uneven : texts.evenEnough}</b>:{" "}
        <span className="num">{texts.errorAlone(stopsWords(run.taper.ev))}</span>{" "}
        {texts.fromStartToEndEv(
          figure(run.taper.allowedEv, 2),
          run.syncMarginSeconds > 0,
          ms(run.syncMarginSeconds),
        )}
        {run.capped > 0 && <b className="text-stop"> {texts.cappedIn(run.capped)}</b>}
      </p>
      {Math.abs(run.taper.ev) > 0.05 && (
        <p className="text-soft text-[14px]">
          {texts.bothEndsWouldMatchWith(
            travelWords(run.taper.evenLeading),
            travelWords(run.taper.evenTrailing),
          )}
        </p>
      )}
    </Panel>
  );
}

/** How the blades of a leaf shutter moved at the chosen speed, and what that gives stopped down. */
function BladesMoved({ row }: { row?: SpeedRow }) {
  const run = row?.after?.blades ?? row?.before?.blades;
  if (row === undefined || run === undefined) return null;
  return (
    <Panel title={texts.theBladesAt(row.speed)} note={row.after?.blades ? texts.afterInline : texts.before}>
      <p className="text-[14px]">
        {texts.openIn} <b className="num">{ms(run.openRampSeconds)}</b>
        {texts.closeIn} <b className="num">{ms(run.closeRampSeconds)}</b>,{" "}
        {run.wideOpenSeconds > 0 ? (
          <>
            {texts.fullyOpenFor} <b className="num">{timeWords(run.wideOpenSeconds)}</b>
          </>
        ) : (
          <b className="text-mark">{texts.neverFullyOpen}</b>
        )}
        {texts.efficiency} <b className="num">{Math.round(100 * run.efficiency)} %</b>.
      </p>
      {run.stopped.some((one) => one.longerEv > WORTH_SAYING_EV) && (
        <p className="text-soft text-[14px]">
          {texts.stoppedDownItGivesMore}{" "}
          <span className="num">
            {run.stopped
              .filter((one) => one.stops % 2 === 1)
              .map((one) => `${one.stops} ${one.stops === 1 ? "stop" : "stops"} ${stopsWords(one.longerEv)}`)
              .join(", ")}{" "}
            {texts.evLabel}
          </span>
          .
        </p>
      )}
    </Panel>
  );
}

const WORTH_SAYING_EV = 0.02;

const travelWords = (part: number) =>
  `${figure(100 * Math.abs(part), 1)} % ${part > 0 ? "slower" : "quicker"}`;

function headline(rows: SpeedRow[]): string {
  const after = rows.filter((row) => row.after !== undefined);
  if (after.length === 0)
    return rows.some((row) => row.before) ? texts.timedBeforeNotYetAfter : texts.shutterSpeeds;
  const inside = after.filter((row) => row.after?.verdict.kind === "IN").length;
  const out = after.filter((row) => row.after?.verdict.kind === "OUT").length;
  const open = after.length - inside - out;
  return [
    texts.ofSpeedsInTolerance(inside, rows.length),
    ...(out > 0 ? [texts.outOfTolerance(out)] : []),
    ...(open > 0 ? [texts.notYetCertain(open)] : []),
    ...(after.length < rows.length ? [texts.notTimed(rows.length - after.length)] : []),
  ].join(", ");
}

function TimeSpeed({
  job,
  row,
  speed,
  phase,
  setPhase,
  onChoose,
}: {
  job: JobView;
  row?: SpeedRow;
  speed: string;
  phase: Phase;
  setPhase: (phase: Phase) => void;
  onChoose: (speed: string) => void;
}) {
  const append = useAppend(job.tag);
  const { choices } = useWords();
  const form = useFormOf(
    FIRINGS,
    { speed, attitude: "LEVEL", firings: "", afterRest: false },
    async ({ speed: own, attitude, firings, afterRest }) => {
      const { seconds } = await readTimes(firings);
      const after = await append(
        [{ kind: "firingsTimed", speed: own, phase, attitude, instrument: "", seconds, afterRest }],
        {
          said: texts.timed(own, seconds.length, seconds.length === 1),
        },
      );
      form.setValue("firings", "");
      form.setValue("afterRest", false);
      onChoose((phase === "AFTER" ? after?.toTime.after : after?.toTime.before)?.[0] ?? own);
    },
    `times.${job.tag}`,
  );
  // a speed chosen in the picture takes the place of one that was typed
  const { setValue } = form;
  useEffect(() => setValue("speed", speed), [speed, setValue]);
  const { speed: own, firings } = form.watch();
  return (
    <Panel title={texts.time(own === "" ? texts.aSpeed : own)}>
      <Form form={form} className="flex flex-col gap-2">
        <div className="flex items-end gap-2">
          <FormText form={form} name="speed" label={texts.markedSpeed} wrap="w-[110px]" />
          <Pick
            label={texts.beforeOrAfterTheWork}
            choices={[
              { value: "BEFORE", label: texts.before },
              { value: "AFTER", label: texts.afterInline },
            ]}
            value={phase}
            onChange={(next) => setPhase(next as Phase)}
          />
        </div>
        <FormChoice form={form} name="attitude" label={texts.cameraHeld} choices={choices("attitude")} />
        <FormText
          form={form}
          name="firings"
          label={texts.firings}
          id="firings"
          className="num"
          placeholder={texts.exampleTimes}
        />
        <FormTick form={form} name="afterRest" label={texts.theFirstCameAfterA} />
        <Button
          kind="primary"
          type="submit"
          disabled={firings.trim() === "" || own.trim() === ""}
          className="self-start"
        >
          {texts.addTheFirings}
        </Button>
        {form.refused}
      </Form>
      {own !== "" && <EarLine job={job} speed={own} phase={phase} />}
      <EarFound job={job} speed={own} />
      {row !== undefined && <RunFacts row={row} />}
    </Panel>
  );
}
