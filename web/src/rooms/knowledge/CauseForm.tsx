import { useState } from "react";
import { ownId } from "../../api/ids";
import { useWords } from "../../api/queries";
import { Button } from "../../ui/Button";
import { ChoiceField, FormProblem, TextField } from "../../ui/Field";
import { figureOf } from "../../ui/figures";
import { ProblemNote } from "../../ui/ProblemNote";
import { useSubmit } from "../../ui/useSubmit";
import type { Knowledge } from "./knowledge";
import { chancesWith, REACHES, useFaultChange } from "./useFaultChange";

type Cause = Knowledge["causes"][number];
type Look = Knowledge["looks"][number];

const CALLS = [
  { value: "clean", label: "cleaning" },
  { value: "mend", label: "mending" },
  { value: "adjust", label: "adjusting" },
  { value: "part", label: "a part" },
  { value: "leave", label: "nothing: leave it" },
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
};

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
  const { problem, field, submit } = useSubmit();
  const [said, setSaid] = useState<Cause>(cause ?? { ...EMPTY, area });
  const [prior, setPrior] = useState(String(said.prior));
  const [roots, setRoots] = useState(said.roots.join("; "));
  const telling = knowledge.looks.filter((look) => (look.finds[said.id] ?? 0) > 0);
  const [chances, setChances] = useState<Record<string, number>>(
    Object.fromEntries(telling.map((look) => [look.id, look.finds[said.id]])),
  );
  const [own, setOwn] = useState({ words: "", seen: "", minutes: "5", reach: "outside" });
  const isNew = cause === undefined;
  const shown = Object.keys(said.symptoms);
  const set = (part: Partial<Cause>) => setSaid({ ...said, ...part });
  const save = () =>
    submit(async () => {
      const id = isNew ? ownId(said.words) : said.id;
      const looks: Look[] = knowledge.looks
        .filter((look) => (chances[look.id] ?? 0) !== (look.finds[said.id] ?? 0))
        .map((look) => ({ ...look, finds: withChance(look.finds, id, chances[look.id] ?? 0) }));
      if (own.words.trim() !== "")
        looks.push({
          id: ownId(own.words),
          area: said.area,
          words: own.words,
          seen: own.seen,
          minutes: figureOf(own.minutes),
          reach: own.reach,
          risk: "",
          finds: { [id]: 0.8 },
          otherwise: 0.06,
        });
      const kept: Cause = {
        ...said,
        id,
        prior: figureOf(prior),
        roots: roots
          .split(";")
          .map((root) => root.trim())
          .filter((root) => root !== ""),
      };
      await change({ causes: [kept], looks }, `${said.words}: it counts so from now on.`);
      onDone(id);
    });
  return (
    <FormProblem.Provider value={field}>
      <form
        className="flex flex-col gap-2.5"
        aria-label={isNew ? "Another cause" : said.words}
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        <TextField
          label="Cause"
          name="cause"
          value={said.words}
          placeholder="retard train gummed"
          onChange={(event) => set({ words: event.target.value })}
        />
        <TextField
          label="Why, in a line"
          name="why"
          value={said.why}
          onChange={(event) => set({ why: event.target.value })}
        />
        <div className="grid grid-cols-2 gap-3">
          <TextField
            label="How common, against the others of its mechanism"
            name="prior"
            value={prior}
            onChange={(event) => setPrior(event.target.value)}
          />
          <ChoiceField
            label="It calls for"
            value={said.calls}
            choices={CALLS}
            onChange={(event) => set({ calls: event.target.value })}
          />
        </div>
        <OnBodies bodies={said.bodies} onChange={(bodies) => set({ bodies })} />
        <fieldset className="flex flex-col gap-1.5">
          <legend className="heading">What it does</legend>
          <div className="grid grid-cols-2 gap-x-3 gap-y-1.5">
            {shown.map((id) => (
              <ChoiceField
                key={id}
                label={knowledge.symptoms.find((one) => one.id === id)?.words ?? id}
                value={String(said.symptoms[id])}
                choices={chancesWith(said.symptoms[id])}
                onChange={(event) =>
                  set({ symptoms: withChance(said.symptoms, id, Number(event.target.value)) })
                }
              />
            ))}
          </div>
          <ChoiceField
            label="And this symptom"
            value=""
            empty="choose…"
            choices={knowledge.symptoms
              .filter((one) => !shown.includes(one.id))
              .map((one) => ({ value: one.id, label: one.words }))}
            onChange={(event) => set({ symptoms: { ...said.symptoms, [event.target.value]: 0.7 } })}
          />
        </fieldset>
        <fieldset className="flex flex-col gap-1.5">
          <legend className="heading">Looks that tell it</legend>
          <div className="grid grid-cols-2 gap-x-3 gap-y-1.5">
            {Object.entries(chances).map(([id, chance]) => (
              <ChoiceField
                key={id}
                label={knowledge.looks.find((one) => one.id === id)?.words ?? id}
                value={String(chance)}
                choices={chancesWith(chance)}
                onChange={(event) => setChances({ ...chances, [id]: Number(event.target.value) })}
              />
            ))}
          </div>
          <ChoiceField
            label="And this look"
            value=""
            empty="choose…"
            choices={knowledge.looks
              .filter((one) => one.area === said.area && !(one.id in chances))
              .map((one) => ({ value: one.id, label: `${one.words}: ${one.seen}` }))}
            onChange={(event) => setChances({ ...chances, [event.target.value]: 0.7 })}
          />
          <div className="grid grid-cols-[3fr_2fr_1fr_1fr] gap-2">
            <TextField
              label="Or a look of your own"
              name="look"
              value={own.words}
              placeholder="turn the wheel by hand"
              onChange={(event) => setOwn({ ...own, words: event.target.value })}
            />
            <TextField
              label="What speaks for it"
              name="seen"
              value={own.seen}
              placeholder="it drags"
              onChange={(event) => setOwn({ ...own, seen: event.target.value })}
            />
            <TextField
              label="Minutes"
              name="minutes"
              value={own.minutes}
              onChange={(event) => setOwn({ ...own, minutes: event.target.value })}
            />
            <ChoiceField
              label="Reached from"
              value={own.reach}
              choices={REACHES}
              onChange={(event) => setOwn({ ...own, reach: event.target.value })}
            />
          </div>
        </fieldset>
        <TextField
          label="What may have brought it about; several with ;"
          value={roots}
          onChange={(event) => setRoots(event.target.value)}
        />
        <TextField
          label="Advice for the owner"
          value={said.advice}
          onChange={(event) => set({ advice: event.target.value })}
        />
        {problem !== undefined && <ProblemNote problem={problem} />}
        <div className="flex gap-2">
          <Button type="submit" kind="primary" disabled={said.words.trim() === ""}>
            Keep it
          </Button>
          {changed && (
            <Button onClick={() => void submit(() => takeBack(said.id))}>Back to how it came</Button>
          )}
        </div>
      </form>
    </FormProblem.Provider>
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
        On which cameras:{" "}
        <b>
          {bodies.length === 0
            ? "all"
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
