import { figure } from "../../ui/figures";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useAppend } from "../../hands/append";
import type { JobView, Schemas } from "../../api/client";
import { lightQuery, useWords } from "../../api/queries";
import { timeWords } from "../../plots/ev";
import { LightPlot } from "../../plots/LightPlot";
import { orSay } from "../../hands/notices";
import { Button } from "../../ui/Button";
import { Window } from "../../ui/Window";
import { texts } from "./words";

type Timed = Schemas["Timed"];

/** Every firing at a speed, as it was made; a measured one opens its light. */
export function Firings({ job, speed }: { job: JobView; speed: string }) {
  const [shown, setShown] = useState<{ run: Timed; at: number }>();
  const runs = job.prove.timed.filter((run) => run.speed === speed);
  if (runs.length === 0) return null;
  return (
    <>
      <ul className="flex flex-wrap gap-1.5" aria-label={texts.firingsAt(speed)}>
        {runs.flatMap((run) =>
          run.seconds.map((seconds, at) => {
            const measured = run.firings[at];
            const counts = job.prove.counting.includes(run.id);
            const words = [
              run.how.phase === "BEFORE" ? "before" : "after",
              timeWords(seconds),
              ...(run.with.source.simulated ? [texts.simulated] : []),
              ...(counts ? [] : [texts.notCountedAnyMore]),
            ].join(", ");
            return (
              <li key={`${run.id}-${at}`}>
                {measured === undefined ? (
                  <span
                    title={words}
                    className={`num border-line text-soft inline-flex min-h-11 items-center rounded-[4px] border px-2 text-[14px] ${counts ? "" : "line-through"}`}
                  >
                    {timeWords(seconds)}
                    {!counts && <span className="sr-only">{texts.notCountedAnyMore}</span>}
                  </span>
                ) : (
                  <button
                    type="button"
                    aria-label={texts.showItsLightCurve(words)}
                    onClick={() => setShown({ run, at })}
                    className={`num inline-flex min-h-11 items-center rounded-[4px] border px-2 text-[14px] font-bold ${run.how.phase === "AFTER" ? "border-ready text-ready" : "border-mark-line text-mark"} ${counts ? "" : "line-through"}`}
                  >
                    {timeWords(seconds)}
                    {measured.flags.length > 0 && <span aria-hidden="true">{" *"}</span>}
                    {run.with.source.simulated && (
                      <span className="pl-1 text-[12px] font-normal">{texts.simulated}</span>
                    )}
                  </button>
                )}
              </li>
            );
          }),
        )}
      </ul>
      {shown !== undefined && (
        <LightWindow job={job} run={shown.run} at={shown.at} close={() => setShown(undefined)} />
      )}
    </>
  );
}

function LightWindow({ job, run, at, close }: { job: JobView; run: Timed; at: number; close: () => void }) {
  const { word } = useWords();
  const append = useAppend(job.tag);
  const firing = run.firings[at]!;
  const light = useQuery(lightQuery(job.tag, run.id, firing.index)).data;
  const strike = () =>
    orSay(
      append([{ kind: "struck", target: run.id, reason: texts.itsLightShowsThatIt }], {
        said: texts.removed(run.speed, timeWords(firing.seconds)),
      }).then(close),
    );
  return (
    <Window
      wide
      open
      onOpenChange={(open) => !open && close()}
      title={`${run.speed}: ${timeWords(firing.seconds)}`}
      about={texts.uncertainBy(
        run.with.instrument || texts.theStand,
        figure((firing.uncertaintySeconds / firing.seconds) * 100, 2),
      )}
    >
      <div className="flex flex-col gap-4">
        <p className={run.with.source.simulated ? "text-mark font-bold" : "text-soft text-[14px]"}>
          {run.with.source.simulated
            ? texts.simulatedNotFromThisCamera
            : texts.whereFrom(run.with.source.input, run.with.source.stand)}
        </p>
        {firing.flags.map((flag) => (
          <p key={flag} className="text-mark">
            * {word("firingFlag", flag)}
          </p>
        ))}
        {light === undefined && <p className="text-soft">{texts.measuringItAgain}</p>}
        {light?.length === 0 && <p className="text-soft">{texts.itsRecordingIsNotStored}</p>}
        {light?.map((one) => (
          <LightPlot key={one.channel} light={one} />
        ))}
        <p className="text-soft text-[14px]">{texts.lightCorrectedForTheInputs}</p>
        <div className="flex items-center gap-3">
          <Button kind="stop" onClick={strike}>
            {texts.notAFiringRemoveIt}
          </Button>
          {run.with.recording !== "" && (
            <a className="underline" href={`/api/recordings/${run.with.recording}`}>
              {texts.itsRecording}
            </a>
          )}
        </div>
      </div>
    </Window>
  );
}
