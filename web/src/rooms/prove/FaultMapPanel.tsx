import { useQuery } from "@tanstack/react-query";
import type { JobView, Schemas } from "../../api/client";
import { faultMapQuery, useWords } from "../../api/queries";
import { stopsWords } from "../../plots/ev";
import { Panel } from "../../ui/Panel";
import { texts } from "./words";

type FaultMap = Schemas["FaultMap"];
type Column = FaultMap["columns"][number];

/** Where and when it misses: speeds down, time across, how it was held, and what was done in between. */
export function FaultMapPanel({ job }: { job: JobView }) {
  const map = useQuery(faultMapQuery(job.tag, job.lastSequence)).data;
  const { word } = useWords();
  if (map === undefined || map.misses === 0) return null;
  const done = map.columns.filter((column) => column.done.length > 0);
  return (
    <Panel title={texts.whereItMisses} note={texts.ofFiringsMissedGoodUnderlined(map.misses, map.firings)}>
      <div className="overflow-x-auto">
        <table className="border-collapse text-[14px]">
          <thead>
            <tr>
              <td />
              {map.columns.map((column, index) => (
                <th
                  key={index}
                  scope="col"
                  className={`px-2.5 pb-1 text-left align-bottom font-normal ${column.done.length > 0 ? "border-mark-line border-l-2" : ""}`}
                >
                  {column.done.length > 0 && (
                    <span className="text-mark block font-bold">
                      {texts.after(letter(done.indexOf(column)))}
                    </span>
                  )}
                  <span className="block font-bold">{word("attitude", column.attitude)}</span>
                  <span className="text-soft block">
                    {column.phase === "BEFORE" ? texts.before : texts.afterInline}
                  </span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {map.speeds.map((speed) => (
              <tr key={speed} className="border-line/70 border-t">
                <th scope="row" className="num pr-3 text-right">
                  {speed}
                </th>
                {map.columns.map((column, index) => (
                  <Cell key={index} column={column} speed={speed} />
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {done.map((column, index) => (
        <p key={index} className="text-[14px]">
          <b className="text-mark">{letter(index)}</b>{" "}
          <span className="text-soft">{shortened(column.done)}</span>
        </p>
      ))}
    </Panel>
  );
}

function Cell({ column, speed }: { column: Column; speed: string }) {
  const cell = column.cells[speed];
  const edge = column.done.length > 0 ? "border-mark-line border-l-2" : "";
  if (cell === undefined) return <td className={edge} />;
  return (
    <td className={`px-2.5 py-1 whitespace-nowrap ${edge} ${cell.missRate > 0 ? "bg-stop-wash" : ""}`}>
      {cell.missed.map((shot, index) => (
        <span
          key={index}
          title={texts.firingSaid(stopsWords(shot.errorEv), shot.missed, shot.afterRest)}
          className={`mr-0.5 ${shot.missed ? "text-stop font-bold" : "text-done"} ${shot.afterRest ? "border-mark-line border-b-2" : ""}`}
        >
          {shot.missed ? "✕" : "●"}
        </span>
      ))}
      <span className="sr-only">
        {texts.ofMissed(cell.missed.filter((shot) => shot.missed).length, cell.missed.length)}
      </span>
    </td>
  );
}

const letter = (index: number) => String.fromCharCode(65 + index);

const MOST_WORDS = 4;

function shortened(done: string[]): string {
  const shown = done.slice(-MOST_WORDS).join("; ");
  return done.length > MOST_WORDS ? texts.moreThen(done.length - MOST_WORDS, shown) : shown;
}
