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

type Sheet = Schemas["ModelSheet"];

/** What the maker says of a model's speeds: it goes before what the house allows. */
export function MakerSays({ maker, model, sheet }: { maker: string; model: string; sheet?: Sheet }) {
  const [editing, setEditing] = useState(false);
  return (
    <Panel title="What the maker says">
      {editing ? (
        <Edit maker={maker} model={model} sheet={sheet} done={() => setEditing(false)} />
      ) : (
        <>
          {sheet === undefined ? (
            <Empty>No service sheet is entered: what the house allows counts.</Empty>
          ) : (
            <Said sheet={sheet} />
          )}
          <Button className="self-start" onClick={() => setEditing(true)}>
            {sheet === undefined ? "Enter its sheet" : "Change"}
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
      <dt className="text-soft">Written in</dt>
      <dd>{sheet.source}</dd>
      {limits !== undefined && (
        <>
          <dt className="text-soft">Speeds</dt>
          <dd className="num">
            ±{limits.slowEv.toFixed(2)} EV to 1/125, ±{limits.fastEv.toFixed(2)} faster, scatter{" "}
            {limits.scatterEv.toFixed(2)}
          </dd>
          <dt className="text-soft">Taper</dt>
          <dd className="num">
            {limits.taperSlowEv.toFixed(2)} EV to 1/250, {limits.taperFastEv.toFixed(2)} faster
          </dd>
        </>
      )}
      {(sheet.leadingTravelMs !== undefined || sheet.trailingTravelMs !== undefined) && (
        <>
          <dt className="text-soft">Curtains</dt>
          <dd className="num">
            {sheet.leadingTravelMs ?? "–"} and {sheet.trailingTravelMs ?? "–"} ms
          </dd>
        </>
      )}
      {means.length > 0 && (
        <>
          <dt className="text-soft">Marked</dt>
          <dd className="num">{means.map(([speed, seconds]) => `${speed} = ${seconds} s`).join(", ")}</dd>
        </>
      )}
    </dl>
  );
}

const NUMBERS = [
  { name: "slowEv", label: "± EV to 1/125" },
  { name: "fastEv", label: "± EV faster" },
  { name: "scatterEv", label: "Scatter, EV" },
  { name: "taperSlowEv", label: "Taper to 1/250" },
  { name: "taperFastEv", label: "Taper faster" },
  { name: "leadingTravelMs", label: "Leading, ms" },
  { name: "trailingTravelMs", label: "Trailing, ms" },
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
      return keep({ kind: "sheetKept", sheet: said }, "The maker's sheet counts now.");
    },
  );
  return (
    <Form form={form} className="flex flex-col gap-2">
      <FormText form={form} name="source" label="Written in" placeholder="service sheet 12" />
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
        label="Marked speeds that mean something else, in seconds"
        className="num"
        placeholder="1/60 = 0.0167, 1/300 = 0.0033"
      />
      <div className="flex flex-wrap gap-2">
        <Button kind="primary" type="submit">
          Save sheet
        </Button>
        {sheet !== undefined && (
          <Button
            onClick={() =>
              void form.attempt(() =>
                keep({ kind: "sheetTakenBack", maker, model }, "What the house allows counts again."),
              )
            }
          >
            Delete sheet
          </Button>
        )}
        <Button kind="quiet" onClick={done}>
          Cancel
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
