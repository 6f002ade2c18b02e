import { useQuery } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { Problem, type Entry, type JobView } from "../../api/client";
import { newId } from "../../api/ids";
import { letterOf, messageQuery, sendEmail, type MessageAbout } from "../../api/offer";
import { refreshed } from "../../api/refreshed";
import { useAppend } from "../../hands/append";
import { notify } from "../../hands/notices";
import { useSigner } from "../../hands/signer";
import { Button } from "../../ui/Button";
import { ChoiceField, TextField } from "../../ui/Field";
import { Panel } from "../../ui/Panel";
import { useSettled } from "../../ui/useSettled";
import { useSubmit } from "../../ui/useSubmit";
import { texts } from "./words";

type How = "EMAIL" | "TEXT" | "LETTER" | "PHONE";

/** Asks the owner, or says that it is ready: by e-mail through the outbox, as a text message, by letter or by phone. */
export function AskOwner({ job, today, sheetLogged }: { job: JobView; today: string; sheetLogged: boolean }) {
  const limited = job.cost.limit !== undefined;
  const usual: MessageAbout =
    limited && job.cost.limit!.state !== "WITHIN" ? "LIMIT" : sheetLogged ? "OPTIONS" : "OTHER";
  const [chosen, setAbout] = useState<MessageAbout>();
  const about = chosen ?? usual;
  const [question, setQuestion] = useState("");
  const [to, setTo] = useState<string>();
  const append = useAppend(job.tag);
  const { signer } = useSigner();
  const { refused, busy, submit } = useSubmit();
  const sending = useRef({ of: "", id: "" });
  const settled = useSettled(question, 250);
  const own = about === "CONSENT" || about === "OTHER";
  const missing = about === "OPTIONS" && !sheetLogged;
  const message = useQuery({
    ...messageQuery(job.tag, about, settled, job.lastSequence),
    enabled: !missing,
  });
  const data = missing || message.error !== null ? undefined : message.data;
  const ready = data !== undefined && (!own || question.trim() !== "") && settled === question;
  const said = (how: How): Entry =>
    about === "READY"
      ? { kind: "toldReady", how, day: today, remark: "" }
      : { kind: "ownerAsked", question: own ? question : (data?.text ?? ""), about, how };
  const told = about === "READY" ? texts.toldLogged : texts.askedLogged;
  const log = (how: How, words: string) => append([said(how)], { said: words }).then(() => setQuestion(""));
  const email = async () => {
    const of = JSON.stringify([about, question, to ?? data?.to]);
    // what is sent again after a lost answer goes out once
    if (sending.current.of !== of) sending.current = { of, id: newId() };
    const kept = await sendEmail(job.tag, {
      by: signer,
      id: sending.current.id,
      about,
      question: own ? question : "",
      to: to ?? data?.to ?? "",
    });
    sending.current = { of: "", id: "" };
    notify({ kind: "done", text: texts.sent(kept.file) });
    setQuestion("");
    refreshed(job.tag);
  };
  return (
    <Panel title={texts.askOwner}>
      <ChoiceField
        label={texts.about}
        value={about}
        choices={texts.aboutChoices.filter((one) => one.value !== "LIMIT" || limited)}
        onChange={(event) => setAbout(event.target.value as MessageAbout)}
      />
      {own && (
        <TextField
          label={texts.question}
          placeholder={texts.questionHint}
          value={question}
          onChange={(event) => setQuestion(event.target.value)}
        />
      )}
      {missing && <p className="text-soft">{texts.logFirst}</p>}
      {message.error instanceof Problem && !missing && <p className="text-stop">{message.error.message}</p>}
      {data !== undefined && (
        <>
          <p
            aria-label={texts.message}
            className="bg-sunk max-h-36 overflow-y-auto rounded-[3px] px-2.5 py-2 text-[14px]"
          >
            {data.text}
          </p>
          <TextField
            label={texts.to}
            type="email"
            value={to ?? data.to}
            onChange={(event) => setTo(event.target.value)}
          />
          {refused}
          <div className="flex flex-wrap gap-2">
            <Button kind="primary" disabled={busy || !ready} onClick={() => void submit(email)}>
              {texts.byEmail}
            </Button>
            <Button
              disabled={busy || !ready}
              onClick={() =>
                void submit(async () => {
                  await navigator.clipboard.writeText(data.text);
                  await log("TEXT", texts.copied);
                })
              }
            >
              {texts.byText}
            </Button>
            {about === "OPTIONS" && (
              <Button
                disabled={busy || !ready}
                onClick={() => {
                  window.open(letterOf(job.tag), "_blank");
                  void submit(() => log("LETTER", texts.letterLogged));
                }}
              >
                {texts.byLetter}
              </Button>
            )}
            <Button disabled={busy || !ready} onClick={() => void submit(() => log("PHONE", told))}>
              {about === "READY" ? texts.toldByPhone : texts.byPhone}
            </Button>
          </div>
        </>
      )}
    </Panel>
  );
}
