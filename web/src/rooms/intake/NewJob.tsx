import { useQueryClient, type QueryClient } from "@tanstack/react-query";
import { useRef } from "react";
import { useNavigate } from "react-router";
import { answer, server, type Entry, type Schemas } from "../../api/client";
import { newcomerQuery } from "../../api/plan";
import { newId } from "../../api/ids";
import { send } from "../../api/queue";
import { serverNow } from "../../api/clock";
import { named } from "../../api/named";
import { useSigner } from "../../hands/signer";
import { Button } from "../../ui/Button";
import { Form } from "../../form/Form";
import { useFormOf } from "../../form/useFormOf";
import { CameraFields } from "./CameraFields";
import { BLANK, CAMERA, received } from "./receivedForm";
import { texts } from "./words";

/** The date that was promised, with the chance that was shown beside it: so it is known later what was known then. */
function promise(client: QueryClient, received: Schemas["Received"]): Entry | undefined {
  if (received.promised === undefined) return undefined;
  const { maker, model, family, bodyType } = received.camera;
  const shown = client.getQueryData(
    newcomerQuery({ maker, model, family, bodyType, promised: received.promised }).queryKey,
  );
  const chance = shown?.forecast?.chance;
  return chance === undefined
    ? undefined
    : { kind: "promised", by: received.promised, chance: Math.round(100 * chance), remark: "" };
}

const NOTHING = JSON.stringify(BLANK);

/** A camera came over the counter: it gets its tag here. What is typed is kept until then. */
export function NewJob() {
  const { signer } = useSigner();
  const navigate = useNavigate();
  const client = useQueryClient();
  // one id for this camera, however often the button is pressed
  const opening = useRef(newId());
  const form = useFormOf(
    CAMERA,
    BLANK,
    async (read) => {
      const body = { id: opening.current, by: signer, received: received(read) };
      const job = await answer(server.POST("/api/jobs", { body }));
      const saidAt = new Date(serverNow()).toISOString();
      const scope = read.scope.map((what) => ({
        id: newId(),
        saidAt,
        entry: { kind: "scopeAdded" as const, what: named(what) },
      }));
      const promised = promise(client, body.received);
      const lines = [...scope, ...(promised === undefined ? [] : [{ id: newId(), saidAt, entry: promised }])];
      if (lines.length > 0) await send({ log: job.tag, by: signer, basedOn: job.lastSequence, lines });
      form.reset(BLANK);
      await client.invalidateQueries({ queryKey: ["bench"] });
      void navigate(`/camera/${job.tag}/intake`);
    },
    "newJob",
  );
  const begun = JSON.stringify(form.watch()) !== NOTHING;
  return (
    <Form form={form} className="flex min-h-0 flex-1 flex-col" aria-label={texts.checkInACamera}>
      <div className="min-h-0 flex-1 overflow-y-auto px-5 py-4">
        <h1 className="pb-3 text-[22px]">{texts.checkInACamera}</h1>
        <CameraFields fresh form={form} />
      </div>
      <div className="border-ink bg-sheet flex items-center gap-4 border-t-2 px-5 py-2.5">
        <Button kind="primary" type="submit" disabled={form.busy} className="px-6!">
          {texts.createJob}
        </Button>
        {begun && (
          <Button kind="quiet" onClick={() => form.reset(BLANK)}>
            {texts.clearTheForm}
          </Button>
        )}
        <div className="min-w-0 flex-1">
          {form.refused ?? <span className="text-soft">{texts.whatYouTypeIsKept}</span>}
        </div>
      </div>
    </Form>
  );
}
