import { useState } from "react";
import { Link, useSearchParams } from "react-router";
import type { JobView } from "../../api/client";
import { useAppend } from "../../hands/append";
import { AddLine } from "../../ui/AddLine";
import { Button, Key } from "../../ui/Button";
import { Empty, Panel } from "../../ui/Panel";
import { Pick } from "../../ui/Pick";
import { StateMark } from "../../ui/State";
import { useJob } from "../../hands/useJob";
import { GoneCells } from "./GoneCells";
import { Mended } from "./Mended";
import { Modified } from "./Modified";
import { NewNeed, SourcesOf } from "./Needed";
import { type Piece, Replaced } from "./Replaced";
import { Wiring } from "./Wiring";
import { texts } from "./words";

const DOINGS = [
  { value: "mended", label: texts.mended },
  { value: "modified", label: texts.modified },
  { value: "needed", label: texts.needed },
  { value: "replaced", label: texts.replaced },
  { value: "wiring", label: texts.wiring },
];

/** Mending: what was done to a part, what is needed and from where, what took its place, and what the meter says. */
export function Mend() {
  const job = useJob();
  const [search, setSearch] = useSearchParams();
  const [piece, setPiece] = useState<Piece>();
  const needed = search.get("part") ?? "";
  const doing = search.get("doing") ?? (needed === "" ? "mended" : "needed");
  const go = (next: string, part = "") => setSearch(part === "" ? { doing: next } : { doing: next, part });
  const open = job.needs.needs.some(
    (need) => need.open && wantedOf(need).toLowerCase() === needed.toLowerCase(),
  );
  return (
    <div className="bay wide:grid-cols-[minmax(0,1fr)_400px] grid h-full grid-cols-[minmax(0,1fr)_320px]">
      <div
        className="flex min-h-0 flex-col gap-4 overflow-y-auto px-5 py-3"
        tabIndex={0}
        role="group"
        aria-label={texts.whatToLog}
      >
        <div className="flex flex-wrap gap-2">
          <Pick
            label={texts.whatToLog}
            choices={DOINGS}
            value={doing}
            onChange={(next) => {
              setPiece(undefined);
              go(next);
            }}
          />
          <Link
            to="../adjust"
            relative="path"
            className="border-ready text-ready flex min-h-11 items-center gap-2 rounded-[4px] border px-3.5 font-bold"
          >
            {texts.turnAnAdjuster} <Key>{texts.j}</Key>
          </Link>
        </div>
        {doing === "mended" && <Mended job={job} />}
        {doing === "modified" && <Modified job={job} />}
        {doing === "needed" && open && (
          <SourcesOf
            job={job}
            part={needed}
            onFit={(next) => {
              setPiece(next);
              go("replaced");
            }}
          />
        )}
        {doing === "needed" && !open && <NewNeed job={job} onOpened={(part) => go("needed", part)} />}
        {doing === "replaced" && (
          <Replaced
            key={piece?.part ?? ""}
            job={job}
            piece={piece}
            onDone={() => {
              setPiece(undefined);
              go("mended");
            }}
          />
        )}
        {doing === "wiring" && <Wiring job={job} />}
      </div>
      <aside className="border-line bg-sheet flex min-h-0 flex-col gap-4 overflow-y-auto border-l px-4 py-3">
        <Needs job={job} chosen={doing === "needed" ? needed : ""} onChoose={(part) => go("needed", part)} />
        {metered(job) && <GoneCells job={job} />}
        <Done job={job} />
      </aside>
    </div>
  );
}

/** Whether a meter is in it, as far as the counter saw. */
function metered(job: JobView) {
  return job.functions.some((one) => one.id === "meter") || job.intake.battery !== undefined;
}

type Need = JobView["needs"]["needs"][number];

/** What is looked for: the piece, where only that is needed. */
function wantedOf(need: Need): string {
  return need.piece === "" ? need.part : need.piece;
}

function Needs({
  job,
  chosen,
  onChoose,
}: {
  job: JobView;
  chosen: string;
  onChoose: (part: string) => void;
}) {
  const append = useAppend(job.tag);
  const [dropping, setDropping] = useState<string>();
  const drop = async (need: Need, why: string) => {
    await append([{ kind: "needDropped", part: need.part, piece: need.piece, why }], {
      said: texts.noLongerNeeded(wantedOf(need)),
    });
    setDropping(undefined);
  };
  return (
    <Panel title={texts.needs} note={texts.open(job.needs.needs.filter((need) => need.open).length)}>
      {job.needs.needs.length === 0 && <Empty>{texts.noPartsNeededAPart}</Empty>}
      <ul>
        {job.needs.needs.map((need) => (
          <li key={need.id} className="border-line/70 flex flex-wrap items-center gap-2 border-b py-1">
            <StateMark mark={need.open ? "not" : "done"} />
            <span className="min-w-[80%] flex-1">
              <b>{wantedOf(need)}</b>
              {need.piece !== "" && ` (${need.part})`}
              {need.what !== wantedOf(need) && `: ${need.what}`}
              {!need.open && <span className="text-soft block text-[13.5px]">{texts.met(need.how)}</span>}
            </span>
            {need.open && dropping !== need.id && (
              <>
                <Button
                  about={wantedOf(need)}
                  aria-pressed={wantedOf(need) === chosen}
                  className={wantedOf(need) === chosen ? "border-ready!" : ""}
                  onClick={() => onChoose(wantedOf(need))}
                >
                  {texts.findASource}
                </Button>
                <Button kind="quiet" about={wantedOf(need)} onClick={() => setDropping(need.id)}>
                  {texts.notNeeded}
                </Button>
              </>
            )}
            {need.open && dropping === need.id && (
              <AddLine
                blanks={[{ label: texts.whyIsItNotNeeded, hint: texts.mendedAfterAll }]}
                action={texts.closeThisNeed}
                focus
                className="w-full"
                onAdd={(why) => drop(need, why!)}
                onCancel={() => setDropping(undefined)}
              />
            )}
          </li>
        ))}
      </ul>
    </Panel>
  );
}

function Done({ job }: { job: JobView }) {
  const lines = [
    ...job.treat.mended.map((one) => ({
      id: one.id,
      what: `${one.what.part}: ${one.what.what}`,
      note: one.what.modification ? texts.differsFromFactory : "",
    })),
    ...job.treat.modified.map((one) => ({ id: one.words, what: one.words, note: texts.differsFromFactory })),
    ...job.needs.replacements.map((one) => ({
      id: one.id,
      what: texts.fromIt(
        one.what.part,
        one.what.from,
        one.what.dimensions === "" ? "" : `, ${one.what.dimensions}`,
      ),
      note: one.what.checked ? texts.checked : texts.notChecked,
    })),
  ];
  if (lines.length === 0) return null;
  return (
    <Panel title={texts.mendedAndReplaced}>
      <ul>
        {lines.map((line) => (
          <li key={line.id} className="border-line/70 border-b py-1">
            {line.what} {line.note !== "" && <span className="text-soft text-[13.5px]">{line.note}</span>}
          </li>
        ))}
      </ul>
    </Panel>
  );
}
