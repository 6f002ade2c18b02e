import { z } from "zod";
import { useMay } from "../../hands/signer";
import { useAppend } from "../../hands/append";
import type { JobView, Schemas } from "../../api/client";
import { useWords } from "../../api/queries";
import { FormChoice, FormPart, FormPick, FormText, FormTick } from "../../form/fields";
import { money, oneOf, text } from "../../form/typed";
import { useFormOf } from "../../form/useFormOf";
import { moneyTyped } from "../../api/money";
import { kindWords } from "../shelf";
import { MendForm } from "./MendForm";
import { texts } from "./words";

type Entry = Schemas["Replaced"];

/** What is already known of a piece when the form is opened for it. */
export interface Piece {
  part: string;
  source: Entry["source"];
  from: string;
  madeFor?: Entry["madeFor"];
  dimensions: string;
  costMinor: number;
  fromShelf?: string;
}

const REPLACED = z.object({
  part: text,
  source: oneOf<Entry["source"]>(),
  from: text,
  pattern: text,
  dimensions: text,
  old: oneOf<NonNullable<Entry["old"]> | "">().transform((old) => (old === "" ? undefined : old)),
  cost: money,
  remark: text,
  checked: z.boolean(),
});

/** What took a part's place: from where, how big, at what cost, and whether it was looked over before. */
export function Replaced({ job, piece, onDone }: { job: JobView; piece?: Piece; onDone: () => void }) {
  const { choices } = useWords();
  const append = useAppend(job.tag);
  const priced = useMay("MONEY");
  const form = useFormOf(
    REPLACED,
    {
      part: piece?.part ?? job.needs.needs.find((need) => need.open && need.piece === "")?.part ?? "",
      source: piece?.source ?? "DONOR",
      from: piece?.from ?? "",
      pattern: piece?.madeFor?.pattern ?? "",
      dimensions: piece?.dimensions ?? "",
      old: "",
      cost: moneyTyped(piece?.costMinor ?? 0),
      remark: "",
      checked: false,
    },
    async (read) => {
      const madeFor = isMade(read.source) ? undefined : piece?.madeFor;
      const ofAPiece = job.needs.needs.find(
        (need) => need.open && need.piece !== "" && need.piece === read.part,
      );
      await append(
        [
          ofAPiece === undefined
            ? { kind: "replaced", ...read, madeFor, fromShelf: piece?.fromShelf }
            : {
                kind: "pieceFitted",
                part: ofAPiece.part,
                piece: ofAPiece.piece,
                count: 1,
                source: read.source,
                from: read.from,
                fromShelf: piece?.fromShelf,
              },
        ],
        { said: texts.replacedOf(read.part) },
      );
      onDone();
    },
    `replaced.${job.tag}.${piece?.part ?? ""}`,
  );
  const source = form.watch("source");
  const made = isMade(source);
  return (
    <MendForm title={texts.replacement} form={form} action={texts.newPartReady}>
      <FormPart form={form} job={job} placeholder={texts.governor} />
      <FormPick form={form} name="source" label={texts.source} choices={choices("sourceKind")} />
      <div className="grid grid-cols-2 gap-3">
        <FormText
          form={form}
          name="from"
          label={source === "DONOR" ? texts.donorCamera : made ? texts.madeFrom : texts.fromWhere}
          placeholder={
            source === "DONOR" ? texts.sweep5512DeadSinceSpring : made ? texts.brassRod2Mm : texts.screwTin
          }
        />
        {made ? (
          <FormText form={form} name="dimensions" label={texts.size} placeholder={texts.exampleSize} />
        ) : (
          <FormText
            form={form}
            name="pattern"
            label={
              piece?.madeFor === undefined
                ? texts.patternItWasMadeFor
                : texts.madeForPattern(kindWords(piece.madeFor))
            }
            placeholder={texts.n1stPatternLabel}
            disabled={piece?.madeFor !== undefined}
          />
        )}
      </div>
      <div className="grid grid-cols-3 gap-3">
        <FormChoice
          form={form}
          name="old"
          label={texts.theOldPartGoes}
          empty={texts.onlyAPieceOfIt}
          choices={choices("oldPiece")}
        />
        {priced && <FormText form={form} name="cost" label={texts.cost} inputMode="decimal" />}
        <FormText form={form} name="remark" label={texts.remark} />
      </div>
      <FormTick form={form} name="checked" label={texts.checkedBeforeFittingStraightComplete} />
    </MendForm>
  );
}

const isMade = (source: Entry["source"]) => source === "GENERIC" || source === "FABRICATED";
