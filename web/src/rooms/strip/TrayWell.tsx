import type { HTMLAttributes } from "react";
import type { JobView } from "../../api/client";
import { FastenerDrawing, LooseDrawing } from "../../ui/FastenerDrawing";
import { texts } from "./words";

/** One well of a tray with what lies in it. */
export function TrayWell({
  name,
  pieces,
  chosen,
  onChoose,
  dragging,
}: {
  name: string;
  pieces: JobView["wells"][string];
  chosen: boolean;
  onChoose?: (well: string) => void;
  /** What lets it be dragged onto another well, and another onto it. */
  dragging?: HTMLAttributes<HTMLElement>;
}) {
  const alike = pieces.some((piece) => piece.lookAlike);
  const words = pieces.map((piece) => piece.name).join(", ");
  const look = chosen
    ? "border-ready bg-ready-wash"
    : alike
      ? "border-mark-line bg-mark-wash"
      : pieces.length > 0
        ? "border-ink/60 bg-sheet"
        : "border-line bg-sunk";
  const inside = (
    <>
      <span className="num text-soft absolute top-0 left-1 text-[12px] leading-4">{name}</span>
      <span className="flex max-h-[26px] max-w-full flex-wrap items-center justify-center gap-0.5 overflow-hidden pt-3">
        {pieces.flatMap((piece) => [
          ...piece.fasteners
            .filter((one) => !one.staysIn)
            .map((one) => (
              <FastenerDrawing key={piece.name + one.type} fastener={one.fastener} scale={2.6} />
            )),
          ...piece.loose.map((loose) => <LooseDrawing key={piece.name + loose.name} name={loose.name} />),
        ])}
        {pieces.length > 0 &&
          pieces.every(
            (piece) => piece.fasteners.every((one) => one.staysIn) && piece.loose.length === 0,
          ) && <span className="border-metal-dark h-2.5 w-6 rounded-[2px] border-2" />}
      </span>
    </>
  );
  const shape = `relative flex h-[46px] min-w-0 items-center justify-center rounded-[3px] border-2 ${look}`;
  return onChoose === undefined ? (
    <div className={shape} title={words === "" ? texts.emptyOf(name) : `${name}: ${words}`} {...dragging}>
      {inside}
      <span className="sr-only">{words}</span>
    </div>
  ) : (
    <button
      type="button"
      className={shape}
      aria-pressed={chosen}
      title={words === "" ? texts.emptyOf(name) : `${name}: ${words}`}
      aria-label={words === "" ? texts.wellEmpty(name) : texts.wellOf(name, words)}
      onClick={() => onChoose(name)}
      {...dragging}
    >
      {inside}
    </button>
  );
}
