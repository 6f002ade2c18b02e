import { useId, useState } from "react";
import type { FieldForm, JobView } from "../../../api/client";
import { ChoiceField, TextField, Tick } from "../../../ui/Field";
import { texts } from "../words";
import { Rows } from "./Rows";

const asText = (value: unknown): string =>
  Array.isArray(value)
    ? value.map(asText).join(", ")
    : typeof value === "string" || typeof value === "number"
      ? String(value)
      : "";

/** Numbers as they are typed; what is no number stays as it stands, and is refused in words where it is read. */
const asNumber = (text: string): unknown => {
  const figure = text.trim().replace(",", ".");
  return figure !== "" && Number.isFinite(Number(figure)) ? Number(figure) : text.trim();
};

/** What is longer than this wants two columns. */
const WIDE = 24;

/** One field of a statement, by what it holds. */
export function FieldOf({
  field,
  value,
  job,
  onChange,
}: {
  field: FieldForm;
  value: unknown;
  job: JobView;
  onChange: (value: unknown) => void;
}) {
  switch (field.type) {
    case "YES":
      return (
        <div className="self-end">
          <Tick
            label={field.label}
            checked={value === true || value === "yes"}
            onChange={(event) =>
              onChange(event.target.checked ? true : field.name === "covers" ? "no" : undefined)
            }
          />
        </div>
      );
    case "CHOICE":
      return (
        <ChoiceField
          label={field.label}
          empty={texts.notSaid}
          value={asText(value)}
          choices={field.choices.map((one) => ({ value: one.name, label: one.label }))}
          onChange={(event) => onChange(event.target.value)}
        />
      );
    case "FASTENERS":
    case "LOOSE":
      return <Rows field={field} value={value} onChange={onChange} />;
    case "COUNT":
    case "NUMBER":
      return <Typed field={field} value={value} job={job} onChange={(text) => onChange(asNumber(text))} />;
    case "NUMBERS":
      return (
        <Typed
          field={field}
          value={value}
          job={job}
          onChange={(text) =>
            onChange(
              text
                .split(/[\s,]+/)
                .filter(Boolean)
                .map(asNumber),
            )
          }
        />
      );
    default:
      return <Typed field={field} value={value} job={job} onChange={onChange} />;
  }
}

/** Words in a field are said once it is left or closed, or Enter is pressed, so that half a word is not read. */
function Typed({
  field,
  value,
  job,
  onChange,
}: {
  field: FieldForm;
  value: unknown;
  job: JobView;
  onChange: (text: string) => void;
}) {
  const [typed, setTyped] = useState<string>();
  const list = useId();
  const say = () => {
    if (typed !== undefined && typed !== asText(value)) onChange(typed);
    setTyped(undefined);
  };
  return (
    <>
      <TextField
        label={field.label}
        wrap={asText(value).length > WIDE ? "col-span-2" : undefined}
        value={typed ?? asText(value)}
        list={field.type === "PART" ? list : undefined}
        inputMode={field.type === "COUNT" || field.type === "NUMBER" ? "decimal" : undefined}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={say}
        onKeyDown={(event) => {
          if (event.key === "Enter") event.preventDefault();
          // a field that goes away with its form is not left first
          if (event.key === "Enter" || event.key === "Escape") say();
        }}
      />
      {field.type === "PART" && (
        <datalist id={list}>
          {job.parts.map((part) => (
            <option key={part.name} value={part.name} />
          ))}
        </datalist>
      )}
    </>
  );
}
