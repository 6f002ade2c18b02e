import { useState } from "react";
import type { JobView, Schemas } from "../../api/client";
import { currencyCode } from "../../api/money";
import type { TypedOption } from "../../api/offer";
import { readAmount, useWords } from "../../api/queries";
import { useAppend } from "../../hands/append";
import { Button } from "../../ui/Button";
import { exact } from "../../ui/dates";
import { ChoiceField, TextField } from "../../ui/Field";
import { useSubmit } from "../../ui/useSubmit";
import { texts } from "./words";

type Question = JobView["offer"]["questions"][number];
type How = Schemas["OptionAgreed"]["how"];

/** A question without an answer: what was asked, asking again, and the answer. */
export function OpenQuestion({
  job,
  today,
  question,
  options,
}: {
  job: JobView;
  today: string;
  question: Question;
  options: TypedOption[];
}) {
  const append = useAppend(job.tag);
  const { choices } = useWords();
  const [how, setHow] = useState<How>("PHONE");
  const { refused, busy, submit } = useSubmit();
  const last = question.reminded.at(-1);
  return (
    <div className="flex flex-col gap-2">
      <p className="max-h-32 overflow-y-auto text-[14.5px]">
        {question.question}
        <span className="text-soft block">
          {texts.askedOn(exact(question.at), question.by)}
          {last !== undefined && `, ${texts.askedAgain(exact(last))}`}
        </span>
      </p>
      {question.about === "OPTIONS" || question.about === "LIMIT" ? (
        <AgreeForm job={job} today={today} asked={question.id} options={options} />
      ) : question.about === "CONSENT" ? (
        <ConsentForm job={job} today={today} question={question} />
      ) : (
        <AnswerForm job={job} question={question} />
      )}
      {refused}
      <div className="flex items-end gap-2">
        <ChoiceField
          label={texts.askedHow}
          wrap="min-w-0 flex-1"
          value={how}
          choices={choices("saidHow")}
          onChange={(event) => setHow(event.target.value as How)}
        />
        <Button
          disabled={busy}
          onClick={() =>
            void submit(() =>
              append([{ kind: "reminded", asked: question.id, how, remark: "" }], { said: texts.reminded }),
            )
          }
        >
          {texts.askAgain}
        </Button>
      </div>
    </div>
  );
}

function AnswerForm({ job, question }: { job: JobView; question: Question }) {
  const append = useAppend(job.tag);
  const [answer, setAnswer] = useState("");
  const { refused, busy, submit } = useSubmit();
  return (
    <form
      className="flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void submit(() =>
          append([{ kind: "ownerAnswered", asked: question.id, answer }], { said: texts.answered }),
        );
      }}
    >
      <TextField
        label={texts.answer}
        wrap="min-w-0 flex-1"
        value={answer}
        onChange={(event) => setAnswer(event.target.value)}
      />
      <Button type="submit" kind="primary" disabled={busy || answer.trim() === ""}>
        {texts.answerIt}
      </Button>
      {refused !== undefined && <div className="basis-full">{refused}</div>}
    </form>
  );
}

function ConsentForm({ job, today, question }: { job: JobView; today: string; question: Question }) {
  const append = useAppend(job.tag);
  const { choices } = useWords();
  const [how, setHow] = useState<How>("PHONE");
  const [who, setWho] = useState("");
  const { refused, busy, submit } = useSubmit();
  const say = (agreed: boolean) =>
    void submit(() =>
      append(
        [
          {
            kind: "consented",
            asked: question.id,
            what: question.question.slice(0, 120),
            agreed,
            how,
            who,
            day: today,
          },
        ],
        { said: texts.consentLogged },
      ),
    );
  return (
    <div className="flex flex-wrap items-end gap-2">
      <ChoiceField
        label={texts.how}
        wrap="w-[140px]"
        value={how}
        choices={choices("saidHow")}
        onChange={(event) => setHow(event.target.value as How)}
      />
      <TextField
        label={texts.who}
        wrap="min-w-0 flex-1"
        value={who}
        onChange={(event) => setWho(event.target.value)}
      />
      <Button kind="primary" disabled={busy} onClick={() => say(true)}>
        {texts.consentYes}
      </Button>
      <Button disabled={busy} onClick={() => say(false)}>
        {texts.consentNo}
      </Button>
      {refused !== undefined && <div className="basis-full">{refused}</div>}
    </div>
  );
}

