import { useQuery } from "@tanstack/react-query";
import { NavLink, Outlet } from "react-router";
import { needsQuery, ordersQuery } from "../../api/shelf";
import { texts } from "./words";

const PLACES = [
  { to: "needs", label: texts.needs },
  { to: "stock", label: texts.stock },
  { to: "donors", label: texts.donors },
  { to: "orders", label: texts.orders },
  { to: "fits", label: texts.whatFitsWhat },
  { to: "log", label: texts.recordAndFiles },
];

/** Have I got one? What is needed, what lies where, what is still in the bodies kept for parts, what is on its way. */
export function Shelf() {
  const needs = useQuery(needsQuery).data?.needs.length ?? 0;
  const arrived = useQuery(ordersQuery).data?.filter((one) => one.arrived !== undefined).length ?? 0;
  const counts: Record<string, string> = {
    needs: needs > 0 ? String(needs) : "",
    orders: arrived > 0 ? texts.toUnpack(arrived) : "",
  };
  return (
    <div className="flex min-h-0 flex-1 flex-col">
      <div className="border-line bg-sheet flex items-center gap-4 border-b px-5">
        <h1 className="text-[22px]">{texts.shelf}</h1>
        <nav aria-label={texts.onTheShelf} className="flex flex-wrap">
          {PLACES.map((place) => (
            <NavLink
              key={place.to}
              to={place.to}
              className={({ isActive }) =>
                `flex min-h-12 items-center gap-1.5 border-b-[3px] px-3 pt-[3px] whitespace-nowrap ${isActive ? "border-mark-line font-bold" : "text-soft hover:text-ink border-transparent"}`
              }
            >
              {place.label}
              {(counts[place.to] ?? "") !== "" && (
                <span className="num bg-mark-wash text-mark rounded-[3px] px-1.5 text-[13px]">
                  {counts[place.to]}
                </span>
              )}
            </NavLink>
          ))}
        </nav>
      </div>
      <Outlet />
    </div>
  );
}
