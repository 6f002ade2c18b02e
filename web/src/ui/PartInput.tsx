import type { JobView } from "../api/client";
import { TextField } from "./Field";
import { texts } from "./words";

/** A part's name, with those of this job at hand. */
export function PartInput({
  job,
  value,
  onChange,
  label = texts.part,
  placeholder,
}: {
  job: JobView;
  value: string;
  onChange: (part: string) => void;
  label?: string;
  placeholder?: string;
}) {
  return (
    <div className="flex flex-col gap-1.5">
      <TextField
        label={label}
        name="part"
        value={value}
        placeholder={placeholder}
        onChange={(event) => onChange(event.target.value)}
      />
      {job.parts.length > 0 && (
        <div className="flex flex-wrap gap-1" role="group" aria-label={texts.partsOfThisJob}>
          {job.parts.map((part) => (
            <button
              key={part.name}
              type="button"
              aria-pressed={value === part.name}
              onClick={() => onChange(part.name)}
              className={`min-h-11 rounded-[4px] border px-2.5 text-[14px] ${value === part.name ? "border-ready bg-ready text-on-ready font-bold" : "border-line bg-sheet"}`}
            >
              {part.name}
            </button>
          ))}
        </div>
      )}
    </div>
  );
}
