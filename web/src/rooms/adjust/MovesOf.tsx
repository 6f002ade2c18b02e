import type { Schemas } from "../../api/client";
import { ChoiceField } from "../../ui/Field";
import { effectsWith } from "./adjusterFields";
import { texts } from "./words";

type Moves = Schemas["AdjusterKind"]["moves"];

/** What turning an adjuster in does to results other than the marked speeds. */
export function MovesOf({
  moves,
  results,
  onChange,
}: {
  moves: Moves;
  results: Schemas["AdjusterBook"]["results"];
  onChange: (moves: Moves) => void;
}) {
  return (
    <fieldset className="flex flex-col gap-1.5">
      <legend className="heading">{texts.whatTurningItInDoesTo}</legend>
      <div className="grid grid-cols-3 gap-x-3 gap-y-1.5">
        {moves.map((move) => (
          <ChoiceField
            key={move.result.id}
            label={move.result.words}
            value={String(move.effect)}
            choices={effectsWith(String(move.effect))}
            onChange={(event) =>
              onChange(
                moves
                  .map((one) => (one === move ? { ...one, effect: Number(event.target.value) } : one))
                  .filter((one) => one.effect !== 0),
              )
            }
          />
        ))}
        <ChoiceField
          label={texts.addAResult}
          value=""
          empty={texts.choose}
          choices={results
            .filter((one) => !moves.some((move) => move.result.id === one.name.id))
            .map((one) => ({ value: one.name.id, label: one.name.words }))}
          onChange={(event) => {
            const result = results.find((one) => one.name.id === event.target.value)?.name;
            if (result !== undefined) onChange([...moves, { result, effect: 1 }]);
          }}
        />
      </div>
    </fieldset>
  );
}
