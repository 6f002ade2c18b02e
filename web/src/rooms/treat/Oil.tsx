import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useAppend } from "../../hands/append";
import type { Schemas } from "../../api/client";
import { houseQuery, oilSheetQuery, useWords } from "../../api/queries";
import { named } from "../../api/named";
import { useKeys } from "../../hands/keys";
import { notify } from "../../hands/notices";
import { Button } from "../../ui/Button";
import { Empty, Panel } from "../../ui/Panel";
import { Pick } from "../../ui/Pick";
import { useSubmit } from "../../ui/useSubmit";
import { useJob } from "../../hands/useJob";
import { PartAtHand } from "../part";
import { OilPoint } from "./OilPoint";
import { PointDrawing } from "./PointDrawing";
import { OilRow } from "./OilRow";
import { Schools } from "./Schools";
import { texts } from "./words";

type Row = Schemas["OilRow"];

const keyOf = (row: Row) => `${row.part} ${row.point.id}`;
const NEW = "new";

const lower = (label: string) => label.charAt(0).toLowerCase() + label.slice(1);

/** Why oil had better wait at a point. */
const AGAINST: Partial<Record<Row["stands"]["next"], string>> = {
  WAIT: texts.itIsStillDryingOil,
  CLEAN_AGAIN: texts.itDoesNotRunFree,
};

