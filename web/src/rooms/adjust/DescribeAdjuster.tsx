import { z } from "zod";
import { useAppend } from "../../hands/append";
import type { JobView, Schemas } from "../../api/client";
import { named, same, type Named } from "../../api/named";
import { Button } from "../../ui/Button";
import { ChoiceField } from "../../ui/Field";
import { FormOwn } from "../../form/fields";
import { Form } from "../../form/Form";
import { as } from "../../form/typed";
import { useFormOf } from "../../form/useFormOf";
import { Window } from "../../ui/Window";
import type { AdjustView } from "./plan";
import {
  ADJUSTER_FIELDS,
  AdjusterFields,
  effectsWith,
  OtherResult,
  otherResult,
  typedOf,
} from "./adjusterFields";
import { texts } from "./words";

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

const ADJUSTER = z.object({ ...ADJUSTER_FIELDS, effects: as<Record<string, string>>() });

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
  const append = useAppend(job.tag);
  const known = view.offers.find((offer) => same(offer.what.name, name))?.what ?? NONE;
  const results = new Map(
    [
      ...job.speeds.map((row) => named(row.speed, row.speed)),
      ...view.results.map((result) => result.name),
      ...known.moves.map((move) => move.result),
    ].map((result) => [result.id, result]),
  );
  const start = {
    ...typedOf(known),
    effects: Object.fromEntries(known.moves.map((move) => [move.result.id, String(move.effect)])),
  };
  const form = useFormOf(
    ADJUSTER,
    start,
    async (read) => {
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
        said: texts.savedForThisCamera(read.adjuster),
      });
      onClose(made);
    },
    `adjuster.${job.tag}`,
  );
  return (
    <Window
      wide
      open
      onOpenChange={(open) => !open && onClose()}
      title={name.words === "" ? texts.addAnAdjuster : name.words}
      about={texts.turnsCountFromWhereYou}
    >
      <Form form={form} className="flex flex-col gap-3">
        <AdjusterFields form={form} nameIsFixed={name.words !== ""} />
        <FormOwn form={form} name="effects">
          {(effects, set) => (
            <fieldset>
              <legend className="text-soft text-[13.5px]">{texts.whatTurningItInDoes}</legend>
              <div className="grid grid-cols-3 gap-x-3 gap-y-1.5 pt-1">
                {[...results.values()].map(({ id, words }) => (
                  <ChoiceField
                    key={id}
                    label={words}
                    value={effects[id] ?? "0"}
                    choices={effectsWith(effects[id])}
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
            {texts.saveAdjuster}
          </Button>
          <Button
            kind="quiet"
            onClick={() => {
              form.forget();
              onClose();
            }}
          >
            {texts.cancel}
          </Button>
        </div>
      </Form>
    </Window>
  );
}
