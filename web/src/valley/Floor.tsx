import type { JobView } from "../api/client";
import { stopsWords } from "../plots/ev";
import { texts } from "./words";

const LINES = 4;

/** The floor of the valley: what was found, what was done about it, and how it runs. */
export function Floor({ job, indent }: { job: JobView; indent: number }) {
  const side = Math.min(indent, 110);
  return (
    <div
      className="pb-2"
      style={{
        paddingInline: side,
        background: `linear-gradient(to right, var(--color-earth) ${side}px, transparent ${side}px calc(100% - ${side}px), var(--color-earth) calc(100% - ${side}px))`,
      }}
    >
      <div className="divide-line border-ink bg-sheet grid grid-cols-3 divide-x border-2">
        <Column title={texts.found} lines={found(job)} empty={texts.noSymptomsNotedYet} />
        <Column title={texts.cleanedMendedOiled} lines={treated(job)} empty={texts.nothingTreatedYet} />
        <Column title={texts.howItRuns} lines={runs(job)} empty={texts.noSpeedsTimedYet} />
      </div>
    </div>
  );
}

function Column({ title, lines, empty }: { title: string; lines: string[]; empty: string }) {
  return (
    <div className="min-w-0 px-3 py-2">
      <h2 className="pb-0.5 text-[14px]">{title}</h2>
      {lines.length === 0 && <p className="text-soft text-[14px]">{empty}</p>}
      {lines.slice(0, LINES).map((line, index) => (
        <p key={index} className="truncate text-[14px]" title={line}>
          {line}
        </p>
      ))}
      {lines.length > LINES && <p className="text-soft text-[13px]">{texts.andMore(lines.length - LINES)}</p>}
    </div>
  );
}

function found(job: JobView): string[] {
  const cleared = job.find.suspects.filter((suspect) => suspect.state === "CLEARED").length;
  const open = job.find.suspects
    .filter((suspect) => suspect.state === "OPEN")
    .map((suspect) => suspect.what.words);
  return [
    ...job.find.causes.map((cause) => texts.cause(cause.what.words)),
    ...(open.length > 0 ? [texts.open(open.join(", "))] : []),
    ...(cleared > 0 ? [texts.ofSuspectsCleared(cleared, job.find.suspects.length)] : []),
    ...job.find.symptoms.map((symptom) => symptom.what.words),
    ...job.find.found.map((thing) => thing.what.words),
  ];
}

function treated(job: JobView): string[] {
  const running = job.treat.waits.filter((wait) => wait.state !== "ENDED");
  return [
    ...running.map((wait) => `${wait.state === "OVER" ? "Over" : "Waits"}: ${wait.running.what.words}`),
    ...job.needs.needs.filter((need) => need.open).map((need) => texts.needed(need.what)),
    ...job.treat.mended.map((one) => `${one.what.part}: ${one.what.what}`),
    ...(job.treat.cleaned.length > 0
      ? [texts.cleaned([...new Set(job.treat.cleaned.map((one) => one.what.part))].join(", "))]
      : []),
    ...(job.treat.lubricated.length > 0
      ? [texts.oiled(job.treat.lubricated.map((one) => one.what.point.words).join(", "))]
      : []),
  ];
}

function runs(job: JobView): string[] {
  const timed = job.speeds.filter((row) => row.before !== undefined || row.after !== undefined);
  const worst = [...timed].sort((a, b) => size(b) - size(a)).slice(0, 2);
  const streak = job.prove.streak;
  return [
    ...worst.map(
      (row) =>
        `${row.speed}: ${row.before === undefined ? "" : `${stopsWords(row.before.bias.ev)} EV before`}${row.after === undefined ? "" : ` → ${stopsWords(row.after.bias.ev)} EV`}`,
    ),
    ...(timed.some((row) => row.after !== undefined)
      ? [
          texts.ofSpeedsInTolerance(
            timed.filter((row) => row.after?.verdict.kind === "IN").length,
            timed.length,
          ),
        ]
      : []),
    ...(streak.firingsSinceWork > 0 ? [texts.ofGoodInARow(streak.current, streak.wanted)] : []),
  ];
}

const size = (row: JobView["speeds"][number]) => Math.abs(row.before?.bias.ev ?? row.after?.bias.ev ?? 0);
