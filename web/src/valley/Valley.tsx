import { Fragment } from "react";
import { Link } from "react-router";
import type { JobView, PartView } from "../api/client";
import { useNow } from "../api/clock";
import { useWords } from "../api/queries";
import { Floor } from "./Floor";
import { BackRow, OffRow } from "./PartRow";
import { bySide } from "./words";
import { texts } from "./words";

const ROOMY_ROWS = 8;

/**
 * The valley: what was taken off down the left slope, outermost first and stepping inward; the same parts mirrored up
 * the right slope with the answer to "may it go back?"; between them the floor. One slope for each side that is open.
 */
export function Valley({ job }: { job: JobView }) {
  const { word } = useWords();
  const now = useNow(30_000);
  const compact = job.parts.length > ROOMY_ROWS;
  const deepest = Math.max(1, ...job.parts.map((part) => part.level));
  const indent = Math.min(compact ? 14 : 22, 150 / deepest);
  const sides = bySide(job.parts);
  const alike = new Set(job.lookAlikes.flatMap((pair) => [pair.shorterOf, pair.longerOf]));
  return (
    <div className="flex flex-col">
      <div className="text-soft flex justify-between px-1 pb-1 text-[13.5px]">
        <span>{texts.takenOff}</span>
        <span>{texts.putBack}</span>
      </div>
      {sides.map(([side, parts]) => (
        <Fragment key={side}>
          {sides.length > 1 && (
            <div className="bg-earth/60 grid grid-cols-[1fr_auto_1fr] items-center gap-3 text-[13px]">
              <span className="bg-metal/50 h-px" />
              <b className="py-0.5">{word("side", side)}</b>
              <span className="bg-metal/50 h-px" />
            </div>
          )}
          <ol className="flex flex-col" aria-label={texts.partsOffThe(word("side", side))}>
            {parts.map((part) => (
              <ValleyRow
                key={part.name}
                tag={job.tag}
                part={part}
                compact={compact}
                indent={indent}
                alert={alike.has(part.name)}
                now={now}
              />
            ))}
          </ol>
        </Fragment>
      ))}
      <Floor job={job} indent={indent * (deepest + 1)} />
    </div>
  );
}

function ValleyRow({
  tag,
  part,
  compact,
  indent,
  alert,
  now,
}: {
  tag: string;
  part: PartView;
  compact: boolean;
  indent: number;
  alert: boolean;
  now: number;
}) {
  const step = part.level * indent;
  return (
    <li
      className={`grid grid-cols-2 gap-x-1.5 py-[1.5px] ${compact ? "h-[37px]" : "h-[49px]"}`}
      style={{
        paddingInline: step,
        // the ground on both sides, so that the rows together look like the valley they are
        background: `linear-gradient(to right, var(--color-earth) ${step}px, transparent ${step}px calc(100% - ${step}px), var(--color-earth) calc(100% - ${step}px))`,
      }}
    >
      <Link
        to={`/camera/${tag}/strip?part=${encodeURIComponent(part.name)}`}
        className="min-w-0 rounded-[4px]"
        title={part.removed.remark}
      >
        <OffRow part={part} compact={compact} alert={alert} />
      </Link>
      <Link
        to={`/camera/${tag}/refit?part=${encodeURIComponent(part.name)}`}
        className="min-w-0 rounded-[4px]"
      >
        <BackRow part={part} compact={compact} now={now} />
      </Link>
    </li>
  );
}
