import { useState, type ReactNode } from "react";
import { enter, type WhoIsHere } from "../../api/people";
import { Button } from "../../ui/Button";
import { TextField, Tick } from "../../ui/Field";
import { useSubmit } from "../../ui/useSubmit";
import { ByPin } from "./ByPin";
import { usePresence } from "./usePresence";
import { texts } from "./words";

type Way = "pin" | "passphrase" | "code";

/** The door: nothing of the shop is shown until somebody has come in. */
export function SignIn({ here }: { here: WhoIsHere }) {
  const came = usePresence();
  const [way, setWay] = useState<Way>(
    !here.owned && here.codeTaken ? "code" : here.byPin.length > 0 ? "pin" : "passphrase",
  );
  return (
    <div className="bg-mat flex h-full flex-col items-center overflow-y-auto p-4">
      <main className="border-line bg-sheet my-auto flex w-full max-w-[440px] flex-col gap-4 rounded-[6px] border px-6 py-5">
        {way === "pin" && (
          <>
            <Head title={texts.whoAreYou} about={here.bench ?? texts.signInAbout} />
            <ByPin names={here.byPin} onEntered={came} />
            <Other onClick={() => setWay("passphrase")}>{texts.withPassphrase}</Other>
          </>
        )}
        {way === "passphrase" && (
          <>
            <Head title={texts.signIn} about={texts.signInAbout} />
            <ByPassphrase here={here} onEntered={came} />
            {here.byPin.length > 0 && <Other onClick={() => setWay("pin")}>{texts.withPin}</Other>}
            {here.codeTaken && <Other onClick={() => setWay("code")}>{texts.forgotten}</Other>}
          </>
        )}
        {way === "code" && (
          <>
            <Head
              title={here.owned ? texts.newPassphrase : texts.firstOwner}
              about={here.owned ? texts.newPassphraseAbout : texts.firstOwnerAbout}
            />
            <ByCode owned={here.owned} onEntered={came} />
            {here.owned && <Other onClick={() => setWay("passphrase")}>{texts.withPassphrase}</Other>}
          </>
        )}
      </main>
    </div>
  );
}

function Head({ title, about }: { title: string; about: string }) {
  return (
    <div>
      <p className="text-soft text-[14px] font-bold">{texts.ruvant}</p>
      <h1 className="text-[24px]">{title}</h1>
      <p className="text-soft mt-1">{about}</p>
    </div>
  );
}

function Other({ children, onClick }: { children: ReactNode; onClick: () => void }) {
  return (
    <button type="button" onClick={onClick} className="min-h-11 self-start underline">
      {children}
    </button>
  );
}

function ByPassphrase({ here, onEntered }: { here: WhoIsHere; onEntered: (here: WhoIsHere) => void }) {
  const { refused, busy, submit } = useSubmit();
  const [name, setName] = useState("");
  const [passphrase, setPassphrase] = useState("");
  const [trusted, setTrusted] = useState(false);
  const [bench, setBench] = useState("");
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void submit(async () => onEntered(await enter.byPassphrase(name, passphrase, trusted ? bench : "")));
      }}
    >
      <TextField
        label={texts.name}
        autoComplete="username"
        autoFocus
        required
        value={name}
        onChange={(event) => setName(event.target.value)}
      />
      <TextField
        label={texts.passphrase}
        type="password"
        autoComplete="current-password"
        required
        value={passphrase}
        onChange={(event) => setPassphrase(event.target.value)}
      />
      {here.bench === undefined && (
        <Tick
          label={texts.trustThisBench}
          checked={trusted}
          onChange={(event) => setTrusted(event.target.checked)}
        />
      )}
      {trusted && (
        <TextField
          label={texts.benchName}
          placeholder={texts.benchNameExample}
          required
          value={bench}
          onChange={(event) => setBench(event.target.value)}
        />
      )}
      {refused}
      <Button kind="primary" type="submit" disabled={busy}>
        {texts.signIn}
      </Button>
    </form>
  );
}

function ByCode({ owned, onEntered }: { owned: boolean; onEntered: (here: WhoIsHere) => void }) {
  const { refused, busy, submit } = useSubmit();
  const [code, setCode] = useState("");
  const [name, setName] = useState("");
  const [passphrase, setPassphrase] = useState("");
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void submit(async () => onEntered(await enter.byCode(code, name, passphrase)));
      }}
    >
      <TextField
        label={texts.code}
        className="num"
        autoFocus
        required
        value={code}
        onChange={(event) => setCode(event.target.value)}
      />
      <TextField
        label={texts.name}
        autoComplete="username"
        required
        value={name}
        onChange={(event) => setName(event.target.value)}
      />
      <TextField
        label={texts.newPassphrase}
        hint={texts.passphraseHint}
        type="password"
        autoComplete="new-password"
        required
        value={passphrase}
        onChange={(event) => setPassphrase(event.target.value)}
      />
      {refused}
      <Button kind="primary" type="submit" disabled={busy}>
        {owned ? texts.setPassphrase : texts.makeOwner}
      </Button>
    </form>
  );
}
