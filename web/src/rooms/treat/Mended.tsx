import { useState } from "react";
import { useAppend } from "../../hands/append";
import type { JobView } from "../../api/client";
import { TextField } from "../../ui/Field";
import { PartInput } from "../../ui/PartInput";
import { useSubmit } from "../../ui/useSubmit";
import { MendForm } from "./MendForm";

/** What was made right again without making it differ from the factory. */
export function Mended({ job }: { job: JobView }) {
  const append = useAppend(job.tag);
  const { problem, field, submit } = useSubmit();
  const [part, setPart] = useState("");
  const [what, setWhat] = useState("");
  const log = () =>
    submit(async () => {
      await append([{ kind: "mended", part, what, modification: false, agreed: "" }], {
        said: `Mended: ${part}.`,
      });
      setWhat("");
    });
  return (
    <MendForm title="What was mended" field={field} problem={problem} onSubmit={log} action="Log it">
      <PartInput job={job} value={part} onChange={setPart} placeholder="advance pawl" />
      <TextField
        label="What was done"
        name="what"
        value={what}
        placeholder="bent back straight against the rule"
        onChange={(event) => setWhat(event.target.value)}
      />
    </MendForm>
  );
}
