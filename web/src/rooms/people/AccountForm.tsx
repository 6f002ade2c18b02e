import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { accountsHeldQuery, saveAccount, type Person } from "../../api/people";
import { notify } from "../../hands/notices";
import { Button } from "../../ui/Button";
import { SaidOf, TextField, Tick } from "../../ui/Field";
import { useSubmit } from "../../ui/useSubmit";
import { texts } from "./words";

const ROLES = ["OWNER", "TECHNICIAN", "COUNTER", "GUEST"] as const;

/** One account: who it is, what they are here, and what they may see. */
export function AccountForm({
  person,
  isNew,
  onDone,
}: {
  person: Person;
  isNew: boolean;
  onDone: () => void;
}) {
  const client = useQueryClient();
  const [typed, setTyped] = useState(person);
  const [passphrase, setPassphrase] = useState("");
  const { refused, problem, busy, submit } = useSubmit();
  const save = async () => {
    client.setQueryData(accountsHeldQuery.queryKey, await saveAccount(typed, passphrase));
    notify({ kind: "done", text: texts.accountSaved(typed.name) });
    onDone();
  };
  const choosesSight = typed.role === "TECHNICIAN" || typed.role === "COUNTER";
  return (
    <SaidOf value={(name) => (problem?.field === name ? problem.message : undefined)}>
      <form
        className="flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          void submit(save);
        }}
      >
        <TextField
          label={texts.name}
          name="name"
          autoFocus
          required
          value={typed.name}
          onChange={(event) => setTyped({ ...typed, name: event.target.value })}
        />
        <fieldset>
          <legend className="text-soft text-[13.5px]">{texts.role}</legend>
          <div className="mt-1 grid gap-1.5">
            {ROLES.map((role) => (
              <label
                key={role}
                className={`flex min-h-11 cursor-pointer items-center gap-3 rounded-[4px] border px-3 py-1 ${typed.role === role ? "border-ready bg-ready-wash" : "border-line"}`}
              >
                <input
                  type="radio"
                  name="role"
                  className="accent-ready size-5"
                  checked={typed.role === role}
                  onChange={() => setTyped({ ...typed, role })}
                />
                <span>
                  <b>{texts.roles[role]}</b>
                  <span className="text-soft block text-[14px]">{texts.roleAbout[role]}</span>
                </span>
              </label>
            ))}
          </div>
        </fieldset>
        {choosesSight && (
          <div>
            <Tick
              label={texts.seesMoney}
              checked={typed.money}
              onChange={(event) => setTyped({ ...typed, money: event.target.checked })}
            />
            <Tick
              label={texts.seesCustomers}
              checked={typed.customers}
              onChange={(event) => setTyped({ ...typed, customers: event.target.checked })}
            />
          </div>
        )}
        {typed.role === "GUEST" && (
          <TextField
            label={texts.onlyJob}
            name="onlyJob"
            className="num"
            required
            value={typed.onlyJob ?? ""}
            onChange={(event) => setTyped({ ...typed, onlyJob: event.target.value })}
          />
        )}
        <TextField
          label={isNew ? texts.passphrase : texts.newPassphrase}
          name="passphrase"
          type="password"
          autoComplete="new-password"
          required={isNew}
          hint={isNew ? `${texts.passphraseHint} ${texts.tellThem}` : texts.leaveEmpty}
          value={passphrase}
          onChange={(event) => setPassphrase(event.target.value)}
        />
        {refused}
        <div className="flex gap-2">
          <Button kind="primary" type="submit" disabled={busy}>
            {texts.save}
          </Button>
          <Button onClick={onDone}>{texts.cancel}</Button>
        </div>
      </form>
    </SaidOf>
  );
}
