import { useState } from "react";
import { useAppend } from "../../hands/append";
import type { JobView } from "../../api/client";
import { Button } from "../../ui/Button";
import { useDragOnto } from "../../ui/useDragOnto";
import { useSubmit } from "../../ui/useSubmit";
import { texts } from "./words";

interface Pair {
  one: string;
  other: string;
}

/** Parts dragged onto each other in a list: which of the two lies over the other is asked, then logged. */
export function useDragOver() {
  const [pair, setPair] = useState<Pair>();
  const { over, handle } = useDragOnto("part", (one, other) => setPair({ one, other }));
  return { row: handle, over, pair, done: () => setPair(undefined) };
}

/** Which of two parts lies over the other, or whether they have nothing to do with each other. */
export function WhichOver({ job, pair, onDone }: { job: JobView; pair: Pair; onDone: () => void }) {
  const append = useAppend(job.tag);
  const { refused, submit } = useSubmit();
  const liesOver = (over: string, under: string) =>
    job.parts.some(
      (part) => part.name === under && part.over.includes(over) && !part.probably.includes(over),
    );
  const probably = (over: string, under: string) =>
    job.parts.some((part) => part.name === under && part.probably.includes(over));
  const guess = probably(pair.one, pair.other)
    ? texts.probablyLiesOver(pair.one, pair.other)
    : probably(pair.other, pair.one)
      ? texts.probablyLiesOver(pair.other, pair.one)
      : "";
  const held = liesOver(pair.one, pair.other)
    ? { over: pair.one, under: pair.other }
    : liesOver(pair.other, pair.one)
      ? { over: pair.other, under: pair.one }
      : undefined;
  const set = (over: string, under: string, present: boolean) =>
    submit(async () => {
      await append([{ kind: "edgeSet", over, under, present }], {
        said: present ? texts.liesOver(over, under) : texts.doesNotLieOver(over, under),
      });
      onDone();
    });
  const free = () =>
    submit(async () => {
      await append([{ kind: "freeOf", part: pair.one, others: [pair.other] }], {
        said: texts.areFree(pair.one, pair.other),
      });
      onDone();
    });
  return (
    <section
      aria-label={texts.whichLiesOverTheOther}
      className="border-ready bg-ready-wash flex flex-col gap-1.5 rounded-[4px] border-l-4 px-2.5 py-2"
    >
      <p>
        <b>{pair.one}</b> {texts.andWord} <b>{pair.other}</b>
        {held !== undefined ? texts.liesOverOf(held.over, held.under) : guess}
      </p>
      <div className="flex flex-wrap gap-1.5">
        {held === undefined ? (
          <>
            <Button onClick={() => void set(pair.one, pair.other, true)}>
              {texts.liesOverWith(pair.one)}
            </Button>
            <Button onClick={() => void set(pair.other, pair.one, true)}>
              {texts.liesOverTold(pair.other)}
            </Button>
            {guess !== "" && <Button onClick={() => void free()}>{texts.freeOfEachOther}</Button>}
          </>
        ) : (
          <Button onClick={() => void set(held.over, held.under, false)}>{texts.itDoesNot}</Button>
        )}
        <Button kind="quiet" onClick={onDone}>
          {texts.cancel}
        </Button>
      </div>
      {refused}
    </section>
  );
}
