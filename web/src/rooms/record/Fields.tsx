import { useQuery } from "@tanstack/react-query";
import type { Entry } from "../../api/client";
import { houseQuery } from "../../api/queries";
import { Button } from "../../ui/Button";
import { ChoiceField, TextField, Tick } from "../../ui/Field";
import { canGrow, saidIn, saying, without, withAnother, type Said, type Value } from "./said";
import { texts } from "./words";

/** Everything an entry says, each in a field of its kind. */
export function Fields({ entry, onChange }: { entry: Entry; onChange: (entry: Entry) => void }) {
  return (
    <div className="grid grid-cols-2 gap-x-4 gap-y-2">
      {saidIn(entry).map((said) => (
        <OneSaid key={said.path.join(".")} said={said} entry={entry} onChange={onChange} />
      ))}
    </div>
  );
}

function OneSaid({ said, entry, onChange }: { said: Said; entry: Entry; onChange: (entry: Entry) => void }) {
  const words = useQuery(houseQuery).data?.words ?? {};
  const set = (value: Value) => onChange(saying(entry, said.path, value));
  const label = nameOf(said.name);
  switch (said.kind) {
    case "tick":
      return (
        <Tick label={label} checked={said.value === true} onChange={(event) => set(event.target.checked)} />
      );
    case "choice": {
      const { value } = said;
      const choices = choicesFor(words, said.name, value);
      if (choices === undefined)
        return <TextField label={label} value={value} onChange={(event) => set(event.target.value)} />;
      return (
        <ChoiceField
          label={label}
          value={value}
          choices={value === "" ? [{ value: "", label: texts.none }, ...choices] : choices}
          onChange={(event) => set(event.target.value)}
        />
      );
    }
    case "number":
      return (
        <TextField
          label={label}
          inputMode="decimal"
          value={String(said.value)}
          onChange={(event) => set(numberOr(event.target.value))}
        />
      );
    case "list":
      return (
        <TextField
          label={texts.separatedByCommas(label)}
          value={said.value.join(", ")}
          onChange={(event) => set(listOf(event.target.value, said.value))}
        />
      );
    case "text":
      return <TextField label={label} value={said.value} onChange={(event) => set(event.target.value)} />;
    case "group":
      return (
        <fieldset className="border-line col-span-2 flex flex-col gap-2 border-t pt-2">
          <legend className="text-soft pr-2 text-[14px]">{label}</legend>
          {said.items.map((item, index) => (
            <div key={index} className="grid grid-cols-4 items-end gap-2">
              {item.map((inner) => (
                <OneSaid key={inner.path.join(".")} said={inner} entry={entry} onChange={onChange} />
              ))}
              <Button kind="quiet" onClick={() => onChange(without(entry, said.path, index))}>
                {texts.takeItAway}
              </Button>
            </div>
          ))}
          {canGrow(said.name) && (
            <Button
              kind="quiet"
              className="self-start"
              onClick={() => onChange(withAnother(entry, said.path))}
            >
              {texts.addOne(label)}
            </Button>
          )}
        </fieldset>
      );
  }
}

/** A number while it is being typed may be none yet. */
const numberOr = (typed: string): Value =>
  typed.trim() === "" || Number.isNaN(Number(typed)) ? typed : Number(typed);

/** A list of numbers stays one of numbers. */
function listOf(typed: string, before: Value[]): Value[] {
  const parts = typed.split(",").map((one) => one.trimStart());
  const numbers = before.length > 0 && before.every((one) => typeof one === "number");
  const kept = parts.filter((one, index) => one !== "" || index === parts.length - 1);
  if (typed.trim() === "") return [];
  return numbers ? kept.map(numberOr) : kept;
}

type Words = Record<string, { value: string; label: string }[]>;

/** The words among which a value is chosen: those of its own name, else those that know it. */
function choicesFor(words: Words, name: string, value: string) {
  const knows = (kind: string) => value === "" || words[kind]!.some((one) => one.value === value);
  const called = (kind: string) => kind.toLowerCase().endsWith(name.toLowerCase());
  const kinds = Object.keys(words).filter(knows);
  const kind =
    kinds.find((one) => one === name) ?? kinds.find(called) ?? (value === "" ? undefined : kinds[0]);
  return kind === undefined ? undefined : words[kind];
}

/** What a field is called: by its own words, else as its name reads. */
function nameOf(name: string): string {
  const known = (texts.fields as Record<string, string | undefined>)[name];
  const read = name.replace(/([A-Z])/g, " $1").toLowerCase();
  return known ?? read[0]!.toUpperCase() + read.slice(1);
}
