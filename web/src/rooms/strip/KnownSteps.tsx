import { useQuery } from "@tanstack/react-query";
import type { JobView, Schemas } from "../../api/client";
import { knownQuery } from "../../api/queries";
import { useKeys } from "../../hands/keys";
import { Button } from "../../ui/Button";
import { Panel } from "../../ui/Panel";
import { propose } from "../../hands/proposedLine";
import { metOf } from "./BeforeLift";
import { fastenerWords } from "../../ui/fastenerWords";
import { texts } from "./words";

const AT_ONCE = 3;

/**
 * What came off next in earlier jobs of the model; one key puts the step into the log line as it was, to be looked over,
 * corrected where it differs, and logged.
 */
export function KnownSteps({ job }: { job: JobView }) {
  const known = useQuery(knownQuery(job.tag, job.lastSequence)).data;
  const next = (known?.next ?? []).slice(0, AT_ONCE).flatMap(({ part, line }) => {
    const met = metOf(known, part);
    return met === undefined ? [] : [{ ...met, line }];
  });
  useKeys({ k: () => next.length > 0 && propose(next[0].line) });
  if (known === undefined || known.jobs === 0) return null;
  return (
    <>
      {next.length > 0 && (
        <Panel
          title={texts.usuallyNext}
          note={known.ofFamily ? texts.fromOfItsKind(known.jobs) : texts.fromEarlierJobs(known.jobs)}
        >
          {known.ofFamily && <p className="text-soft text-[14px]">{texts.thisModelIsNewHere}</p>}
          <ul>
            {next.map(({ part, care, line }, index) => (
              <li key={part.name} className="border-line/70 flex items-center gap-2 border-b py-1">
                <span className="min-w-0 flex-1">
                  <b>{part.name}</b>
                  {care && <span className="text-stop font-bold"> {texts.care}</span>}
                  <span className="text-soft block text-[13.5px] leading-[18px]">
                    {part.held.fasteners.map((one) => `${one.count} × ${fastenerWords(one)}`).join(", ") ||
                      (known.ofFamily ? texts.fastenersNotKnown : texts.noFastener)}
                    {texts.inOf(part.jobs, known.jobs)}
                  </span>
                </span>
                <Button
                  className="px-2!"
                  keyHint={index === 0 ? "K" : undefined}
                  onClick={() => propose(line)}
                >
                  {texts.off}
                </Button>
              </li>
            ))}
          </ul>
        </Panel>
      )}
      <TrueOfTheModel known={known} />
      <BetterLeft known={known} />
    </>
  );
}

/** What somebody said is true of every such camera. */
function TrueOfTheModel({ known }: { known: Schemas["Known"] }) {
  if (known.ofTheModel.length === 0) return null;
  return (
    <Panel title={texts.trueOfTheModel}>
      <ul className="text-[14.5px]">
        {known.ofTheModel.map((one) => (
          <li key={one.what.id} className="py-0.5">
            {one.what.words}
          </li>
        ))}
      </ul>
    </Panel>
  );
}

/** What earlier jobs say is better left alone, and what came off for nothing. */
function BetterLeft({ known }: { known: Schemas["Known"] }) {
  if (known.leaveAlone.length === 0 && known.needless.length === 0) return null;
  return (
    <Panel title={texts.betterLeftAlone}>
      <ul className="text-[14.5px]">
        {known.leaveAlone.map((one) => (
          <li key={one.what.id} className="py-0.5">
            {one.what.words}
          </li>
        ))}
        {known.needless.map((name) => (
          <li key={name} className="py-0.5">
            {name}
            <span className="text-soft">{texts.rarelyTakenOffAndNothing}</span>
          </li>
        ))}
      </ul>
    </Panel>
  );
}
