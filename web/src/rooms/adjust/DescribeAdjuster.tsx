import { useState } from "react";
import { useAppend } from "../../hands/append";
import type { Entry, JobView, Schemas } from "../../api/client";
import { useWords } from "../../api/queries";
import { named, same, type Named } from "../../api/named";
import { Button } from "../../ui/Button";
import { ChoiceField, FormProblem, TextField } from "../../ui/Field";
import { figureOf } from "../../ui/figures";
import { ProblemNote } from "../../ui/ProblemNote";
import { useSubmit } from "../../ui/useSubmit";
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
  const { problem, field, submit } = useSubmit();
  const known = view.offers.find((offer) => same(offer.what.name, name))?.what ?? NONE;
  const [what, setWhat] = useState({
    ...known,
    name: known.name.words,
    least: String(known.least),
    most: String(known.most),
    coverMinutes: String(known.coverMinutes),
  });
  const [effects, setEffects] = useState<Record<string, string>>(
    Object.fromEntries(known.moves.map((move) => [move.result.id, String(move.effect)])),
  );
  const [other, setOther] = useState({
    kind: "",
    name: "",
    unit: "",
    wanted: "0",
    tolerance: "",
    tooLow: "",
    tooHigh: "",
  });
  const results = new Map(
    [
      ...job.speeds.map((row) => named(row.speed, row.speed)),
      ...view.results.map((result) => result.name),
      ...known.moves.map((move) => move.result),
    ].map((result) => [result.id, result]),
  );
  const set = (key: keyof typeof what) => (event: { target: { value: string } }) =>
    setWhat({ ...what, [key]: event.target.value });
  const setMore = (key: keyof typeof other) => (event: { target: { value: string } }) =>
    setOther({ ...other, [key]: event.target.value });
  const save = () =>
    submit(async () => {
      const moves: Moves[] = Object.entries(effects)
        .filter(([, effect]) => Number(effect) !== 0)
        .map(([id, effect]) => ({ result: results.get(id)!, effect: Number(effect) }));
      const made = named(what.name, name.id);
      const result = named(other.name);
      const entries: Entry[] = [];
      if (other.kind !== "" && other.name.trim() !== "") {
        const judged = other.kind === "judged";
        entries.push({
          kind: "resultDescribed",
          name: result,
          unit: judged ? "" : other.unit,
          wanted: judged ? 0 : figureOf(other.wanted),
          tolerance: judged ? 1 : figureOf(other.tolerance),
          measureSd: 0,
          tooLow: judged ? other.tooLow : "",
          tooHigh: judged ? other.tooHigh : "",
        });
        if (!moves.some((move) => move.result.words === other.name)) moves.push({ result, effect: 1 });
      }
      entries.push({
        ...what,
        name: made,
        kind: "adjusterDescribed",
        least: figureOf(what.least),
        most: figureOf(what.most),
        coverMinutes: figureOf(what.coverMinutes),
        moves,
      });
      await append(entries, { said: `${what.name}: known on this camera.` });
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
      <FormProblem.Provider value={field}>
        <form
          className="flex flex-col gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            void save();
          }}
        >
          <div className="grid grid-cols-3 gap-3">
            <TextField
              label="What it is called"
              name="adjuster"
              value={what.name}
              readOnly={name.words !== ""}
              placeholder="retard engagement"
              onChange={set("name")}
            />
            <ChoiceField
              label="Counted in"
              value={what.unit}
              choices={choices("turnUnit")}
              onChange={set("unit")}
            />
            <ChoiceField
              label="Held by"
              value={what.lock}
              choices={choices("adjusterLock")}
              onChange={set("lock")}
            />
            <TextField
              label="Goes out as far as (turns or places, −)"
              name="least"
              value={what.least}
              onChange={set("least")}
            />
            <TextField label="Goes in as far as" name="most" value={what.most} onChange={set("most")} />
            <TextField
              label="Minutes for covers, each trial"
              name="coverMinutes"
              value={what.coverMinutes}
              onChange={set("coverMinutes")}
            />
          </div>
          <TextField
            label="What to mind before it is touched"
            name="caution"
            value={what.caution}
            placeholder="hold the shaft before the pawl is lifted"
            onChange={set("caution")}
          />
          <TextField
            label="What must be on before it can be tried"
            name="triedWith"
            value={what.triedWith}
            placeholder="top cover"
            onChange={set("triedWith")}
          />
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
                  onChange={(event) => setEffects({ ...effects, [id]: event.target.value })}
                />
              ))}
            </div>
          </fieldset>
          <div className="grid grid-cols-4 gap-3">
            <ChoiceField label="And" value={other.kind} choices={KINDS} onChange={setMore("kind")} />
            {other.kind !== "" && (
              <TextField label="Which" name="result" value={other.name} onChange={setMore("name")} />
            )}
            {other.kind === "measured" && (
              <>
                <TextField
                  label="Unit"
                  name="unit"
                  value={other.unit}
                  placeholder="mm"
                  onChange={setMore("unit")}
                />
                <TextField label="Right at" name="wanted" value={other.wanted} onChange={setMore("wanted")} />
                <TextField
                  label="Allowed ±"
                  name="tolerance"
                  value={other.tolerance}
                  onChange={setMore("tolerance")}
                />
              </>
            )}
            {other.kind === "judged" && (
              <>
                <TextField
                  label="Wrong side outward"
                  name="tooLow"
                  value={other.tooLow}
                  placeholder="too late"
                  onChange={setMore("tooLow")}
                />
                <TextField
                  label="Wrong side inward"
                  name="tooHigh"
                  value={other.tooHigh}
                  placeholder="too early"
                  onChange={setMore("tooHigh")}
                />
              </>
            )}
          </div>
          {problem !== undefined && <ProblemNote problem={problem} />}
          <div className="flex gap-2">
            <Button type="submit" kind="primary" disabled={what.name.trim() === ""}>
              Keep it
            </Button>
            <Button kind="quiet" onClick={() => onClose()}>
              Not
            </Button>
          </div>
        </form>
      </FormProblem.Provider>
    </Window>
  );
}

function withOwn(effect: string | undefined) {
  return effect === undefined || EFFECTS.some((one) => one.value === effect)
    ? EFFECTS
    : [...EFFECTS, { value: effect, label: `${Number(effect) > 0 ? "more" : "less"}, by ${effect}` }];
}
