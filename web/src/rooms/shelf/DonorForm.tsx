import { useQuery } from "@tanstack/react-query";
import { useFieldArray } from "react-hook-form";
import { useNavigate } from "react-router";
import { z } from "zod";
import type { Schemas } from "../../api/client";
import { useWords } from "../../api/queries";
import { type CameraKind, type DonorRow, partsOfQuery } from "../../api/shelf";
import { useShopLog } from "../../hands/append";
import { Button } from "../../ui/Button";
import { FormChoice, FormOwn, FormText } from "../../form/fields";
import { Form } from "../../form/Form";
import { as, figure, minor, oneOf, text, wholeOr } from "../../form/typed";
import { type FormOf, useFormOf } from "../../form/useFormOf";
import { moneyTyped } from "../../api/money";
import { Empty, Panel } from "../../ui/Panel";
import { PictureField } from "../album";
import { KindFields } from "./KindFields";
import { ANY_KIND } from "./things";
import { texts } from "./words";

type Body = Schemas["DonorBody"];

const MINUTES_OF_A_PART = 15;

const PART = z.object({ name: text, worth: minor, minutes: wholeOr(MINUTES_OF_A_PART) });

const DONOR = z.object({
  kind: as<CameraKind>(),
  family: oneOf<Body["family"]>(),
  serial: text,
  fault: text,
  place: text,
  origin: text,
  asIs: minor,
  mended: minor,
  chanceMended: figure,
  mendMinutes: wholeOr(0),
  mendCost: minor,
  openMinutes: wholeOr(0),
  parts: z.array(PART),
  picture: text,
});

type Typed = z.input<typeof DONOR>;

/** What the form makes a donor of. */
function bodyOf({ asIs, mended, mendCost, chanceMended, parts, ...read }: z.output<typeof DONOR>): Body {
  return {
    ...read,
    asIsMinor: asIs,
    mendedMinor: mended,
    mendCostMinor: mendCost,
    chanceMended: chanceMended / 100,
    parts: parts
      .filter((part) => part.name.trim() !== "")
      .map(({ name, worth, minutes }) => ({ name, worthMinor: worth, minutes })),
  };
}

const partTyped = (part: Schemas["BodyPart"]): Typed["parts"][number] => ({
  name: part.name,
  worth: moneyTyped(part.worthMinor),
  minutes: String(part.minutes),
});

/** A new donor, under its own address. */
export function NewDonor() {
  const navigate = useNavigate();
  return <DonorForm onDone={(id) => void navigate(id === "" ? "/shelf/donors" : `/shelf/donors/${id}`)} />;
}

