import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { JobView } from "../../api/client";
import { planQuery } from "../../api/plan";
import { useWords } from "../../api/queries";
import { useAppend } from "../../hands/append";
import { orSay } from "../../hands/notices";
import { Button } from "../../ui/Button";
import { day, exact } from "../../ui/dates";
import { ChoiceField, TextField } from "../../ui/Field";
import { Panel } from "../../ui/Panel";
import { Chance } from "./WeekDrawing";
import { texts } from "./words";

/** By when one camera is done, what its owner was told, and what they were asked. */
export function WhenDone({ job }: { job: JobView }) {
  const plan = useQuery(planQuery).data;
  const camera = plan?.cameras.find((one) => one.tag === job.tag);
  const forecast = camera?.forecast;
  return (
    <Panel
      title={texts.whenDone}
      note={camera?.late ? <b className="text-stop">{texts.lateBy}</b> : undefined}
    >
      {forecast !== undefined && (
        <dl className="grid grid-cols-3 gap-2 text-[14.5px]">
          {[
            { part: texts.by50, date: forecast.by50 },
            { part: texts.by80, date: forecast.by80 },
            { part: texts.by95, date: forecast.by95 },
          ].map(({ part, date }) => (
            <div key={part}>
              <dt className="text-soft num text-[13px]">{part}</dt>
              <dd>{date === undefined ? texts.later95 : day(date)}</dd>
            </div>
          ))}
        </dl>
      )}
      <Promised job={job} chance={forecast?.chance} suggested={forecast?.by80} />
      {camera !== undefined && job.promised !== undefined && (
        <p className="text-[14.5px]">
          {texts.chanceNow} <Chance camera={camera} />
        </p>
      )}
      <Asked job={job} />
    </Panel>
  );
}

function Promised({
  job,
  chance,
  suggested,
}: {
  job: JobView;
  chance: number | undefined;
  suggested: string | undefined;
}) {
  const append = useAppend(job.tag);
  const { choices } = useWords();
  const [by, setBy] = useState("");
  const [open, setOpen] = useState(false);
  const last = job.wishes.promises.at(-1);
  const promise = async () => {
    const same = by === job.promised && chance !== undefined;
    await append(
      [{ kind: "promised", by, chance: same ? Math.round(chance * 100) : undefined, remark: "" }],
      { said: texts.promisedSaved },
    );
    setOpen(false);
  };
  return (
    <>
      {last !== undefined && (
        <p className="text-soft text-[14px]">
          {texts.promisedBy(day(last.what.by), last.by, exact(last.at))}
          {last.what.chance !== undefined && `, ${texts.thenChance(last.what.chance)}`}
        </p>
      )}
      {open ? (
        <form
          className="flex flex-wrap items-end gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            if (by !== "") orSay(promise());
          }}
        >
          <TextField
            label={texts.promisedFor}
            type="date"
            value={by}
            onChange={(event) => setBy(event.target.value)}
          />
          <Button kind="primary" type="submit" disabled={by === ""}>
            {texts.promise}
          </Button>
          <Button onClick={() => setOpen(false)}>{texts.cancel}</Button>
        </form>
      ) : (
        <div className="flex items-end gap-2">
          <Button
            onClick={() => {
              setBy(job.promised ?? suggested ?? "");
              setOpen(true);
            }}
          >
            {job.promised === undefined ? texts.promiseADate : texts.promiseOther}
          </Button>
          <ChoiceField
            label={texts.urgency}
            wrap="min-w-0 flex-1"
            value={job.wishes.urgency}
            choices={choices("urgency")}
            onChange={(event) =>
              orSay(
                append(
                  [{ kind: "urgencySet", urgency: event.target.value as JobView["wishes"]["urgency"] }],
                  {
                    said: texts.saved,
                  },
                ),
              )
            }
          />
        </div>
      )}
    </>
  );
}

/** What the owner was asked: work on what was found waits for the answer. */
function Asked({ job }: { job: JobView }) {
  const append = useAppend(job.tag);
  const [question, setQuestion] = useState("");
  const [answer, setAnswer] = useState("");
  const open = job.offer.questions.find((one) => one.answeredAt === undefined);
  if (open !== undefined)
    return (
      <form
        className="flex flex-col gap-1.5"
        onSubmit={(event) => {
          event.preventDefault();
          if (answer.trim() === "") return;
          orSay(
            append([{ kind: "ownerAnswered", asked: open.id, answer }], { said: texts.answered }).then(() =>
              setAnswer(""),
            ),
          );
        }}
      >
        <p className="text-[14.5px]">
          <b>{texts.openQuestion}</b> {open.question}{" "}
          <span className="text-soft">
            {open.by}, {exact(open.at)}
          </span>
        </p>
        <div className="flex items-end gap-2">
          <TextField
            label={texts.answer}
            wrap="min-w-0 flex-1"
            value={answer}
            onChange={(event) => setAnswer(event.target.value)}
          />
          <Button type="submit" disabled={answer.trim() === ""} about={texts.answer}>
            {texts.log}
          </Button>
        </div>
      </form>
    );
  return (
    <form
      className="flex items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (question.trim() === "") return;
        orSay(append([{ kind: "ownerAsked", question }], { said: texts.asked }).then(() => setQuestion("")));
      }}
    >
      <TextField
        label={texts.question}
        wrap="min-w-0 flex-1"
        value={question}
        onChange={(event) => setQuestion(event.target.value)}
      />
      <Button type="submit" disabled={question.trim() === ""} about={texts.question}>
        {texts.log}
      </Button>
    </form>
  );
}
