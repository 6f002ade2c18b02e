import { useState } from "react";
import { readDraft, writeDraft } from "../hands/draft";
import { Button } from "./Button";
import { useSubmit } from "./useSubmit";
import { texts } from "./words";

/** One thing to type in a line that is added to a list. */
export interface Blank {
  /** What it is, for those who cannot see where it stands. */
  label: string;
  /** What stands in it while it is empty; the label where nothing else is said. */
  hint?: string;
  /** May stay empty. */
  optional?: boolean;
  /** What it holds from the start. */
  start?: string;
  /** Somebody's name or words: they may run from right to left. */
  anyScript?: boolean;
}

/**
 * A line that is typed and added: one blank or a few beside each other, and the button. What was typed stays until it
 * was taken, also when the page is left; what would not go is said below. A line that appeared because a button asked for
 * it goes with Cancel or with the page.
 */
export function AddLine({
  blanks,
  action = texts.add,
  look = "plain",
  focus = false,
  disabled = false,
  className = "",
  onAdd,
  onCancel,
  before,
}: {
  blanks: Blank[];
  action?: string;
  look?: "plain" | "primary" | "stop";
  /** Put the cursor in the first blank: for lines that appear because a button asked for them. */
  focus?: boolean;
  /** Where something is to be chosen elsewhere before it can be added. */
  disabled?: boolean;
  className?: string;
  /** Gives false where it was not taken and that is said elsewhere; throws where it is to be said here. */
  onAdd: (...typed: string[]) => Promise<unknown>;
  onCancel?: () => void;
  /** What stands before the blanks in the same line. */
  before?: React.ReactNode;
}) {
  const starts = () => blanks.map((blank) => blank.start ?? "");
  const name = `line.${location.pathname}.${blanks.map((blank) => blank.label).join(".")}`;
  const [typed, setTyped] = useState(() => (focus ? undefined : begun(name, blanks.length)) ?? starts());
  const type = (next: string[]) => {
    setTyped(next);
    if (!focus)
      writeDraft(name, next.some((one, i) => one !== (blanks[i].start ?? "")) ? JSON.stringify(next) : "");
  };
  const { refused, submit } = useSubmit();
  const missing = disabled || blanks.some((blank, i) => !blank.optional && typed[i].trim() === "");
  return (
    <form
      className={`flex flex-col gap-1 ${className}`}
      onSubmit={(event) => {
        event.preventDefault();
        if (!missing)
          void submit(async () => {
            if ((await onAdd(...typed)) !== false) type(starts());
          });
      }}
    >
      <div className="flex flex-wrap items-end gap-2">
        {before}
        {blanks.map((blank, i) => (
          <input
            key={blank.label}
            autoFocus={focus && i === 0}
            className="input flex-[1_1_110px]"
            dir={blank.anyScript ? "auto" : undefined}
            aria-label={blank.label}
            placeholder={blank.hint ?? blank.label}
            value={typed[i]}
            onChange={(event) => type(typed.map((one, j) => (j === i ? event.target.value : one)))}
          />
        ))}
        <Button type="submit" kind={look} disabled={missing} about={blanks.at(0)?.label}>
          {action}
        </Button>
        {onCancel !== undefined && (
          <Button kind="quiet" onClick={onCancel}>
            {texts.cancel}
          </Button>
        )}
      </div>
      {refused}
    </form>
  );
}

/** What was half typed in a line of this name, where it has as many blanks still. */
function begun(name: string, blanks: number): string[] | undefined {
  const kept = readDraft(name);
  const typed = kept === "" ? undefined : (JSON.parse(kept) as string[]);
  return typed?.length === blanks ? typed : undefined;
}
