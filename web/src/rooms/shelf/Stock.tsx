import { useShopLog } from "../../hands/append";
import { useQuery } from "@tanstack/react-query";
import { useDeferredValue, useState } from "react";
import { useSearchParams } from "react-router";
import { z } from "zod";
import { stockQuery, type StockRow } from "../../api/shelf";
import { useWords } from "../../api/queries";
import { Button } from "../../ui/Button";
import { FastenerDrawing } from "../../ui/FastenerDrawing";
import { Form } from "../../form/Form";
import { as } from "../../form/typed";
import { useFormOf } from "../../form/useFormOf";
import { Empty } from "../../ui/Panel";
import { Pick } from "../../ui/Pick";
import { AtBench } from "./Needs";
import { OneStock } from "./OneStock";
import { StockForm } from "./StockForm";
import { texts } from "./words";

const ONLY = [
  { value: "all", label: texts.all },
  { value: "parts", label: texts.parts },
  { value: "hardware", label: texts.hardware },
  { value: "low", label: texts.runningLow },
];

/** Everything that lies in a drawer, by place: looked for, added, counted. */
export function Stock() {
  const [search, setSearch] = useSearchParams();
  const find = search.get("find") ?? "";
  const only = search.get("only") ?? "all";
  const chosen = search.get("item") ?? "";
  const [counting, setCounting] = useState(false);
  const page = useQuery(stockQuery(useDeferredValue(find), only)).data;
  const go = (to: Record<string, string>) => {
    const next = new URLSearchParams(search);
    Object.entries(to).forEach(([name, value]) => (value === "" ? next.delete(name) : next.set(name, value)));
    setSearch(next, { replace: true });
  };
  if (page === undefined) return null;
  const one = page.rows.find((row) => row.held.id === chosen);
  return (
    <div className="bay wide:grid-cols-[minmax(0,1fr)_420px] grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_360px]">
      <div className="flex min-h-0 flex-col">
        <div className="flex flex-wrap items-center gap-3 px-5 py-2.5">
          <input
            className="input w-56!"
            aria-label={texts.searchTheStock}
            placeholder={texts.pinionTwinDrawer3S}
            value={find}
            onChange={(event) => go({ find: event.target.value })}
          />
          <Pick
            small
            label={texts.show}
            choices={ONLY}
            value={only}
            onChange={(value) => go({ only: value })}
          />
          <span className="ml-auto flex gap-2">
            <Button onClick={() => setCounting(!counting)} aria-pressed={counting}>
              {counting ? texts.finishCounting : texts.countStock}
            </Button>
            <Button kind="primary" onClick={() => go({ item: "new" })}>
              {texts.addStock}
            </Button>
          </span>
        </div>
        <p className="text-soft px-5 pb-2 text-[14px]">
          {page.found === page.all ? texts.places(page.all) : texts.foundOfAll(page.found, page.all)}
          {page.low > 0 && texts.runningLowOf(page.low)}
        </p>
        <div
          className="min-h-0 flex-1 overflow-y-auto px-5 pb-3"
          tabIndex={0}
          role="group"
          aria-label={texts.stock}
        >
          {page.all === 0 && <Empty>{texts.nothingIsOnTheShelf}</Empty>}
          {page.all > 0 && page.found === 0 && <Empty>{texts.nothingOfThatKindIs}</Empty>}
          {counting ? (
            <Counting rows={page.rows} onDone={() => setCounting(false)} />
          ) : (
            places(page.rows).map(([place, rows]) => (
              <section key={place} aria-label={place} className="mb-3">
                <h2 className="bg-sunk border-line sticky top-0 border-y px-2 py-1 text-[14px] font-bold">
                  {place}
                </h2>
                <ul>
                  {rows.map((row) => (
                    <StockLine
                      key={row.held.id}
                      row={row}
                      chosen={row.held.id === chosen}
                      onChoose={() => go({ item: row.held.id })}
                    />
                  ))}
                </ul>
              </section>
            ))
          )}
          {page.found > page.rows.length && (
            <p className="text-soft">{texts.showingTheFirstSearchFor(page.rows.length)}</p>
          )}
          <AtBench taken={page.atBench} />
        </div>
      </div>
      <aside
        tabIndex={0}
        aria-label={texts.stockItem}
        className="border-line bg-sheet min-h-0 overflow-y-auto border-l px-4 py-3"
      >
        {chosen === "new" && <StockForm onDone={(id) => go({ item: id })} />}
        {one !== undefined && <OneStock key={one.held.id} row={one} />}
        {chosen !== "new" && one === undefined && <Empty>{texts.chooseAnItemToReserve}</Empty>}
      </aside>
    </div>
  );
}

