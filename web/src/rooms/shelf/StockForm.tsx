import { useShopLog } from "../../hands/append";
import { useState } from "react";
import { readAmount, useWords } from "../../api/queries";
import { type StockRow } from "../../api/shelf";
import type { Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { ChoiceField, FormProblem, TextField, Tick } from "../../ui/Field";
import { figureOrSay } from "../../ui/figures";
import { moneyTyped } from "../../ui/money";
import { ProblemNote } from "../../ui/ProblemNote";
import { useSubmit } from "../../ui/useSubmit";
import { KindFields } from "./KindFields";
import { ANY_KIND } from "./things";

type Stock = Schemas["Stock"];
type Fastener = Schemas["Fastener"];

const SCREW: Fastener = { kind: "SCREW", drive: "SLOTTED", head: "NOT_SAID", count: 1, traits: [] };

/** Puts something on the shelf, or describes it otherwise. */
export function StockForm({ row, onDone }: { row?: StockRow; onDone: (id: string) => void }) {
  const { choices } = useWords();
  const say = useShopLog("shelf");
  const { problem, field, submit } = useSubmit();
  const before = row?.held.stock;
  const [name, setName] = useState(before?.name ?? "");
  const [madeFor, setMadeFor] = useState(before?.madeFor ?? ANY_KIND);
  const [hardware, setHardware] = useState<Fastener | undefined>(before?.hardware);
  const [thread, setThread] = useState(String(before?.hardware?.threadMm ?? ""));
  const [length, setLength] = useState(String(before?.hardware?.lengthMm ?? ""));
  const [condition, setCondition] = useState<Stock["condition"]>(before?.condition ?? "USED");
  const [words, setWords] = useState({
    dimensions: before?.dimensions ?? "",
    place: before?.place ?? "",
    origin: before?.origin ?? "",
    remark: before?.remark ?? "",
    cost: moneyTyped(before?.costMinor ?? 0),
    least: String(before?.least ?? ""),
    count: "1",
  });
  const text = (key: keyof typeof words) => ({
    name: key,
    value: words[key],
    onChange: (event: React.ChangeEvent<HTMLInputElement>) =>
      setWords({ ...words, [key]: event.target.value }),
  });
  const whole = (typed: string) => (typed.trim() === "" ? 0 : Math.round(figureOrSay(typed)));
  const size = (typed: string) => (typed.trim() === "" ? undefined : figureOrSay(typed));
  const log = () =>
    submit(async () => {
      const cost = await readAmount("cost", words.cost);
      const stock: Stock = {
        name,
        madeFor,
        hardware:
          hardware === undefined
            ? undefined
            : { ...hardware, threadMm: size(thread), lengthMm: size(length), count: 1 },
        dimensions: words.dimensions,
        condition,
        place: words.place,
        origin: words.origin,
        costMinor: cost?.minor ?? 0,
        least: whole(words.least),
        remark: words.remark,
      };
      const [id] = await say(
        row === undefined
          ? [{ kind: "stockAdded", stock, count: whole(words.count) }]
          : [{ kind: "stockDescribed", stock: row.held.id, as: stock }],
        row === undefined ? "It is on the shelf." : "Described anew.",
      );
      onDone(row?.held.id ?? id);
    });
  return (
    <FormProblem value={field}>
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void log();
        }}
      >
        <h2 className="text-[19px]">{row === undefined ? "Put something in" : "Describe it otherwise"}</h2>
        <TextField
          label="What it is"
          name="name"
          value={name}
          placeholder={hardware === undefined ? "retard pinion" : "as its size says"}
          onChange={(event) => setName(event.target.value)}
        />
        <Tick
          label="A screw, nut or ring: by its size"
          checked={hardware !== undefined}
          onChange={(event) => setHardware(event.target.checked ? SCREW : undefined)}
        />
        {hardware !== undefined && (
          <div className="grid grid-cols-2 gap-3">
            <ChoiceField
              label="Kind"
              value={hardware.kind}
              choices={choices("fastenerKind")}
              onChange={(event) => setHardware({ ...hardware, kind: event.target.value as Fastener["kind"] })}
            />
            <ChoiceField
              label="Drive"
              value={hardware.drive}
              choices={choices("drive")}
              onChange={(event) =>
                setHardware({ ...hardware, drive: event.target.value as Fastener["drive"] })
              }
            />
            <ChoiceField
              label="Head"
              value={hardware.head}
              choices={choices("headForm")}
              onChange={(event) => setHardware({ ...hardware, head: event.target.value as Fastener["head"] })}
            />
            <div className="grid grid-cols-2 gap-2">
              <TextField
                label="Thread, mm"
                name="threadMm"
                value={thread}
                onChange={(event) => setThread(event.target.value)}
              />
              <TextField
                label="Length, mm"
                name="lengthMm"
                value={length}
                onChange={(event) => setLength(event.target.value)}
              />
            </div>
          </div>
        )}
        <KindFields makerLabel="Made for: maker" value={madeFor} onChange={setMadeFor} />
        <div className="grid grid-cols-2 gap-3">
          <TextField label="Place" placeholder="drawer 3" {...text("place")} />
          <TextField label="Size, for a generic part" placeholder="foam 1.5 mm" {...text("dimensions")} />
          <ChoiceField
            label="Condition"
            value={condition}
            choices={choices("condition")}
            onChange={(event) => setCondition(event.target.value as Stock["condition"])}
          />
          <TextField label="From where" {...text("origin")} />
          <TextField label="Cost of one" inputMode="decimal" {...text("cost")} />
          {row === undefined && <TextField label="How many" inputMode="numeric" {...text("count")} />}
          <TextField label="Fewer than this is too few" inputMode="numeric" {...text("least")} />
        </div>
        <TextField label="Remark" {...text("remark")} />
        {problem !== undefined && <ProblemNote problem={problem} />}
        <div className="flex gap-2">
          <Button kind="primary" type="submit">
            {row === undefined ? "Put it in" : "So it is"}
          </Button>
          <Button kind="quiet" onClick={() => onDone(row?.held.id ?? "")}>
            Not
          </Button>
        </div>
      </form>
    </FormProblem>
  );
}
