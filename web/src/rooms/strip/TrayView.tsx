import { useState } from "react";
import type { JobView } from "../../api/client";
import { Button } from "../../ui/Button";
import { FastenerDrawing, LooseDrawing } from "../../ui/FastenerDrawing";
import { Panel } from "../../ui/Panel";

const PAIRS_AT_ONCE = 3;

/** The sorting tray as it lies beside the camera, its pieces drawn to scale. */
export function TrayView({
  job,
  chosen = [],
  onChoose,
}: {
  job: JobView;
  chosen?: string[];
  onChoose?: (well: string) => void;
}) {
  const rows = Array.from({ length: job.trayRows }, (_, row) => String.fromCharCode(65 + row));
  const columns = Array.from({ length: job.trayColumns }, (_, column) => column + 1);
  const used = Object.keys(job.wells).length;
  const [all, setAll] = useState(false);
  const shown = all ? job.lookAlikes.length : PAIRS_AT_ONCE;
  return (
    <Panel
      title="Tray"
      note={
        used === 0 ? "empty" : `${used} ${used === 1 ? "well" : "wells"} in use, ${job.ledger.out} pieces out`
      }
    >
      <div
        className="grid gap-1"
        style={{ gridTemplateColumns: `repeat(${job.trayColumns}, minmax(0, 1fr))` }}
        role="group"
        aria-label="Wells of the tray"
      >
        {rows.flatMap((row) =>
          columns.map((column) => {
            const name = `${row}${column}`;
            return (
              <Well
                key={name}
                name={name}
                pieces={job.wells[name] ?? []}
                chosen={chosen.includes(name)}
                onChoose={onChoose}
              />
            );
          }),
        )}
      </div>
      {job.lookAlikes.slice(0, shown).map((pair) => (
        <p
          key={pair.words}
          className="border-mark-line bg-mark-wash rounded-[3px] border-l-4 px-2 py-1 text-[14px]"
        >
          <b className="text-mark">Look alike.</b> {pair.words}
        </p>
      ))}
      {job.lookAlikes.length > shown && (
        <Button kind="quiet" className="self-start" onClick={() => setAll(true)}>
          {job.lookAlikes.length - shown} more pairs look alike…
        </Button>
      )}
    </Panel>
  );
}

function Well({
  name,
  pieces,
  chosen,
  onChoose,
}: {
  name: string;
  pieces: JobView["wells"][string];
  chosen: boolean;
  onChoose?: (well: string) => void;
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
    <div className={shape} title={words === "" ? `${name}, empty` : `${name}: ${words}`}>
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
    >
      {inside}
    </button>
  );
}