function places(rows: StockRow[]): [string, StockRow[]][] {
  const byPlace = new Map<string, StockRow[]>();
  rows.forEach((row) =>
    byPlace.set(row.held.stock.place, [...(byPlace.get(row.held.stock.place) ?? []), row]),
  );
  return [...byPlace];
}

function StockLine({ row, chosen, onChoose }: { row: StockRow; chosen: boolean; onChoose: () => void }) {
  const { word } = useWords();
  const { held } = row;
  return (
    <li className="border-line/70 border-b">
      <button
        type="button"
        aria-pressed={chosen}
        onClick={onChoose}
        className={`grid min-h-12 w-full grid-cols-[52px_74px_minmax(0,1fr)_150px_56px] items-center gap-3 px-2 py-1 text-left ${chosen ? "bg-ready-wash" : "hover:bg-sunk"}`}
      >
        <span className="num text-soft text-[13.5px]">{texts.s(held.number)}</span>
        <span className="flex justify-end">
          {held.stock.hardware !== undefined && <FastenerDrawing fastener={held.stock.hardware} />}
        </span>
        <span className="min-w-0">{row.words}</span>
        <span className="text-soft text-[13.5px]">
          {word("condition", held.stock.condition)}
          {held.kept.map((kept) => (
            <span key={`${kept.forNeed.tag} ${kept.forNeed.part}`} className="text-mark block">
              {texts.reservedForWith(kept.count, kept.forNeed.tag)}
            </span>
          ))}
        </span>
        <span
          className={`num text-right text-[19px] font-bold ${row.low || held.left === 0 ? "text-stop" : ""}`}
        >
          {held.left}
          {row.low && (
            <span className="block text-[12px] font-normal">{texts.ofReorderLevel(held.stock.least)}</span>
          )}
        </span>
      </button>
    </li>
  );
}

const COUNTS = z.object({ counts: as<Record<string, string>>() });

/** Stocktake: what lies there is typed down the list; what was not counted stays as it is. */
function Counting({ rows, onDone }: { rows: StockRow[]; onDone: () => void }) {
  const say = useShopLog("shelf");
  const form = useFormOf(
    COUNTS,
    { counts: {} },
    async () => {
      await say(
        counted.map((row) => ({
          kind: "stockCounted",
          stock: row.held.id,
          count: Number(counts[row.held.id]),
        })),
        texts.countSavedPlaces(counted.length),
      );
      onDone();
    },
    "stockCount",
  );
  const { counts } = form.watch();
  const counted = rows.filter((row) => (counts[row.held.id] ?? "") !== "");
  return (
    <Form form={form}>
      <p className="text-soft pb-2">{texts.typeHowManyAreThere}</p>
      <ul>
        {rows.map((row) => {
          const typed = counts[row.held.id] ?? "";
          const off = typed === "" ? 0 : Number(typed) - row.held.left;
          return (
            <li key={row.held.id} className="border-line/70 flex items-center gap-3 border-b py-1">
              <span className="num text-soft w-[52px] text-[13.5px]">{texts.s(row.held.number)}</span>
              <span className="min-w-0 flex-1">
                {row.words} <span className="text-soft">{row.held.stock.place}</span>
              </span>
              <span className="text-mark w-40 text-right text-[14px]">
                {off !== 0 && texts.recorded(Math.abs(off), off < 0, row.held.left)}
              </span>
              <input
                className="input num w-20!"
                inputMode="numeric"
                aria-label={texts.countOf(row.words, row.held.stock.place)}
                value={typed}
                onChange={(event) =>
                  form.setValue("counts", {
                    ...counts,
                    [row.held.id]: event.target.value.replace(/\D/g, ""),
                  })
                }
              />
            </li>
          );
        })}
      </ul>
      {form.refused}
      <Button kind="primary" type="submit" className="mt-3" disabled={counted.length === 0}>
        {texts.logCounts(counted.length)}
      </Button>
    </Form>
  );
}
