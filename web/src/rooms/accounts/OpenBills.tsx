import { useState } from "react";
import { Link } from "react-router";
import { receipt, type OpenBill } from "../../api/accounts";
import type { Schemas } from "../../api/client";
import { newId } from "../../api/ids";
import { moneyOf, moneyTyped } from "../../api/money";
import { readAmount, useWords } from "../../api/queries";
import { refreshed } from "../../api/refreshed";
import { useShopLog } from "../../hands/append";
import { notify, orSay } from "../../hands/notices";
import { useSigner } from "../../hands/signer";
import { AskLine } from "../../ui/AskLine";
import { Button } from "../../ui/Button";
import { day } from "../../ui/dates";
import { ChoiceField, TextField } from "../../ui/Field";
import { StateMark } from "../../ui/State";
import { useSubmit } from "../../ui/useSubmit";
import { texts } from "./words";

type How = Schemas["Paid"]["how"];

/** Bills on which something is open, each with what was paid and the field for the next payment. */
export function OpenBills({
  bills,
  today,
  withCamera,
}: {
  bills: OpenBill[];
  today: string;
  withCamera: boolean;
}) {
  return (
    <ul className="flex flex-col">
      {bills.map((bill) => (
        <One key={`${bill.paper.id} ${bill.openMinor}`} {...{ bill, today, withCamera }} />
      ))}
    </ul>
  );
}

function One({ bill, today, withCamera }: { bill: OpenBill; today: string; withCamera: boolean }) {
  const { paper, openMinor } = bill;
  const back = openMinor < 0;
  const amount = (minor: number) => moneyOf({ minor, currency: paper.currency });
  return (
    <li className="border-line/70 flex flex-col gap-1.5 border-b py-2 last:border-0">
      <div className="flex flex-wrap items-baseline gap-x-3">
        <b className="num">{paper.number}</b>
        {withCamera && (
          <span className="min-w-0 truncate">
            <bdi>{paper.buyer}</bdi>
            {paper.job !== undefined && (
              <>
                {" "}
                <Link to={`/camera/${paper.job}/money`} className="num underline">
                  {paper.job}
                </Link>
              </>
            )}
          </span>
        )}
        {paper.until !== undefined && !back && openMinor > 0 && (
          <span
            className={bill.overdue ? "text-stop inline-flex items-center gap-1.5 font-bold" : "text-soft"}
          >
            {bill.overdue && <StateMark mark="not" />}
            {bill.overdue ? texts.overdue(day(paper.until)) : texts.due(day(paper.until))}
          </span>
        )}
        <span className="num ml-auto text-[17px] font-bold">
          {openMinor === 0 ? texts.settled : amount(Math.abs(openMinor))}
          {back && <span className="text-soft text-[14px] font-normal"> {texts.toGoBack}</span>}
        </span>
      </div>
      {bill.givenUp !== undefined && (
        <p className="text-soft text-[14px]">{texts.writtenOff(bill.givenUp)}</p>
      )}
      <Moved bill={bill} amount={amount} />
      {openMinor !== 0 && <Pay {...{ bill, today, back }} />}
    </li>
  );
}

function Moved({ bill, amount }: { bill: OpenBill; amount: (minor: number) => string }) {
  const { word } = useWords();
  const { signer } = useSigner();
  const print = async (payment: string) => {
    const held = await receipt({ by: signer, id: newId(), payment });
    notify({ kind: "done", text: texts.made(texts.receipt, held.paper.number) });
    refreshed("accounts");
  };
  return (
    <>
      {bill.moved.map((one) => (
        <p key={one.id} className="text-soft flex items-center gap-3 text-[14px]">
          {day(one.day)}, {word("paidHow", one.how)}
          <span className="num">{amount(one.minor)}</span>
          {one.minor > 0 && (
            <Button
              kind="quiet"
              about={`${bill.paper.number}, ${amount(one.minor)}`}
              onClick={() => orSay(print(one.id))}
            >
              {texts.receipt}
            </Button>
          )}
        </p>
      ))}
    </>
  );
}

function Pay({ bill, today, back }: { bill: OpenBill; today: string; back: boolean }) {
  const say = useShopLog("accounts");
  const { choices } = useWords();
  const [typed, setTyped] = useState(moneyTyped(Math.abs(bill.openMinor)));
  const [how, setHow] = useState<How>("CARD");
  const { refused, busy, submit } = useSubmit();
  const log = async () => {
    const { id, currency } = bill.paper;
    const minor = (await readAmount(typed))?.minor ?? 0;
    const moved = { minor, currency, how, day: today, remark: "" };
    await (back
      ? say([{ kind: "paidBack", of: id, ...moved }], texts.repaymentLogged)
      : say([{ kind: "paid", bill: id, ...moved }], texts.paymentLogged));
  };
  return (
    <div className="flex flex-wrap items-end gap-2">
      <TextField
        label={texts.amount}
        aria-label={`${texts.amount}, ${bill.paper.number}`}
        inputMode="decimal"
        wrap="w-[110px]"
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
      />
      <ChoiceField
        label={texts.how}
        aria-label={`${texts.how}, ${bill.paper.number}`}
        wrap="w-[140px]"
        value={how}
        choices={choices("paidHow")}
        onChange={(event) => setHow(event.target.value as How)}
      />
      <Button kind="primary" about={bill.paper.number} disabled={busy} onClick={() => void submit(log)}>
        {back ? texts.payBack : texts.paidToday}
      </Button>
      {!back && bill.givenUp === undefined && (
        <AskLine
          opens={texts.giveUp}
          about={bill.paper.number}
          blanks={[{ label: texts.whyGivenUp }]}
          action={texts.stopExpecting}
          onAdd={async (why) => {
            await say([{ kind: "givenUp", bill: bill.paper.id, why }], texts.givenUp);
          }}
        />
      )}
      {refused !== undefined && <div className="basis-full">{refused}</div>}
    </div>
  );
}
