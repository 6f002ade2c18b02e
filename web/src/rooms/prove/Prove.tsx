import { useEffect, useState } from "react";
import { Link, useSearchParams } from "react-router";
import { z } from "zod";
import { useAppend } from "../../hands/append";
import type { JobView, Schemas, SpeedRow } from "../../api/client";
import { readTimes, useWords } from "../../api/queries";
import { CurtainPlot, FilmStrip, ms } from "../../plots/CurtainPlot";
import { percentWords, stopsWords, timeWords } from "../../plots/ev";
import { SpeedPlot, verdictWords } from "../../plots/SpeedPlot";
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
import { SpeedsSay } from "./SpeedsSay";
import { StreakBar } from "./StreakBar";

type Phase = "BEFORE" | "AFTER";

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
  const [phase, setPhase] = useState<Phase>(job.parts.length === 0 ? "BEFORE" : "AFTER");
  const chosen = search.get("speed") ?? job.toTime.after[0] ?? job.speeds[0]?.speed ?? "";
  const row = job.speeds.find((one) => one.speed === chosen);
  useKeys({ f: () => document.getElementById("firings")?.focus() });
  const choose = (speed: string) => setSearch({ speed }, { replace: true });
  return (
    <div className="flex h-full flex-col">
      <div className="wide:grid-cols-[minmax(0,1fr)_330px] grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_300px]">
        <div className="min-h-0 overflow-y-auto px-5 py-3">
          <Panel
            title={headline(job.speeds)}
            note="stops, 95 % interval · hollow before, solid after · band: allowed"
          >
            {job.speeds.length === 0 ? (
              <Empty>
                No speeds are on this camera's dial. Enter them at Intake, or time one at the right.
              </Empty>
            ) : (
              <SpeedPlot rows={job.speeds} chosen={chosen} onChoose={choose} />
            )}
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
            Measure on the stand
          </Link>
          <Link
            to="../adjust"
            relative="path"
            className="border-ready text-ready flex min-h-11 items-center justify-center gap-2 rounded-[4px] border font-bold"
          >
            What to turn <Key>J</Key>
          </Link>
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
      Take away:
      <a className="underline" href={`/api/jobs/${job.tag}/firings.csv`} download>
        firings as CSV
      </a>
      <a
        className="underline"
        href={`/api/jobs/${job.tag}/firings.json`}
        download={`${job.tag}-firings.json`}
      >
        as JSON
      </a>
      <a className="underline" href={`/api/jobs/${job.tag}/speeds.svg`} download>
        picture as SVG
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
    <Panel title={`The curtains at ${row.speed}`} note={row.after?.curtains ? "after" : "before"}>
      <CurtainPlot run={run} />
      <p className="num text-[14px]">
        <span className="text-ready font-bold">leading {ms(run.travel.leadingSeconds)}</span>
        <span className="text-mark float-right font-bold">trailing {ms(run.travel.trailingSeconds)}</span>
      </p>
      <FilmStrip run={run} />
      <p className="text-[14px]">
        <b className={uneven ? "text-stop" : "text-done"}>{uneven ? "✕ uneven" : "● even enough"}</b>:{" "}
        <span className="num">{stopsWords(run.taper.ev)} EV</span> from start to end, ±
        {run.taper.allowedEv.toFixed(2)} allowed.{" "}
        {run.syncMarginSeconds > 0
          ? `Wholly open for ${ms(run.syncMarginSeconds)}.`
          : "Never wholly open: no flash at this speed."}
        {run.capped > 0 && <b className="text-stop"> Capped in {run.capped}.</b>}
      </p>
      {Math.abs(run.taper.ev) > 0.05 && (
        <p className="text-soft text-[14px]">
          Both ends would get the same with the leading curtain {travelWords(run.taper.evenLeading)}, or the
          trailing one {travelWords(run.taper.evenTrailing)}.
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
    <Panel title={`The blades at ${row.speed}`} note={row.after?.blades ? "after" : "before"}>
      <p className="text-[14px]">
        Open in <b className="num">{ms(run.openRampSeconds)}</b>, close in{" "}
        <b className="num">{ms(run.closeRampSeconds)}</b>,{" "}
        {run.wideOpenSeconds > 0 ? (
          <>
            wide open for <b className="num">{timeWords(run.wideOpenSeconds)}</b>
          </>
        ) : (
          <b className="text-mark">never wide open</b>
        )}
        . Efficiency <b className="num">{Math.round(100 * run.efficiency)} %</b>.
      </p>
      {run.stopped.some((one) => one.longerEv > WORTH_SAYING_EV) && (
        <p className="text-soft text-[14px]">
          Stopped down it gives more:{" "}
          <span className="num">
            {run.stopped
              .filter((one) => one.stops % 2 === 1)
              .map((one) => `${one.stops} ${one.stops === 1 ? "stop" : "stops"} ${stopsWords(one.longerEv)}`)
              .join(", ")}{" "}
            EV
          </span>
          .
        </p>
      )}
    </Panel>
  );
}

const WORTH_SAYING_EV = 0.02;

const travelWords = (part: number) =>
  `${(100 * Math.abs(part)).toFixed(1)} % ${part > 0 ? "slower" : "quicker"}`;

function headline(rows: SpeedRow[]): string {
  const after = rows.filter((row) => row.after !== undefined);
  if (after.length === 0)
    return rows.some((row) => row.before) ? "Timed before, not yet after" : "Shutter speeds";
  const inside = after.filter((row) => row.after?.verdict.kind === "IN").length;
  const out = after.filter((row) => row.after?.verdict.kind === "OUT").length;
  const open = after.length - inside - out;
  return [
    `${inside} of ${rows.length} speeds in`,
    ...(out > 0 ? [`${out} out`] : []),
    ...(open > 0 ? [`${open} not yet known`] : []),
    ...(after.length < rows.length ? [`${rows.length - after.length} not timed`] : []),
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
          said: `${own}: ${seconds.length} ${seconds.length === 1 ? "firing" : "firings"} timed.`,
        },
      );
      form.setValue("firings", "");
      form.setValue("afterRest", false);
      onChoose((phase === "AFTER" ? after?.toTime.after : after?.toTime.before)?.[0] ?? own);
    },
  );
  // a speed chosen in the picture takes the place of one that was typed
  const { setValue } = form;
  useEffect(() => setValue("speed", speed), [speed, setValue]);
  const { speed: own, firings } = form.watch();
  return (
    <Panel title={`Time ${own === "" ? "a speed" : own}`}>
      <Form form={form} className="flex flex-col gap-2">
        <div className="flex items-end gap-2">
          <FormText form={form} name="speed" label="Marked speed" wrap="w-[110px]" />
          <Pick
            label="Before or after the work"
            choices={[
              { value: "BEFORE", label: "before" },
              { value: "AFTER", label: "after" },
            ]}
            value={phase}
            onChange={(next) => setPhase(next as Phase)}
          />
        </div>
        <FormChoice form={form} name="attitude" label="Camera held" choices={choices("attitude")} />
        <FormText
          form={form}
          name="firings"
          label="Firings"
          id="firings"
          className="num"
          placeholder="1/58 1/61 16.4ms 0.017"
        />
        <FormTick form={form} name="afterRest" label="The first came after a rest" />
        <Button
          kind="primary"
          type="submit"
          disabled={firings.trim() === "" || own.trim() === ""}
          className="self-start"
        >
          Add the firings
        </Button>
        {form.refused}
      </Form>
      {own !== "" && <EarLine job={job} speed={own} phase={phase} />}
      <EarFound job={job} speed={own} />
      {row !== undefined && <RunFacts row={row} />}
    </Panel>
  );
}

