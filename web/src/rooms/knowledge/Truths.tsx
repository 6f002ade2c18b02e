import { useQuery } from "@tanstack/react-query";
import { z } from "zod";
import type { Schemas } from "../../api/client";
import { modelQuery } from "../../api/queries";
import { FormText, FormTick } from "../../form/fields";
import { Form } from "../../form/Form";
import { text } from "../../form/typed";
import { useFormOf } from "../../form/useFormOf";
import { useShopLog } from "../../hands/append";
import { Button } from "../../ui/Button";
import { Empty, Panel } from "../../ui/Panel";
import { texts } from "./words";

const TRUTH = z.object({ about: text, says: text, known: text, unsure: z.boolean() });
const BLANK = { about: "", says: "", known: "", unsure: false };

/** What is true of every camera of a model, from jobs and said here. */
export function Truths({ maker, model, said }: { maker: string; model: string; said: Schemas["Tally"][] }) {
  const say = useShopLog("knowledge");
  const basedOn = useQuery(modelQuery(maker, model)).data?.lastSequence;
  const form = useFormOf(
    TRUTH,
    BLANK,
    async ({ unsure, ...truth }) => {
      await say(
        [{ kind: "truthsStated", truths: { truths: [{ id: "", maker, model, ...truth, sure: !unsure }] } }],
        texts.truthKept,
        basedOn,
      );
      form.reset(BLANK);
    },
    `truth.${maker}.${model}`,
  );
  return (
    <Panel title={texts.trueOfTheModel}>
      {said.length === 0 && <Empty>{texts.nothingSaidOfTheModel}</Empty>}
      <ul>
        {said.map((one) => (
          <li key={one.what.id} className="border-line/70 flex items-center gap-3 border-b py-1">
            <span className="min-w-0 flex-1">{one.what.words}</span>
            {one.jobs > 0 ? (
              <span className="num text-soft">{one.jobs}</span>
            ) : (
              <Button
                kind="quiet"
                about={one.what.words}
                onClick={() =>
                  void say([{ kind: "truthTakenBack", id: one.what.id }], texts.truthTakenBack, basedOn)
                }
              >
                {texts.takeBack}
              </Button>
            )}
          </li>
        ))}
      </ul>
      <Form form={form} className="flex flex-col gap-2 pt-2">
        <FormText form={form} name="about" label={texts.aboutWhichPart} />
        <FormText form={form} name="says" label={texts.whatIsTrue} />
        <FormText form={form} name="known" label={texts.knownFrom} />
        <FormTick form={form} name="unsure" label={texts.notCertain} />
        <Button type="submit" className="self-start">
          {texts.keepIt}
        </Button>
      </Form>
    </Panel>
  );
}
