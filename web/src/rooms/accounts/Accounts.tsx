import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { accountsQuery, type Deposit, type PaperKind } from "../../api/accounts";
import { moneyOf } from "../../api/money";
import { useWords } from "../../api/queries";
import { BookTabs } from "../../ui/BookTabs";
import { day } from "../../ui/dates";
import { ChoiceField, TextField } from "../../ui/Field";
import { Empty, Panel } from "../../ui/Panel";
import { ProblemNote } from "../../ui/ProblemNote";
import { useSettled } from "../../ui/useSettled";
import { OpenBills } from "./OpenBills";
import { PaperList } from "./PaperList";
import { texts } from "./words";

/** What is to be paid, what was paid in advance, every paper that went out, and the tables for the accountant. */
export function Accounts() {
  const [find, setFind] = useState("");
  const [kind, setKind] = useState<PaperKind>();
  const { data: page, error } = useQuery(accountsQuery(useSettled(find, 200), kind));
  const { choices } = useWords();
  if (page === undefined) return <div className="p-5">{error ? <ProblemNote problem={error} /> : null}</div>;
  return (
    <div className="bay wide:grid-cols-[minmax(0,1fr)_440px] grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_380px] content-start gap-x-8 gap-y-5 overflow-y-auto px-5 py-3">
      <div className="col-span-2">
        <h1 className="sr-only">{texts.accounts}</h1>
        <BookTabs />
      </div>
      <Panel title={texts.papers}>
        <div className="grid grid-cols-[minmax(0,1fr)_180px] gap-3">
          <TextField
            label={texts.findPapers}
            value={find}
            onChange={(event) => setFind(event.target.value)}
          />
          <ChoiceField
            label={texts.kind}
            empty={texts.allKinds}
            value={kind ?? ""}
            choices={choices("paperKind")}
            onChange={(event) =>
              setKind(event.target.value === "" ? undefined : (event.target.value as PaperKind))
            }
          />
        </div>
        {page.papers.length === 0 ? (
          <Empty>{find === "" && kind === undefined ? texts.noPapers : texts.noneFits}</Empty>
        ) : (
          <PaperList papers={page.papers} withCamera />
        )}
        {page.all > page.papers.length && (
          <p className="text-soft text-[14px]">{texts.moreFit(page.papers.length, page.all)}</p>
        )}
      </Panel>
      <div className="flex flex-col gap-6">
        <Panel title={texts.toBePaid}>
          {page.open.length === 0 ? (
            <Empty>{texts.nothingOpen}</Empty>
          ) : (
            <OpenBills bills={page.open} today={page.today} withCamera />
          )}
        </Panel>
        {page.deposits.length > 0 && (
          <Panel title={texts.paidInAdvance}>
            <Deposits deposits={page.deposits} />
          </Panel>
        )}
        <ForTheAccountant />
      </div>
    </div>
  );
}

function Deposits({ deposits }: { deposits: Deposit[] }) {
  return (
    <ul className="text-[15px]">
      {deposits.map((one) => (
        <li key={one.id} className="border-line/70 flex min-h-11 items-center gap-3 border-b last:border-0">
          <Link to={`/camera/${one.what.job}/money`} className="num underline">
            {one.what.job}
          </Link>
          <bdi className="min-w-0 truncate">{one.what.from.name}</bdi>
          <span className="text-soft text-[14px]">{day(one.what.day)}</span>
          <span className="num ml-auto">
            {moneyOf({ minor: one.leftMinor, currency: one.what.currency })}
          </span>
        </li>
      ))}
    </ul>
  );
}

function ForTheAccountant() {
  const [from, setFrom] = useState("");
  const [to, setTo] = useState("");
  const query = new URLSearchParams({ ...(from === "" ? {} : { from }), ...(to === "" ? {} : { to }) });
  const days = query.size === 0 ? "" : `?${query}`;
  return (
    <Panel title={texts.forTheAccountant}>
      <div className="grid grid-cols-2 gap-3">
        <TextField
          label={texts.from}
          type="date"
          value={from}
          onChange={(event) => setFrom(event.target.value)}
        />
        <TextField label={texts.to} type="date" value={to} onChange={(event) => setTo(event.target.value)} />
      </div>
      <p className="flex flex-wrap gap-x-5">
        <a className="inline-flex min-h-11 items-center underline" href={`/api/accounts/papers.csv${days}`}>
          {texts.papersCsv}
        </a>
        <a className="inline-flex min-h-11 items-center underline" href={`/api/accounts/payments.csv${days}`}>
          {texts.paymentsCsv}
        </a>
      </p>
    </Panel>
  );
}