function RunFacts({ row }: { row: SpeedRow }) {
  const { word } = useWords();
  const runs = [
    ["before", row.before],
    ["after", row.after],
  ] as const;
  return (
    <table className="w-full text-[14px]">
      <caption className="text-soft pb-1 text-left">
        Marked {row.speed} means {timeWords(row.nominal.seconds)} ({row.nominal.source.split(" (")[0]});
        allowed ±{row.allowed.ev.toFixed(2)} EV ({row.allowed.source}).
      </caption>
      <tbody>
        {runs.map(
          ([phase, run]) =>
            run !== undefined && (
              <tr key={phase} className="border-line/70 border-t align-top">
                <th scope="row" className="py-1 pr-2 text-left font-bold">
                  {phase}
                </th>
                <td className="py-1">
                  <span className="num">
                    {stopsWords(run.bias.ev)} EV ({percentWords(run.bias.percent)})
                    {run.scatter.ev !== undefined && `, scatter ${run.scatter.ev.toFixed(2)}`}
                  </span>
                  <span className="block">
                    {verdictWords(run)}
                    {run.scatter.tooWide && ", scatters too widely"}
                  </span>
                  <span className="num text-soft block text-[13px] break-words">
                    {run.seconds.map(timeWords).join("  ")}
                  </span>
                  {run.hung.length > 0 && (
                    <span className="text-stop block text-[13px]">
                      hung up, not counted: <span className="num">{run.hung.map(timeWords).join("  ")}</span>
                    </span>
                  )}
                </td>
              </tr>
            ),
        )}
        {row.change !== undefined && (
          <tr className="border-line/70 border-t align-top">
            <th scope="row" className="py-1 pr-2 text-left font-bold">
              change
            </th>
            <td className="num py-1">
              {stopsWords(row.change.byEv)} EV, from {stopsWords(row.change.lowEv)} to{" "}
              {stopsWords(row.change.highEv)}
            </td>
          </tr>
        )}
        {row.firstAfterRest !== undefined && (
          <tr className="border-line/70 border-t align-top">
            <th scope="row" className="py-1 pr-2 text-left font-bold">
              after a rest
            </th>
            <td className="py-1">
              <span className="num">{stopsWords(row.firstAfterRest.effectEv)} EV at the first firing</span>
              <span
                className={`block ${row.firstAfterRest.chance < 0.05 ? "text-stop font-bold" : "text-soft"}`}
              >
                {row.firstAfterRest.chance < 0.05
                  ? "it minds the rest"
                  : `no more than chance so far; ${row.firstAfterRest.rests < 5 ? "five rests tell more" : "five rests told"}`}
              </span>
            </td>
          </tr>
        )}
        {row.guesses
          .filter((guess) => guess.measuredEv !== undefined)
          .map((guess) => (
            <tr key={guess.at} className="border-line/70 border-t align-top">
              <th scope="row" className="py-1 pr-2 text-left font-bold">
                by ear
              </th>
              <td className="py-1">
                {guess.by} said “{guess.said}”;{" "}
                <span className="num">measured {stopsWords(guess.measuredEv!)} EV</span>
              </td>
            </tr>
          ))}
        {row.attitudes.map((effect) => (
          <tr key={effect.attitude} className="border-line/70 border-t align-top">
            <th scope="row" className="py-1 pr-2 text-left font-bold">
              {word("attitude", effect.attitude)}
            </th>
            <td className="py-1">
              <span className="num">
                {stopsWords(effect.effectEv)} EV ± {effect.halfWidthEv.toFixed(2)} against level
              </span>
              <span className={`block ${effect.called ? "text-stop font-bold" : "text-soft"}`}>
                {effect.called ? "it minds being held so" : "no more than chance, or too little to matter"}
              </span>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
