import { useState } from "react";
import type { JobView } from "../../api/client";
import { FastenerDrawing, LooseDrawing } from "../../ui/FastenerDrawing";

/** Says that it is a well that is dragged, and not a picture or a part. */
const DRAGGED = "application/x-ruvant-well";

/** One well of a tray with what lies in it. */
export function TrayWell({
  name,
  pieces,
  chosen,
  onChoose,
  onMove,
}: {
  name: string;
  pieces: JobView["wells"][string];
  chosen: boolean;
  onChoose?: (well: string) => void;
  onMove?: (from: string, to: string) => void;
}) {
  const [over, setOver] = useState(false);
  const alike = pieces.some((piece) => piece.lookAlike);
  const words = pieces.map((piece) => piece.name).join(", ");
  const look =
    chosen || over
      ? "border-ready bg-ready-wash"
      : alike
        ? "border-mark-line bg-mark-wash"
        : pieces.length > 0
          ? "border-ink/60 bg-sheet"
          : "border-line bg-sunk";
  const dragging =
    onMove === undefined
      ? {}
      : {
          draggable: pieces.length > 0,
          onDragStart: (event: React.DragEvent) => event.dataTransfer.setData(DRAGGED, name),
          onDragOver: (event: React.DragEvent) => {
            if (!event.dataTransfer.types.includes(DRAGGED)) return;
            event.preventDefault();
            setOver(true);
          },
          onDragLeave: () => setOver(false),
          onDrop: (event: React.DragEvent) => {
            const from = event.dataTransfer.getData(DRAGGED);
            event.preventDefault();
            setOver(false);
            if (from !== "" && from !== name) onMove(from, name);
          },
        };
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
    <div className={shape} title={words === "" ? `${name}, empty` : `${name}: ${words}`} {...dragging}>
      {inside}
      <span className="sr-only">{words}</span>
    </div>
  ) : (
    <button
      type="button"
      className={shape}
      aria-pressed={chosen}
      title={words === "" ? `${name}, empty` : `${name}: ${words}`}
      aria-label={words === "" ? `Well ${name}, empty` : `Well ${name}: ${words}`}
      onClick={() => onChoose(name)}
      {...dragging}
    >
      {inside}
    </button>
  );
}
