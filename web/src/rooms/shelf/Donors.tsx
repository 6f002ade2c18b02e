import { useMay } from "../../hands/signer";
import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { type DonorRow, donorsQuery } from "../../api/shelf";
import { money } from "../../api/money";
import { Empty } from "../../ui/Panel";
import { BEST } from "./best";
import { smallOf } from "../../api/pictures";
import { PartsLeft } from "./PartsLeft";
import { texts } from "./words";

/** Cameras kept for their parts: what is left in each, and what is best done with it. */
export function Donors() {
  const donors = useQuery(donorsQuery).data;
  if (donors === undefined) return null;
  const here = donors.filter((one) => one.held.gone === undefined);
  const gone = donors.filter((one) => one.held.gone !== undefined);
  return (
    <div
      className="min-h-0 flex-1 overflow-y-auto px-5 py-3"
      tabIndex={0}
      role="group"
      aria-label={texts.donors}
    >
      <p className="flex items-center gap-4 pb-2">
        <span className="text-soft">
          {texts.donorsOf(here.length)}
          {gone.length > 0 && texts.gone(gone.length)}
        </span>
        <Link
          to="new"
          className="bg-ready text-on-ready ml-auto inline-flex min-h-11 items-center rounded-[4px] px-3.5 font-bold"
        >
          {texts.addADonor}
        </Link>
      </p>
      {donors.length === 0 && <Empty>{texts.noDonorsYetAddOne}</Empty>}
      <ul className="flex flex-col">
        {here.map((row) => (
          <DonorLine key={row.held.id} row={row} />
        ))}
      </ul>
      {gone.length > 0 && (
        <details className="pt-3">
          <summary className="min-h-11 content-center">{texts.goneLabel}</summary>
          <ul>
            {gone.map((row) => (
              <li key={row.held.id} className="border-line/70 border-b py-1.5">
                <Link to={row.held.id} className="underline">
                  {row.words}
                </Link>{" "}
                <span className="text-soft">{row.held.gone}</span>
              </li>
            ))}
          </ul>
        </details>
      )}
    </div>
  );
}

function DonorLine({ row }: { row: DonorRow }) {
  const { held, figures } = row;
  const priced = useMay("MONEY");
  return (
    <li className="border-line/70 border-b">
      <Link
        to={held.id}
        className="hover:bg-sunk grid grid-cols-[48px_96px_minmax(0,4fr)_minmax(0,6fr)_230px] items-start gap-4 px-2 py-2.5"
      >
        <span className="num text-soft text-[13.5px]">{texts.d(held.number)}</span>
        {held.body.picture === "" ? (
          <span aria-hidden="true" className="border-line h-[72px] rounded-[4px] border border-dashed" />
        ) : (
          <img
            src={smallOf(held.body.picture)}
            alt=""
            loading="lazy"
            className="h-[72px] w-full rounded-[4px] object-cover"
          />
        )}
        <span>
          <b>{row.words}</b>
          <span className="text-soft block text-[14px]">
            {held.body.place}
            {held.body.fault !== "" && ` · ${held.body.fault}`}
          </span>
        </span>
        <PartsLeft parts={held.parts} />
        <span className="text-right">
          <b>{BEST[figures.best]}</b>
          {priced && (
            <span className="mt-0.5 flex justify-end gap-4 text-[13.5px]">
              {!held.opened && <Way label={texts.whole} minor={figures.asIsMinor} />}
              {!held.opened && <Way label={texts.soldRepaired} minor={figures.mendedMinor} />}
              <Way label={held.opened ? texts.stillInIt : texts.inParts} minor={figures.partsMinor} />
            </span>
          )}
        </span>
      </Link>
    </li>
  );
}

function Way({ label, minor }: { label: string; minor: number }) {
  return (
    <span className="text-soft">
      {label} <span className="num text-ink block">{money(minor)}</span>
    </span>
  );
}
