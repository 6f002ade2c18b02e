import type { Schemas } from "../../api/client";
import { useWords } from "../../api/queries";
import { texts } from "./words";

type Row = Schemas["OilRow"];

/** The points of this camera under each school, so that a shop changes its own knowing what that changes. */
export function Schools({ rows, school }: { rows: Row[]; school: string }) {
  const { choices } = useWords();
  const schools = choices("school");
  const differ = (row: Row) =>
    new Set(schools.map((one) => row.house.bySchool[one.value as "OIL"]?.lubricant ?? "")).size > 1;
  const differing = rows.filter(differ).length;
  return (
    <div
      className="min-h-0 flex-1 overflow-y-auto"
      tabIndex={0}
      role="group"
      aria-label={texts.comparePractices}
    >
      <p className="text-soft pb-1">{texts.ofPointsDifferUnderAnother(differing, rows.length)}</p>
      <table className="w-full text-[14.5px]">
        <thead>
          <tr className="text-left">
            <th className="text-soft py-1 pr-3 font-normal">{texts.point}</th>
            {schools.map((one) => (
              <th
                key={one.value}
                className={`py-1 pr-3 ${one.value === school ? "" : "text-soft font-normal"}`}
              >
                {one.label}
                {one.value === school && texts.ours}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={`${row.part} ${row.point.id}`} className="border-line/70 border-t align-top">
              <th scope="row" className="py-1 pr-3 text-left font-bold">
                {row.point.words}
              </th>
              {schools.map((one) => {
                const words = row.house.bySchool[one.value as "OIL"]?.words ?? "";
                return (
                  <td
                    key={one.value}
                    className={`py-1 pr-3 ${one.value === school ? "bg-ready-wash px-2 font-bold" : differ(row) ? "" : "text-soft"}`}
                  >
                    {words === "" ? "–" : words}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
