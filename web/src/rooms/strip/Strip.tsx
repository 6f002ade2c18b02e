import { useState } from "react";
import { useSearchParams } from "react-router";
import { useKept } from "../../hands/draft";
import { Button } from "../../ui/Button";
import { Empty, Panel } from "../../ui/Panel";
import { useSubmit } from "../../ui/useSubmit";
import { OffRow } from "../../valley/PartRow";
import { useJob } from "../../hands/useJob";
import { LargePicture, useLargePicture } from "../part";
import { useDragOver, WhichOver } from "./DragOver";
import { KnownSteps } from "./KnownSteps";
import { Mechanism } from "./Mechanism";
import { PartDetail } from "./PartDetail";
import { ReachedThrough } from "./ReachedThrough";
import { RemovalForm } from "./RemovalForm";
import { ScannedWell } from "./ScannedWell";
import { StuckFasteners } from "./StuckFasteners";
import { TrayView } from "./TrayView";
import { useMove } from "./useMove";
import { texts } from "./words";

/** Going down: what is off, the part one looks at, or the form for the next one; and the tray. */
export function Strip() {
  const job = useJob();
  const [search, setSearch] = useSearchParams();
  const [wells, setWells] = useKept<string[]>(`wells.${job.tag}`, []);
  const shown = job.parts.find((part) => part.name === search.get("part"));
  const large = useLargePicture(job, shown);
  const scanned = search.get("well");
  const [moved, setMoved] = useState<string[]>();
  const move = useMove(job);
  const { refused, submit } = useSubmit();
  const drag = useDragOver();
  const show = (next: Record<string, string>) => {
    setMoved(undefined);
    setSearch(next);
  };
  const toggled = (all: string[], well: string) =>
    all.includes(well) ? all.filter((one) => one !== well) : [...all, well];
  const press = (well: string) =>
    moved === undefined ? setWells(toggled(wells, well)) : setMoved(toggled(moved, well));
  const marked = moved ?? (shown === undefined ? wells : []);
  return (
    <div className="bay wide:grid-cols-[minmax(0,400px)_minmax(0,1fr)_292px] grid h-full grid-cols-[minmax(0,270px)_minmax(0,1fr)_252px]">
      <div className="border-line flex min-h-0 flex-col gap-5 overflow-y-auto border-r px-4 py-3">
        {large.at !== undefined && shown !== undefined ? (
          <LargePicture job={job} part={shown} large={large} />
        ) : (
          <>
            <Panel
              title={texts.off}
              note={
                job.parts.length === 0
                  ? undefined
                  : texts.ofOut(job.parts.filter((p) => p.answer.kind !== "BACK").length, job.parts.length)
              }
            >
              {job.parts.length === 0 && <Empty>{texts.nothingIsOffYetFill}</Empty>}
              {drag.pair !== undefined && <WhichOver job={job} pair={drag.pair} onDone={drag.done} />}
              <ol className="flex flex-col gap-1">
                {job.parts.map((part) => (
                  <li key={part.name} style={{ paddingLeft: Math.min(part.level * 12, 72) }}>
                    <button
                      type="button"
                      onClick={() => show({ part: part.name })}
                      aria-pressed={shown?.name === part.name}
                      className={`block h-[49px] w-full rounded-[4px] text-left ${shown?.name === part.name || drag.over === part.name ? "outline-ready outline-2" : ""}`}
                      {...drag.row(part.name)}
                    >
                      <OffRow part={part} compact={false} alert={false} alone />
                    </button>
                  </li>
                ))}
              </ol>
            </Panel>
            <KnownSteps job={job} />
          </>
        )}
      </div>
      <div className={`min-h-0 ${shown === undefined ? "flex flex-col" : "overflow-y-auto px-5 py-3"}`}>
        {shown === undefined && job.reachedThrough !== undefined && (
          <ReachedThrough key={job.reachedThrough.part} job={job} question={job.reachedThrough} />
        )}
        {shown === undefined ? (
          <RemovalForm
            job={job}
            wells={wells}
            setWells={setWells}
            before={search.get("before") ?? undefined}
            again={search.get("again") ?? undefined}
            onDone={() => {
              setWells(undefined);
              show({});
            }}
          />
        ) : (
          <PartDetail
            job={job}
            part={shown}
            onClose={() => show({})}
            onMove={() => setMoved(shown.removed.wells)}
            onLarge={large.show}
          />
        )}
      </div>
      <div className="border-line bg-sheet min-h-0 overflow-y-auto border-l px-3 py-3">
        {scanned !== null && <ScannedWell job={job} well={scanned} onClose={() => show({})} />}
        {moved !== undefined && shown !== undefined && (
          <section
            aria-label={texts.whereItIsNow}
            className="border-ready bg-ready-wash mb-3 flex flex-wrap items-center gap-2 rounded-[4px] border-l-4 px-2 py-1.5"
          >
            <span className="w-full">
              {texts.pressTheWellsWhereThe} <b>{shown.name}</b> {texts.isNow}{" "}
              <b className="num">{moved.length === 0 ? texts.none : moved.join(" ")}</b>
            </span>
            <Button
              kind="primary"
              onClick={() =>
                void submit(async () => {
                  await move.to(shown.name, moved);
                  setMoved(undefined);
                })
              }
            >
              {texts.save}
            </Button>
            <Button kind="quiet" onClick={() => setMoved(undefined)}>
              {texts.cancelLabel}
            </Button>
          </section>
        )}
        {refused}
        <TrayView
          job={job}
          chosen={scanned === null ? marked : [...marked, scanned]}
          onChoose={shown === undefined || moved !== undefined ? press : undefined}
          onMove={(from, to) => void submit(() => move.between(from, to))}
        />
        {shown === undefined && (
          <p className="text-soft pt-2 text-[14px]">
            {texts.pressTheWellsThePieces}
            {job.freeWell !== undefined && wells.length === 0 && (
              <>
                {" "}
                <button
                  type="button"
                  className="text-ready min-h-11 font-bold underline"
                  onClick={() => press(job.freeWell!)}
                >
                  {texts.isFree(job.freeWell)}
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
