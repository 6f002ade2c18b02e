import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useSearchParams } from "react-router";
import { useAppend } from "../../../hands/append";
import type { SpeedRow } from "../../../api/client";
import type { CaughtFiring, StandIn } from "../../../api/stand";
import { houseQuery, standsQuery, useWords } from "../../../api/queries";
import { stopsWords, timeWords } from "../../../plots/ev";
import { verdictWords } from "../../../plots/SpeedPlot";
import { useSayAtHand } from "../../../hands/atHand";
import { useKeys } from "../../../hands/keys";
import { usePressed } from "../../../hands/pressed";
import { notify, orSay, sayRefusal } from "../../../hands/notices";
import { useForeignCode } from "../../../hands/scanner";
import { storedValue } from "../../../hands/stored";
import { Button } from "../../../ui/Button";
import { ChoiceField, Tick } from "../../../ui/Field";
import { Empty, Panel } from "../../../ui/Panel";
import { Pick } from "../../../ui/Pick";
import { useJob } from "../../../hands/useJob";
import { cue, sayAloud } from "./cue";
import { usePhase, type Phase } from "../usePhase";
import { Dial, firedAt, runOf } from "./Dial";
import { EarLine } from "../EarLine";
import { InputChoice, useInputs } from "./InputChoice";
import { KeepCutoff } from "./KeepCutoff";
import { LastFiring } from "./LastFiring";
import { Levels } from "./Levels";
import { MeasureFile } from "./MeasureFile";
import { RunStrip } from "./RunStrip";
import { StandInPanel } from "./StandInPanel";
import { useCountdown } from "./useCountdown";
import { STAND_IN, useListening } from "./useListening";
import { texts } from "../words";

const chosenStand = storedValue("ruvant.stand", "");
const chosenInput = storedValue("ruvant.standInput", STAND_IN);
const firingsEach = storedValue("ruvant.firingsEach", "5");
const cues = storedValue("ruvant.cues", "tones");

const NOMINAL_WHERE_NONE = 1 / 60;

