import { z } from "zod";
import { ownId } from "../../api/ids";
import { useWords } from "../../api/queries";
import { ChoiceField } from "../../ui/Field";
import { FormChoice, FormOwn, FormText } from "../../form/fields";
import { Form } from "../../form/Form";
import { SaveOrReset } from "../../form/SaveOrReset";
import { as, figure, figureOr, listOf, text } from "../../form/typed";
import { useFormOf } from "../../form/useFormOf";
import type { Knowledge } from "./knowledge";
import { chancesWith, REACHES, useFaultChange } from "./useFaultChange";
import { texts } from "./words";

type Cause = Knowledge["causes"][number];
type Look = Knowledge["looks"][number];
type Chances = Record<string, number>;

const CALLS = [
  { value: "clean", label: texts.cleaning },
  { value: "mend", label: texts.mending },
  { value: "adjust", label: texts.adjusting },
  { value: "part", label: texts.aPart },
  { value: "leave", label: texts.nothingLeaveIt },
];

const EMPTY: Cause = {
  id: "",
  area: "",
  words: "",
  formerly: [],
  bodies: [],
  prior: 1,
  why: "",
  symptoms: {},
  calls: "mend",
  signature: "",
  roots: [],
  harms: [],
  advice: "",
  function: "",
};

const CAUSE = z.object({
  cause: text,
  why: text,
  prior: figure,
  calls: text,
  bodies: as<Cause["bodies"]>(),
  symptoms: as<Chances>(),
  looks: as<Chances>(),
  look: text,
  seen: text,
  minutes: figureOr(5),
  reach: text,
  roots: listOf(";"),
  advice: text,
});

/** A cause: how common, why, what it does, and the looks that tell it. */
export function CauseForm({
  knowledge,
  cause,
  area,
  changed,
  onDone,
}: {
  knowledge: Knowledge;
  cause?: Cause;
  area: string;
  changed: boolean;
  onDone: (id: string) => void;
}) {
  const { change, takeBack } = useFaultChange();
  const before = cause ?? { ...EMPTY, area };
  const isNew = cause === undefined;
  const telling = knowledge.looks.filter((look) => (look.finds[before.id] ?? 0) > 0);
  const form = useFormOf(
    CAUSE,
    {
      cause: before.words,
      why: before.why,
      prior: String(before.prior),
      calls: before.calls,
      bodies: before.bodies,
      symptoms: before.symptoms,
      looks: Object.fromEntries(telling.map((look) => [look.id, look.finds[before.id]])),
      look: "",
      seen: "",
      minutes: "5",
      reach: "outside",
      roots: before.roots.join("; "),
      advice: before.advice,
    },
    async ({ cause: words, why, prior, calls, bodies, symptoms, roots, advice, ...read }) => {
      const id = isNew ? ownId(words) : before.id;
      const looks: Look[] = knowledge.looks
        .filter((look) => (read.looks[look.id] ?? 0) !== (look.finds[before.id] ?? 0))
        .map((look) => ({ ...look, finds: withChance(look.finds, id, read.looks[look.id] ?? 0) }));
      if (read.look.trim() !== "") looks.push(ownLook(id, before.area, read));
      const said: Cause = { ...before, id, words, why, prior, calls, bodies, symptoms, roots, advice };
      await change({ causes: [said], looks }, texts.saved(words));
      onDone(id);
    },
    `cause.${before.id}.${area}`,
  );
  return (
    <Form form={form} className="flex flex-col gap-2.5" aria-label={isNew ? texts.addACause : before.words}>
      <FormText form={form} name="cause" label={texts.cause} placeholder={texts.retardTrainGummed} />
      <FormText form={form} name="why" label={texts.reasonInALine} />
      <div className="grid grid-cols-2 gap-3">
        <FormText form={form} name="prior" label={texts.howCommonComparedWithOther} />
        <FormChoice form={form} name="calls" label={texts.itNeeds} choices={CALLS} />
      </div>
      <FormOwn form={form} name="bodies">
        {(bodies, set) => <OnBodies bodies={bodies} onChange={set} />}
      </FormOwn>
      <FormOwn form={form} name="symptoms">
        {(symptoms, set) => (
          <ChancesOf
            title={texts.symptoms}
            more={texts.addASymptom}
            chances={symptoms}
            all={knowledge.symptoms}
            onChange={set}
          />
        )}
      </FormOwn>
      <FormOwn form={form} name="looks">
        {(looks, set) => (
          <ChancesOf
            title={texts.looksThatShowIt}
            more={texts.addALook}
            chances={looks}
            all={knowledge.looks}
            offered={knowledge.looks
              .filter((one) => one.area === before.area)
              .map(({ id, words, seen }) => ({ id, words: `${words}: ${seen}` }))}
            onChange={set}
          >
            <div className="grid grid-cols-[3fr_2fr_1fr_1fr] gap-2">
              <FormText
                form={form}
                name="look"
                label={texts.orALookOfYour}
                placeholder={texts.turnTheWheelByHand}
              />
              <FormText form={form} name="seen" label={texts.whatPointsToIt} placeholder={texts.itDrags} />
              <FormText form={form} name="minutes" label={texts.minutes} />
              <FormChoice form={form} name="reach" label={texts.reachedFrom} choices={REACHES} />
            </div>
          </ChancesOf>
        )}
      </FormOwn>
      <FormText form={form} name="roots" label={texts.possibleRootCausesSeparatedBy} />
      <FormText form={form} name="advice" label={texts.adviceForTheOwner} />
      <SaveOrReset
        form={form}
        disabled={form.watch("cause").trim() === ""}
        onReset={changed ? () => takeBack(before.id) : undefined}
      />
    </Form>
  );
}

