import type { PlanPage } from "../../api/plan";
import type { Light } from "./light";
import { placesOf } from "./Threads";
import { rowsOf, sheetsOf, WEEK_HEAD } from "./WeekDrawing";
import { texts } from "./words";

/** Names of the rows of the drawing, as high as the rows are. */
export function Labels({
  plan,
  light,
  zoom,
  days,
  width,
}: {
  plan: PlanPage;
  light: Light;
  zoom: "day" | "week";
  days: number;
  width: number;
}) {
  const rows = zoom === "week" ? rowsOf(plan, sheetsOf(plan, light, days)) : plan.people.map(() => 72);
  return (
    <div className="bg-sunk shrink-0" style={{ width }}>
      <div style={{ height: WEEK_HEAD }} />
      {plan.people.map((person, index) => (
        <div
          key={person.name}
          className="border-line overflow-hidden border-t px-2 py-1.5 text-[14.5px] leading-5 font-bold"
          style={{ height: rows[index] }}
        >
          {person.name}
        </div>
      ))}
      <div className="border-ink border-t-2">
        {placesOf(plan, light).map((place) => (
          <div
            key={place.name}
            className="border-line overflow-hidden border-b px-2 py-1 text-[13.5px] leading-[17px]"
            style={{ height: place.rows * 30 + 6 }}
          >
            {place.name === "" ? texts.elsewhere : place.name}
            {place.rows > 1 && place.capacity > 0 && (
              <span className="text-soft block text-[12.5px]">{texts.slots(place.capacity)}</span>
            )}
          </div>
        ))}
      </div>
    </div>
  );
}
