import { z } from "zod";
import { useAppend } from "../../hands/append";
import type { JobView, Schemas } from "../../api/client";
import { useWords } from "../../api/queries";
import { named, same, type Named } from "../../api/named";
import { Button } from "../../ui/Button";
import { ChoiceField } from "../../ui/Field";
import { FormChoice, FormOwn, FormText } from "../../form/fields";
import { Form } from "../../form/Form";
import { as, figure, figureOr, oneOf, text } from "../../form/typed";
import { type FormOf, useFormOf } from "../../form/useFormOf";
import { Window } from "../../ui/Window";
import type { AdjustView } from "./plan";

type Described = Schemas["AdjusterDescribed"];
type Moves = Described["moves"][number];

const NONE: Described = {
  kind: "adjusterDescribed",
  name: named(""),
  unit: "EIGHTHS",
  least: -1,
  most: 1,
  lock: "NONE",
  caution: "",
  triedWith: "",
  coverMinutes: 0,
  moves: [],
};

/** What each choice means for the answer of a result to a turn inward. */
const EFFECTS = [
  { value: "0", label: "not at all" },
  { value: "1", label: "more (slower, larger)" },
  { value: "0.4", label: "more, a little" },
  { value: "-1", label: "less (faster, smaller)" },
  { value: "-0.4", label: "less, a little" },
];

const KINDS = [
  { value: "", label: "no other result" },
  { value: "measured", label: "one that is measured" },
  { value: "judged", label: "one that is only judged" },
];

const ADJUSTER = z.object({
  adjuster: text,
  unit: oneOf<Described["unit"]>(),
  lock: oneOf<Described["lock"]>(),
  least: figure,
  most: figure,
  coverMinutes: figureOr(0),
  caution: text,
  triedWith: text,
  effects: as<Record<string, string>>(),
  otherKind: oneOf<"" | "measured" | "judged">(),
  result: text,
  resultUnit: text,
  wanted: figureOr(0),
  tolerance: figureOr(NaN),
  tooLow: text,
  tooHigh: text,
});

type Typed = z.input<typeof ADJUSTER>;

