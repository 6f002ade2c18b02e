import { useQuery } from "@tanstack/react-query";
import { z } from "zod";
import { useAppend } from "../../hands/append";
import type { JobView } from "../../api/client";
import { houseQuery, oilingQuery, useWords } from "../../api/queries";
import { named, type Named } from "../../api/named";
import { Button } from "../../ui/Button";
import { ChoiceField } from "../../ui/Field";
import { FormPart, FormText } from "../../form/fields";
import { Form } from "../../form/Form";
import { text } from "../../form/typed";
import { useFormOf } from "../../form/useFormOf";
import { Panel } from "../../ui/Panel";
import { Pick } from "../../ui/Pick";
import { texts } from "./words";

const POINT = z.object({
  part: text,
  point: text,
  kind: text.optional(),
  lubricant: text.optional(),
  reason: text,
});

/** One point by hand: its kind, what house practice puts there, and why it is otherwise here. */
export function OilPoint({ job, at }: { job: JobView; at?: { part: string; point: Named } }) {
  const house = useQuery(houseQuery).data;
  const append = useAppend(job.tag);
  const form = useFormOf(
    POINT,
    { part: at?.part ?? "", point: at?.point.words ?? "", reason: "" },
    async (read) => {
      const called = read.point || read.part;
      await append(
        [
          {
            kind: "lubricated",
            part: read.part,
            point: named(called, at?.point.words === read.point ? at.point.id : ""),
            pointKind: kind?.id ?? "",
            lubricant: named(wordsFor(lubricant), lubricant),
            reason: read.reason,
          },
        ],
        { said: texts.oiled(called) },
      );
      form.reset({ part: read.part, point: at === undefined ? "" : read.point, reason: "" });
    },
    `oil.${job.tag}.${at?.point.id ?? ""}`,
  );
  const typed = form.watch();
  const { part } = typed;
  const advice = useQuery(oilingQuery(typed.point || part, typed.kind, typed.lubricant)).data;
  const kind = advice?.kind;
  const lubricant = advice?.lubricant ?? typed.lubricant ?? "";
  const wordsFor = (id: string) => house?.lubrication.lubricants.find((one) => one.id === id)?.label ?? "";
  if (house === undefined) return null;
  const school = house.practice.school;
  return (
    <Form form={form} className="flex flex-col gap-4">
      <Panel
        title={texts.whichPoint}
        note={texts.housePracticeOf(house.words.school?.find((one) => one.value === school)?.label)}
      >
        <FormPart form={form} job={job} placeholder={texts.retardTrain} />
        <NotRunDry job={job} part={part} />
        <div className="grid grid-cols-2 gap-3">
          <FormText form={form} name="point" label={texts.point} placeholder={texts.pivotsInTheUpperPlate} />
          <ChoiceField
            label={texts.kindOfPoint}
            empty={texts.notInTheTable}
            value={kind?.id ?? ""}
            choices={house.lubrication.points.map((one) => ({ value: one.id, label: one.label }))}
            onChange={(event) => {
              form.setValue("kind", event.target.value);
              form.setValue("lubricant", undefined);
            }}
          />
        </div>
      </Panel>
      <Panel title={texts.cleaningAgent}>
        {kind !== undefined && (
          <p className="border-ready bg-ready-wash rounded-[3px] border-l-4 px-3 py-1.5">
            {texts.housePracticeLabel} <b>{advice?.houseWords || texts.notSet}</b>.
            {kind.neverWhy !== "" && <span className="block text-[14px]">{kind.neverWhy}.</span>}
          </p>
        )}
        <Pick
          label={texts.lubricant}
          choices={house.lubrication.lubricants.map((one) => ({ value: one.id, label: one.label }))}
          value={lubricant}
          onChange={(next) => form.setValue("lubricant", next)}
        />
        {advice?.objection !== undefined && (
          <FormText
            form={form}
            name="reason"
            label={texts.whyOilItAnyway(advice.objection.message)}
            placeholder={texts.theEscapementWasBoneDry}
          />
        )}
      </Panel>
      {form.refused}
      <Button kind="primary" type="submit" className="self-start">
        {texts.logThePoint}
      </Button>
    </Form>
  );
}

/** Oil covers up what a dry run would tell: it is judged first. */
function NotRunDry({ job, part }: { job: JobView; part: string }) {
  const same = (name: string) => name.toLowerCase() === part.trim().toLowerCase();
  const { word } = useWords();
  if (!job.treat.cleaned.some((one) => same(one.what.part))) return null;
  const ran = Object.entries(job.treat.ranDry).find(([name]) => same(name))?.[1];
  if (ran === "FREE") return null;
  return (
    <p className="bg-mark-wash border-l-mark-line border-l-4 px-3 py-1.5">
      {ran === undefined ? texts.noDryRunSinceIt : texts.dryRunOilHidesThat(word("dryRunResult", ran))}
    </p>
  );
}
