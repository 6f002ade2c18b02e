import { useState } from "react";
import type { JobView } from "../../api/client";
import { Button } from "../../ui/Button";
import { Panel } from "../../ui/Panel";
import { Pick } from "../../ui/Pick";
import { useDragOnto } from "../../ui/useDragOnto";
import { WellMark } from "../../ui/WellMark";
import { LookAlikePairs } from "./LookAlikePairs";
import { TrayWell } from "./TrayWell";
import { texts } from "./words";

type Tray = JobView["trays"][number];

/** The sorting trays as they lie beside the camera, their pieces drawn to scale; one at a time. */
export function TrayView({
  job,
  chosen = [],
  onChoose,
  onMove,
}: {
  job: JobView;
  chosen?: string[];
  onChoose?: (well: string) => void;
  /** Pieces can be dragged from one well into another. */
  onMove?: (from: string, to: string) => void;
}) {
  const [picked, setPicked] = useState<number>();
  const [every, setEvery] = useState(false);
  const used = Object.keys(job.wells).length;
  const looked = chosen.at(-1) ?? job.freeWell ?? Object.keys(job.wells)[0] ?? "A1";
  const tray =
    job.trays.find((one) =>
      picked === undefined ? one.rows.some((row) => row.includes(looked)) : one.number === picked,
    ) ?? job.trays[0];
  const drag = useDragOnto("well", (from, to) => onMove?.(from, to));
  return (
    <Panel
      title={job.trays.length === 1 ? texts.tray : texts.trays}
      note={used === 0 ? texts.empty : texts.inUsePiecesOut(used, used === 1, job.ledger.pieces.out)}
    >
      {job.trays.length > 1 && (
        <Pick
          label={texts.whichTray}
          small
          choices={job.trays
            .filter((one) => every || one.used || one.others.length === 0 || one === tray)
            .map((one) => ({ value: String(one.number), label: titleOf(one) }))}
          value={String(tray.number)}
          onChange={(next) => setPicked(Number(next))}
        />
      )}
      {!every && job.trays.some((one) => !one.used && one.others.length > 0 && one !== tray) && (
        <Button kind="quiet" className="self-start px-1!" onClick={() => setEvery(true)}>
          {texts.traysOfOtherCameras}
        </Button>
      )}
      {tray.others.length > 0 && (
        <p className="border-mark-line bg-mark-wash rounded-[3px] border-l-4 px-2 py-1 text-[14px]">
          <b className="text-mark">{texts.shared}</b> {texts.alsoHoldsPiecesOf(tray.others.join(", "))}
        </p>
      )}
      <div
        className="grid gap-1"
        style={{ gridTemplateColumns: `repeat(${tray.rows[0].length}, minmax(0, 1fr))` }}
        role="group"
        aria-label={texts.wellsOf(job.trays.length === 1, tray.number)}
      >
        {tray.rows.flat().map((name) => (
          <TrayWell
            key={name}
            name={name}
            pieces={job.wells[name] ?? []}
            chosen={chosen.includes(name) || drag.over === name}
            onChoose={onChoose}
            dragging={
              onMove === undefined ? undefined : drag.handle(name, (job.wells[name] ?? []).length > 0)
            }
          />
        ))}
      </div>
      {job.nowhere.length > 0 && (
        <div className="border-stop bg-stop-wash rounded-[3px] border-l-4 px-2 py-1 text-[14px]">
          <b className="text-stop">{texts.noLongerInATray}</b>
          {job.nowhere.map((well) => (
            <p key={well} className="flex items-center gap-2 py-0.5">
              <WellMark name={well} /> {job.wells[well].map((piece) => piece.name).join(", ")}
            </p>
          ))}
          {texts.openThePartAndSay}
        </div>
      )}
      <LookAlikePairs job={job} />
    </Panel>
  );
}

function titleOf(tray: Tray) {
  const name = tray.name === "" ? texts.trayOf(tray.number) : `${tray.number} ${tray.name}`;
  return tray.used ? `${name} •` : name;
}
