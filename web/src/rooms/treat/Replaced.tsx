import { useState } from "react";
import { useAppend } from "../../hands/append";
import type { JobView, Schemas } from "../../api/client";
import { readAmount, useWords } from "../../api/queries";
import { ChoiceField, TextField, Tick } from "../../ui/Field";
import { moneyTyped } from "../../ui/money";
import { PartInput } from "../../ui/PartInput";
import { Pick } from "../../ui/Pick";
import { useSubmit } from "../../ui/useSubmit";
import { kindWords } from "../shelf";
import { MendForm } from "./MendForm";

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

/** What took a part's place: from where, how big, at what cost, and whether it was looked over before. */
export function Replaced({ job, piece, onDone }: { job: JobView; piece?: Piece; onDone: () => void }) {
  const { choices } = useWords();
  const append = useAppend(job.tag);
  const { problem, field, submit } = useSubmit();
  const [part, setPart] = useState(piece?.part ?? job.needs.needs.find((need) => need.open)?.part ?? "");
  const [source, setSource] = useState<Entry["source"]>(piece?.source ?? "DONOR");
  const [from, setFrom] = useState(piece?.from ?? "");
  const [pattern, setPattern] = useState(piece?.madeFor?.pattern ?? "");
  const [dimensions, setDimensions] = useState(piece?.dimensions ?? "");
  const [cost, setCost] = useState(moneyTyped(piece?.costMinor ?? 0));
  const [checked, setChecked] = useState(false);
  const [old, setOld] = useState("");
  const [remark, setRemark] = useState("");
  const made = source === "GENERIC" || source === "FABRICATED";
  const log = () =>
    submit(async () => {
      await append(
        [
          {
            kind: "replaced",
            part,
            source,
            from,
            pattern,
            checked,
            remark,
            old: old === "" ? undefined : (old as Entry["old"]),
            madeFor: made ? undefined : piece?.madeFor,
            dimensions,
            cost: await readAmount("cost", cost),
            fromShelf: piece?.fromShelf,
          },
        ],
        { said: `Replaced: ${part}.` },
      );
      onDone();
    });
  return (
    <MendForm
      title="What took its place"
      field={field}
      problem={problem}
      onSubmit={log}
      action="It is fitted: log it"
    >
      <PartInput job={job} value={part} onChange={setPart} placeholder="governor" />
      <Pick
        label="Where from"
        choices={choices("sourceKind")}
        value={source}
        onChange={(next) => setSource(next as typeof source)}
      />
      <div className="grid grid-cols-2 gap-3">
        <TextField
          label={source === "DONOR" ? "Which donor camera" : made ? "Out of what" : "From where"}
          name="from"
          value={from}
          placeholder={
            source === "DONOR" ? "Sweep 5512, dead since spring" : made ? "brass rod, 2 mm" : "screw tin"
          }
          onChange={(event) => setFrom(event.target.value)}
        />
        {made ? (
          <TextField
            label="Its size"
            name="dimensions"
            value={dimensions}
            placeholder="2.0 × 6.5 mm"
            onChange={(event) => setDimensions(event.target.value)}
          />
        ) : (
          <TextField
            label={
              piece?.madeFor === undefined
                ? "Pattern it was made for"
                : `Made for ${kindWords(piece.madeFor)}; pattern`
            }
            value={pattern}
            placeholder="1st pattern"
            disabled={piece?.madeFor !== undefined}
            onChange={(event) => setPattern(event.target.value)}
          />
        )}
      </div>
      <div className="grid grid-cols-3 gap-3">
        <ChoiceField
          label="The one that was there goes"
          empty="only a piece of it was replaced"
          value={old}
          choices={choices("oldPiece")}
          onChange={(event) => setOld(event.target.value)}
        />
        <TextField
          label="What it cost"
          name="cost"
          inputMode="decimal"
          value={cost}
          onChange={(event) => setCost(event.target.value)}
        />
        <TextField label="Remark" value={remark} onChange={(event) => setRemark(event.target.value)} />
      </div>
      <Tick
        label="Looked over before fitting: straight, whole, the right size"
        checked={checked}
        onChange={(event) => setChecked(event.target.checked)}
      />
    </MendForm>
  );
}
