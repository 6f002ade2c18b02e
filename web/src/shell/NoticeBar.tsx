import { useEffect, useSyncExternalStore } from "react";
import type { Entry } from "../api/client";
import { discard, onQueue, queueState, retry } from "../api/queue";
import { Button } from "../ui/Button";
import { dismiss, useNotice } from "../hands/notices";
import { texts } from "./words";

const SHOWN_MS = 6000;

/** What was just logged, what waits for the server, and what it would not take afterwards. */
export function NoticeBar() {
  const notice = useNotice();
  const queue = useSyncExternalStore(onQueue, queueState);
  useEffect(() => {
    if (notice === undefined || notice.kind === "problem") return;
    const timer = setTimeout(dismiss, SHOWN_MS);
    return () => clearTimeout(timer);
  }, [notice]);
  return (
    <div className="pointer-events-none fixed bottom-[78px] left-1/2 z-30 flex w-max max-w-[92vw] -translate-x-1/2 flex-col items-center gap-2 print:hidden">
      {queue.refused.map((refused) => (
        <div
          key={refused.sending.lines[0]?.id}
          role="alert"
          className="border-stop bg-sheet pointer-events-auto rounded-[4px] border-l-4 px-4 py-2 shadow-md"
        >
          <p className="text-stop font-bold">
            {refused.sending.log}
            {texts.aLineTypedWhileThe} {refused.message}
          </p>
          <p>
            {refused.remedy} {texts.itIsKeptHereUntil}
          </p>
          <p className="num text-[13.5px]">
            {refused.sending.lines.map((line) => inShort(line.entry)).join("; ")}
          </p>
          <div className="flex gap-2">
            <Button onClick={() => retry(refused)}>{texts.sendAgain}</Button>
            <Button kind="quiet" onClick={() => discard(refused)}>
              {texts.discard}
            </Button>
          </div>
        </div>
      ))}
      <div role="status" aria-live="polite" className="flex flex-col items-center gap-2">
        {queue.away && queue.waiting > 0 && (
          <p className="border-mark-line bg-mark-wash text-mark pointer-events-auto rounded-[4px] border px-4 py-2 font-bold">
            {texts.theServerCannotBeReached(queue.waiting, queue.waiting === 1)}
          </p>
        )}
        {notice !== undefined && !(queue.away && notice.kind === "waiting") && (
          <div
            className={`bg-sheet pointer-events-auto flex items-center gap-2 rounded-[4px] border px-4 py-1.5 shadow-md ${notice.kind === "problem" ? "border-stop text-stop" : "border-line"}`}
          >
            <span>{notice.text}</span>
            {notice.undo !== undefined && (
              <Button kind="quiet" onClick={notice.undo} keyHint="Ctrl Z">
                {texts.undo}
              </Button>
            )}
            {notice.kind === "problem" && (
              <Button kind="quiet" onClick={dismiss}>
                {texts.close}
              </Button>
            )}
          </div>
        )}
      </div>
    </div>
  );
}

/** What a line says, without knowing its kind: its words and figures in their order. */
function inShort(entry: Entry): string {
  return Object.values(entry)
    .filter((value) => (typeof value === "string" && value !== "") || typeof value === "number")
    .join(", ");
}
