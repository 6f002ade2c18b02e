import type { Phase } from "../usePhase";
import type { SpeedRow } from "../../../api/client";
import { verdictWords } from "../../../plots/SpeedPlot";
import { texts } from "../words";

export const runOf = (row: SpeedRow | undefined, phase: Phase) =>
  phase === "BEFORE" ? row?.before : row?.after;

export const firedAt = (row: SpeedRow | undefined, phase: Phase) => {
  const run = runOf(row, phase);
  return run === undefined ? 0 : run.seconds.length + run.hung.length;
};

/** The camera's own dial, slowest first: where one is, and how far each speed has come. */
export function Dial({
  rows,
  chosen,
  phase,
  wanted,
  onChoose,
}: {
  rows: SpeedRow[];
  chosen: string;
  phase: Phase;
  wanted: number;
  onChoose: (speed: string) => void;
}) {
  return (
    <ol className="flex gap-1.5" aria-label={texts.speedsOfTheDial}>
      {rows.map((row) => {
        const run = runOf(row, phase);
        const fired = firedAt(row, phase);
        const here = row.speed === chosen;
        const kind = run?.verdict.kind;
        const shape = kind === "IN" ? "●" : kind === "OUT" ? "✕" : kind === undefined ? "" : "○";
        const look = kind === "IN" ? "text-done" : kind === "OUT" ? "text-stop" : "text-mark";
        return (
          <li key={row.speed} className="min-w-0 flex-1">
            <button
              type="button"
              onClick={() => onChoose(row.speed)}
              aria-current={here ? "step" : undefined}
              title={run === undefined ? texts.notFiredYet : verdictWords(run)}
              className={`flex min-h-14 w-full flex-col items-center justify-center rounded-[4px] border px-1 ${here ? "border-ready bg-ready text-on-ready" : "border-line bg-sheet hover:border-ink"}`}
            >
              <span className="num text-[17px] font-bold">{row.speed}</span>
              <span className={`num text-[14px] ${here ? "" : "text-soft"}`}>
                <span className={here ? "" : look} aria-hidden="true">
                  {shape}
                </span>{" "}
                {fired}/{Math.max(wanted, fired)}
              </span>
            </button>
          </li>
        );
      })}
    </ol>
  );
}
