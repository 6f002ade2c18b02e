import type { PaperRow } from "../../api/accounts";
import { moneyOf } from "../../api/money";
import { useWords } from "../../api/queries";
import { day } from "../../ui/dates";
import { PAPER_HERE } from "../../ui/paper";
import { texts } from "./words";

/** Papers that went out, each to be opened. */
export function PaperList({ papers, withCamera }: { papers: PaperRow[]; withCamera: boolean }) {
  const { word } = useWords();
  return (
    <ul className="flex flex-col text-[15px]">
      {papers.map((one) => (
        <li key={one.id} className="border-line/70 flex items-center gap-3 border-b last:border-0">
          <a
            href={`/api/accounts/papers/${one.number}.pdf?paper=${PAPER_HERE}`}
            target="_blank"
            rel="noreferrer"
            aria-label={texts.openPdf(one.number)}
            className="hover:bg-sunk flex min-h-11 min-w-0 flex-1 flex-wrap items-center gap-x-3 px-1"
          >
            <b className="num">{one.number}</b>
            <span className="text-soft text-[14px]">{word("paperKind", one.kind)}</span>
            <span className="text-soft text-[14px]">{day(one.day)}</span>
            {withCamera && (
              <span className="min-w-0 truncate">
                <bdi>{one.buyer}</bdi>
                {one.job !== undefined && <span className="text-soft num"> {one.job}</span>}
              </span>
            )}
            <span className="num ml-auto">{moneyOf({ minor: one.dueMinor, currency: one.currency })}</span>
          </a>
          <span className="w-[64px] shrink-0">
            {one.eInvoice && (
              <a
                href={`/api/accounts/papers/${one.number}.xml`}
                aria-label={texts.eInvoiceOf(one.number)}
                className="inline-flex min-h-11 items-center text-[14px] underline"
              >
                {texts.eInvoice}
              </a>
            )}
          </span>
        </li>
      ))}
    </ul>
  );
}
