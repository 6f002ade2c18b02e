import { NavLink } from "react-router";
import { texts } from "./words";

const TABS = [
  { to: "/accounts", words: texts.papersAndPayments },
  { to: "/customers", words: texts.customers },
  { to: "/figures", words: texts.howItIsDoing },
];

/** The pages of the shop's books. */
export function BookTabs() {
  return (
    <nav aria-label={texts.books} className="border-line flex gap-6 border-b">
      {TABS.map((one) => (
        <NavLink
          key={one.to}
          to={one.to}
          className={({ isActive }) =>
            `flex min-h-11 items-center border-b-[3px] text-[16px] ${isActive ? "border-ready font-bold" : "hover:border-line border-transparent"}`
          }
        >
          {one.words}
        </NavLink>
      ))}
    </nav>
  );
}