/** Oil: the points of the camera one under the other, worked down by key with the loupe on. */
export function Oil() {
  const job = useJob();
  const page = useQuery(oilSheetQuery(job.tag, job.lastSequence)).data;
  const house = useQuery(houseQuery).data;
  const { word } = useWords();
  const append = useAppend(job.tag);
  const { refused, submit } = useSubmit();
  const [chosen, setChosen] = useState<string>();
  const [view, setView] = useState("sheet");
  const [byHand, setByHand] = useState(false);
  const rows = page?.rows ?? [];
  const at = Math.max(
    0,
    rows.findIndex((row) => keyOf(row) === chosen),
  );
  const row = rows[at];
  const open = rows.filter((one) => one.stands.next !== "DONE");
  const batch =
    row === undefined
      ? []
      : open.filter((one) => one.kind.id === row.kind.id && one.kind.id !== "" && one.house.lubricant !== "");

  const put = (points: Row[], lubricant?: string) =>
    submit(async () => {
      const entries = points.map((one) => ({
        kind: "lubricated" as const,
        part: one.part,
        point: one.point,
        pointKind: one.kind.id,
        lubricant: named("", lubricant ?? one.house.lubricant),
        reason: lubricant !== undefined && lubricant !== one.house.lubricant ? texts.leftDryOnPurpose : "",
      }));
      const next = rows.find((one, i) => i > at && one.stands.next !== "DONE" && !points.includes(one));
      await append(entries, {
        said: points.length === 1 ? texts.done(points[0].point.words) : texts.donePoints(points.length),
      });
      if (next !== undefined) setChosen(keyOf(next));
    });
  const move = (by: number) => {
    const next = rows[Math.min(rows.length - 1, Math.max(0, at + by))];
    if (next !== undefined) setChosen(keyOf(next));
  };
  const off = job.parts.find((part) => part.name === row?.part);
  const canOil = row !== undefined && row.house.lubricant !== "" && row.stands.next !== "DONE";
  useKeys({
    ArrowDown: () => move(1),
    ArrowUp: () => move(-1),
    Enter: () => {
      if (!canOil) return;
      const against = AGAINST[row.stands.next];
      // a key is pressed before it is thought about; a button is not
      if (against !== undefined) notify({ kind: "problem", text: `${row.point.words}: ${against}` });
      else void put([row]);
    },
    d: () => row !== undefined && row.stands.next !== "DONE" && void put([row], "none"),
    a: () => batch.length > 1 && void put(batch),
  });
  if (page === undefined || house === undefined) return null;
  const lubricant = (id: string) => house.lubrication.lubricants.find((one) => one.id === id)?.label ?? id;
  return (
    <div className="bay wide:grid-cols-[minmax(0,1fr)_420px] grid h-full grid-cols-[minmax(0,1fr)_340px]">
      <div className="flex min-h-0 flex-col gap-2 px-5 py-3">
        <div className="flex flex-wrap items-center gap-3">
          <Pick
            small
            label={texts.whatIsShown}
            choices={[
              { value: "sheet", label: texts.oilSheet },
              { value: "schools", label: texts.comparePractices },
            ]}
            value={view}
            onChange={setView}
          />
          <span className="text-soft">
            {texts.housePractice(
              open.length === 0 && rows.length > 0,
              open.length,
              rows.length,
              word("school", page.school),
            )}
          </span>
          <Button className="ml-auto" onClick={() => setByHand(!byHand)} aria-pressed={byHand}>
            {texts.addAPoint}
          </Button>
        </div>
        {refused}
        {rows.length === 0 && <Empty>{texts.noPointOnThisCamera}</Empty>}
        {view === "schools" ? (
          <Schools rows={rows} school={page.school} />
        ) : (
          <ul
            role="listbox"
            aria-label={texts.points}
            tabIndex={0}
            aria-activedescendant={row === undefined ? undefined : `oil-${at}`}
            className="min-h-0 flex-1 overflow-y-auto"
          >
            {rows.map((one, i) => (
              <OilRow
                key={keyOf(one)}
                id={`oil-${i}`}
                row={one}
                lubricant={one.house.lubricant === "" ? texts.notSetInline : lubricant(one.house.lubricant)}
                chosen={i === at}
                onChoose={() => setChosen(keyOf(one))}
              />
            ))}
          </ul>
        )}
      </div>
      <aside
        tabIndex={0}
        aria-label={texts.thisPoint}
        className="border-line bg-sheet flex min-h-0 flex-col gap-4 overflow-y-auto border-l px-4 py-3"
      >
        {byHand && <OilPoint key={NEW} job={job} />}
        {!byHand && row !== undefined && (
          <>
            <Panel title={row.point.words} note={row.kind.label}>
              <p className="border-ready bg-ready-wash rounded-[3px] border-l-4 px-3 py-1.5">
                {texts.housePracticeLabel} <b>{row.house.words === "" ? texts.notSet : row.house.words}</b>.
                {row.house.never !== "" && <span className="block text-[14px]">{row.house.never}.</span>}
              </p>
              {AGAINST[row.stands.next] !== undefined && (
                <p className="border-mark-line bg-mark-wash rounded-[3px] border-l-4 px-3 py-1.5">
                  {texts.notYet(AGAINST[row.stands.next])}
                </p>
              )}
              {row.put.remark !== "" && (
                <p className="border-mark-line bg-mark-wash rounded-[3px] border-l-4 px-3 py-1.5">
                  {row.put.remark}.
                </p>
              )}
              <div className="flex flex-wrap gap-2">
                <Button kind="primary" keyHint="↵" disabled={!canOil} onClick={() => void put([row])}>
                  {row.house.lubricant === ""
                    ? texts.notSetLabel
                    : row.house.lubricant === "none"
                      ? texts.leaveDry
                      : texts.putLubricant(lower(lubricant(row.house.lubricant)))}
                </Button>
                {row.house.lubricant !== "none" && (
                  <Button
                    keyHint="D"
                    disabled={row.stands.next === "DONE"}
                    onClick={() => void put([row], "none")}
                  >
                    {texts.leaveDry}
                  </Button>
                )}
                {batch.length > 1 && (
                  <Button keyHint="A" onClick={() => void put(batch)}>
                    {texts.allOfThisKind(batch.length)}
                  </Button>
                )}
              </div>
            </Panel>
            <PointDrawing kind={row.kind} dry={row.house.lubricant === "none"} />
            {off !== undefined && <PartAtHand job={job} part={off} point={row.point.words} />}
            <details>
              <summary className="min-h-11 content-center font-bold">{texts.departFromHousePractice}</summary>
              <OilPoint key={keyOf(row)} job={job} at={{ part: row.part, point: row.point }} />
            </details>
          </>
        )}
      </aside>
    </div>
  );
}
