import { useShopLog } from "../../hands/append";
import { useQuery } from "@tanstack/react-query";
import { useDeferredValue, useState } from "react";
import { useNow } from "../../api/clock";
import type { Schemas } from "../../api/client";
import { catalogueQuery, type OrderRow, ordersQuery } from "../../api/shelf";
import { AddLine } from "../../ui/AddLine";
import { Button } from "../../ui/Button";
import { day } from "../../ui/dates";
import { useMay } from "../../hands/signer";
import { money } from "../../api/money";
import { Empty, Panel } from "../../ui/Panel";
import { StateMark } from "../../ui/State";
import { useSubmit } from "../../ui/useSubmit";
import { kindWords, ordering } from "./things";
import { texts } from "./words";

/** What is on its way, what lies here to be unpacked, and what else could be ordered. */
export function Orders() {
  const orders = useQuery(ordersQuery).data;
  if (orders === undefined) return null;
  const open = orders.filter((one) => one.held.state === "OPEN");
  const done = orders.filter((one) => one.held.state !== "OPEN");
  const parcels = open.filter((one) => one.arrived !== undefined);
  const coming = open.filter((one) => one.arrived === undefined);
  return (
    <div className="bay wide:grid-cols-[minmax(0,1fr)_480px] grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_400px]">
      <div
        className="flex min-h-0 flex-col gap-5 overflow-y-auto px-5 py-3"
        tabIndex={0}
        role="group"
        aria-label={texts.orders}
      >
        {orders.length === 0 && <Empty>{texts.nothingIsOnOrderSearch}</Empty>}
        {parcels.length > 0 && (
          <Panel title={texts.arrivedToUnpack}>
            <ul className="flex flex-col gap-3">
              {parcels.map((one) => (
                <Parcel key={one.held.id} row={one} />
              ))}
            </ul>
          </Panel>
        )}
        {coming.length > 0 && (
          <Panel title={texts.onItsWay}>
            <ul>
              {coming.map((one) => (
                <Coming key={one.held.id} row={one} />
              ))}
            </ul>
          </Panel>
        )}
        {done.length > 0 && (
          <Panel title={texts.earlierOrders}>
            <ul className="text-[14.5px]">
              {done.slice(0, 40).map((one) => (
                <li key={one.held.id} className="border-line/70 flex items-center gap-2 border-b py-1">
                  <StateMark
                    mark={
                      one.held.state === "UNPACKED" ? "done" : one.held.state === "WRONG" ? "not" : "left"
                    }
                  />
                  <span className="min-w-0 flex-1">
                    {one.held.what.name}
                    <span className="text-soft">
                      {" "}
                      {one.held.state === "WRONG"
                        ? texts.theWrongOneCame(one.held.end)
                        : one.held.state === "ENDED"
                          ? `· ${one.held.end}`
                          : ""}
                    </span>
                  </span>
                  <span className="text-soft">{day(one.held.at)}</span>
                </li>
              ))}
            </ul>
          </Panel>
        )}
      </div>
      <aside
        tabIndex={0}
        aria-label={texts.catalogue}
        className="border-line bg-sheet min-h-0 overflow-y-auto border-l px-4 py-3"
      >
        <CatalogueList />
      </aside>
    </div>
  );
}

function whom(order: Schemas["OrderHeld"]) {
  return order.what.forNeed === undefined
    ? texts.forTheShelf
    : texts.forItWith(order.what.forNeed.tag, order.what.forNeed.part);
}

function Coming({ row }: { row: OrderRow }) {
  const say = useShopLog("shelf");
  const now = useNow(60_000);
  const [ending, setEnding] = useState(false);
  const priced = useMay("MONEY");
  const days = Math.ceil((Date.parse(row.dueAt) - now) / 86_400_000);
  return (
    <li className="border-line/70 flex flex-wrap items-center gap-3 border-b py-1.5">
      <StateMark mark="wait" />
      <span className="min-w-0 flex-1">
        <b>
          {row.held.what.count > 1 && `${row.held.what.count} × `}
          {row.held.what.name}
        </b>
        <span className="text-soft block text-[13.5px]">
          {kindWords(row.held.what.madeFor)} {whom(row.held)}
          {priced && ` · ${money(row.held.what.priceMinor * row.held.what.count)}`}
        </span>
      </span>
      <span className={row.late ? "text-stop font-bold" : ""}>
        {row.late ? texts.lateWasDue(day(row.dueAt)) : texts.inIt(day(row.dueAt), days, days === 1)}
      </span>
      <a
        className="inline-flex min-h-11 items-center underline"
        href={`/api/shelf/orders/${row.held.id}/slip`}
        target="_blank"
        rel="noreferrer"
      >
        {texts.download}
      </a>
      {!ending && (
        <Button
          kind="quiet"
          about={[row.held.what.number, whom(row.held)].join(", ")}
          onClick={() => setEnding(true)}
        >
          {texts.cancelTheOrder}
        </Button>
      )}
      {ending && (
        <AddLine
          blanks={[{ label: texts.whyIsTheOrderCancelled, hint: texts.mendedAfterAll }]}
          action={texts.cancelTheOrderLabel}
          className="w-full"
          focus
          onAdd={(why) => say([{ kind: "orderEnded", order: row.held.id, why }], texts.orderCancelled)}
          onCancel={() => setEnding(false)}
        />
      )}
    </li>
  );
}

