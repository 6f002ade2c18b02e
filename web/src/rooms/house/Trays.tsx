import type { House } from "../../api/client";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/Field";
import { texts } from "./words";

type Shape = House["practice"]["trays"][number];

const MOST = 9;
const LARGEST = 12;

/** Which of several trays the server's objection is about. */
const sound = (side: number) => side >= 1 && side <= LARGEST;

/** The sorting trays of the shop, told by their number; wells of all but the first have it before their name. */
export function Trays({ trays, onChange }: { trays: Shape[]; onChange: (trays: Shape[]) => void }) {
  const change = (at: number, part: Partial<Shape>) =>
    onChange(trays.map((tray, index) => (index === at ? { ...tray, ...part } : tray)));
  return (
    <>
      <ol className="flex flex-col gap-1">
        {trays.map((tray, index) => {
          // one head for all rows: the others are named for those who cannot see it
          const look = index === 0 ? "" : "[&>label]:sr-only";
          return (
            <li key={index} className="grid grid-cols-[26px_minmax(0,1fr)_62px_62px_44px] items-end gap-2">
              <b className="num pb-2.5 text-[17px]">{index + 1}</b>
              <TextField
                label={texts.markedBy}
                aria-label={texts.markOfTray(index + 1)}
                value={tray.name}
                placeholder={index === 0 ? texts.withLid : undefined}
                wrap={look}
                onChange={(event) => change(index, { name: event.target.value })}
              />
              <TextField
                label={texts.rows}
                aria-label={texts.rowsOfTray(index + 1)}
                name={sound(tray.rows) ? undefined : "trayRows"}
                inputMode="numeric"
                wrap={look}
                defaultValue={String(tray.rows)}
                onChange={(event) => change(index, { rows: Number(event.target.value) })}
              />
              <TextField
                label={texts.columns}
                aria-label={texts.columnsOfTray(index + 1)}
                name={sound(tray.columns) ? undefined : "trayColumns"}
                inputMode="numeric"
                wrap={look}
                defaultValue={String(tray.columns)}
                onChange={(event) => change(index, { columns: Number(event.target.value) })}
              />
              {index > 0 && index === trays.length - 1 && (
                <button
                  type="button"
                  aria-label={texts.removeTray(index + 1)}
                  className="text-soft hover:text-stop min-h-11"
                  onClick={() => onChange(trays.slice(0, -1))}
                >
                  ✕
                </button>
              )}
            </li>
          );
        })}
      </ol>
      {trays.length < MOST && (
        <Button
          kind="quiet"
          className="self-start"
          onClick={() => onChange([...trays, { name: "", rows: 4, columns: 6 }])}
        >
          {texts.addATrayItsWells(trays.length + 1)}
        </Button>
      )}
    </>
  );
}
