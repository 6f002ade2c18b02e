import type { PartView } from "../api/client";
import { useWords } from "../api/queries";
import { smallOf } from "../api/pictures";
import { FastenerDrawing, LooseDrawing } from "../ui/FastenerDrawing";
import { StateMark } from "../ui/State";
import { WellMark } from "../ui/WellMark";
import { moment } from "../ui/dates";
import { answerOf } from "./words";
import { texts } from "./words";

const DRAWN_AT_MOST = 3;

/** A part on the left slope: what it is, what held it, how it lay and where its pieces are. */
export function OffRow({
  part,
  compact,
  alert,
  alone = false,
}: {
  part: PartView;
  compact: boolean;
  alert: boolean;
  alone?: boolean;
}) {
  const { word } = useWords();
  const off = part.removed;
  const back = part.answer.kind === "BACK";
  const drawn = part.fasteners.slice(0, compact ? 2 : DRAWN_AT_MOST);
  return (
    <div
      className={`border-line bg-sheet flex h-full items-center gap-2 overflow-hidden border-y border-l-4 px-2.5 ${alone ? "rounded-[4px] border-r" : "rounded-l-[4px]"} ${back ? "border-l-done" : "border-l-metal-dark"}`}
    >
      <div className={`max-w-[64%] ${part.pictures.length > 0 ? "min-w-[28%]" : "min-w-[40%]"}`}>
        <b className={`block truncate leading-5 ${compact ? "text-[15px]" : ""}`}>{part.name}</b>
        {!compact && (
          <span className="text-soft block truncate text-[13px] leading-4">
            {[fastenerWords(part), ...off.joints.map((joint) => word("jointKind", joint.kind))]
              .filter((words) => words !== "")
              .join(", ") || word("side", off.side)}
          </span>
        )}
      </div>
      <span className="flex h-[22px] min-w-0 flex-1 flex-wrap justify-end gap-x-1.5 gap-y-3 overflow-hidden">
        {off.hazards.slice(0, compact ? 1 : 2).map((hazard) => (
          <Note key={hazard} look="bg-stop-wash text-stop" short={compact}>
            {hazard === "SPRING" ? texts.spring : hazard === "BALL" ? texts.ball : word("hazard", hazard)}
          </Note>
        ))}
        {off.mark !== undefined && (
          <Note look="bg-mark-wash text-mark" short={compact} title={texts.mark(off.mark.text)}>
            {compact ? texts.markInline : off.mark.text}
          </Note>
        )}
        {off.setting !== "" && (
          <Note look="bg-mark-wash text-mark" short={compact} title={texts.wasAt(off.setting)}>
            {texts.atIt(off.setting)}
          </Note>
        )}
      </span>
      {!back && (
        <span className="flex min-w-0 items-center gap-2 overflow-hidden">
          {drawn.map((one) => (
            <span
              key={one.type}
              className="flex items-center gap-0.5"
              title={`${one.fastener.count} × ${one.type}`}
            >
              <FastenerDrawing fastener={one.fastener} scale={compact ? 3 : 4.2} />
              {one.fastener.count > 1 && <span className="num text-[12.5px]">×{one.fastener.count}</span>}
            </span>
          ))}
          {off.loose.map((loose) => (
            <span
              key={loose.name}
              className="flex items-center gap-0.5"
              title={`${loose.count} × ${loose.name}`}
            >
              <LooseDrawing name={loose.name} />
              {loose.count > 1 && <span className="num text-[12.5px]">×{loose.count}</span>}
            </span>
          ))}
        </span>
      )}
      {part.pictures.length > 0 && (
        <img
          src={smallOf(part.pictures[part.pictures.length - 1])}
          alt={texts.pictureOfThe(part.name)}
          loading="lazy"
          className={`shrink-0 rounded-[3px] object-cover ${compact ? "h-7 w-10" : "h-[38px] w-[44px]"}`}
        />
      )}
      {!back && (
        <span className="flex shrink-0 gap-1">
          {off.wells.map((well) => (
            <WellMark key={well} name={well} alert={alert} />
          ))}
        </span>
      )}
    </div>
  );
}

/** The same part on the right slope: back, or the first thing that stands against it. */
export function BackRow({ part, compact, now }: { part: PartView; compact: boolean; now: number }) {
  const answer = answerOf(part);
  const until = part.answer.until === undefined ? "" : texts.until(moment(part.answer.until, now));
  const settled =
    part.settledAt === undefined ? "" : `${moment(part.settledAt, now)}, ${part.settledBy ?? ""}`;
  const reason = [part.answer.reason, until, settled].filter((words) => words !== "").join(", ");
  return (
    <div
      className={`border-line flex h-full items-center gap-2.5 rounded-r-[4px] border-y border-r-4 px-2.5 text-right ${answer.look} ${part.answer.kind === "BACK" ? "border-r-done" : "border-r-metal-dark"} ${part.answer.kind === "WAITING" ? "border-dashed" : ""}`}
    >
      <div className={`min-w-0 flex-1 ${compact ? "flex items-baseline justify-end gap-2" : ""}`}>
        {compact && <span className="truncate text-[13px]">{reason}</span>}
        <b className="block shrink-0 truncate leading-5">{answer.word}</b>
        {!compact && (
          <span className="block truncate text-[13px] leading-4" title={reason}>
            {reason || texts.everythingUnderItIsBack}
          </span>
        )}
      </div>
      {part.answer.kind === "READY" ? (
        <svg width="16" height="16" viewBox="0 0 16 16" aria-hidden="true">
          <path
            d="M3 8h9M8.5 4 12.5 8l-4 4"
            fill="none"
            stroke="currentColor"
            strokeWidth="2.2"
            strokeLinecap="round"
          />
        </svg>
      ) : (
        <StateMark mark={answer.mark} />
      )}
    </div>
  );
}

function Note({
  look,
  short,
  title,
  children,
}: {
  look: string;
  short: boolean;
  title?: string;
  children: React.ReactNode;
}) {
  return (
    <span
      title={title}
      className={`h-[22px] shrink-0 truncate rounded-[3px] px-1.5 py-[3px] text-[13px] leading-4 ${look} ${short ? "max-w-[min(92px,100%)]" : "max-w-[min(150px,100%)]"}`}
    >
      {children}
    </span>
  );
}

/** Short enough for a row: the drawing says the rest. */
function fastenerWords(part: PartView): string {
  return part.fasteners
    .map(({ fastener, type }) =>
      fastener.threadMm === undefined
        ? `${fastener.count} × ${type}`
        : `${fastener.count} × ${fastener.threadMm}${fastener.lengthMm === undefined ? "" : `×${fastener.lengthMm}`}`,
    )
    .join(", ");
}
