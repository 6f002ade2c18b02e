import { useShopLog } from "../../hands/append";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import type { Schemas } from "../../api/client";
import { readAmount, useWords } from "../../api/queries";
import { type DonorRow, partsOfQuery } from "../../api/shelf";
import { Button } from "../../ui/Button";
import { ChoiceField, FormProblem, TextField } from "../../ui/Field";
import { figureOrSay } from "../../ui/figures";
import { moneyTyped } from "../../ui/money";
import { Empty, Panel } from "../../ui/Panel";
import { ProblemNote } from "../../ui/ProblemNote";
import { useSubmit } from "../../ui/useSubmit";
import { KindFields } from "./KindFields";
import { ANY_KIND } from "./things";

type Body = Schemas["DonorBody"];

interface PartTyped {
  name: string;
  worth: string;
  minutes: string;
}

const typed = (part: Schemas["BodyPart"]): PartTyped => ({
  name: part.name,
  worth: moneyTyped(part.worthMinor),
  minutes: String(part.minutes),
});

/** A new donor, under its own address. */
export function NewDonor() {
  const navigate = useNavigate();
  return <DonorForm onDone={(id) => void navigate(id === "" ? "/shelf/donors" : `/shelf/donors/${id}`)} />;
}

/** Keeps a camera for its parts, or describes it otherwise. */
export function DonorForm({ row, onDone }: { row?: DonorRow; onDone: (id: string) => void }) {
  const { choices } = useWords();
  const say = useShopLog("shelf");
  const { problem, field, submit } = useSubmit();
  const before = row?.held.body;
  const [kind, setKind] = useState(before?.kind ?? ANY_KIND);
  const [family, setFamily] = useState<Body["family"]>(before?.family ?? "LEAF_UNIT");
  const [parts, setParts] = useState<PartTyped[]>(before?.parts.map(typed) ?? []);
  const [words, setWords] = useState({
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
  });
  const known = useQuery(partsOfQuery(kind.maker, kind.model)).data ?? [];
  const fresh = known.filter(
    (one) => !parts.some((part) => part.name.toLowerCase() === one.name.toLowerCase()),
  );
  const text = (name: keyof typeof words) => ({
    name,
    value: words[name],
    onChange: (event: React.ChangeEvent<HTMLInputElement>) =>
      setWords({ ...words, [name]: event.target.value }),
  });
  const minor = async (name: string, amount: string) => (await readAmount(name, amount))?.minor ?? 0;
  const log = () =>
    submit(async () => {
      const body: Body = {
        kind,
        family,
        serial: words.serial,
        fault: words.fault,
        place: words.place,
        origin: words.origin,
        asIsMinor: await minor("asIs", words.asIs),
        mendedMinor: await minor("mended", words.mended),
        chanceMended: figureOrSay(words.chanceMended) / 100,
        mendMinutes: Math.round(figureOrSay(words.mendMinutes)),
        mendCostMinor: await minor("mendCost", words.mendCost),
        openMinutes: Math.round(figureOrSay(words.openMinutes)),
        parts: await Promise.all(
          parts
            .filter((part) => part.name.trim() !== "")
            .map(async (part) => ({
              name: part.name,
              worthMinor: await minor("parts", part.worth),
              minutes: part.minutes.trim() === "" ? 15 : Math.round(figureOrSay(part.minutes)),
            })),
        ),
      };
      const [id] = await say(
        row === undefined
          ? [{ kind: "donorShelved", body }]
          : [{ kind: "donorDescribed", donor: row.held.id, as: body }],
        row === undefined ? "Kept for its parts." : "Described anew.",
      );
      onDone(row?.held.id ?? id);
    });
  return (
    <FormProblem value={field}>
      <form
        className="flex min-h-0 flex-1 flex-col"
        onSubmit={(event) => {
          event.preventDefault();
          void log();
        }}
      >
        <div className="grid min-h-0 flex-1 grid-cols-2 gap-8 overflow-y-auto px-5 py-3">
          <div className="flex flex-col gap-3">
            <h2 className="text-[21px]">{row === undefined ? "Keep a camera for its parts" : row.words}</h2>
            <KindFields value={kind} onChange={setKind} />
            <div className="grid grid-cols-2 gap-3">
              <ChoiceField
                label="Mechanism"
                name="family"
                value={family}
                choices={choices("family")}
                onChange={(event) => setFamily(event.target.value as Body["family"])}
              />
              <TextField label="Number" {...text("serial")} />
              <TextField label="Place" placeholder="top board" {...text("place")} />
              <TextField label="From where" {...text("origin")} />
            </div>
            <TextField label="What ails it" {...text("fault")} />
            <Panel title="What it would bring">
              <div className="grid grid-cols-2 gap-3">
                <TextField label="As it stands" inputMode="decimal" {...text("asIs")} />
                <TextField label="Mended" inputMode="decimal" {...text("mended")} />
                <TextField label="Mending comes off, %" inputMode="decimal" {...text("chanceMended")} />
                <TextField label="Minutes to mend it" inputMode="numeric" {...text("mendMinutes")} />
                <TextField label="To be bought for that" inputMode="decimal" {...text("mendCost")} />
                <TextField label="Minutes to open it" inputMode="numeric" {...text("openMinutes")} />
              </div>
            </Panel>
          </div>
          <Panel title="What is in it" note={`${parts.length} parts`}>
            {parts.length === 0 && fresh.length === 0 && (
              <Empty>
                {kind.model === ""
                  ? "Name maker and model: what came off others of its model is offered here then."
                  : "None of its model was here. Name the parts that are worth keeping."}
              </Empty>
            )}
            {fresh.length > 0 && (
              <Button className="self-start" onClick={() => setParts([...parts, ...fresh.map(typed)])}>
                Add the {fresh.length} that came off others of its model
              </Button>
            )}
            <ul className="flex flex-col gap-1.5">
              {parts.map((part, at) => (
                <li key={at} className="grid grid-cols-[minmax(0,1fr)_92px_76px_44px] items-center gap-2">
                  {(["name", "worth", "minutes"] as const).map((name) => (
                    <input
                      key={name}
                      className={`input ${name === "name" ? "" : "num"}`}
                      aria-label={`${name === "name" ? "Part" : name === "worth" ? "Worth where wanted" : "Minutes to take out"}, ${at + 1}`}
                      placeholder={name === "name" ? "part" : name === "worth" ? "worth" : "min"}
                      value={part[name]}
                      onChange={(event) =>
                        setParts(
                          parts.map((one, i) => (i === at ? { ...one, [name]: event.target.value } : one)),
                        )
                      }
                    />
                  ))}
                  <Button
                    kind="quiet"
                    className="px-0!"
                    aria-label={`Not in it: ${part.name}`}
                    onClick={() => setParts(parts.filter((_, i) => i !== at))}
                  >
                    ×
                  </Button>
                </li>
              ))}
            </ul>
            <Button
              className="self-start"
              onClick={() => setParts([...parts, { name: "", worth: "", minutes: "15" }])}
            >
              Another part
            </Button>
          </Panel>
        </div>
        <div className="border-ink bg-sheet flex items-center gap-3 border-t-2 px-5 py-2.5">
          <Button kind="primary" type="submit">
            {row === undefined ? "Keep it for its parts" : "So it is"}
          </Button>
          <Button kind="quiet" onClick={() => onDone(row?.held.id ?? "")}>
            Not
          </Button>
          {problem !== undefined && <ProblemNote problem={problem} />}
        </div>
      </form>
    </FormProblem>
  );
}
