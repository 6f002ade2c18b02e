import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { JobView, Stop } from "../../api/client";
import { knownQuery, lineKindsQuery, useWords } from "../../api/queries";
import { Button, Key } from "../../ui/Button";
import { ProblemNote } from "../../ui/ProblemNote";
import { BeforeLift, metOf } from "../strip";
import { completed } from "./completed";
import { lineHints } from "./lineHints";
import { ByForm } from "./line/ByForm";
import { Chips } from "./line/Chips";
import { remarkOrBack, stepped } from "./line/chosen";
import { MendChip } from "./line/MendChip";
import { useLine } from "./line/useLine";
import { texts } from "./words";

const toTheLine = () => document.getElementById("log-line")?.focus();

/** The line at the foot of every camera screen: typed as one speaks, shown as understood, logged at Enter. */
export function LogLine({ job, stop }: { job: JobView; stop?: Stop }) {
  const line = useLine(job, stop);
  const { read } = line;
  const { word } = useWords();
  const [at, setAt] = useState<number>();
  const [mending, setMending] = useState<number>();
  const [form, setForm] = useState(false);
  const forms = useQuery({ ...lineKindsQuery, enabled: read !== undefined || form }).data ?? [];
  const chip = mending === undefined ? undefined : read?.chips[mending];

  const first = read?.chips[0]?.entries[0];
  const lifting = first?.kind === "removed" && first.within === undefined ? first.part : "";
  const known = useQuery({
    ...knownQuery(job.tag, job.lastSequence),
    enabled: lifting !== "",
  }).data;
  const met = metOf(known, lifting);

  const back = () => {
    setAt(undefined);
    setMending(undefined);
    toTheLine();
  };
  const log = async () => {
    if (await line.log()) back();
  };
  const complete = (word: string) => {
    line.type(completed(line.text, word));
    toTheLine();
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
      {line.problem !== undefined && (
        <div className="pb-2">
          <ProblemNote problem={line.problem} />
        </div>
      )}
      {chip !== undefined && (
        <MendChip chip={chip} forms={forms} job={job} onChoose={line.choose} onClose={back} />
      )}
      {form && <ByForm job={job} stop={stop} forms={forms} onClose={() => setForm(false)} />}
      <div className="flex items-center gap-3">
        <span className="max-[600px]:hidden">
          <Key>{texts.l}</Key>
        </span>
        <input
          id="log-line"
          className="num min-h-11 min-w-0 flex-1 border-0 bg-transparent px-2 text-[16.5px] outline-offset-[-1px]"
          value={line.text}
          spellCheck={false}
          autoComplete="off"
          aria-label={texts.logLine}
          aria-describedby="log-reading"
          placeholder={lineHints(job, stop)}
          onChange={(event) => {
            line.type(event.target.value);
            setMending(undefined);
          }}
          onFocus={() => setAt(undefined)}
          onKeyDown={(event) => {
            if (event.key === "ArrowUp" && line.hasEarlier) line.recall(1);
            else if (event.key === "ArrowDown" && line.recalling()) line.recall(-1);
            else if (event.key === "ArrowDown" && read !== undefined) setAt(0);
            else return;
            event.preventDefault();
          }}
        />
        {line.text.trim() === "" ? (
          <Button kind="quiet" aria-expanded={form} onClick={() => setForm(!form)}>
            {texts.byForm}
          </Button>
        ) : (
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
        {read !== undefined && (
          <Chips
            reading={read}
            at={at}
            onAt={(next) => (next === undefined ? back() : setAt(next))}
            onStep={(one, step) => line.choose(stepped(one, step))}
            onRemark={(one) => line.setChosen(remarkOrBack(one, line.chosen))}
            onMend={(index) => setMending(index === mending ? undefined : index)}
            onLog={() => void log()}
          />
        )}
        {read !== undefined && read.teaches.length > 0 && (
          <span className="text-soft text-[13.5px]">
            {texts.willLearn(
              read.teaches.map((one) => texts.wordIs(one.phrase, word("wordClass", one.as))).join("; "),
            )}
          </span>
        )}
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
        <span id="chip-keys" className="sr-only">
          {texts.chipKeys}
        </span>
      </div>
    </form>
  );
}
