import { useState } from "react";
import { Key } from "../ui/Button";
import { TextField } from "../ui/Field";
import { Window } from "../ui/Window";
import { KEY_GROUPS, type KeyGroup } from "./keyWords";
import { texts } from "./words";

/** The keys, and what the log line understands, by the place where they work; a search leaves what fits. */
export function KeysHelp({ onOpenChange }: { onOpenChange: (open: boolean) => void }) {
  const [sought, setSought] = useState("");
  const groups = KEY_GROUPS.map((group) => fitting(group, sought.trim().toLowerCase())).filter(
    ({ keys, lines }) => keys.length + lines.length > 0,
  );
  return (
    <Window open onOpenChange={onOpenChange} title={texts.keysAndTheLogLine} wide>
      <TextField
        label={texts.searchTheKeys}
        placeholder={texts.speedWellCheck}
        value={sought}
        onChange={(event) => setSought(event.target.value)}
      />
      {groups.length === 0 && <p className="pt-4">{texts.noKeyOrLineFits}</p>}
      {groups.map(({ place, keys, lines }) => (
        <section key={place} aria-label={place} className="pt-4">
          <h3 className="border-line border-b pb-1 text-[16px]">{place}</h3>
          <div className="wide:grid-cols-[320px_1fr] grid gap-x-6 gap-y-2 pt-2">
            <dl className="grid grid-cols-[88px_1fr] content-start items-baseline gap-x-3 gap-y-1.5">
              {keys.map(([key, does]) => (
                <div key={key} className="contents">
                  <dt className="justify-self-end whitespace-nowrap">
                    <Key>{key}</Key>
                  </dt>
                  <dd>{does}</dd>
                </div>
              ))}
            </dl>
            <dl className="flex flex-col gap-2">
              {lines.map(([line, means]) => (
                <div key={line}>
                  <dt className="num text-[13.5px] font-bold">{line}</dt>
                  <dd className="text-soft text-[14px]">{means}</dd>
                </div>
              ))}
            </dl>
          </div>
        </section>
      ))}
      <p className="pt-4">{texts.wordOrderAndPluralsDo}</p>
    </Window>
  );
}

/** Of a group, what has the words sought; all of it where its place has them. */
function fitting(group: KeyGroup, sought: string): KeyGroup {
  const has = (pair: [string, string]) => pair.join(" ").toLowerCase().includes(sought);
  return group.place.toLowerCase().includes(sought)
    ? group
    : { ...group, keys: group.keys.filter(has), lines: group.lines.filter(has) };
}
