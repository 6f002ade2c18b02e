import { useAppend } from "../../hands/append";
import type { JobView, PartView } from "../../api/client";
import { useKeys } from "../../hands/keys";
import { Button } from "../../ui/Button";
import { useSubmit } from "../../ui/useSubmit";
import { texts } from "./words";

/** A part waits only because nothing more is known of what stands in its way: one key says how it is, and the model remembers. */
export function ProbablyWaits({ job, part }: { job: JobView; part: PartView }) {
  const append = useAppend(job.tag);
  const { refused, busy, submit } = useSubmit();
  const { probably, closedIn } = part.answer;
  const named = texts.theseParts(probably);
  const free = () =>
    submit(() =>
      append([{ kind: "freeOf", part: part.name, others: probably }], {
        said: texts.isFreeOf(part.name, named),
      }),
    );
  const waits = () =>
    submit(() =>
      append(
        probably.map((other) =>
          closedIn
            ? { kind: "edgeSet" as const, over: other, under: part.name, present: true }
            : { kind: "edgeSet" as const, over: part.name, under: other, present: true },
        ),
        { said: closedIn ? texts.liesUnder(part.name, named) : texts.liesOver(part.name, named) },
      ),
    );
  useKeys({ f: () => void free(), o: () => void waits() });
  return (
    <div className="border-mark-line bg-mark-wash mt-2 flex flex-col gap-2 rounded-[3px] border-l-4 px-2.5 py-2">
      <p>
        {closedIn
          ? texts.onlyTakenToBeUnder(named, probably.length)
          : texts.onlyTakenToBeOver(named, probably.length)}
      </p>
      <div className="flex flex-wrap gap-2">
        <Button keyHint="F" disabled={busy} onClick={() => void free()}>
          {texts.freeOfIt(probably.length)}
        </Button>
        <Button kind="quiet" keyHint="O" disabled={busy} onClick={() => void waits()}>
          {closedIn ? texts.itLiesUnder(probably.length) : texts.itLiesOver(probably.length)}
        </Button>
      </div>
      {refused}
    </div>
  );
}
