import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { stockQuery } from "../../api/shelf";
import { texts } from "./words";

/** For a piece that is gone: where another of its kind lies. */
export function OnTheShelf({ type }: { type: string }) {
  const words = type.replace(/,.*$/, "").replace("×", " ");
  const rows = useQuery(stockQuery(words, "hardware")).data?.rows ?? [];
  const there = rows.filter((row) => row.free > 0);
  if (there.length === 0) return null;
  return (
    <p className="bg-mark-wash border-l-mark-line w-full rounded-[3px] border-l-4 px-2 py-1 text-[14px]">
      {texts.onTheShelf}{" "}
      {there.slice(0, 3).map((row) => (
        <Link
          key={row.held.id}
          to={`/shelf/stock?find=s-${row.held.number}&item=${row.held.id}`}
          className="mr-3 underline"
        >
          {row.words}, {row.held.stock.place} ({row.free})
        </Link>
      ))}
    </p>
  );
}
