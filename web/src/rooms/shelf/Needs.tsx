import { useMay } from "../../hands/signer";
import { useShopLog } from "../../hands/append";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import type { Schemas } from "../../api/client";
import { insistingQuery, needsQuery, type Source } from "../../api/shelf";
import { Button } from "../../ui/Button";
import { money } from "../../api/money";
import { Empty } from "../../ui/Panel";
import { PaperTag } from "../../ui/PaperTag";
import { ProblemNote } from "../../ui/ProblemNote";
import { useSubmit } from "../../ui/useSubmit";
import { jobQuery } from "../../api/queries";
import { PartAtHand, partNamed } from "../part";
import { SourcePicture } from "./SourcePicture";
import { Terms } from "./Terms";
import { keeping, puttingBack } from "./things";
import { texts } from "./words";

type Row = Schemas["NeedRow"];

const keyOf = (row: Row) => `${row.need.tag} ${row.need.part}`;

const notItsBest = (row: Row) => row.bestAlone !== undefined && row.bestAlone.id !== row.got?.id;

/** Every open need of the shop beside what it gets where all are shared out together. */
export function Needs() {
  const page = useQuery(needsQuery).data;
  const say = useShopLog("shelf");
  const { refused, submit } = useSubmit();
  const [chosen, setChosen] = useState<string>();
  const priced = useMay("MONEY");
  if (page === undefined) return null;
  // what is worth a look is where sharing decided otherwise than the need alone would
  const open =
    page.needs.find((row) => keyOf(row) === chosen) ?? page.needs.find(notItsBest) ?? page.needs[0];
  const toKeep = page.needs.flatMap((row) => {
    const entry = row.got === undefined || row.got.keptForThis ? undefined : keeping(row.got, row.need);
    return entry === undefined ? [] : [entry];
  });
  const gain = page.netMinor - page.oneByOneMinor;
  return (
    <div className="bay wide:grid-cols-[minmax(0,1fr)_480px] grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_400px]">
      <div
        className="flex min-h-0 flex-col gap-3 overflow-y-auto px-5 py-3"
        tabIndex={0}
        role="group"
        aria-label={texts.needs}
      >
        {page.needs.length === 0 ? (
          <Empty>{texts.noCameraIsWaitingFor}</Empty>
        ) : (
          <p className="flex flex-wrap items-center gap-x-5 gap-y-1">
            {priced && (
              <>
                <span>
                  {texts.sharedOutTogether} <b className="num text-[18px]">{money(page.netMinor)}</b>
                </span>
                <span className="text-soft">
                  {texts.oneAfterTheOther} <b className="num">{money(page.oneByOneMinor)}</b>
                  {gain > 0 && texts.less(money(gain))}
                </span>
                {!page.exact && (
                  <span className="text-mark">{texts.bestFoundNoneCanExceed(money(page.boundMinor))}</span>
                )}
              </>
            )}
            <Button
              kind="primary"
              className="ml-auto"
              disabled={toKeep.length === 0}
              onClick={() => void submit(() => say(toKeep, texts.reservedOf(toKeep.length)))}
            >
              {toKeep.length === 0 ? texts.allReserved : texts.reserveAll(toKeep.length)}
            </Button>
          </p>
        )}
        {refused}
        <ul className="flex flex-col">
          {page.needs.map((row) => (
            <NeedLine
              key={keyOf(row)}
              row={row}
              chosen={open !== undefined && keyOf(row) === keyOf(open)}
              onChoose={() => setChosen(keyOf(row))}
            />
          ))}
        </ul>
        <AtBench taken={page.atBench} />
        {open !== undefined && <AsItCameOff key={keyOf(open)} row={open} />}
      </div>
      <aside
        tabIndex={0}
        aria-label={texts.sourcesOfThisNeed}
        className="border-line bg-sheet min-h-0 overflow-y-auto border-l px-4 py-3"
      >
        {open !== undefined && <OneNeed key={keyOf(open)} row={open} />}
      </aside>
    </div>
  );
}

function NeedLine({ row, chosen, onChoose }: { row: Row; chosen: boolean; onChoose: () => void }) {
  const priced = useMay("MONEY");
  return (
    <li className="border-line/70 border-b">
      <button
        type="button"
        aria-pressed={chosen}
        onClick={onChoose}
        className={`grid min-h-14 w-full grid-cols-[96px_minmax(0,5fr)_minmax(0,6fr)_72px] items-center gap-3 px-2 py-1.5 text-left ${chosen ? "bg-ready-wash" : "hover:bg-sunk"}`}
      >
        <PaperTag tag={row.need.tag} />
        <span className="min-w-0">
          <b>{row.need.part}</b>
          {row.what !== row.need.part && <span className="text-soft">, {row.what}</span>}
          <span className="text-soft block text-[13.5px]">{row.camera}</span>
        </span>
        {row.got === undefined ? (
          <span className="text-stop">{texts.noSourceIsWorthIts}</span>
        ) : (
          <span className="min-w-0">
            {row.got.keptForThis && <span className="text-done font-bold">{texts.reserved} </span>}
            {row.got.what.words}
            <span className="text-soft block text-[13.5px]">
              {row.got.what.where}
              {notItsBest(row) && <span className="text-mark"> {texts.notItsOwnBestSo}</span>}
            </span>
          </span>
        )}
        {priced && (
          <span className="num text-right">
            {row.got === undefined ? "–" : money(row.got.worth.netMinor)}
          </span>
        )}
      </button>
    </li>
  );
}

