import { useQuery } from "@tanstack/react-query";
import { z } from "zod";
import type { Schemas } from "../../api/client";
import { ownId } from "../../api/ids";
import { named } from "../../api/named";
import { knownAdjustersQuery, useWords } from "../../api/queries";
import { FormArea, FormOwn, FormPickMany } from "../../form/fields";
import { Form } from "../../form/Form";
import { SaveOrReset } from "../../form/SaveOrReset";
import { as, oneOf, text } from "../../form/typed";
import { useFormOf } from "../../form/useFormOf";
import { useShopChanges } from "../../hands/shopChanges";
import { ADJUSTER_FIELDS, AdjusterFields, OtherResult, otherResult, typedOf } from "./adjusterFields";
import { MovesOf } from "./MovesOf";
import { SpeedRanges } from "./SpeedRanges";
import { texts } from "./words";

type Kind = Schemas["AdjusterKind"];
type Book = Schemas["AdjusterBook"];
type Changes = Schemas["AdjusterChanges"];

const NONE: Kind = {
  id: "",
  name: named(""),
  travel: { unit: "EIGHTHS", least: -1, most: 1 },
  held: { lock: "NONE", caution: "", triedWith: "", coverMinutes: 0 },
  speeds: [],
  moves: [],
  on: { families: [], bodies: [] },
  why: "",
};

const KIND = z.object({
  ...ADJUSTER_FIELDS,
  why: text,
  families: z.array(oneOf<Kind["on"]["families"][number]>()),
  bodies: z.array(oneOf<Kind["on"]["bodies"][number]>()),
  speeds: as<Kind["speeds"]>(),
  moves: as<Kind["moves"]>(),
});

/** Changes what is known of adjusters, or takes a change back. */
const useAdjusterChange = () =>
  useShopChanges<Changes>(
    "knowledge",
    useQuery(knownAdjustersQuery).data,
    { results: [], adjusters: [] },
    {
      made: (changes) => ({ kind: "adjustersChanged", changes }),
      takenBack: (id) => ({ kind: "adjusterTakenBack", id }),
    },
  );

/** An adjuster that cameras of some kinds have: where it is, how it is held, and what it moves. */
export function KindForm({
  book,
  marks,
  kind: before = NONE,
  changed,
  onDone,
}: {
  book: Book;
  marks: Schemas["RangeMark"][];
  kind?: Kind;
  changed: boolean;
  onDone: (id: string) => void;
}) {
  const { choices } = useWords();
  const { change, takeBack } = useAdjusterChange();
  const start = {
    ...typedOf({ name: before.name, ...before.travel, ...before.held }),
    why: before.why,
    families: before.on.families,
    bodies: before.on.bodies,
    speeds: before.speeds,
    moves: before.moves,
  };
  const form = useFormOf(
    KIND,
    start,
    async (read) => {
      const other = otherResult(read);
      const id = before.id === "" ? ownId(read.adjuster) : before.id;
      await change(
        {
          results: other === undefined ? [] : [bookResult(other, read.adjuster)],
          adjusters: [
            {
              id,
              // the name keeps its id, so that what cameras taught of it still counts
              name: named(read.adjuster, before.name.id),
              travel: { unit: read.unit, least: read.least, most: read.most },
              held: {
                lock: read.lock,
                caution: read.caution,
                triedWith: read.triedWith,
                coverMinutes: Math.round(read.coverMinutes),
              },
              speeds: read.speeds,
              moves: other === undefined ? read.moves : [...read.moves, { result: other.name, effect: 1 }],
              on: { families: read.families, bodies: read.bodies },
              why: read.why,
            },
          ],
        },
        texts.saved(read.adjuster),
      );
      onDone(id);
    },
    `adjusterKind.${before.id}`,
  );
  return (
    <Form
      form={form}
      className="flex flex-col gap-3 pb-3"
      aria-label={before.id === "" ? texts.addAnAdjuster : before.name.words}
    >
      <AdjusterFields form={form} />
      <FormArea form={form} name="why" label={texts.whatItDoesInA} rows={2} />
      <FormOwn form={form} name="speeds">
        {(speeds, set) => <SpeedRanges marks={marks} ranges={speeds} onChange={set} />}
      </FormOwn>
      <FormOwn form={form} name="moves">
        {(moves, set) => <MovesOf moves={moves} results={book.results} onChange={set} />}
      </FormOwn>
      <OtherResult form={form} />
      <div>
        <p className="text-soft pb-1 text-[13.5px]">{texts.shuttersThatHaveItNone}</p>
        <FormPickMany form={form} name="families" label={texts.shutters} choices={choices("family")} />
      </div>
      <div>
        <p className="text-soft pb-1 text-[13.5px]">{texts.kindsOfCameraThatHave}</p>
        <FormPickMany form={form} name="bodies" label={texts.kindsOfCamera} choices={choices("bodyType")} />
      </div>
      <SaveOrReset
        form={form}
        disabled={form.watch("adjuster").trim() === ""}
        onReset={changed ? () => takeBack(before.id).then(() => onDone("")) : undefined}
      />
    </Form>
  );
}

/** A result as the book keeps it. */
function bookResult(
  { name, unit, wanted, tolerance, measureSd, tooLow, tooHigh, moreIsFine }: Schemas["ResultDescribed"],
  adjuster: string,
): Book["results"][number] {
  return {
    name,
    unit,
    wanted,
    tolerance,
    measureSd,
    tooLow,
    tooHigh,
    moreIsFine: moreIsFine === true,
    why: texts.movedByThe(adjuster),
  };
}
