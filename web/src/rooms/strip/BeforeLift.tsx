import { useAppend } from "../../hands/append";
import type { JobView, Schemas } from "../../api/client";
import { removed } from "../../api/entries";
import { useWords } from "../../api/queries";
import { Button } from "../../ui/Button";
import { useSubmit } from "../../ui/useSubmit";
import { fastenerWords } from "../../ui/fastenerWords";
import { texts } from "./words";

type Known = Schemas["Known"];
type Met = Schemas["Met"];

/** The part of this name, as earlier jobs of the model met it. */
export const metOf = (known: Known | undefined, name: string) =>
  known?.parts.find((one) => one.part.name.toLowerCase() === name.trim().toLowerCase());

/** A removal as earlier jobs had it; where its pieces lie only who took it off knows. */
export const asUsual = ({ name, lies, held, beware }: Schemas["KnownPart"]) =>
  removed(name, {
    side: lies.side,
    covers: lies.covers,
    fasteners: held.fasteners,
    hazards: beware.hazards,
    state: beware.state,
  });

/** Before you lift this: what is known to hide, to spring, or to need a state; and what is not logged on the way. */
export function BeforeLift({ job, known, met }: { job: JobView; known: Known; met: Met }) {
  const { word } = useWords();
  const append = useAppend(job.tag);
  const { refused, submit } = useSubmit();
  const { part, care, unlogged } = met;
  if (!care && unlogged.length === 0) return null;
  return (
    <section
      aria-label={texts.beforeYouLiftThis}
      className="border-stop bg-stop-wash rounded-[4px] border-l-4 px-3 py-1.5 text-[14.5px]"
    >
      {care && (
        <>
          <b className="text-stop">{texts.beforeYouLiftThe(part.name)}</b>{" "}
          <span className="text-soft text-[13.5px]">
            {texts.fromOf(part.jobs, known.jobs, known.ofFamily)}
          </span>
          <ul className="list-disc pl-5">
            {part.held.hidden.map((one, index) => (
              <li key={index}>{texts.hidden(one.count, fastenerWords(one))}</li>
            ))}
            {part.beware.hazards.length > 0 && (
              <li>
                {texts.caution} {part.beware.hazards.map((one) => word("hazard", one)).join(", ")}
              </li>
            )}
            {part.beware.state !== undefined && (
              <li>{texts.needsTheMechanism(word("mechanismState", part.beware.state))}</li>
            )}
            {part.held.loose.length > 0 && <li>{texts.looseUnderneath(part.held.loose.join(", "))}</li>}
            {part.beware.slips.map((slip) => (
              <li key={slip}>{texts.thisHasGoneWrongHere(slip)}</li>
            ))}
            {part.beware.remarks.slice(0, 2).map((remark) => (
              <li key={remark}>“{remark}”</li>
            ))}
          </ul>
        </>
      )}
      {unlogged.length > 0 && (
        <p className="flex flex-wrap items-center gap-2">
          <span>
            <b className="text-stop">{texts.notLoggedAsOff}</b>{" "}
            {texts.earlierJobsTookOffFirst(unlogged.join(", "), unlogged.length === 1)}
          </span>
          <Button
            onClick={() =>
              void submit(() =>
                append(
                  unlogged.map((name) => asUsual(metOf(known, name)!.part)),
                  { said: texts.loggedAsUsual(unlogged.join(", ")) },
                ),
              )
            }
          >
            {texts.alsoOffLogAsUsual}
          </Button>
        </p>
      )}
      {refused}
    </section>
  );
}
