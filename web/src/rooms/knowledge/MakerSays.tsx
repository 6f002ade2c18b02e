import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { z } from "zod";
import type { Entry, Schemas } from "../../api/client";
import { modelQuery } from "../../api/queries";
import { useShopLog } from "../../hands/append";
import { Button } from "../../ui/Button";
import { FormText } from "../../form/fields";
import { Form } from "../../form/Form";
import { figureOr, text } from "../../form/typed";
import { useFormOf } from "../../form/useFormOf";
import { Empty, Panel } from "../../ui/Panel";
import { texts } from "./words";

type Sheet = Schemas["ModelSheet"];

/** What the maker says of a model's speeds: it goes before what the house allows. */
export function MakerSays({ maker, model, sheet }: { maker: string; model: string; sheet?: Sheet }) {
  const [editing, setEditing] = useState(false);
  return (
    <Panel title={texts.makersSpecification}>
      {editing ? (
        <Edit maker={maker} model={model} sheet={sheet} done={() => setEditing(false)} />
      ) : (
        <>
          {sheet === undefined ? <Empty>{texts.noServiceSheetEnteredThe}</Empty> : <Said sheet={sheet} />}
          <Button className="self-start" onClick={() => setEditing(true)}>
            {sheet === undefined ? texts.enterTheServiceSheet : texts.edit}
          </Button>
        </>
      )}
    </Panel>
  );
}

function Said({ sheet }: { sheet: Sheet }) {
  const { limits } = sheet;
  const means = Object.entries(sheet.meansSeconds);
  return (
    <dl className="grid grid-cols-[auto_1fr] gap-x-3 gap-y-1 text-[14.5px]">
      <dt className="text-soft">{texts.source}</dt>
      <dd>{sheet.source}</dd>
      {limits !== undefined && (
        <>
          <dt className="text-soft">{texts.speeds}</dt>
          <dd className="num">
            {texts.evTo1125Faster(
              limits.slowEv.toFixed(2),
              limits.fastEv.toFixed(2),
              limits.scatterEv.toFixed(2),
            )}
          </dd>
          <dt className="text-soft">{texts.taper}</dt>
          <dd className="num">
            {texts.evTo1250Faster(limits.taperSlowEv.toFixed(2), limits.taperFastEv.toFixed(2))}
          </dd>
        </>
      )}
      {(sheet.leadingTravelMs !== undefined || sheet.trailingTravelMs !== undefined) && (
        <>
          <dt className="text-soft">{texts.curtains}</dt>
          <dd className="num">
            {sheet.leadingTravelMs ?? "–"} {texts.andWord} {sheet.trailingTravelMs ?? "–"} {texts.ms}
          </dd>
        </>
      )}
      {means.length > 0 && (
        <>
          <dt className="text-soft">{texts.marked}</dt>
          <dd className="num">{means.map(([speed, seconds]) => `${speed} = ${seconds} s`).join(", ")}</dd>
        </>
      )}
    </dl>
  );
}

const NUMBERS = [
  { name: "slowEv", label: texts.evTo1125 },
  { name: "fastEv", label: texts.evFaster },
  { name: "scatterEv", label: texts.scatterEv },
  { name: "taperSlowEv", label: texts.taperTo1250 },
  { name: "taperFastEv", label: texts.taperFaster },
  { name: "leadingTravelMs", label: texts.leadingMs },
  { name: "trailingTravelMs", label: texts.trailingMs },
] as const;

const optional = figureOr(undefined);

const SHEET = z.object({
  source: text,
  slowEv: optional,
  fastEv: optional,
  scatterEv: optional,
  taperSlowEv: optional,
  taperFastEv: optional,
  leadingTravelMs: optional,
  trailingTravelMs: optional,
  means: text.transform(readMeans),
});

function Edit({
  maker,
  model,
  sheet,
  done,
}: {
  maker: string;
  model: string;
  sheet?: Sheet;
  done: () => void;
}) {
  const say = useShopLog("knowledge");
  const basedOn = useQuery(modelQuery(maker, model)).data?.lastSequence;
  const typed = (value?: number) => (value === undefined ? "" : String(value));
  const keep = async (entry: Entry, said: string) => {
    await say([entry], said, basedOn);
    done();
  };
  const form = useFormOf(
    SHEET,
    {
      source: sheet?.source ?? "",
      slowEv: typed(sheet?.limits?.slowEv),
      fastEv: typed(sheet?.limits?.fastEv),
      scatterEv: typed(sheet?.limits?.scatterEv),
      taperSlowEv: typed(sheet?.limits?.taperSlowEv),
      taperFastEv: typed(sheet?.limits?.taperFastEv),
      leadingTravelMs: typed(sheet?.leadingTravelMs),
      trailingTravelMs: typed(sheet?.trailingTravelMs),
      means: Object.entries(sheet?.meansSeconds ?? {})
        .map(([speed, seconds]) => `${speed} = ${seconds}`)
        .join(", "),
    },
    ({ source, means, leadingTravelMs, trailingTravelMs, ...limits }) => {
      const anyLimit = Object.values(limits).some((one) => one !== undefined);
      const said: Sheet = {
        maker,
        model,
        source,
        limits: anyLimit ? (limits as Schemas["SpeedLimits"]) : undefined,
        meansSeconds: means,
        leadingTravelMs,
        trailingTravelMs,
      };
      return keep({ kind: "sheetKept", sheet: said }, texts.theMakersSpecificationNowApplies);
    },
    `sheet.${maker}.${model}`,
  );
  return (
    <Form form={form} className="flex flex-col gap-2">
      <FormText form={form} name="source" label={texts.source} placeholder={texts.serviceSheet12} />
      <div className="grid grid-cols-2 gap-2">
        {NUMBERS.map((one) => (
          <FormText
            key={one.name}
            form={form}
            name={one.name}
            label={one.label}
            inputMode="decimal"
            className="num"
          />
        ))}
      </div>
      <FormText
        form={form}
        name="means"
        label={texts.markedSpeedsThatMeanSomething}
        className="num"
        placeholder="1/60 = 0.0167, 1/300 = 0.0033"
      />
      <div className="flex flex-wrap gap-2">
        <Button kind="primary" type="submit">
          {texts.saveSheet}
        </Button>
        {sheet !== undefined && (
          <Button
            onClick={() =>
              void form.attempt(() =>
                keep({ kind: "sheetTakenBack", maker, model }, texts.theTolerancesInSettingsApply),
              )
            }
          >
            {texts.deleteSheet}
          </Button>
        )}
        <Button
          kind="quiet"
          onClick={() => {
            form.forget();
            done();
          }}
        >
          {texts.cancel}
        </Button>
      </div>
      {form.refused}
    </Form>
  );
}

/** "1/60 = 0.0167" by pieces; what has no number is sent as none, so that it is said. */
export function readMeans(text: string): Record<string, number> {
  const pieces = text.split(/[;,](?=\s|$)/).filter((piece) => piece.trim() !== "");
  return Object.fromEntries(
    pieces.map((piece) => {
      const [speed = "", seconds = ""] = piece.split("=").map((one) => one.trim());
      return [speed, Number(seconds.replace(",", ".").replace(/\s*s$/, ""))];
    }),
  );
}
