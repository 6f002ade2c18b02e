import { useState } from "react";
import type { Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { minutesWords } from "../../ui/dates";
import { ProblemNote } from "../../ui/ProblemNote";
import { useSubmit } from "../../ui/useSubmit";
import type { Tables } from "./tables";
import { useTables } from "./useTables";

type Kind = Schemas["WaitKind"];

/** How long things wait here; each can be set otherwise. */
export function WaitKinds({ tables }: { tables: Tables }) {
  return (
    <div className="min-h-0 flex-1 overflow-y-auto px-5 pb-3" tabIndex={0} role="group" aria-label="Waits">
      <ul className="max-w-[980px]">
        {tables.waits.map((one) => (
          <OneWait
            key={`${one.id} ${one.minutes} ${one.latestMinutes}`}
            kind={one}
            own={tables.changed.includes(one.id)}
          />
        ))}
      </ul>
    </div>
  );
}

function OneWait({ kind, own }: { kind: Kind; own: boolean }) {
  const { change, takeBack } = useTables();
  const { problem, submit } = useSubmit();
  const [minutes, setMinutes] = useState(String(kind.minutes));
  const [latest, setLatest] = useState(kind.latestMinutes === 0 ? "" : String(kind.latestMinutes));
  const changed = Number(minutes) !== kind.minutes || Number(latest || 0) !== kind.latestMinutes;
  return (
    <li className="border-line/70 border-b py-1">
      <form
        className="grid grid-cols-[minmax(0,1fr)_110px_150px_130px_230px] items-center gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void submit(() =>
            change(
              { waits: [{ ...kind, minutes: Number(minutes), latestMinutes: Number(latest || 0) }] },
              `${kind.label}: so long here.`,
            ),
          );
        }}
      >
        <span>
          {kind.label}
          {own && <b className="text-mark text-[13.5px]"> · own</b>}
          {kind.station !== "" && <span className="text-soft"> · {kind.station}</span>}
        </span>
        <input
          className="input num"
          inputMode="numeric"
          aria-label={`Minutes of ${kind.label}`}
          value={minutes}
          onChange={(event) => setMinutes(event.target.value.replace(/\D/g, ""))}
        />
        <span className="text-soft">min, {minutesWords(Number(minutes))}</span>
        <input
          className="input num"
          inputMode="numeric"
          aria-label={`Too late after, minutes, ${kind.label}`}
          placeholder="never too late"
          value={latest}
          onChange={(event) => setLatest(event.target.value.replace(/\D/g, ""))}
        />
        <span className="flex gap-2">
          {changed && (
            <Button kind="primary" type="submit">
              So long
            </Button>
          )}
          {own && <Button onClick={() => void submit(() => takeBack(kind.id))}>As it shipped</Button>}
        </span>
      </form>
      {problem !== undefined && <ProblemNote problem={problem} />}
    </li>
  );
}
