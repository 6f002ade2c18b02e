import { Link } from "react-router";
import { texts } from "./words";

/** The two pages of the owner's side of a camera. */
export function OwnerTabs({ tag, at }: { tag: string; at: "options" | "money" }) {
  const tab = (to: "options" | "money", words: string) => (
    <Link
      to={`/camera/${tag}/${to}`}
      aria-current={at === to ? "page" : undefined}
      className={`flex min-h-11 items-center border-b-[3px] px-1 ${at === to ? "border-ready font-bold" : "hover:border-line border-transparent"}`}
    >
      {words}
    </Link>
  );
  return (
    <nav aria-label={texts.ownerPages} className="border-line -mt-2 mb-3 flex gap-5 border-b">
      {tab("options", texts.optionsAndAnswers)}
      {tab("money", texts.papersAndPayments)}
    </nav>
  );
}
