import { useEffect, useRef } from "react";
import type { Chip, Reading } from "../../../api/client";
import { texts } from "../words";
import { sentence } from "./chosen";

const LOOKS = {
  remark: "bg-sheet text-ink border border-dashed border-soft italic",
  trouble: "bg-stop-wash text-stop border-2 border-stop font-bold",
  kept: "bg-mark-wash text-mark border border-dashed border-mark-line",
  read: "bg-ready-wash text-ready border border-transparent font-bold",
};

const look = (chip: Chip) =>
  chip.trouble?.holds === true
    ? LOOKS.trouble
    : chip.trouble !== undefined
      ? LOOKS.kept
      : chip.kind === "REMARK"
        ? LOOKS.remark
        : LOOKS.read;

const EXCERPT = 32;
const excerpt = (typed: string) => (typed.length > EXCERPT ? `${typed.slice(0, EXCERPT).trimEnd()}…` : typed);

const shown = (chip: Chip, alone: boolean) =>
  chip.trouble !== undefined
    ? `${chip.label}: ${chip.trouble.message} ${chip.trouble.remedy}`
    : chip.kind === "REMARK"
      ? alone
        ? texts.keptAsARemark
        : texts.remarkOf(excerpt(chip.typed))
      : sentence(chip.says);

/** The line as it is understood, piece by piece; each can be taken for something else. */
export function Chips({
  reading,
  at,
  onAt,
  onStep,
  onRemark,
  onMend,
  onLog,
}: {
  reading: Reading;
  at: number | undefined;
  onAt: (at: number | undefined) => void;
  onStep: (chip: Chip, step: 1 | -1) => void;
  onRemark: (chip: Chip) => void;
  onMend: (at: number) => void;
  onLog: () => void;
}) {
  const list = useRef<HTMLDivElement>(null);
  const chips = reading.chips;

  useEffect(() => {
    if (at !== undefined) list.current?.querySelectorAll<HTMLElement>("[data-chip]")[at]?.focus();
  }, [at, chips.length]);

  const press = (event: React.KeyboardEvent, chip: Chip, index: number) => {
    const keys: Record<string, () => void> = {
      ArrowRight: () => onAt(Math.min(index + 1, chips.length - 1)),
      ArrowLeft: () => (index === 0 ? onAt(undefined) : onAt(index - 1)),
      ArrowDown: () => onStep(chip, 1),
      ArrowUp: () => onStep(chip, -1),
      Delete: () => onRemark(chip),
      Backspace: () => onRemark(chip),
      Escape: () => onAt(undefined),
      Enter: onLog,
    };
    const act = keys[event.key];
    if (act === undefined) return;
    event.preventDefault();
    event.stopPropagation();
    act();
  };

  return (
    <div ref={list} role="group" aria-label={texts.asUnderstood} className="contents">
      {chips.map((chip, index) => (
        <button
          key={index}
          type="button"
          data-chip
          tabIndex={index === (at ?? 0) ? 0 : -1}
          aria-describedby="chip-keys"
          aria-label={`${chip.label}: ${shown(chip, chips.length === 1)}`}
          onClick={() => onMend(index)}
          onFocus={() => onAt(index)}
          onKeyDown={(event) => press(event, chip, index)}
          className={`min-h-11 rounded-[3px] px-2.5 py-1 text-left text-[14px] ${look(chip)}`}
        >
          {shown(chip, chips.length === 1)}
        </button>
      ))}
    </div>
  );
}
