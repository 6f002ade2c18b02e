import { z } from "zod";
import { useAppend } from "../../hands/append";
import type { JobView } from "../../api/client";
import { PartAtHand, partNamed } from "../part";
import { FormPart, FormText } from "../../form/fields";
import { text } from "../../form/typed";
import { useFormOf } from "../../form/useFormOf";
import { MendForm } from "./MendForm";
import { texts } from "./words";

const MENDED = z.object({ part: text, what: text });

/** The part that came off last: the likeliest to be at hand. */
const lastOff = (job: JobView) =>
  job.parts.findLast((part) => part.answer.kind !== "BACK" && part.answer.kind !== "LEFT_OUT");

/** What was made right again without making it differ from the factory. */
export function Mended({ job }: { job: JobView }) {
  const append = useAppend(job.tag);
  const form = useFormOf(
    MENDED,
    { part: "", what: "" },
    async ({ part, what }) => {
      await append([{ kind: "mended", part, what, modification: false, agreed: "" }], {
        said: texts.mendedOf(part),
      });
      form.setValue("what", "");
    },
    `mended.${job.tag}`,
  );
  const named = form.watch("part");
  // a part that is typed and not known here has no drawing; another one's would be taken for it
  const part = named.trim() === "" ? lastOff(job) : partNamed(job, named);
  return (
    <>
      <MendForm title={texts.partMended} form={form} action={texts.logTheRepair}>
        <FormPart form={form} job={job} placeholder={texts.advancePawl} />
        <FormText
          form={form}
          name="what"
          label={texts.whatWasDone}
          placeholder={texts.bentBackStraightAgainstThe}
        />
      </MendForm>
      {part !== undefined && <PartAtHand job={job} part={part} />}
    </>
  );
}
