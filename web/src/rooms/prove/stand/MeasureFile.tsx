import { useState } from "react";
import { useAppend } from "../../../hands/append";
import type { Schemas, SpeedRow } from "../../../api/client";
import { measureRun, type Stand, type Turned } from "../../../api/stand";
import { stopsWords, timeWords } from "../../../plots/ev";
import { Button } from "../../../ui/Button";
import { ChoiceField } from "../../../ui/Field";
import { Panel } from "../../../ui/Panel";
import { useSubmit } from "../../../ui/useSubmit";
import { Window } from "../../../ui/Window";
import type { Phase } from "../usePhase";
import { texts } from "../words";

type Run = Schemas["FileRun"];

const TURNED: { value: Turned; label: string }[] = [
  { value: "SLOW_TO_FAST", label: texts.slowToFast },
  { value: "FAST_TO_SLOW", label: texts.fastToSlow },
  { value: "IN_NO_ORDER", label: texts.inNoOrder },
];

/** A recording of a whole run, made elsewhere: measured, matched to the speeds, looked over, logged. */
export function MeasureFile({
  tag,
  rows,
  stand,
  phase,
  attitude,
  each,
}: {
  tag: string;
  rows: SpeedRow[];
  stand: Stand;
  phase: Phase;
  attitude: string;
  each: number;
}) {
  const { refused, busy, submit } = useSubmit();
  const [turned, setTurned] = useState<Turned>("SLOW_TO_FAST");
  const [run, setRun] = useState<Run>();
  const [name, setName] = useState("");
  const [sent, setSent] = useState(0);
  const measure = (file: File) =>
    submit(async () => {
      setSent(0);
      setRun(await measureRun(tag, file, { setup: stand.setup, turned, each }, setSent));
      setName(file.name);
    });
  return (
    <Panel title={texts.fromAFile} note={texts.wavOrCsv}>
      <ChoiceField
        label={texts.speedsWereFired}
        value={turned}
        choices={TURNED}
        onChange={(event) => setTurned(event.target.value as Turned)}
      />
      <label className="border-line bg-sheet hover:border-ink focus-within:outline-focus flex min-h-11 cursor-pointer items-center justify-center rounded-[4px] border focus-within:outline-3">
        {!busy ? texts.measureARecording : sent < 1 ? texts.sending(Math.round(100 * sent)) : texts.measuring}
        <input
          type="file"
          accept=".wav,.csv,audio/wav,text/csv"
          className="sr-only"
          onChange={(event) => {
            const file = event.target.files?.[0];
            event.target.value = "";
            if (file !== undefined) void measure(file);
          }}
        />
      </label>
      {refused}
      {run !== undefined && (
        <Proposals
          key={run.recording}
          tag={tag}
          run={run}
          name={name}
          rows={rows}
          stand={stand}
          phase={phase}
          attitude={attitude}
          close={() => setRun(undefined)}
        />
      )}
    </Panel>
  );
}

const NONE = "";

function Proposals({
  tag,
  run,
  name,
  rows,
  stand,
  phase,
  attitude,
  close,
}: {
  tag: string;
  run: Run;
  name: string;
  rows: SpeedRow[];
  stand: Stand;
  phase: Phase;
  attitude: string;
  close: () => void;
}) {
  const append = useAppend(tag);
  const { refused, submit } = useSubmit();
  const [speeds, setSpeeds] = useState(run.proposals.map((one) => (one.firing ? one.speed : NONE)));
  const taken = speeds.filter((speed) => speed !== NONE).length;
  const log = () =>
    submit(async () => {
      const entries = rows.flatMap((row) => {
        const firings = run.proposals.flatMap((one, index) =>
          speeds[index] === row.speed && one.firing !== undefined ? [one.firing] : [],
        );
        return firings.length === 0
          ? []
          : [
              {
                kind: "firingsMeasured" as const,
                afterRest: false,
                speed: row.speed,
                phase,
                attitude: attitude as "LEVEL",
                instrument: stand.instrument,
                setup: stand.setup,
                recording: run.recording,
                analysis: run.analysis,
                firings,
                source: {
                  input: texts.fromAFileNamed(name.slice(0, 60)),
                  stand: stand.name,
                  simulated: false,
                },
              },
            ];
      });
      await append(entries, { said: texts.firingsLogged(taken) });
      close();
    });
  return (
    <Window
      wide
      open
      onOpenChange={(open) => !open && close()}
      title={texts.firingsInTheRecording(run.proposals.length)}
      about={texts.ruvantProposesASpeedFor}
    >
      <div className="flex flex-col gap-3">
        {run.warnings.map((warning) => (
          <p key={warning} className="text-mark">
            {warning}
          </p>
        ))}
        <table className="w-full text-[15px]">
          <thead className="text-soft text-left">
            <tr>
              <th className="font-normal">{texts.numberColumn}</th>
              <th className="font-normal">{texts.exposure}</th>
              <th className="font-normal">{texts.speed}</th>
              <th className="font-normal">{texts.error}</th>
              <th className="font-normal">{texts.note}</th>
            </tr>
          </thead>
          <tbody>
            {run.proposals.map((one, index) => (
              <tr key={one.index} className="border-line/70 border-t">
                <td className="num py-1 pr-3">{one.index}</td>
                <td className="num pr-3">
                  {one.firing === undefined ? texts.notCounted : timeWords(one.firing.seconds)}
                </td>
                <td>
                  {one.firing !== undefined && (
                    <select
                      aria-label={texts.speedOfFiring(one.index)}
                      className="input num w-[120px]"
                      value={speeds[index]}
                      onChange={(event) =>
                        setSpeeds(speeds.map((speed, at) => (at === index ? event.target.value : speed)))
                      }
                    >
                      <option value={NONE}>{texts.leaveOut}</option>
                      {rows.map((row) => (
                        <option key={row.speed}>{row.speed}</option>
                      ))}
                    </select>
                  )}
                </td>
                <td className={`num ${one.sure ? "" : "text-mark font-bold"}`}>
                  {one.errorEv !== undefined && speeds[index] === one.speed
                    ? texts.errorWithNote(stopsWords(one.errorEv), one.sure ? "" : " ?")
                    : ""}
                </td>
                <td className="text-soft text-[14px]">{one.said.join("; ")}</td>
              </tr>
            ))}
          </tbody>
        </table>
        {refused}
        <Button kind="primary" className="self-start" disabled={taken === 0} onClick={() => void log()}>
          {texts.log(taken, taken === 1)}
        </Button>
      </div>
    </Window>
  );
}