/** The part as it came off its camera, so that what comes from elsewhere can be held against it. */
function AsItCameOff({ row }: { row: Row }) {
  const job = useQuery(jobQuery(row.need.tag)).data;
  const part = partNamed(job, row.need.part);
  if (job === undefined || part === undefined) return null;
  return (
    <div className="pt-4">
      <PartAtHand job={job} part={part} />
    </div>
  );
}

function OneNeed({ row }: { row: Row }) {
  const [insisted, setInsisted] = useState("");
  const priced = useMay("MONEY");
  const sources = row.got === undefined ? row.others : [row.got, ...row.others];
  return (
    <div className="flex flex-col gap-3">
      <div>
        <h2 className="text-[19px]">{row.need.part}</h2>
        <p className="text-soft">
          {row.camera},{" "}
          <Link
            to={`/camera/${row.need.tag}/mend?part=${encodeURIComponent(row.need.part)}`}
            className="underline"
          >
            {row.need.tag}
          </Link>
        </p>
      </div>
      <ul className="flex flex-col gap-3">
        {sources.map((source) => (
          <li key={source.id} className="border-line border-t pt-2">
            <SourcePicture
              name={source.what.picture}
              of={source.what.words}
              className="h-[84px] w-[116px]"
              place="float-right ml-3"
            />
            <p>
              <b>{source.what.words}</b>
              {source.id === row.got?.id && <span className="text-ready font-bold"> {texts.thisOne}</span>}
              <span className="text-soft block text-[13.5px]">
                {source.what.where} · {source.chances.fitWords}
                {source.effort.days > 0 && texts.days(source.effort.days)}
              </span>
            </p>
            <Terms terms={source.worth.terms} net={source.worth.netMinor} />
            {source.id !== row.got?.id && !priced && <Reserving row={row} source={source} />}
            {source.id !== row.got?.id &&
              priced &&
              (insisted === source.id ? (
                <Insisted row={row} source={source} />
              ) : (
                <Button
                  kind="quiet"
                  about={`${source.what.words}, ${source.what.where}`}
                  className="-ml-3"
                  onClick={() => setInsisted(source.id)}
                >
                  {texts.whatIfWeUseThis}
                </Button>
              ))}
          </li>
        ))}
      </ul>
    </div>
  );
}

function Insisted({ row, source }: { row: Row; source: Source }) {
  const costs = useQuery(insistingQuery(row.need.tag, row.need.part, source.id));
  if (costs.error !== null) return <ProblemNote problem={costs.error} />;
  if (costs.data === undefined) return <p className="text-soft py-2">{texts.calculating}</p>;
  return (
    <div className="border-mark-line bg-mark-wash mt-1 flex flex-wrap items-center gap-3 rounded-[3px] border-l-4 px-3 py-1.5">
      <span>
        {costs.data.costMinor === 0 ? (
          texts.itCostsNothingTheTotal
        ) : (
          <>
            {texts.thatCosts} <b className="num">{money(costs.data.costMinor)}</b>{" "}
            {texts.overAllNeedsTogether}
          </>
        )}
      </span>
      <Reserving row={row} source={source} />
    </div>
  );
}

/** Reserves a source in spite of how all are shared out; nothing for what is made or ordered. */
function Reserving({ row, source }: { row: Row; source: Source }) {
  const say = useShopLog("shelf");
  const { refused, submit } = useSubmit();
  const entry = keeping(source, row.need);
  if (entry === undefined) return null;
  return (
    <>
      <Button
        about={`${source.what.words}, ${source.what.where}`}
        onClick={() =>
          void submit(() => say([entry], texts.reservedForTold(row.need.tag, source.what.words)))
        }
      >
        {texts.reserveThisOne}
      </Button>
      {refused}
    </>
  );
}

/** What is taken and not fitted yet: it is nowhere in its place, so it is named. */
export function AtBench({ taken }: { taken: Schemas["AtBench"][] }) {
  const say = useShopLog("shelf");
  const { refused, submit } = useSubmit();
  if (taken.length === 0) return null;
  return (
    <section aria-label={texts.takenAtTheBench}>
      <h2 className="heading border-line border-b pb-1">{texts.takenAtTheBench}</h2>
      <ul>
        {taken.map((one) => (
          <li
            key={`${one.thing.of} ${one.thing.part} ${one.forNeed.tag} ${one.since}`}
            className="border-line/70 flex items-center gap-3 border-b py-1"
          >
            <PaperTag tag={one.forNeed.tag} />
            <span className="min-w-0 flex-1">
              {one.count > 1 && `${one.count} × `}
              {one.words} <span className="text-soft">{texts.forPart(one.forNeed.part)}</span>
            </span>
            <Button
              kind="quiet"
              onClick={() => void submit(() => say([puttingBack(one)], texts.returnedToItsPlace))}
            >
              {texts.returnToTheShelf}
            </Button>
          </li>
        ))}
      </ul>
      {refused}
    </section>
  );
}
