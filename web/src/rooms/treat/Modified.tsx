import { figure } from "../../ui/figures";
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
import { texts } from "./words";

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
  const form = useFormOf(
    MODIFIED,
    { part: "", how: "FILED", ...NOTHING },
    async (read) => {
      await append([{ kind: "modified", ...read }], { said: texts.logged(read.part, read.what) });
      form.setValue("takenMm", "");
      form.setValue("result", "");
    },
    `modified.${job.tag}`,
  );
  const { part, how, what } = form.watch();
  const before = job.treat.modified.find(
    ({ modification: { first } }) => alike(first.part, part) && first.how === how && alike(first.what, what),
  );
  return (
    <>
      {job.treat.modified.length > 0 && (
        <Panel title={texts.soFar}>
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
                  {texts.anotherPass}
                </Button>
              </li>
            ))}
          </ul>
        </Panel>
      )}
      <MendForm
        title={texts.whatNowDiffersFromThe}
        note={texts.goesOnTheReturnSheet}
        form={form}
        action={
          before === undefined ? texts.logTheModification : texts.logPass(before.modification.passes + 1)
        }
      >
        <FormPart form={form} job={job} placeholder={texts.speedRing} />
        <FormPick form={form} name="how" label={texts.how} choices={choices("modificationKind")} />
        <FormText
          form={form}
          name="what"
          label={texts.whichCornerHoleOrContact}
          placeholder={texts.catchingCorner}
        />
        {before === undefined ? (
          <div className="grid grid-cols-[minmax(0,2fr)_minmax(0,1fr)] gap-3">
            <FormText
              form={form}
              name="limit"
              label={texts.limit}
              placeholder={texts.notPastTheScribedLine}
            />
            <FormText form={form} name="limitMm" label={texts.atMostMm} inputMode="decimal" />
          </div>
        ) : (
          <p className="border-ready bg-ready-wash rounded-[3px] border-l-4 px-3 py-1.5">
            {before.words}
            {before.leftMm !== undefined && (
              <>
                . <b className="num">{texts.mm(figure(before.leftMm, 2))}</b> {texts.leftUpToTheLimit}
              </>
            )}
          </p>
        )}
        <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,2fr)] gap-3">
          <FormText form={form} name="takenMm" label={texts.removedInThisPassMm} inputMode="decimal" />
          <FormText
            form={form}
            name="result"
            label={texts.whatTheTrialAfterIt}
            placeholder={texts.clearsAt1125}
          />
        </div>
        {before === undefined && (
          <FormText
            form={form}
            name="agreed"
            label={job.ownerToAgree ? texts.howTheOwnerAgreedBefore : texts.howTheOwnerAgreedIf}
            placeholder={texts.byTelephoneOnTuesday}
          />
        )}
      </MendForm>
      {form.problem?.code === "pastTheLine" && (
        <AddLine
          blanks={[{ label: texts.whyDidItGoPast }]}
          action={texts.logPastTheLimit}
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
