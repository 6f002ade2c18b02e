import type { Schemas } from "../api/client";
import { useWords } from "../api/queries";
import { Button } from "./Button";
import { FastenerDrawing } from "./FastenerDrawing";
import { ChoiceField, TextField } from "./Field";
import { PickMany } from "./Pick";
import { texts } from "./words";

export type Fastener = Schemas["Fastener"];

export const FRESH: Fastener = { kind: "SCREW", drive: "SLOTTED", head: "NOT_SAID", count: 1, traits: [] };

/** One type of fastener: how many, what turns it, its head and size, drawn as it is described. */
export function FastenerEditor({
  fastener,
  onChange,
  onRemove,
  counted = true,
  focus = false,
}: {
  fastener: Fastener;
  onChange: (fastener: Fastener) => void;
  onRemove?: () => void;
  /** Whether their number is typed here, or counted elsewhere. */
  counted?: boolean;
  /** Put the cursor in its first field: for one that was just added. */
  focus?: boolean;
}) {
  const { choices } = useWords();
  const number = (text: string) => (text.trim() === "" ? undefined : Number(text.replace(",", ".")));
  return (
    <fieldset className="border-line bg-sheet rounded-[4px] border p-2.5">
      <legend className="sr-only">{texts.fastener}</legend>
      <div
        className={`grid grid-cols-3 items-end gap-2 ${counted ? "wide:grid-cols-[62px_repeat(3,minmax(0,1fr))_68px_68px_auto]" : ""}`}
      >
        {counted && (
          <TextField
            label={texts.howMany}
            inputMode="numeric"
            autoFocus={focus}
            onFocus={(event) => event.target.select()}
            defaultValue={fastener.count}
            onChange={(event) => onChange({ ...fastener, count: Number(event.target.value) || 0 })}
          />
        )}
        <ChoiceField
          label={texts.kind}
          value={fastener.kind}
          choices={choices("fastenerKind")}
          onChange={(event) => onChange({ ...fastener, kind: event.target.value as Fastener["kind"] })}
        />
        <ChoiceField
          label={texts.drive}
          value={fastener.drive}
          choices={choices("drive")}
          onChange={(event) => onChange({ ...fastener, drive: event.target.value as Fastener["drive"] })}
        />
        <ChoiceField
          label={texts.head}
          value={fastener.head}
          choices={choices("headForm")}
          onChange={(event) => onChange({ ...fastener, head: event.target.value as Fastener["head"] })}
        />
        <TextField
          label={texts.threadMm}
          name="threadMm"
          inputMode="decimal"
          defaultValue={fastener.threadMm}
          onChange={(event) => onChange({ ...fastener, threadMm: number(event.target.value) })}
        />
        <TextField
          label={texts.lengthMm}
          name="lengthMm"
          inputMode="decimal"
          defaultValue={fastener.lengthMm}
          onChange={(event) => onChange({ ...fastener, lengthMm: number(event.target.value) })}
        />
        {onRemove !== undefined && (
          <Button kind="quiet" onClick={onRemove} aria-label={texts.removeThisFastenerFromThe}>
            ✕
          </Button>
        )}
      </div>
      <div className="mt-2 flex items-center gap-3">
        <PickMany
          label={texts.moreDetails}
          choices={choices("fastenerTrait")}
          value={fastener.traits}
          onChange={(traits) => onChange({ ...fastener, traits: traits as Fastener["traits"] })}
        />
        <span className="ml-auto">
          <FastenerDrawing fastener={fastener} scale={5} />
        </span>
      </div>
    </fieldset>
  );
}
