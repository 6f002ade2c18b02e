import { useQueryClient } from "@tanstack/react-query";
import { useRef } from "react";
import { useNavigate } from "react-router";
import { answer, server } from "../../api/client";
import { newId } from "../../api/ids";
import { send } from "../../api/queue";
import { serverNow } from "../../api/clock";
import { named } from "../../api/named";
import { useDraft } from "../../hands/draft";
import { useSigner } from "../../hands/signer";
import { Button } from "../../ui/Button";
import { FormProblem } from "../../ui/Field";
import { ProblemNote } from "../../ui/ProblemNote";
import { useSubmit } from "../../ui/useSubmit";
import { CameraFields } from "./CameraFields";
import { amountsOf, BLANK, received, scopeItems, type Form } from "./receivedForm";

/** A camera came over the counter: it gets its tag here. What is typed is kept until then. */
export function NewJob() {
  const [draft, setDraft] = useDraft("newJob");
  const form: Form = draft === "" ? BLANK : { ...BLANK, ...(JSON.parse(draft) as Partial<Form>) };
  const { signer } = useSigner();
  const { problem, field, busy, submit } = useSubmit();
  const navigate = useNavigate();
  const client = useQueryClient();
  // one id for this camera, however often the button is pressed
  const opening = useRef(newId());
  const open = () =>
    submit(async () => {
      const body = {
        id: opening.current,
        by: signer,
        received: received(form, await amountsOf(form)),
      };
      const job = await answer(server.POST("/api/jobs", { body }));
      const saidAt = new Date(serverNow()).toISOString();
      const scope = scopeItems(form).map((what) => ({
        id: newId(),
        saidAt,
        entry: { kind: "scopeAdded" as const, what: named(what) },
      }));
      if (scope.length > 0) await send({ log: job.tag, by: signer, basedOn: job.lastSequence, lines: scope });
      setDraft("");
      await client.invalidateQueries({ queryKey: ["bench"] });
      void navigate(`/camera/${job.tag}/intake`);
    });
  return (
    <FormProblem value={field}>
      <form
        noValidate
        className="flex min-h-0 flex-1 flex-col"
        aria-label="A camera came in"
        onSubmit={(event) => {
          event.preventDefault();
          void open();
        }}
      >
        <div className="min-h-0 flex-1 overflow-y-auto px-5 py-4">
          <h1 className="pb-3 text-[22px]">A camera came in</h1>
          <CameraFields fresh form={form} change={(part) => setDraft(JSON.stringify({ ...form, ...part }))} />
        </div>
        <div className="border-ink bg-sheet flex items-center gap-4 border-t-2 px-5 py-2.5">
          <Button kind="primary" type="submit" disabled={busy} className="px-6!">
            Give it a tag
          </Button>
          {draft !== "" && (
            <Button kind="quiet" onClick={() => setDraft("")}>
              Start afresh
            </Button>
          )}
          <div className="min-w-0 flex-1">
            {problem !== undefined ? (
              <ProblemNote problem={problem} />
            ) : (
              <span className="text-soft">What is typed is kept on this machine until it has its tag.</span>
            )}
          </div>
        </div>
      </form>
    </FormProblem>
  );
}
