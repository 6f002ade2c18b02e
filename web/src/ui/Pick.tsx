import { ToggleGroup } from "radix-ui";

/** One of a few, side by side; arrow keys move. */
export function Pick({
  label,
  choices,
  value,
  onChange,
  small = false,
}: {
  label: string;
  choices: { value: string; label: string }[];
  value: string;
  onChange: (value: string) => void;
  small?: boolean;
}) {
  return (
    <ToggleGroup.Root
      type="single"
      aria-label={label}
      value={value}
      onValueChange={(next) => next !== "" && onChange(next)}
      className="flex flex-wrap gap-1"
    >
      {choices.map((choice) => (
        <ToggleGroup.Item
          key={choice.value}
          value={choice.value}
          className={`border-line bg-sheet data-[state=on]:border-ready data-[state=on]:bg-ready data-[state=on]:text-on-ready min-h-11 rounded-[4px] border data-[state=on]:font-bold ${small ? "px-2.5 text-[14px]" : "px-3"}`}
        >
          {choice.label}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}

/** Any number of a few. */
export function PickMany({
  label,
  choices,
  value,
  onChange,
}: {
  label: string;
  choices: { value: string; label: string }[];
  value: string[];
  onChange: (value: string[]) => void;
}) {
  return (
    <ToggleGroup.Root
      type="multiple"
      aria-label={label}
      value={value}
      onValueChange={onChange}
      className="flex flex-wrap gap-1"
    >
      {choices.map((choice) => (
        <ToggleGroup.Item
          key={choice.value}
          value={choice.value}
          className="border-line bg-sheet data-[state=on]:border-mark-line data-[state=on]:bg-mark-wash data-[state=on]:text-mark min-h-11 rounded-[4px] border px-3 text-[14px] data-[state=on]:font-bold"
        >
          {choice.label}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}
