import { useMay } from "../../hands/signer";
import { useShopLog } from "../../hands/append";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { needsQuery, type StockRow } from "../../api/shelf";
import { AddLine } from "../../ui/AddLine";
import { Button } from "../../ui/Button";
import { fullDay } from "../../ui/dates";
import { ChoiceField } from "../../ui/Field";
import { money } from "../../api/money";
import { useSubmit } from "../../ui/useSubmit";
import { SourcePicture } from "./SourcePicture";
import { StockForm } from "./StockForm";
import { taking } from "./things";
import { texts } from "./words";

/** One kind of thing on the shelf, and what can be done with it. */
export function OneStock({ row }: { row: StockRow }) {
  const [editing, setEditing] = useState(false);
  const say = useShopLog("shelf");
  const { refused, submit } = useSubmit();
  // the description holds the price, which would be lost
  const mayDescribe = useMay("MONEY");
  const { held } = row;
  if (editing) return <StockForm row={row} onDone={() => setEditing(false)} />;
  return (
    <div className="flex flex-col gap-3">
      <div>
        <p className="num text-soft">{texts.s(held.number)}</p>
        <h2 className="text-[19px]">{row.words}</h2>
        <p className="text-soft">
          {held.stock.place}
          {held.stock.origin !== "" && texts.fromIt(held.stock.origin)}
          {held.stock.costMinor > 0 && texts.each(money(held.stock.costMinor))}
        </p>
        <SourcePicture name={held.stock.picture} of={row.words} />
        {held.stock.remark !== "" && <p>“{held.stock.remark}”</p>}
        <p>
          <b className="num text-[22px]">{held.left}</b> {texts.inStockFree(row.free)}
          {held.counted !== undefined && (
            <span className="text-soft">
              {" "}
              {texts.counted(fullDay(held.counted))}
              {held.off !== 0 && texts.offByCount(Math.abs(held.off), held.off < 0)}
            </span>
          )}
        </p>
      </div>
      <ul>
        {held.kept.map((kept) => (
          <li key={`${kept.forNeed.tag} ${kept.forNeed.part}`} className="flex items-center gap-2">
            <span className="flex-1">
              {texts.reservedForOf(kept.count, kept.forNeed.tag, kept.forNeed.part)}
            </span>
            <Button
              kind="quiet"
              onClick={() =>
                void submit(() =>
                  say(
                    [{ kind: "released", thing: { of: held.id, part: "" }, forNeed: kept.forNeed }],
                    texts.noLongerReserved,
                  ),
                )
              }
            >
              {texts.release}
            </Button>
          </li>
        ))}
      </ul>
      <ForANeed row={row} />
      <AddLine
        blanks={[
          { label: texts.quantityReceived, hint: texts.quantity },
          { label: texts.source, hint: texts.sourceInline, optional: true },
        ]}
        action={texts.addToStock}
        onAdd={(count, origin) =>
          say(
            [{ kind: "stockRefilled", stock: held.id, count: Number(count), origin }],
            texts.addedToStock(count),
          )
        }
      />
      <div className="flex flex-wrap gap-2">
        {mayDescribe && <Button onClick={() => setEditing(true)}>{texts.editDescription}</Button>}
        <a
          className="border-line inline-flex min-h-11 items-center rounded-[4px] border px-3.5"
          href={`/api/shelf/labels.pdf?of=${held.id}`}
          target="_blank"
          rel="noreferrer"
        >
          {texts.label}
        </a>
      </div>
      {refused}
    </div>
  );
}

/** Keeps it or takes it for one of the open needs, the likeliest first. */
function ForANeed({ row }: { row: StockRow }) {
  const needs = useQuery(needsQuery).data?.needs ?? [];
  const say = useShopLog("shelf");
  const { refused, submit } = useSubmit();
  const [chosen, setChosen] = useState("");
  const fits = (id: string) => id === `stock ${row.held.id}`;
  const sorted = [...needs].sort(
    (a, b) =>
      Number([b.got, ...b.others].some((one) => fits(one?.id ?? ""))) -
      Number([a.got, ...a.others].some((one) => fits(one?.id ?? ""))),
  );
  const need = sorted.find((one) => `${one.need.tag} ${one.need.part}` === chosen) ?? sorted[0];
  if (need === undefined || row.held.left === 0) return null;
  const thing = { of: row.held.id, part: "" };
  return (
    <div className="flex flex-col gap-2">
      <ChoiceField
        label={texts.forWhichCamera}
        value={`${need.need.tag} ${need.need.part}`}
        choices={sorted.map((one) => ({
          value: `${one.need.tag} ${one.need.part}`,
          label: `${one.need.tag}, ${one.need.part}, ${one.camera}`,
        }))}
        onChange={(event) => setChosen(event.target.value)}
      />
      <div className="flex gap-2">
        <Button
          onClick={() =>
            void submit(() =>
              say(
                [{ kind: "reserved", thing, forNeed: need.need, count: 1 }],
                texts.reservedForSaid(need.need.tag),
              ),
            )
          }
        >
          {texts.reserveOne}
        </Button>
        <Button
          onClick={() => void submit(() => say([taking(thing, need.need)], texts.takenFor(need.need.tag)))}
        >
          {texts.takeOne}
        </Button>
      </div>
      {refused}
    </div>
  );
}
