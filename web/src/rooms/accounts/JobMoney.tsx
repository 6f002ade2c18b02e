import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { creditOf, jobAccountsQuery, type TypedDraft } from "../../api/accounts";
import type { Schemas } from "../../api/client";
import { currencyCode, moneyOf } from "../../api/money";
import { readAmount, useWords } from "../../api/queries";
import { useShopLog } from "../../hands/append";
import { useKept } from "../../hands/draft";
import { orSay } from "../../hands/notices";
import { useJob } from "../../hands/useJob";
import { Button } from "../../ui/Button";
import { day } from "../../ui/dates";
import { ChoiceField, TextField } from "../../ui/Field";
import { Empty, Panel } from "../../ui/Panel";
import { useSubmit } from "../../ui/useSubmit";
import { DraftSheet } from "./DraftSheet";
import { OpenBills } from "./OpenBills";
import { PaperList } from "./PaperList";
import { beginning, named } from "./typing";
import { OwnerTabs } from "./OwnerTabs";
import { texts } from "./words";

/** Money of one camera: a paper being drawn up, what went out, and what was paid. */
export function JobMoney() {
  const job = useJob();
  const accounts = useQuery(jobAccountsQuery(job.tag)).data;
  const [paper, keepPaper] = useKept<TypedDraft>(`paper ${job.tag}`, beginning(job));
  // a credit note is drawn up beside a paper that is half done, not in its place
  const [credit, keepCredit] = useKept<TypedDraft | undefined>(`credit ${job.tag}`, undefined);
  if (accounts === undefined) return null;
  const crediting = credit !== undefined;
  const [draft, keep] = crediting ? [credit, keepCredit] : [paper, keepPaper];
  return (
    <div className="bay wide:grid-cols-[minmax(0,1fr)_384px] grid h-full min-h-0 grid-cols-[minmax(0,1fr)_320px] overflow-hidden">
      <div className="min-h-0 overflow-y-auto px-5 py-4">
        <OwnerTabs tag={job.tag} at="money" />
        <Panel title={crediting ? texts.creditNote : texts.newPaper}>
          {crediting && <p className="text-soft">{texts.creditAll(billOf(accounts, draft))}</p>}
          <DraftSheet
            key={draft.refersTo ?? ""}
            draft={draft}
            pricing={accounts.pricing}
            benchMinutes={job.sitting.minutes}
            parts={job.cost.parts}
            onChange={keep}
            onIssued={(kind) => (kind === "BILL" || kind === "CREDIT") && keep(undefined)}
          />
          {crediting && <Button onClick={() => keepCredit(undefined)}>{texts.cancel}</Button>}
        </Panel>
      </div>
      <aside className="border-line bg-sheet flex min-h-0 flex-col gap-6 overflow-y-auto border-l px-4 py-4">
        <Panel title={texts.ofThisCamera}>
          {accounts.papers.length === 0 ? (
            <Empty>{texts.noneOfThisCamera}</Empty>
          ) : (
            <PaperList papers={accounts.papers} withCamera={false} />
          )}
        </Panel>
        {accounts.bills.length > 0 && (
          <Panel title={texts.toBePaid}>
            <OpenBills bills={accounts.bills} today={accounts.today} withCamera={false} />
            {!crediting &&
              accounts.bills.map((bill) => (
                <Button
                  key={bill.paper.id}
                  kind="quiet"
                  about={bill.paper.number}
                  className="self-start"
                  onClick={() => orSay(creditOf(bill.paper.number).then(keepCredit))}
                >
                  {texts.credit}
                </Button>
              ))}
          </Panel>
        )}
        <Panel title={texts.paidInAdvance}>
          {accounts.deposits.map((one) => (
            <p key={one.id} className="flex items-baseline gap-3 text-[15px]">
              <span className="text-soft">{day(one.what.day)}</span>
              <span className="num">{moneyOf({ minor: one.what.minor, currency: one.what.currency })}</span>
              {one.leftMinor > 0 && (
                <span className="text-soft text-[14px]">
                  {texts.left(moneyOf({ minor: one.leftMinor, currency: one.what.currency }))}
                </span>
              )}
            </p>
          ))}
          <InAdvance
            key={accounts.deposits.length}
            job={job.tag}
            from={job.intake.received?.owner.name ?? ""}
            today={accounts.today}
          />
        </Panel>
      </aside>
    </div>
  );
}

const billOf = (accounts: Schemas["JobAccounts"], draft: TypedDraft) =>
  accounts.papers.find((one) => one.id === draft.refersTo)?.number ?? "";

function InAdvance({ job, from, today }: { job: string; from: string; today: string }) {
  const say = useShopLog("accounts");
  const { choices } = useWords();
  const [typed, setTyped] = useState("");
  const [how, setHow] = useState<Schemas["Paid"]["how"]>("CARD");
  const { refused, busy, submit } = useSubmit();
  const log = async () => {
    const minor = (await readAmount(typed))?.minor ?? 0;
    await say(
      [
        {
          kind: "deposited",
          job,
          from: named(from),
          minor,
          currency: currencyCode(),
          how,
          day: today,
          remark: "",
        },
      ],
      texts.depositLogged,
    );
  };
  return (
    <div className="flex flex-wrap items-end gap-2">
      <TextField
        label={texts.deposit}
        inputMode="decimal"
        wrap="w-[150px]"
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
      />
      <ChoiceField
        label={texts.how}
        wrap="w-[140px]"
        value={how}
        choices={choices("paidHow")}
        onChange={(event) => setHow(event.target.value as Schemas["Paid"]["how"])}
      />
      <Button disabled={busy || typed.trim() === ""} onClick={() => void submit(log)}>
        {texts.logDeposit}
      </Button>
      {refused !== undefined && <div className="basis-full">{refused}</div>}
    </div>
  );
}
