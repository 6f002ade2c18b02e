import { z } from "zod";
import { useAppend } from "../../hands/append";
import type { JobView, Schemas } from "../../api/client";
import { useWords } from "../../api/queries";
import { AddLine } from "../../ui/AddLine";
import { Button } from "../../ui/Button";
import { FormPart, FormPick, FormText } from "../../form/fields";
import { figureOr, oneOf, text } from "../../form/typed";
import { useFormOf } from "../../form/useFormOf";
import { Panel } from "../../ui/Panel";
import { MendForm } from "./MendForm";

type Entry = Schemas["Modified"];

const MODIFIED = z.object({
  part: text,
  how: oneOf<Entry["how"]>(),
  what: text,
  limit: text,
  limitMm: figureOr(undefined),
  takenMm: figureOr(undefined),
  result: text,
  agreed: text,
  pastReason: text,
});

const NOTHING = { what: "", limit: "", limitMm: "", takenMm: "", result: "", agreed: "", pastReason: "" };

/** What differs from the factory from now on: each go with what came off, up to its line and not past it. */
export function Modified({ job }: { job: JobView }) {
  const { choices } = useWords();
  const append = useAppend(job.tag);
  const form = useFormOf(MODIFIED, { part: "", how: "FILED", ...NOTHING }, async (read) => {
    await append([{ kind: "modified", ...read }], { said: `Logged: ${read.part}, ${read.what}.` });
    form.setValue("takenMm", "");
    form.setValue("result", "");
  });
  const { part, how, what } = form.watch();
  const before = job.treat.modified.find(
    ({ modification: { first } }) => alike(first.part, part) && first.how === how && alike(first.what, what),
  );
  return (
    <>
      {job.treat.modified.length > 0 && (
        <Panel title="So far">
          <ul>
            {job.treat.modified.map((one) => (
              <li key={one.words} className="border-line/70 flex items-center gap-3 border-b py-1">
                <span className="min-w-0 flex-1">{one.words}</span>
                <Line limit={one.modification.limitMm} taken={one.modification.takenMm} />
                <Button
                  kind="quiet"
                  onClick={() => {
                    const { first } = one.modification;
                    form.reset({ ...NOTHING, part: first.part, how: first.how, what: first.what });
                  }}
                >
                  Another go
                </Button>
              </li>
            ))}
          </ul>
        </Panel>
      )}
      <MendForm
        title="What differs from the factory now"
        note="it stands on the return sheet by itself"
        form={form}
        action={before === undefined ? "Log it" : `Log go ${before.modification.goes + 1}`}
      >
        <FormPart form={form} job={job} placeholder="speed ring" />
        <FormPick form={form} name="how" label="How" choices={choices("modificationKind")} />
        <FormText
          form={form}
          name="what"
          label="Which corner, hole or contact"
          placeholder="catching corner"
        />
        {before === undefined ? (
          <div className="grid grid-cols-[minmax(0,2fr)_minmax(0,1fr)] gap-3">
            <FormText form={form} name="limit" label="Up to where" placeholder="not past the scribed line" />
            <FormText form={form} name="limitMm" label="At most, mm" inputMode="decimal" />
          </div>
        ) : (
          <p className="border-ready bg-ready-wash rounded-[3px] border-l-4 px-3 py-1.5">
            {before.words}
            {before.leftMm !== undefined && (
              <>
                . <b className="num">{before.leftMm.toFixed(2)} mm</b> left up to the line.
              </>
            )}
          </p>
        )}
        <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,2fr)] gap-3">
          <FormText form={form} name="takenMm" label="Came off in this go, mm" inputMode="decimal" />
          <FormText
            form={form}
            name="result"
            label="What the try after it showed"
            placeholder="clears at 1/125"
          />
        </div>
        {before === undefined && (
          <FormText
            form={form}
            name="agreed"
            label={
              job.ownerToAgree ? "How the owner agreed, before it was done" : "How the owner agreed, if asked"
            }
            placeholder="by telephone, on Tuesday"
          />
        )}
      </MendForm>
      {form.problem?.code === "pastTheLine" && (
        <AddLine
          blanks={[{ label: "Why did it go past the line?" }]}
          action="Past the line, and why"
          look="stop"
          onAdd={async (why) => {
            form.setValue("pastReason", why);
            const logged = await form.submit();
            // the reason is for this go only, also where it was refused
            form.setValue("pastReason", "");
            return logged;
          }}
        />
      )}
    </>
  );
}

const alike = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();

/** How near the file is to its line. */
function Line({ limit, taken }: { limit?: number; taken: number }) {
  if (limit === undefined) return null;
  const part = Math.min(1, taken / limit);
  return (
    <span className="bg-sunk border-line relative h-3.5 w-32 rounded-[2px] border" aria-hidden="true">
      <span
        className={`absolute inset-y-0 left-0 ${part >= 1 ? "bg-stop" : "bg-mark-line"}`}
        style={{ width: `${100 * part}%` }}
      />
    </span>
  );
}