/** Keeps a camera for its parts, or changes its description. */
export function DonorForm({ row, onDone }: { row?: DonorRow; onDone: (id: string) => void }) {
  const { choices } = useWords();
  const say = useShopLog("shelf");
  const before = row?.held.body;
  const form = useFormOf(
    DONOR,
    {
      kind: before?.kind ?? ANY_KIND,
      family: before?.family ?? "LEAF_UNIT",
      serial: before?.serial ?? "",
      fault: before?.fault ?? "",
      place: before?.place ?? "",
      origin: before?.origin ?? "",
      asIs: moneyTyped(before?.asIsMinor ?? 0),
      mended: moneyTyped(before?.mendedMinor ?? 0),
      chanceMended: String(Math.round(100 * (before?.chanceMended ?? 0.5))),
      mendMinutes: String(before?.mendMinutes ?? 180),
      mendCost: moneyTyped(before?.mendCostMinor ?? 0),
      openMinutes: String(before?.openMinutes ?? 30),
      parts: before?.parts.map(partTyped) ?? [],
      picture: before?.picture ?? "",
    },
    async (read) => {
      const body = bodyOf(read);
      const [id] = await say(
        row === undefined
          ? [{ kind: "donorShelved", body }]
          : [{ kind: "donorDescribed", donor: row.held.id, as: body }],
        row === undefined ? texts.donorAdded : texts.descriptionUpdated,
      );
      onDone(row?.held.id ?? id);
    },
    `donor.${row?.held.id ?? ""}`,
  );
  return (
    <Form form={form} className="flex min-h-0 flex-1 flex-col">
      <div className="bay grid min-h-0 flex-1 grid-cols-2 gap-8 overflow-y-auto px-5 py-3">
        <div className="flex flex-col gap-3">
          <h2 className="text-[21px]">{row === undefined ? texts.addADonor : row.words}</h2>
          <FormOwn form={form} name="kind">
            {(kind, set) => <KindFields value={kind} onChange={set} />}
          </FormOwn>
          <div className="grid grid-cols-2 gap-3">
            <FormChoice form={form} name="family" label={texts.mechanism} choices={choices("family")} />
            <FormText form={form} name="serial" label={texts.serialNumber} />
            <FormText form={form} name="place" label={texts.place} placeholder={texts.topBoard} />
            <FormText form={form} name="origin" label={texts.source} />
          </div>
          <FormText form={form} name="fault" label={texts.fault} />
          <FormOwn form={form} name="picture">
            {(picture, set) => <PictureField label={texts.picture} value={picture} onChange={set} />}
          </FormOwn>
          <Panel title={texts.resaleValue}>
            <div className="grid grid-cols-2 gap-3">
              <FormText form={form} name="asIs" label={texts.asItIs} inputMode="decimal" />
              <FormText form={form} name="mended" label={texts.repaired} inputMode="decimal" />
              <FormText
                form={form}
                name="chanceMended"
                label={texts.chanceTheRepairSucceeds}
                inputMode="decimal"
              />
              <FormText form={form} name="mendMinutes" label={texts.repairTimeMinutes} inputMode="numeric" />
              <FormText form={form} name="mendCost" label={texts.partsToBuyForIt} inputMode="decimal" />
              <FormText
                form={form}
                name="openMinutes"
                label={texts.timeToOpenItMinutes}
                inputMode="numeric"
              />
            </div>
          </Panel>
        </div>
        <PartsInIt form={form} />
      </div>
      <div className="border-ink bg-sheet flex items-center gap-3 border-t-2 px-5 py-2.5">
        <Button kind="primary" type="submit">
          {row === undefined ? texts.addDonor : texts.save}
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
        {form.refused}
      </div>
    </Form>
  );
}

/** The parts worth keeping, each with its worth and how long it takes to get out. */
function PartsInIt({ form }: { form: FormOf<Typed> }) {
  const parts = useFieldArray({ control: form.control, name: "parts" });
  const kind = form.watch("kind");
  const named = form.watch("parts").map((part) => part.name.toLowerCase());
  const known = useQuery(partsOfQuery(kind.maker, kind.model)).data ?? [];
  const fresh = known.filter((one) => !named.includes(one.name.toLowerCase()));
  return (
    <Panel title={texts.whatIsInIt} note={texts.partsOf(parts.fields.length)}>
      {parts.fields.length === 0 && fresh.length === 0 && (
        <Empty>{kind.model === "" ? texts.enterMakerAndModelAnd : texts.noCameraOfThisModel}</Empty>
      )}
      {fresh.length > 0 && (
        <Button className="self-start" onClick={() => parts.append(fresh.map(partTyped))}>
          {texts.addTheThatCameOff(fresh.length)}
        </Button>
      )}
      <ul className="flex flex-col gap-1.5">
        {parts.fields.map((part, at) => (
          <li
            key={part.id}
            className="grid grid-cols-[minmax(0,1fr)_92px_76px_44px] items-center gap-2 [&_label]:sr-only"
          >
            <FormText
              form={form}
              name={`parts.${at}.name`}
              label={texts.part(at + 1)}
              placeholder={texts.partInline}
            />
            <FormText
              form={form}
              name={`parts.${at}.worth`}
              label={texts.worthIfWanted(at + 1)}
              className="num"
              placeholder={texts.worth}
            />
            <FormText
              form={form}
              name={`parts.${at}.minutes`}
              label={texts.minutesToTakeOut(at + 1)}
              className="num"
              placeholder={texts.min}
            />
            <Button
              kind="quiet"
              className="px-0!"
              aria-label={texts.notInIt(named[at])}
              onClick={() => parts.remove(at)}
            >
              ×
            </Button>
          </li>
        ))}
      </ul>
      <Button
        className="self-start"
        onClick={() => parts.append({ name: "", worth: "", minutes: String(MINUTES_OF_A_PART) })}
      >
        {texts.anotherPart}
      </Button>
    </Panel>
  );
}
