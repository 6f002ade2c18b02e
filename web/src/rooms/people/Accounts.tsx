import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { accountsHeldQuery, endAccount, type AccountRow, type Person } from "../../api/people";
import { newId } from "../../api/ids";
import { notify } from "../../hands/notices";
import { Button } from "../../ui/Button";
import { Panel } from "../../ui/Panel";
import { useSubmit } from "../../ui/useSubmit";
import { Window } from "../../ui/Window";
import { AccountForm } from "./AccountForm";
import { texts } from "./words";

const nobodyYet = (): Person => ({
  id: newId(),
  name: "",
  role: "TECHNICIAN",
  money: false,
  customers: true,
});

/** Everybody with an account, and what each may see. */
export function Accounts({ wanted }: { wanted: boolean }) {
  const held = useQuery(accountsHeldQuery).data ?? [];
  const [shown, setShown] = useState<{ person: Person; isNew: boolean }>();
  const [ending, setEnding] = useState<AccountRow>();
  return (
    <Panel title={texts.accounts} note={held.length === 0 ? undefined : `${held.length}`}>
      {!wanted && (
        <div className="border-mark-line bg-mark-wash rounded-[4px] border-l-4 px-3 py-2">
          <p className="text-mark font-bold">{texts.noAccountsWanted}</p>
          <p>{texts.onlyThisMachine}</p>
          <code className="num text-[14px]">{texts.startWith}</code>
        </div>
      )}
      <ul className="divide-line flex flex-col divide-y">
        {held.map((one) => (
          <li key={one.person.id} className="flex items-center gap-3 py-1.5">
            <div className="min-w-0 flex-1">
              <b className="block truncate">
                <bdi>{one.person.name}</bdi>
              </b>
              <span className="text-soft text-[14px]">{aboutOf(one)}</span>
            </div>
            <Button about={one.person.name} onClick={() => setShown({ person: one.person, isNew: false })}>
              {texts.change}
            </Button>
            <Button kind="quiet" about={one.person.name} onClick={() => setEnding(one)}>
              {texts.endAccount}
            </Button>
          </li>
        ))}
      </ul>
      <div>
        <Button kind="primary" onClick={() => setShown({ person: nobodyYet(), isNew: true })}>
          {texts.addAccount}
        </Button>
      </div>
      {shown !== undefined && (
        <Window
          open
          title={shown.isNew ? texts.addAccount : texts.changeAccount(shown.person.name)}
          onOpenChange={(open) => !open && setShown(undefined)}
        >
          <AccountForm person={shown.person} isNew={shown.isNew} onDone={() => setShown(undefined)} />
        </Window>
      )}
      {ending !== undefined && <Ending account={ending} onDone={() => setEnding(undefined)} />}
    </Panel>
  );
}

function aboutOf({ person, hasPin }: AccountRow): string {
  return [
    texts.roles[person.role],
    person.onlyJob === undefined ? "" : texts.readsOnly(person.onlyJob),
    person.role !== "OWNER" && person.role !== "GUEST" && person.money ? texts.money : "",
    person.role !== "OWNER" && person.role !== "GUEST" && person.customers ? texts.customers : "",
    hasPin ? texts.hasPin : "",
  ]
    .filter((word) => word !== "")
    .join(" · ");
}

function Ending({ account, onDone }: { account: AccountRow; onDone: () => void }) {
  const client = useQueryClient();
  const { refused, busy, submit } = useSubmit();
  const { id, name } = account.person;
  const end = async () => {
    client.setQueryData(accountsHeldQuery.queryKey, await endAccount(id));
    notify({ kind: "done", text: texts.accountEnded(name) });
    onDone();
  };
  return (
    <Window open title={texts.endAccountAsk(name)} onOpenChange={(open) => !open && onDone()}>
      <div className="flex flex-col gap-4">
        <p>{texts.endAccountAbout}</p>
        {refused}
        <div className="flex gap-2">
          <Button kind="stop" disabled={busy} onClick={() => void submit(end)}>
            {texts.endIt}
          </Button>
          <Button onClick={onDone}>{texts.keepIt}</Button>
        </div>
      </div>
    </Window>
  );
}
