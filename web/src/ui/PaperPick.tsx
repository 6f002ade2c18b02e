import { Pick } from "./Pick";
import { texts } from "./words";

/** A4 or Letter. */
export function PaperPick({ value, onChange }: { value: string; onChange: (paper: string) => void }) {
  return (
    <Pick
      label={texts.paper}
      choices={[
        { value: "a4", label: texts.a4 },
        { value: "letter", label: texts.letter },
      ]}
      value={value}
      onChange={onChange}
    />
  );
}
