import { z } from "zod";
import { useWords } from "../../api/queries";
import type { Schemas } from "../../api/client";
import { named } from "../../api/named";
import { FormChoice, FormText } from "../../form/fields";
import { figure, figureOr, oneOf, text } from "../../form/typed";
import type { FormOf } from "../../form/useFormOf";
import { texts } from "./words";

type Described = Schemas["AdjusterDescribed"];

/** What is typed of an adjuster wherever one is described: on a camera, or for every camera that has it. */
export const ADJUSTER_FIELDS = {
  adjuster: text,
  unit: oneOf<Described["unit"]>(),
  lock: oneOf<Described["lock"]>(),
  least: figure,
  most: figure,
  coverMinutes: figureOr(0),
  caution: text,
  triedWith: text,
  otherKind: oneOf<"" | "measured" | "judged">(),
  result: text,
  resultUnit: text,
  wanted: figureOr(0),
  tolerance: figureOr(NaN),
  tooLow: text,
  tooHigh: text,
};

type Typed = z.input<z.ZodObject<typeof ADJUSTER_FIELDS>>;
type Read = z.output<z.ZodObject<typeof ADJUSTER_FIELDS>>;

/** What each choice means for the answer of a result to a turn inward. */
const EFFECTS = [
  { value: "0", label: texts.notAtAll },
  { value: "1", label: texts.moreSlowerLarger },
  { value: "0.4", label: texts.moreALittle },
  { value: "-1", label: texts.lessFasterSmaller },
  { value: "-0.4", label: texts.lessALittle },
];

/** The choices, with the one that is chosen where it is none of them. */
export function effectsWith(effect: string | undefined) {
  return effect === undefined || EFFECTS.some((one) => one.value === effect)
    ? EFFECTS
    : [...EFFECTS, { value: effect, label: texts.byIt(Number(effect) > 0, effect) }];
}

/** What is typed of an adjuster before anything is changed. */
export const typedOf = (
  known: Pick<
    Described,
    "name" | "unit" | "least" | "most" | "lock" | "caution" | "triedWith" | "coverMinutes"
  >,
): Typed => ({
  adjuster: known.name.words,
  unit: known.unit,
  lock: known.lock,
  least: String(known.least),
  most: String(known.most),
  coverMinutes: String(known.coverMinutes),
  caution: known.caution,
  triedWith: known.triedWith,
  otherKind: "",
  result: "",
  resultUnit: "",
  wanted: "0",
  tolerance: "",
  tooLow: "",
  tooHigh: "",
});

/** A result that the adjuster moves and that was not known yet; none where none is typed. */
export function otherResult(read: Read): Schemas["ResultDescribed"] | undefined {
  if (read.otherKind === "" || read.result.trim() === "") return undefined;
  const judged = read.otherKind === "judged";
  return {
    kind: "resultDescribed",
    name: named(read.result),
    unit: judged ? "" : read.resultUnit,
    wanted: judged ? 0 : read.wanted,
    tolerance: judged ? 1 : read.tolerance,
    measureSd: 0,
    tooLow: judged ? read.tooLow : "",
    tooHigh: judged ? read.tooHigh : "",
  };
}

/** The fields; the form may have others besides. */
export function AdjusterFields<More extends Typed>({
  form: whole,
  nameIsFixed = false,
}: {
  form: FormOf<More>;
  nameIsFixed?: boolean;
}) {
  const form = whole as unknown as FormOf<Typed>;
  const { choices } = useWords();
  return (
    <>
      <div className="grid grid-cols-3 gap-3">
        <FormText
          form={form}
          name="adjuster"
          label={texts.name}
          readOnly={nameIsFixed}
          placeholder={texts.retardEngagement}
        />
        <FormChoice form={form} name="unit" label={texts.unitOfTravel} choices={choices("turnUnit")} />
        <FormChoice form={form} name="lock" label={texts.heldBy} choices={choices("adjusterLock")} />
        <FormText form={form} name="least" label={texts.outwardLimitNegative} />
        <FormText form={form} name="most" label={texts.inwardLimit} />
        <FormText form={form} name="coverMinutes" label={texts.minutesForCoversPerTrial} />
      </div>
      <FormText
        form={form}
        name="caution"
        label={texts.cautionBeforeYouTouchIt}
        placeholder={texts.holdTheShaftBeforeThe}
      />
      <FormText
        form={form}
        name="triedWith"
        label={texts.whatMustBeFittedBefore}
        placeholder={texts.topCover}
      />
    </>
  );
}

const KINDS = [
  { value: "", label: texts.none },
  { value: "measured", label: texts.measured },
  { value: "judged", label: texts.judgedByEyeOrEar },
];

/** A result that the adjuster moves and that is not known yet. */
export function OtherResult<More extends Typed>({ form: whole }: { form: FormOf<More> }) {
  const form = whole as unknown as FormOf<Typed>;
  const kind = form.watch("otherKind");
  return (
    <div className="grid grid-cols-4 gap-3">
      <FormChoice form={form} name="otherKind" label={texts.newResult} choices={KINDS} />
      {kind !== "" && <FormText form={form} name="result" label={texts.which} />}
      {kind === "measured" && (
        <>
          <FormText form={form} name="resultUnit" label={texts.unit} placeholder={texts.mm} />
          <FormText form={form} name="wanted" label={texts.targetLabel} />
          <FormText form={form} name="tolerance" label={texts.tolerance} />
        </>
      )}
      {kind === "judged" && (
        <>
          <FormText form={form} name="tooLow" label={texts.faultIfTooFarOut} placeholder={texts.tooLate} />
          <FormText form={form} name="tooHigh" label={texts.faultIfTooFarIn} placeholder={texts.tooEarly} />
        </>
      )}
    </div>
  );
}
