import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { customersQuery, pageOf } from "../../api/customers";
import { BookTabs } from "../../ui/BookTabs";
import { TextField } from "../../ui/Field";
import { Empty } from "../../ui/Panel";
import { useSettled } from "../../ui/useSettled";
import { texts } from "./words";

/** Everybody whose cameras are or were here, found by name, camera, serial number or job. */
export function Customers() {
  const [find, setFind] = useState("");
  const page = useQuery(customersQuery(useSettled(find, 200))).data;
  return (
    <div className="flex min-h-0 flex-1 flex-col gap-4 overflow-y-auto px-5 py-3">
      <h1 className="sr-only">{texts.title}</h1>
      <BookTabs />
      <div className="flex items-end gap-3">
        <TextField
          label={texts.find}
          wrap="max-w-[520px] flex-1"
          value={find}
          onChange={(event) => setFind(event.target.value)}
        />
        <Link
          to="/customers/one?new"
          className="border-line bg-sheet hover:border-ink inline-flex min-h-11 items-center rounded-[4px] border px-3.5"
        >
          {texts.newCustomer}
        </Link>
      </div>
      {page?.rows.length === 0 && <Empty>{find === "" ? texts.none : texts.noneFits}</Empty>}
      <ul className="wide:columns-2 gap-x-10 text-[15px]">
        {page?.rows.map((row) => (
          <li key={`${row.id ?? ""} ${row.name}`} className="border-line/70 break-inside-avoid border-b">
            <Link
              to={pageOf({ id: row.id, name: row.name })}
              className="hover:bg-sunk flex min-h-11 items-baseline gap-3 px-1 py-2"
            >
              <b className="min-w-0 truncate">
                <bdi>{row.name}</bdi>
              </b>
              <span className="text-soft min-w-0 flex-1 truncate text-[14px]">
                {row.id === undefined ? texts.noCard : <bdi>{row.reached}</bdi>}
              </span>
              <span className={`text-[14px] whitespace-nowrap ${row.here > 0 ? "font-bold" : "text-soft"}`}>
                {texts.cameras(row.jobs, row.here)}
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </div>
  );
}
