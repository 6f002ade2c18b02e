import { RadioGroup, ToggleGroup } from "radix-ui";

/** One of a few, side by side; arrow keys choose, as in any list of which one is chosen. */
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
    <RadioGroup.Root
      aria-label={label}
      value={value}
      onValueChange={onChange}
      className="flex flex-wrap gap-1"
      orientation="horizontal"
    >
      {choices.map((choice) => (
        <RadioGroup.Item
          key={choice.value}
          value={choice.value}
          className={`border-line bg-sheet data-[state=checked]:border-ready data-[state=checked]:bg-ready data-[state=checked]:text-on-ready min-h-11 rounded-[4px] border data-[state=checked]:font-bold ${small ? "px-2.5 text-[14px]" : "px-3"}`}
        >
          {choice.label}
        </RadioGroup.Item>
      ))}
    </RadioGroup.Root>
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