/** What is agreed at the counter, without a question before it. */
export function Agreeing({ job, today, options }: { job: JobView; today: string; options: TypedOption[] }) {
  const [open, setOpen] = useState(false);
  const again = job.offer.agreements.length > 0;
  if (!open)
    return (
      <Button className="self-start" onClick={() => setOpen(true)}>
        {again ? texts.change : texts.logAgreement}
      </Button>
    );
  return (
    <>
      <AgreeForm job={job} today={today} options={options} onDone={() => setOpen(false)} />
      <Button kind="quiet" className="self-start" onClick={() => setOpen(false)}>
        {texts.cancel}
      </Button>
    </>
  );
}

/** Which option, up to what amount, by whom, when and how. */
function AgreeForm({
  job,
  today,
  asked,
  options,
  onDone,
}: {
  job: JobView;
  today: string;
  asked?: string;
  options: TypedOption[];
  onDone?: () => void;
}) {
  const append = useAppend(job.tag);
  const { choices } = useWords();
  const agreed = job.offer.agreements.at(-1)?.what;
  const known = options.length > 0 ? options : [{ id: "as-agreed", name: agreed?.words ?? texts.another }];
  const [option, setOption] = useState(
    known.find((one) => one.id === agreed?.option)?.id ?? known[1]?.id ?? known[0]!.id,
  );
  const [limit, setLimit] = useState("");
  const [how, setHow] = useState<How>("PHONE");
  const [who, setWho] = useState("");
  const [on, setOn] = useState(today);
  const [remark, setRemark] = useState("");
  const { refused, busy, submit } = useSubmit();
  const log = async () => {
    const limitMinor = limit.trim() === "" ? undefined : (await readAmount(limit))?.minor;
    await append(
      [
        {
          kind: "optionAgreed",
          asked,
          option,
          words: known.find((one) => one.id === option)?.name ?? option,
          limitMinor,
          currency: currencyCode(),
          how,
          who,
          day: on,
          remark,
        },
      ],
      { said: texts.agreementLogged },
    );
    onDone?.();
  };
  return (
    <form
      className="grid grid-cols-2 gap-x-2 gap-y-1.5"
      onSubmit={(event) => {
        event.preventDefault();
        void submit(log);
      }}
    >
      <ChoiceField
        label={texts.whichOption}
        wrap="col-span-2"
        value={option}
        choices={known.map((one) => ({ value: one.id, label: one.name }))}
        onChange={(event) => setOption(event.target.value)}
      />
      <TextField
        label={texts.limitLabel(currencyCode())}
        inputMode="decimal"
        value={limit}
        onChange={(event) => setLimit(event.target.value)}
      />
      <ChoiceField
        label={texts.how}
        value={how}
        choices={choices("saidHow")}
        onChange={(event) => setHow(event.target.value as How)}
      />
      <TextField label={texts.who} value={who} onChange={(event) => setWho(event.target.value)} />
      <TextField label={texts.onDay} type="date" value={on} onChange={(event) => setOn(event.target.value)} />
      <TextField
        label={texts.remark}
        wrap="col-span-2"
        value={remark}
        onChange={(event) => setRemark(event.target.value)}
      />
      {refused !== undefined && <div className="col-span-2">{refused}</div>}
      <Button type="submit" kind="primary" className="col-span-2 justify-self-start" disabled={busy}>
        {texts.logAgreement}
      </Button>
    </form>
  );
}