/** A parcel is looked at before it is believed: what was ordered beside what lies in it. */
function Parcel({ row }: { row: OrderRow }) {
  const say = useShopLog("shelf");
  const { refused, submit } = useSubmit();
  const [place, setPlace] = useState("");
  const lies = row.arrived!;
  const ordered = row.held.what;
  const unpack = (asOrdered: boolean) =>
    submit(() =>
      say(
        [
          {
            kind: "unpacked",
            order: row.held.id,
            asOrdered,
            count: ordered.count,
            came: {
              name: lies.name,
              madeFor: lies.madeFor,
              dimensions: lies.dimensions,
              condition: "NEW",
              place: place === "" ? texts.orderTray : place,
              origin: ordered.supplier,
              costMinor: ordered.priceMinor,
              least: 0,
              remark: "",
              picture: "",
            },
          },
        ],
        asOrdered ? texts.onTheShelfLabel : texts.onTheShelfNotReserved,
      ),
    );
  return (
    <li className="border-mark-line bg-mark-wash flex flex-col gap-2 rounded-[3px] border-l-4 px-3 py-2">
      <dl className="grid grid-cols-[90px_minmax(0,1fr)] gap-x-3">
        <dt className="text-soft">{texts.ordered}</dt>
        <dd>
          {ordered.count} × <b>{ordered.name}</b> {kindWords(ordered.madeFor)}{" "}
          <span className="num">{ordered.number}</span>, {whom(row.held)}
        </dd>
        <dt className="text-soft">{texts.contains}</dt>
        <dd>
          {ordered.count} × <b>{lies.name}</b> {kindWords(lies.madeFor)}
          {lies.dimensions !== "" && `, ${lies.dimensions}`} <span className="num">{lies.number}</span>
        </dd>
      </dl>
      <div className="flex flex-wrap items-center gap-2">
        <input
          className="input w-48!"
          aria-label={texts.putItIn}
          placeholder={texts.orderTray}
          value={place}
          onChange={(event) => setPlace(event.target.value)}
        />
        <Button kind="primary" onClick={() => void unpack(true)}>
          {texts.itIsWhatIOrdered}
        </Button>
        <Button kind="stop" onClick={() => void unpack(false)}>
          {texts.wrongPart}
        </Button>
      </div>
      {refused}
    </li>
  );
}

function CatalogueList() {
  const [find, setFind] = useState("");
  const page = useQuery(catalogueQuery(useDeferredValue(find))).data;
  const say = useShopLog("shelf");
  const { refused, submit } = useSubmit();
  if (page === undefined) return null;
  return (
    <Panel title={page.supplier} note={texts.inTheCatalogue(page.all)}>
      <input
        className="input"
        aria-label={texts.searchTheCatalogue}
        placeholder={texts.bladeFoam15T}
        value={find}
        onChange={(event) => setFind(event.target.value)}
      />
      {refused}
      <ul>
        {page.found.map((item) => (
          <li key={item.number} className="border-line/70 flex items-center gap-2 border-b py-0.5">
            <span className="num text-soft w-14 text-[13.5px]">{item.number}</span>
            <span className="min-w-0 flex-1">
              {item.name}
              <span className="text-soft block text-[13.5px]">
                {[kindWords(item.madeFor), item.dimensions, texts.daysOf(item.days)]
                  .filter((one) => one !== "")
                  .join(" · ")}
              </span>
            </span>
            <span className="num">{money(item.priceMinor)}</span>
            <Button
              aria-label={texts.order(item.name, kindWords(item.madeFor), item.dimensions)}
              onClick={() =>
                void submit(() => say([ordering(item, page.supplier)], texts.orderedOf(item.name)))
              }
            >
              {texts.orderLabel}
            </Button>
          </li>
        ))}
      </ul>
      <p className="text-soft text-[13.5px]">
        <a href="/api/shelf/catalogue.csv" className="underline">
          {texts.downloadTheCatalogueCsv}
        </a>
      </p>
    </Panel>
  );
}
