import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { hereQuery, ownPassphrase, ownPin } from "../../api/people";
import { notify } from "../../hands/notices";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/Field";
import { Panel } from "../../ui/Panel";
import { useSubmit } from "../../ui/useSubmit";
import { texts } from "./words";

/** What somebody signs in with: both are changed with the passphrase of now. */
export function OwnSecrets() {
  const client = useQueryClient();
  const { refused, busy, submit } = useSubmit();
  const [passphrase, setPassphrase] = useState("");
  const [pin, setPin] = useState("");
  const [next, setNext] = useState("");
  const setOwnPin = async () => {
    await ownPin(passphrase, pin);
    notify({ kind: "done", text: pin === "" ? texts.pinGone : texts.pinSet });
    setPin("");
    setPassphrase("");
  };
  const change = async () => {
    await ownPassphrase(passphrase, next);
    notify({ kind: "done", text: texts.passphraseChanged });
    await client.invalidateQueries({ queryKey: hereQuery.queryKey });
  };
  return (
    <Panel title={texts.yourOwn}>
      <form className="flex flex-col gap-3" onSubmit={(event) => event.preventDefault()}>
        <TextField
          label={texts.ownPassphrase}
          type="password"
          autoComplete="current-password"
          value={passphrase}
          onChange={(event) => setPassphrase(event.target.value)}
        />
        <div className="flex items-end gap-2">
          <TextField
            wrap="flex-1"
            label={texts.yourPin}
            hint={texts.pinHint}
            type="password"
            inputMode="numeric"
            value={pin}
            onChange={(event) => setPin(event.target.value)}
          />
          <Button
            disabled={busy || passphrase === ""}
            className="mb-6"
            onClick={() => void submit(setOwnPin)}
          >
            {texts.setPin}
          </Button>
        </div>
        <div className="flex items-end gap-2">
          <TextField
            wrap="flex-1"
            label={texts.newPassphrase}
            hint={texts.passphraseHint}
            type="password"
            autoComplete="new-password"
            value={next}
            onChange={(event) => setNext(event.target.value)}
          />
          <Button
            disabled={busy || passphrase === "" || next === ""}
            className="mb-6"
            onClick={() => void submit(change)}
          >
            {texts.changePassphrase}
          </Button>
        </div>
        {refused}
      </form>
    </Panel>
  );
}