/** A look that is not known yet: it is good at telling this cause, until it is said how good. */
function ownLook(
  cause: string,
  area: string,
  { look: words, seen, minutes, reach }: { look: string; seen: string; minutes: number; reach: string },
): Look {
  const finds = { [cause]: 0.8 };
  return { id: ownId(words), area, words, seen, minutes, reach, risk: "", finds, otherwise: 0.06, runs: "" };
}

/** How often each of some things goes with a cause. */
function ChancesOf({
  title,
  more,
  chances,
  all,
  offered = all,
  onChange,
  children,
}: {
  title: string;
  more: string;
  chances: Chances;
  all: { id: string; words: string }[];
  /** Those that may be added. */
  offered?: { id: string; words: string }[];
  onChange: (chances: Chances) => void;
  children?: React.ReactNode;
}) {
  return (
    <fieldset className="flex flex-col gap-1.5">
      <legend className="heading">{title}</legend>
      <div className="grid grid-cols-2 gap-x-3 gap-y-1.5">
        {Object.entries(chances).map(([id, chance]) => (
          <ChoiceField
            key={id}
            label={all.find((one) => one.id === id)?.words ?? id}
            value={String(chance)}
            choices={chancesWith(chance)}
            onChange={(event) => onChange(withChance(chances, id, Number(event.target.value)))}
          />
        ))}
      </div>
      <ChoiceField
        label={more}
        value=""
        empty={texts.choose}
        choices={offered
          .filter((one) => !(one.id in chances))
          .map((one) => ({ value: one.id, label: one.words }))}
        onChange={(event) => onChange({ ...chances, [event.target.value]: 0.7 })}
      />
      {children}
    </fieldset>
  );
}

/** A chance of nothing is left away: never and always are no chances. */
function withChance(all: Record<string, number>, id: string, chance: number): Record<string, number> {
  const { [id]: before, ...rest } = all;
  void before;
  return chance > 0 ? { ...rest, [id]: chance } : rest;
}

/** The kinds of bodies on which a cause can be; none chosen means all. */
function OnBodies({
  bodies,
  onChange,
}: {
  bodies: Cause["bodies"];
  onChange: (bodies: Cause["bodies"]) => void;
}) {
  const { choices } = useWords();
  const kinds = choices("bodyType") as { value: Cause["bodies"][number]; label: string }[];
  return (
    <details>
      <summary className="min-h-11 content-center">
        {texts.onWhichCameras}{" "}
        <b>
          {bodies.length === 0
            ? texts.all
            : kinds
                .filter((one) => bodies.includes(one.value))
                .map((one) => one.label)
                .join(", ")}
        </b>
      </summary>
      <div className="grid grid-cols-2 gap-x-3">
        {kinds.map(({ value, label }) => (
          <label key={value} className="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              checked={bodies.includes(value)}
              onChange={(event) =>
                onChange(event.target.checked ? [...bodies, value] : bodies.filter((one) => one !== value))
              }
            />
            {label}
          </label>
        ))}
      </div>
    </details>
  );
}