/** Takes a run with hands busy: one speed after the other, each firing measured as soon as it has ended. */
export function Stand() {
  const job = useJob();
  const stands = useQuery(standsQuery).data;
  const [search, setSearch] = useSearchParams();
  const [phase, setPhase] = usePhase(job);
  const [attitude, setAttitude] = useState("LEVEL");
  const [last, setLast] = useState<CaughtFiring & { speed: string }>();
  const [shutter, setShutter] = useState<StandIn>();
  const [afterRest, setAfterRest] = useState(false);
  const wanted = Number(firingsEach.use());
  const cueKind = cues.use();
  const demo = useQuery(houseQuery).data?.demo ?? false;
  const inputs = useInputs();
  const [hereOnly, setHereOnly] = useState<string>();
  // outside the demo the stand-in has to be chosen each time, since it fires no camera
  const kept = chosenInput.use();
  const wantedInput = hereOnly ?? (kept === STAND_IN && !demo ? "" : kept);
  const input = inputs.find((one) => one.id === wantedInput) ?? inputs[0]!;
  const inputId = input.id;
  const standName = chosenStand.use();
  const { choices } = useWords();
  const append = useAppend(job.tag);

  const fits = (kind: string) =>
    job.intake.received?.camera.family.startsWith("FOCAL") ? kind === "FOCAL_PLANE" : kind === "LEAF";
  const stand =
    stands?.stands.find((one) => one.name === standName) ??
    stands?.stands.find((one) => fits(one.setup.kind)) ??
    stands?.stands[0];
  const rows = job.speeds;
  const speed = search.get("speed") ?? rows[0]?.speed ?? "";
  const row = rows.find((one) => one.speed === speed);
  const choose = (next: string) => {
    setSearch({ speed: next }, { replace: true });
    if (cueKind === "spoken") sayAloud(spoken(next));
  };
  const goOn = (after: SpeedRow[]) => {
    const from = after.findIndex((one) => one.speed === speed);
    const turn = [...after.slice(from + 1), ...after.slice(0, from)];
    const next = turn.find((one) => firedAt(one, phase) < wanted) ?? after[from + 1];
    if (next !== undefined) choose(next.speed);
    if (cueKind === "tones") cue("next");
  };

  const take = async (caught: CaughtFiring) => {
    setLast({ ...caught, speed });
    if (caught.shot === undefined || stand === undefined || row === undefined) {
      if (cueKind !== "off") cue("wrong");
      return;
    }
    try {
      const after = await append(
        [
          {
            kind: "firingsMeasured",
            speed,
            phase,
            attitude: attitude as "LEVEL",
            instrument: stand.instrument,
            setup: { ...stand.setup, nominalSeconds: row.nominal.seconds },
            recording: caught.recording,
            analysis: caught.analysis,
            firings: [caught.shot],
            afterRest,
            source: { input: input.label, stand: stand.name, simulated: inputId === STAND_IN },
          },
        ],
        { said: `${speed}: ${timeWords(caught.shot.seconds)}.` },
      );
      setAfterRest(false);
      const now = after?.speeds ?? rows;
      const fired = firedAt(
        now.find((one) => one.speed === speed),
        phase,
      );
      if (fired >= wanted && attitude === "LEVEL") goOn(now);
      else if (cueKind === "tones") cue("taken");
    } catch (refusal) {
      sayRefusal(refusal);
    }
  };
  const { listening, open, close, fire } = useListening(
    stand,
    row?.nominal.seconds ?? NOMINAL_WHERE_NONE,
    (caught) => void take(caught),
  );
  const countdown = useCountdown(listening.state === "on" && inputId !== STAND_IN);
  const standIn = shutter ?? stands?.standIn;
  const fireStandIn = () => {
    if (standIn === undefined || inputId !== STAND_IN) return;
    if (listening.state !== "on") return;
    orSay(fire(standIn));
  };
  const undo = async () => {
    const line = job.prove.timed.filter((one) => one.firings.length > 0).at(-1);
    if (line === undefined) {
      notify({ kind: "problem", text: texts.nothingHasBeenFiredOn });
      return;
    }
    await append([{ kind: "struck", target: line.id, reason: texts.notAFiringToCount }], {
      said: texts.removedOf(line.speed, timeWords(line.seconds[0]!)),
    }).catch(sayRefusal);
    setLast(undefined);
    choose(line.speed);
  };
  useForeignCode(() => goOn(rows));
  useSayAtHand({ speed });
  usePressed(() => goOn(rows));
  useKeys({ " ": () => goOn(rows), Enter: () => goOn(rows), f: fireStandIn, u: () => void undo() });

  if (rows.length === 0)
    return (
      <div className="p-6">
        <Empty>
          {texts.thisCameraHasNoSpeedsOn} <Link to="../intake">{texts.enterThemAtIntake}</Link>
          {texts.thenComeBack}
        </Empty>
      </div>
    );
  if (stands === undefined) return <p className="text-soft p-6">{texts.loadingTheStands}</p>;
  const run = runOf(row, phase);
  const shown = last?.speed === speed ? last : undefined;
  return (
    <div className="bay grid h-full grid-cols-[minmax(0,1fr)_312px]">
      <div className="flex min-h-0 flex-col gap-3 overflow-y-auto px-5 py-3">
        <Dial rows={rows} chosen={speed} phase={phase} wanted={wanted} onChoose={choose} />
        <div className="flex min-h-0 flex-1 items-center justify-around gap-6">
          <div className="text-center">
            <span className="text-soft block text-[20px]">{texts.setTheDialTo}</span>
            <span className="num block text-[112px] leading-none font-bold" aria-live="polite">
              {speed}
            </span>
            <span className="text-soft num mt-2 block text-[20px]">
              {texts.ofFired(firedAt(row, phase), wanted)}
            </span>
            <span className="mt-1 block text-[20px] font-bold" aria-live="polite">
              {run === undefined ? " " : texts.errorAndRun(stopsWords(run.bias.ev), verdictWords(run))}
            </span>
          </div>
          <LastFiring
            caught={shown}
            simulated={inputId === STAND_IN}
            waitingFor={
              listening.state !== "on"
                ? texts.notListening
                : countdown > 0
                  ? texts.holdStill(countdown)
                  : listening.lit
                    ? "open"
                    : "fire"
            }
          />
        </div>
        {row !== undefined && firedAt(row, phase) === 0 && last === undefined && (
          <div className="mx-auto w-[420px]">
            <EarLine job={job} speed={speed} phase={phase} />
          </div>
        )}
        {row !== undefined && <RunStrip row={row} run={run} />}
        <div className="flex items-center gap-3 pb-1">
          <Button kind="primary" keyHint="Space" className="px-6!" onClick={() => goOn(rows)}>
            {texts.nextSpeed}
          </Button>
          <Button keyHint="U" onClick={() => void undo()}>
            {texts.removeTheLastFiring}
          </Button>
          <Link
            to={`../prove?speed=${encodeURIComponent(speed)}`}
            relative="path"
            className="ml-auto underline"
          >
            {texts.allSpeeds}
          </Link>
        </div>
      </div>
      <aside className="border-line bg-sheet flex min-h-0 flex-col gap-4 overflow-y-auto border-l px-4 py-3">
        <Panel title={texts.listening}>
          <ChoiceField
            label={texts.stand}
            value={stand?.name ?? ""}
            choices={stands.stands.map((one) => ({ value: one.name, label: one.name }))}
            onChange={(event) => chosenStand.write(event.target.value)}
          />
          <InputChoice
            inputs={inputs}
            value={inputId}
            onChange={(id) => (close(), setHereOnly(id), chosenInput.write(id))}
          />
          {listening.state === "on" || listening.state === "opening" ? (
            <Button onClick={close}>{texts.stopListening}</Button>
          ) : (
            <Button
              kind="primary"
              onClick={(event) => {
                // the keys of the run must not press what was pressed last
                event.currentTarget.blur();
                void open(inputId);
              }}
            >
              {texts.startListening}
            </Button>
          )}
          <Levels listening={listening} standIn={inputId === STAND_IN} />
          {stand !== undefined && last !== undefined && (
            <KeepCutoff stands={stands.stands} stand={stand} input={last.input} />
          )}
        </Panel>
        {inputId === STAND_IN && listening.state === "on" && standIn !== undefined && (
          <StandInPanel shutter={standIn} onChange={setShutter} onFire={fireStandIn} />
        )}
        <Panel title={texts.run}>
          <Pick
            label={texts.beforeOrAfterTheWork}
            choices={[
              { value: "BEFORE", label: texts.before },
              { value: "AFTER", label: texts.afterInline },
            ]}
            value={phase}
            onChange={(next) => setPhase(next as Phase)}
          />
          <ChoiceField
            label={texts.cameraHeld}
            value={attitude}
            choices={choices("attitude")}
            onChange={(event) => setAttitude(event.target.value)}
          />
          <Tick
            label={texts.itHasRestedTheNext}
            checked={afterRest}
            onChange={(event) => setAfterRest(event.target.checked)}
          />
          <ChoiceField
            label={texts.firingsAtEachSpeed}
            value={String(wanted)}
            choices={["1", "3", "5", "8", "12", "20"].map((one) => ({ value: one, label: one }))}
            onChange={(event) => firingsEach.write(event.target.value)}
          />
          <ChoiceField
            label={texts.cue}
            value={cueKind}
            choices={[
              { value: "tones", label: texts.tones },
              { value: "spoken", label: texts.nextSpeedSpoken },
              { value: "off", label: texts.none },
            ]}
            onChange={(event) => cues.write(event.target.value)}
          />
        </Panel>
        {stand !== undefined && (
          <MeasureFile
            tag={job.tag}
            rows={rows}
            stand={stand}
            phase={phase}
            attitude={attitude}
            each={wanted}
          />
        )}
      </aside>
    </div>
  );
}

function spoken(speed: string): string {
  return speed.startsWith("1/")
    ? texts.oneOver(speed.slice(2))
    : `${speed} ${speed === "1" ? "second" : "seconds"}`;
}
