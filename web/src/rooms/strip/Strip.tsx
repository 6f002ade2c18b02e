import { useState } from "react";
import { useSearchParams } from "react-router";
import { Empty, Panel } from "../../ui/Panel";
import { OffRow } from "../../valley/PartRow";
import { useJob } from "../camera/useJob";
import { KnownSteps } from "./KnownSteps";
import { Mechanism } from "./Mechanism";
import { PartDetail } from "./PartDetail";
import { RemovalForm } from "./RemovalForm";
import { ScannedWell } from "./ScannedWell";
import { StuckFasteners } from "./StuckFasteners";
import { TrayView } from "./TrayView";

/** Going down: what is off, the part one looks at, or the form for the next one; and the tray. */
export function Strip() {
  const job = useJob();
  const [search, setSearch] = useSearchParams();
  const [wells, setWells] = useState<string[]>([]);
  const shown = job.parts.find((part) => part.name === search.get("part"));
  const scanned = search.get("well");
  const toggle = (well: string) =>
    setWells(wells.includes(well) ? wells.filter((one) => one !== well) : [...wells, well]);
  return (
    <div className="wide:grid-cols-[minmax(0,400px)_minmax(0,1fr)_292px] grid h-full grid-cols-[minmax(0,270px)_minmax(0,1fr)_252px]">
      <div className="border-line flex min-h-0 flex-col gap-5 overflow-y-auto border-r px-4 py-3">
        <Panel
          title="Off"
          note={
            job.parts.length === 0
              ? undefined
              : `${job.parts.filter((p) => p.answer.kind !== "BACK").length} of ${job.parts.length} out`
          }
        >
          {job.parts.length === 0 && (
            <Empty>
              Nothing is off yet. Fill in the form, or type it in the line below: “off top cover, 4 slot
              1.7x3”.
            </Empty>
          )}
          <ol className="flex flex-col gap-1">
            {job.parts.map((part) => (
              <li key={part.name} style={{ paddingLeft: Math.min(part.level * 12, 72) }}>
                <button
                  type="button"
                  onClick={() => setSearch({ part: part.name })}
                  aria-pressed={shown?.name === part.name}
                  className={`block h-[49px] w-full rounded-[4px] text-left ${shown?.name === part.name ? "outline-ready outline-2" : ""}`}
                >
                  <OffRow part={part} compact={false} alert={false} alone />
                </button>
              </li>
            ))}
          </ol>
        </Panel>
        <KnownSteps job={job} />
      </div>
      <div className="min-h-0 overflow-y-auto px-5 py-3">
        {shown === undefined ? (
          <RemovalForm
            job={job}
            wells={wells}
            setWells={setWells}
            before={search.get("before") ?? undefined}
            onDone={() => {
              setWells([]);
              setSearch({});
            }}
          />
        ) : (
          <PartDetail job={job} part={shown} onClose={() => setSearch({})} />
        )}
      </div>
      <div className="border-line bg-sheet min-h-0 overflow-y-auto border-l px-3 py-3">
        {scanned !== null && <ScannedWell job={job} well={scanned} onClose={() => setSearch({})} />}
        <TrayView
          job={job}
          chosen={scanned === null ? wells : [...wells, scanned]}
          onChoose={shown === undefined ? toggle : undefined}
        />
        {shown === undefined && (
          <p className="text-soft pt-2 text-[14px]">
            Press the wells into which the pieces go.
            {job.freeWell !== undefined && wells.length === 0 && (
              <>
                {" "}
                <button
                  type="button"
                  className="text-ready min-h-11 font-bold underline"
                  onClick={() => toggle(job.freeWell!)}
                >
                  {job.freeWell} is free.
                </button>
              </>
            )}
          </p>
        )}
        <div className="flex flex-col gap-4 pt-3">
          <Mechanism job={job} />
          <StuckFasteners job={job} />
        </div>
      </div>
    </div>
  );
}
