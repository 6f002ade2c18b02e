import { lazy, Suspense, useEffect, useState, useSyncExternalStore } from "react";
import type { Entry } from "../api/client";
import { discard, mended, onQueue, queueState, retry, type Refused } from "../api/queue";
import { Button } from "../ui/Button";
import { dismiss, useNotice } from "../hands/notices";
import { texts } from "./words";

const MendLine = lazy(async () => ({ default: (await import("../rooms/record")).MendLine }));

const SHOWN_MS = 6000;

/**
 * What was just logged, what waits for the server, and what it would not take afterwards: a strip of its own at the foot,
 * so that it never lies over a button. Once something was said the strip stays, so that nothing moves under a finger.
 */
export function NoticeBar() {
  const notice = useNotice();
  const [told, setTold] = useState(false);
  const [mending, setMending] = useState<Refused>();
  if (notice !== undefined && !told) setTold(true);
  const queue = useSyncExternalStore(onQueue, queueState);
  useEffect(() => {
    if (notice === undefined || notice.kind === "problem") return;
    const timer = setTimeout(dismiss, SHOWN_MS);
    return () => clearTimeout(timer);
  }, [notice]);
  return (
    <div
      className={`border-line bg-sheet flex shrink-0 flex-col justify-center px-5 print:hidden ${told || queue.away || queue.held.length > 0 ? "min-h-11 border-t" : ""}`}
    >
      {queue.refused.map((refused) => (
        <div
          key={refused.sending.lines[0]?.id}
          role="alert"
          className="border-stop my-1 rounded-[4px] border-l-4 px-4 py-1"
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
            <Button onClick={() => setMending(refused)}>{texts.changeIt}</Button>
            <Button onClick={() => retry(refused)}>{texts.sendAgain}</Button>
            <Button kind="quiet" onClick={() => discard(refused)}>
              {texts.discard}
            </Button>
          </div>
        </div>
      ))}
      {mending !== undefined && (
        <Suspense>
          <MendLine
            refused={mending}
            onClose={() => setMending(undefined)}
            onSend={(lines) => {
              mended(mending, lines);
              setMending(undefined);
            }}
          />
        </Suspense>
      )}
      <div role="status" aria-live="polite" className="flex flex-wrap items-center gap-x-4">
        {queue.away && queue.waiting > 0 && (
          <p className="text-mark font-bold">
            {queue.trouble === "" ? texts.theServerCannotBeReached : queue.trouble}{" "}
            {texts.linesKeptHere(queue.waiting, queue.waiting === 1)}{" "}
            {queue.onlyHere && texts.leaveThisPageOpen}
          </p>
        )}
        {!queue.away &&
          queue.held.map((signer) => (
            <p key={signer} className="text-mark font-bold">
              {texts.linesWaitFor(signer)}
            </p>
          ))}
        {notice !== undefined && !(queue.away && notice.kind === "waiting") && (
          <div
            className={`flex items-center gap-2 ${notice.kind === "problem" ? "text-stop font-bold" : "text-done"}`}
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
