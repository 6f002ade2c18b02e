import { useState } from "react";
import { enter, type WhoIsHere } from "../../api/people";
import { useSubmit } from "../../ui/useSubmit";
import { PinPad } from "./PinPad";
import { texts } from "./words";

/** At a bench that is trusted: one presses one's name, and then the figures. */
export function ByPin({ names, onEntered }: { names: string[]; onEntered: (here: WhoIsHere) => void }) {
  const [chosen, setChosen] = useState(names.length === 1 ? names[0] : undefined);
  // pressing a name, also once more, leads to its figures
  const [presses, setPresses] = useState(0);
  const { refused, busy, submit } = useSubmit();
  return (
    <div className="flex flex-col gap-4">
      <div role="group" aria-label={texts.whoAreYou} className="flex flex-wrap gap-2">
        {names.map((name) => (
          <button
            key={name}
            type="button"
            aria-pressed={name === chosen}
            onClick={() => {
              setChosen(name);
              setPresses(presses + 1);
            }}
            className={`min-h-14 flex-1 basis-[140px] rounded-[4px] border-2 px-4 text-[17px] font-bold ${name === chosen ? "border-ready bg-ready-wash" : "border-line bg-sheet hover:border-ink"}`}
          >
            <bdi>{name}</bdi>
          </button>
        ))}
      </div>
      {refused}
      {chosen !== undefined && (
        <PinPad
          key={`${chosen} ${presses}`}
          name={chosen}
          busy={busy}
          onPin={(pin) => submit(async () => onEntered(await enter.byPin(chosen, pin)))}
        />
      )}
    </div>
  );
}
