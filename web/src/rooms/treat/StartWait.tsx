import { useQuery } from "@tanstack/react-query";
import { z } from "zod";
import { useAppend } from "../../hands/append";
import type { JobView } from "../../api/client";
import { houseQuery } from "../../api/queries";
import { named } from "../../api/named";
import { Button } from "../../ui/Button";
import { ChoiceField } from "../../ui/Field";
import { minutesWords } from "../../ui/dates";
import { FormChoice, FormText } from "../../form/fields";
import { Form } from "../../form/Form";
import { text, wholeOr } from "../../form/typed";
import { useFormOf } from "../../form/useFormOf";
import { Panel } from "../../ui/Panel";
import { texts } from "./words";

const WAIT = z.object({
  wait: text,
  waitMinutes: wholeOr(0),
  latestMinutes: wholeOr(0),
  station: text,
  late: text,
  part: text.transform((part) => (part === "" ? undefined : part)),
});

const NONE = { wait: "", waitMinutes: "", latestMinutes: "", late: "" };

/** Starts a wait: of a usual kind or of one's own, for a part or the whole camera. */
export function StartWait({ job }: { job: JobView }) {
  const house = useQuery(houseQuery).data;
  const kinds = house?.lubrication.waits ?? [];
  const append = useAppend(job.tag);
  const form = useFormOf(
    WAIT,
    { ...NONE, station: "", part: "" },
    async ({ wait, waitMinutes, ...rest }) => {
      const what = named(wait, kinds.find((kind) => kind.label === wait)?.id);
      await append([{ kind: "waitStarted", what, minutes: waitMinutes, ...rest }], {
        said: texts.wait(wait),
      });
      form.reset({ ...form.getValues(), ...NONE });
    },
    `wait.${job.tag}`,
  );
  const usual = (id: string) => {
    const kind = kinds.find((one) => one.id === id);
    if (kind === undefined) return;
    form.reset({
      ...form.getValues(),
      wait: kind.label,
      waitMinutes: String(kind.minutes),
      latestMinutes: kind.latestMinutes > 0 ? String(kind.latestMinutes) : "",
      station: kind.station,
      late: kind.late,
    });
  };
  return (
    <Panel title={texts.startAWait}>
      <Form form={form} className="flex flex-col gap-2">
        <ChoiceField
          label={texts.usualWaits}
          empty={texts.yourOwn}
          choices={kinds.map((kind) => ({
            value: kind.id,
            label: `${kind.label}, ${minutesWords(kind.minutes)}`,
          }))}
          onChange={(event) => usual(event.target.value)}
        />
        <div className="grid grid-cols-[1fr_92px] gap-2">
          <FormText form={form} name="wait" label={texts.what} />
          <FormText form={form} name="waitMinutes" label={texts.minutes} inputMode="numeric" />
        </div>
        <div className="grid grid-cols-2 gap-2">
          <FormChoice
            form={form}
            name="station"
            label={texts.inOrOn}
            empty={texts.nothing}
            choices={(house?.practice.stations ?? []).map((one) => ({ value: one.name, label: one.name }))}
          />
          <FormText
            form={form}
            name="latestMinutes"
            label={texts.tooLateAfterMin}
            inputMode="numeric"
            placeholder={texts.never}
          />
        </div>
        <FormChoice
          form={form}
          name="part"
          label={texts.whichPart}
          empty={texts.theWholeCamera}
          choices={job.parts.map((one) => ({ value: one.name, label: one.name }))}
        />
        <Button type="submit" className="self-start">
          {texts.startTheTimer}
        </Button>
        {form.refused}
      </Form>
    </Panel>
  );
}
