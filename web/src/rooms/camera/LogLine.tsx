import { useQuery } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { useAppend } from "../../hands/append";
import { Away, Problem, answer, server, type JobView, type Reading, type Stop } from "../../api/client";
import { knownQuery, readingQuery } from "../../api/queries";
import { useDraft } from "../../hands/draft";
import { Button, Key } from "../../ui/Button";
import { ProblemNote } from "../../ui/ProblemNote";
import { BeforeLift, metOf } from "../strip";
import { completed } from "./completed";
import { lineHints } from "./lineHints";
import { useProposed } from "../../hands/proposedLine";
import { texts } from "./words";

const CHIPS: Record<Reading["chips"][number]["kind"], string> = {
  ACTION: "bg-ready-wash text-ready font-bold",
  DETAIL: "bg-sunk text-ink border border-line",
  WELL: "num bg-sheet text-ink border-2 border-ink/70 font-bold",
  MARK: "bg-mark-wash text-mark",
  HAZARD: "bg-stop-wash text-stop font-bold",
  NOTE: "bg-sheet text-ink border border-dashed border-soft italic",
};

/** The line at the foot of every camera screen: typed in shorthand, shown as understood, logged at Enter. */
export function LogLine({ job, stop }: { job: JobView; stop?: Stop }) {
  const [text, setText] = useDraft(`line.${job.tag}`);
  const [problem, setProblem] = useState<Problem>();
  const [earlier, setEarlier] = useState<string[]>([]);
  const recalled = useRef(-1);
  const reading = useQuery(readingQuery(job.tag, text)).data;
  const append = useAppend(job.tag);
  const read = text.trim() === "" ? undefined : reading;

  const first = read?.entries[0];
  const lifting = first?.kind === "removed" && first.within === undefined ? first.part : "";
  const known = useQuery({
    ...knownQuery(job.tag, job.lastSequence),
    enabled: lifting !== "",
  }).data;
  const met = metOf(known, lifting);

  const log = async () => {
    if (text.trim() === "") return;
    setProblem(undefined);
    try {
      const fresh = await answer(
        server.POST("/api/jobs/{tag}/read", { params: { path: { tag: job.tag } }, body: { text } }),
      );
      if (fresh.entries.length === 0) return;
      await append(fresh.entries, { said: fresh.chips[0]?.text });
      setEarlier([text, ...earlier.filter((line) => line !== text)].slice(0, 30));
      recalled.current = -1;
      setText("");
    } catch (refused) {
      if (refused instanceof Away) {
        // it cannot be read without the server: kept as a note, so that nothing said is lost
        await append([{ kind: "noted", text }]);
        setText("");
      } else if (refused instanceof Problem) setProblem(refused);
      else throw refused;
    }
  };

  const recall = (step: number) => {
    recalled.current = Math.max(-1, Math.min(earlier.length - 1, recalled.current + step));
    setText(recalled.current < 0 ? "" : earlier[recalled.current]);
  };

  useProposed((line) => {
    // what stood there half-typed is an arrow key away
    if (text.trim() !== "") setEarlier([text, ...earlier]);
    setText(line);
    setProblem(undefined);
    document.getElementById("log-line")?.focus();
  });

  const complete = (word: string) => {
    setText(completed(text, word));
    document.getElementById("log-line")?.focus();
  };

  return (
    <form
      className="border-ink bg-sheet sticky bottom-0 flex shrink-0 flex-col border-t-2 px-5 py-2 print:hidden"
      aria-label={texts.logLine}
      onSubmit={(event) => {
        event.preventDefault();
        void log();
      }}
    >
      {known !== undefined && met !== undefined && (
        <div className="pb-1">
          <BeforeLift job={job} known={known} met={met} />
        </div>
      )}
      {problem !== undefined && (
        <div className="pb-2">
          <ProblemNote problem={problem} />
        </div>
      )}
      <div className="flex items-center gap-3">
        <Key>{texts.l}</Key>
        <input
          id="log-line"
          className="num min-h-11 min-w-0 flex-1 border-0 bg-transparent px-2 text-[16.5px] outline-offset-[-1px]"
          value={text}
          spellCheck={false}
          autoComplete="off"
          aria-label={texts.logLine}
          aria-describedby="log-reading"
          placeholder={lineHints(job, stop)}
          onChange={(event) => {
            setText(event.target.value);
            setProblem(undefined);
          }}
          onKeyDown={(event) => {
            if (event.key === "ArrowUp" && earlier.length > 0) recall(1);
            else if (event.key === "ArrowDown" && recalled.current >= 0) recall(-1);
            else return;
            event.preventDefault();
          }}
        />
        {text.trim() !== "" && (
          <Button kind="primary" type="submit" keyHint="↵">
            {texts.log}
          </Button>
        )}
      </div>
      <div
        id="log-reading"
        aria-live="polite"
        className={`flex flex-wrap items-center gap-1.5 pl-9 ${read === undefined ? "" : "min-h-8 pb-0.5"}`}
      >
        {read?.chips.map((chip, index) => (
          <span key={index} className={`rounded-[3px] px-2 py-0.5 text-[14px] ${CHIPS[chip.kind]}`}>
            {chip.text}
          </span>
        ))}
        {read?.question !== undefined && (
          <span className="text-mark text-[14.5px] font-bold">{read.question}</span>
        )}
        {read?.completions.slice(0, 7).map((word) => (
          <button
            key={word}
            type="button"
            onClick={() => complete(word)}
            className="num border-line hover:border-ink min-h-11 rounded-[3px] border px-2 text-[13.5px]"
          >
            {word}
          </button>
        ))}
      </div>
    </form>
  );
}
