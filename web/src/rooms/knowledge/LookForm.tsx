import { useState } from "react";
import { Button } from "../../ui/Button";
import { ChoiceField, FormProblem, TextField } from "../../ui/Field";
import { figureOf } from "../../ui/figures";
import { Panel } from "../../ui/Panel";
import { ProblemNote } from "../../ui/ProblemNote";
import { useSubmit } from "../../ui/useSubmit";
import type { Knowledge } from "./knowledge";
import { REACHES, useFaultChange } from "./useFaultChange";

type Look = Knowledge["looks"][number];

/** A look: what is done, what speaks for a cause, how long it takes, what it risks. */
export function LookForm({
  knowledge,
  look,
  changed,
}: {
  knowledge: Knowledge;
  look: Look;
  changed: boolean;
}) {
  const { change, takeBack } = useFaultChange();
  const { problem, field, submit } = useSubmit();
  const [said, setSaid] = useState(look);
  const [minutes, setMinutes] = useState(String(look.minutes));
  const set = (part: Partial<Look>) => setSaid({ ...said, ...part });
  const finds = Object.entries(look.finds).sort(([, a], [, b]) => b - a);
  return (
    <FormProblem.Provider value={field}>
      <form
        className="flex flex-col gap-2.5"
        aria-label={look.words}
        onSubmit={(event) => {
          event.preventDefault();
          void submit(() =>
            change(
              { looks: [{ ...said, minutes: figureOf(minutes) }] },
              `${said.words}: it counts so from now on.`,
            ),
          );
        }}
      >
        <TextField
          label="Look"
          name="look"
          value={said.words}
          onChange={(event) => set({ words: event.target.value })}
        />
        <TextField
          label="What is seen when it speaks for a cause"
          name="seen"
          value={said.seen}
          onChange={(event) => set({ seen: event.target.value })}
        />
        <div className="grid grid-cols-2 gap-3">
          <TextField
            label="Minutes, once it is reached"
            name="minutes"
            value={minutes}
            onChange={(event) => setMinutes(event.target.value)}
          />
          <ChoiceField
            label="Reached from"
            value={said.reach}
            choices={REACHES}
            onChange={(event) => set({ reach: event.target.value })}
          />
        </div>
        <TextField
          label="What can be harmed; empty for nothing"
          value={said.risk}
          onChange={(event) => set({ risk: event.target.value })}
        />
        <Panel title="Seen with">
          <ul>
            {finds.map(([id, chance]) => (
              <li key={id} className="border-line/70 flex gap-3 border-b py-1">
                <span className="min-w-0 flex-1">
                  {knowledge.causes.find((one) => one.id === id)?.words ?? id}
                </span>
                <span className="num">{Math.round(100 * chance)} %</span>
              </li>
            ))}
            <li className="text-soft flex gap-3 py-1">
              <span className="min-w-0 flex-1">anything else</span>
              <span className="num">{Math.round(100 * look.otherwise)} %</span>
            </li>
          </ul>
        </Panel>
        {problem !== undefined && <ProblemNote problem={problem} />}
        <div className="flex gap-2">
          <Button type="submit" kind="primary">
            Keep it
          </Button>
          {changed && (
            <Button onClick={() => void submit(() => takeBack(look.id))}>Back to how it came</Button>
          )}
        </div>
      </form>
    </FormProblem.Provider>
  );
}