/** An adjuster of this camera: how it is counted, how far it goes, how it is held, what it moves. */
export function DescribeAdjuster({
  job,
  view,
  name,
  onClose,
}: {
  job: JobView;
  view: AdjustView;
  name: Named;
  onClose: (made?: Named) => void;
}) {
  const { choices } = useWords();
  const append = useAppend(job.tag);
  const known = view.offers.find((offer) => same(offer.what.name, name))?.what ?? NONE;
  const results = new Map(
    [
      ...job.speeds.map((row) => named(row.speed, row.speed)),
      ...view.results.map((result) => result.name),
      ...known.moves.map((move) => move.result),
    ].map((result) => [result.id, result]),
  );
  const form = useFormOf(ADJUSTER, typedOf(known), async (read) => {
    const moves: Moves[] = Object.entries(read.effects)
      .filter(([, effect]) => Number(effect) !== 0)
      .map(([id, effect]) => ({ result: results.get(id)!, effect: Number(effect) }));
    const other = otherResult(read);
    if (other !== undefined && !moves.some((move) => move.result.words === other.name.words))
      moves.push({ result: other.name, effect: 1 });
    const made = named(read.adjuster, name.id);
    const { unit, lock, least, most, coverMinutes, caution, triedWith } = read;
    const said: Described = {
      ...known,
      ...{ name: made, unit, lock, least, most, coverMinutes, caution, triedWith, moves },
    };
    await append(other === undefined ? [said] : [other, said], {
      said: `${read.adjuster}: known on this camera.`,
    });
    onClose(made);
  });
  return (
    <Window
      wide
      open
      onOpenChange={(open) => !open && onClose()}
      title={name.words === "" ? "Another adjuster" : name.words}
      about="Turns count from where it was found: in, clockwise or onward is positive."
    >
      <Form form={form} className="flex flex-col gap-3">
        <div className="grid grid-cols-3 gap-3">
          <FormText
            form={form}
            name="adjuster"
            label="What it is called"
            readOnly={name.words !== ""}
            placeholder="retard engagement"
          />
          <FormChoice form={form} name="unit" label="Unit of travel" choices={choices("turnUnit")} />
          <FormChoice form={form} name="lock" label="Held by" choices={choices("adjusterLock")} />
          <FormText form={form} name="least" label="Outward limit (negative)" />
          <FormText form={form} name="most" label="Inward limit" />
          <FormText form={form} name="coverMinutes" label="Minutes for covers, each trial" />
        </div>
        <FormText
          form={form}
          name="caution"
          label="What to mind before it is touched"
          placeholder="hold the shaft before the pawl is lifted"
        />
        <FormText
          form={form}
          name="triedWith"
          label="What must be on before it can be tried"
          placeholder="top cover"
        />
        <FormOwn form={form} name="effects">
          {(effects, set) => (
            <fieldset>
              <legend className="text-soft text-[13.5px]">
                What turning it in does; leave all at “not at all” where you do not know yet
              </legend>
              <div className="grid grid-cols-3 gap-x-3 gap-y-1.5 pt-1">
                {[...results.values()].map(({ id, words }) => (
                  <ChoiceField
                    key={id}
                    label={words}
                    value={effects[id] ?? "0"}
                    choices={withOwn(effects[id])}
                    onChange={(event) => set({ ...effects, [id]: event.target.value })}
                  />
                ))}
              </div>
            </fieldset>
          )}
        </FormOwn>
        <OtherResult form={form} />
        {form.refused}
        <div className="flex gap-2">
          <Button type="submit" kind="primary" disabled={form.watch("adjuster").trim() === ""}>
            Save adjuster
          </Button>
          <Button kind="quiet" onClick={() => onClose()}>
            Cancel
          </Button>
        </div>
      </Form>
    </Window>
  );
}

/** A result that the adjuster moves and that the camera does not have yet. */
function OtherResult({ form }: { form: FormOf<Typed> }) {
  const kind = form.watch("otherKind");
  return (
    <div className="grid grid-cols-4 gap-3">
      <FormChoice form={form} name="otherKind" label="And" choices={KINDS} />
      {kind !== "" && <FormText form={form} name="result" label="Which" />}
      {kind === "measured" && (
        <>
          <FormText form={form} name="resultUnit" label="Unit" placeholder="mm" />
          <FormText form={form} name="wanted" label="Right at" />
          <FormText form={form} name="tolerance" label="Allowed ±" />
        </>
      )}
      {kind === "judged" && (
        <>
          <FormText form={form} name="tooLow" label="Wrong side outward" placeholder="too late" />
          <FormText form={form} name="tooHigh" label="Wrong side inward" placeholder="too early" />
        </>
      )}
    </div>
  );
}

const typedOf = (known: Described): Typed => ({
  adjuster: known.name.words,
  unit: known.unit,
  lock: known.lock,
  least: String(known.least),
  most: String(known.most),
  coverMinutes: String(known.coverMinutes),
  caution: known.caution,
  triedWith: known.triedWith,
  effects: Object.fromEntries(known.moves.map((move) => [move.result.id, String(move.effect)])),
  otherKind: "",
  result: "",
  resultUnit: "",
  wanted: "0",
  tolerance: "",
  tooLow: "",
  tooHigh: "",
});

function otherResult(read: z.output<typeof ADJUSTER>): Schemas["ResultDescribed"] | undefined {
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

function withOwn(effect: string | undefined) {
  return effect === undefined || EFFECTS.some((one) => one.value === effect)
    ? EFFECTS
    : [...EFFECTS, { value: effect, label: `${Number(effect) > 0 ? "more" : "less"}, by ${effect}` }];
}
