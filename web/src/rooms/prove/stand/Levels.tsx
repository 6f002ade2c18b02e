import type { Listening } from "./useListening";
import { texts } from "../words";

const QUIETEST_DB = -60;

/** How loud each channel comes in; red and in words when the input is at its limit. */
export function Levels({ listening, standIn }: { listening: Listening; standIn: boolean }) {
  switch (listening.state) {
    case "off":
      return (
        <p className="text-soft text-[14px]">{standIn ? texts.theStandInIsA : texts.lampOnDiodeBehindThe}</p>
      );
    case "opening":
      return <p className="text-soft text-[14px]">{texts.loading}</p>;
    case "failed":
      return (
        <p className="text-stop text-[14px]" role="alert">
          {listening.why}
        </p>
      );
    case "on":
      return (
        <div className="flex flex-col gap-1.5" aria-label={texts.levels}>
          {listening.peaks.map((peak, index) => {
            const db = Math.max(QUIETEST_DB, 20 * Math.log10(Math.max(1e-6, peak)));
            const width = 100 * (1 - db / QUIETEST_DB);
            return (
              <div key={index} className="flex items-center gap-2">
                <span className="num text-soft w-4 text-[13px]">{index + 1}</span>
                <span className="border-line bg-sunk h-4 flex-1 overflow-hidden rounded-[2px] border">
                  <span
                    className={`block h-full ${listening.clipping ? "bg-stop" : "bg-ready"}`}
                    style={{ width: `${width}%` }}
                  />
                </span>
              </div>
            );
          })}
          <p className={`text-[14px] ${listening.clipping ? "text-stop font-bold" : "text-soft"}`}>
            {listening.clipping
              ? texts.atItsLimitTurnThe
              : listening.lit
                ? texts.open
                : texts.listeningFireWhenReady}
          </p>
        </div>
      );
  }
}
