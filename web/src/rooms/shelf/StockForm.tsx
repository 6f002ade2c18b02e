import { z } from "zod";
import { useShopLog } from "../../hands/append";
import { useWords } from "../../api/queries";
import type { CameraKind, StockRow } from "../../api/shelf";
import type { Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { Tick } from "../../ui/Field";
import { FRESH } from "../../ui/FastenerEditor";
import { FormChoice, FormOwn, FormText } from "../../form/fields";
import { Form } from "../../form/Form";
import { as, figureOr, minor, oneOf, text, wholeOr } from "../../form/typed";
import { type FormOf, useFormOf } from "../../form/useFormOf";
import { moneyTyped } from "../../api/money";
import { PictureField } from "../album";
import { KindFields } from "./KindFields";
import { ANY_KIND } from "./things";
import { texts } from "./words";

type Stock = Schemas["Stock"];
type Fastener = Schemas["Fastener"];

const STOCK = z.object({
  name: text,
  isHardware: z.boolean(),
  kind: oneOf<Fastener["kind"]>(),
  drive: oneOf<Fastener["drive"]>(),
  head: oneOf<Fastener["head"]>(),
  threadMm: figureOr(undefined),
  lengthMm: figureOr(undefined),
  madeFor: as<CameraKind>(),
  dimensions: text,
  condition: oneOf<Stock["condition"]>(),
  place: text,
  origin: text,
  cost: minor,
  count: wholeOr(0),
  least: wholeOr(0),
  remark: text,
  picture: text,
});

type Typed = z.input<typeof STOCK>;

/** Puts something on the shelf, or changes its description. */
export function StockForm({ row, onDone }: { row?: StockRow; onDone: (id: string) => void }) {
  const { choices } = useWords();
  const say = useShopLog("shelf");
  const before = row?.held.stock;
  const screw = before?.hardware ?? FRESH;
  const form = useFormOf(
    STOCK,
    {
      name: before?.name ?? "",
      isHardware: before?.hardware !== undefined,
      kind: screw.kind,
      drive: screw.drive,
      head: screw.head,
      threadMm: String(screw.threadMm ?? ""),
      lengthMm: String(screw.lengthMm ?? ""),
      madeFor: before?.madeFor ?? ANY_KIND,
      dimensions: before?.dimensions ?? "",
      condition: before?.condition ?? "USED",
      place: before?.place ?? "",
      origin: before?.origin ?? "",
      cost: moneyTyped(before?.costMinor ?? 0),
      count: "1",
      least: String(before?.least ?? ""),
      remark: before?.remark ?? "",
      picture: before?.picture ?? "",
    },
    async ({ isHardware, kind, drive, head, threadMm, lengthMm, cost, count, ...rest }) => {
      const hardware = { ...screw, kind, drive, head, threadMm, lengthMm, count: 1 };
      const stock: Stock = { ...rest, costMinor: cost, hardware: isHardware ? hardware : undefined };
      const [id] = await say(
        row === undefined
          ? [{ kind: "stockAdded", stock, count }]
          : [{ kind: "stockDescribed", stock: row.held.id, as: stock }],
        row === undefined ? texts.addedToTheShelf : texts.descriptionUpdated,
      );
      onDone(row?.held.id ?? id);
    },
    `stock.${row?.held.id ?? ""}`,
  );
  const isHardware = form.watch("isHardware");
  return (
    <Form form={form} className="flex flex-col gap-3">
      <h2 className="text-[19px]">{row === undefined ? texts.addStock : texts.editDescriptionLabel}</h2>
      <FormText
        form={form}
        name="name"
        label={texts.whatItIs}
        placeholder={isHardware ? texts.namedByItsSize : texts.retardPinion}
      />
      <Tick
        label={texts.hardwareScrewNutOrRing}
        checked={isHardware}
        onChange={(event) => form.setValue("isHardware", event.target.checked)}
      />
      {isHardware && <Hardware form={form} />}
      <FormOwn form={form} name="madeFor">
        {(madeFor, set) => <KindFields makerLabel="Made for: maker" value={madeFor} onChange={set} />}
      </FormOwn>
      <div className="grid grid-cols-2 gap-3">
        <FormText form={form} name="place" label={texts.place} placeholder={texts.drawer3} />
        <FormText
          form={form}
          name="dimensions"
          label={texts.sizeForAGenericPart}
          placeholder={texts.foam15Mm}
        />
        <FormChoice form={form} name="condition" label={texts.condition} choices={choices("condition")} />
        <FormText form={form} name="origin" label={texts.source} />
        <FormText form={form} name="cost" label={texts.costEach} inputMode="decimal" />
        {row === undefined && (
          <FormText form={form} name="count" label={texts.quantityLabel} inputMode="numeric" />
        )}
        <FormText form={form} name="least" label={texts.reorderBelow} inputMode="numeric" />
      </div>
      <FormText form={form} name="remark" label={texts.remark} />
      <FormOwn form={form} name="picture">
        {(picture, set) => <PictureField label={texts.picture} value={picture} onChange={set} />}
      </FormOwn>
      {form.refused}
      <div className="flex gap-2">
        <Button kind="primary" type="submit">
          {row === undefined ? texts.addToTheShelf : texts.save}
        </Button>
        <Button
          kind="quiet"
          onClick={() => {
            form.forget();
            onDone(row?.held.id ?? "");
          }}
        >
          {texts.cancel}
        </Button>
      </div>
    </Form>
  );
}

function Hardware({ form }: { form: FormOf<Typed> }) {
  const { choices } = useWords();
  return (
    <div className="grid grid-cols-2 gap-3">
      <FormChoice form={form} name="kind" label={texts.kind} choices={choices("fastenerKind")} />
      <FormChoice form={form} name="drive" label={texts.drive} choices={choices("drive")} />
      <FormChoice form={form} name="head" label={texts.head} choices={choices("headForm")} />
      <div className="grid grid-cols-2 gap-2">
        <FormText form={form} name="threadMm" label={texts.threadMm} />
        <FormText form={form} name="lengthMm" label={texts.lengthMm} />
      </div>
    </div>
  );
}
