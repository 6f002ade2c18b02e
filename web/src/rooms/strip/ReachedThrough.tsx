import { useState } from "react";
import { useAppend } from "../../hands/append";
import type { JobView, Schemas } from "../../api/client";
import { useWords } from "../../api/queries";
import { Button } from "../../ui/Button";
import { useSubmit } from "../../ui/useSubmit";
import { texts } from "./words";

type Question = Schemas["ReachedThrough"];

/** The last part came from inside with several sides open: which of them had to be off for it is asked once. */
export function ReachedThrough({ job, question }: { job: JobView; question: Question }) {
  const append = useAppend(job.tag);
  const { word } = useWords();
  const { refused, busy, submit } = useSubmit();
  const [all, setAll] = useState(false);
  if (all) return null;
  const only = ({ side, freeOf }: Question["ways"][number]) =>
    submit(() =>
      append([{ kind: "freeOf", part: question.part, others: freeOf }], {
        said: texts.wasReachedThrough(question.part, word("side", side)),
      }),
    );
  return (
    <section
      aria-label={texts.howItWasReached}
      className="border-mark-line bg-mark-wash mx-5 mt-3 flex flex-col gap-2 rounded-[3px] border-l-4 px-2.5 py-2"
    >
      <p>{texts.whichSideHadToBeOpen(question.part)}</p>
      <div className="flex flex-wrap gap-2">
        {question.ways.map((way) => (
          <Button key={way.side} disabled={busy} onClick={() => void only(way)}>
            {texts.onlyThisSide(word("side", way.side))}
          </Button>
        ))}
        <Button kind="quiet" onClick={() => setAll(true)}>
          {texts.allOfThem}
        </Button>
      </div>
      {refused}
    </section>
  );
}
