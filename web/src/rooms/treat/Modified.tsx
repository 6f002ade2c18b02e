import { useState } from "react";
import { useAppend } from "../../hands/append";
import { type JobView, Problem, type Schemas } from "../../api/client";
import { useWords } from "../../api/queries";
import { AddLine } from "../../ui/AddLine";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/Field";
import { figureOrSay } from "../../ui/figures";
import { Panel } from "../../ui/Panel";
import { PartInput } from "../../ui/PartInput";
import { Pick } from "../../ui/Pick";
import { useSubmit } from "../../ui/useSubmit";
import { MendForm } from "./MendForm";

type Entry = Schemas["Modified"];

const NOTHING = { what: "", limit: "", limitMm: "", takenMm: "", result: "", agreed: "" };

/** What differs from the factory from now on: each go with what came off, up to its line and not past it. */
export function Modified({ job }: { job: JobView }) {
  const { choices } = useWords();
  const append = useAppend(job.tag);
  const { problem, field, submit } = useSubmit();
  const [part, setPart] = useState("");
  const [how, setHow] = useState<Entry["how"]>("FILED");
  const [words, setWords] = useState(NOTHING);
  const before = job.treat.modified.find(
    (one) =>
      one.modification.first.part.toLowerCase() === part.trim().toLowerCase() &&
      one.modification.first.how === how &&
      one.modification.first.what.toLowerCase() === words.what.trim().toLowerCase(),
  );
  const text = (name: keyof typeof words) => ({
    name,
    value: words[name],
    onChange: (event: React.ChangeEvent<HTMLInputElement>) =>
      setWords({ ...words, [name]: event.target.value }),
  });
  const size = (typed: string) => (typed.trim() === "" ? undefined : figureOrSay(typed));
  const log = (pastReason = "") =>
    submit(async () => {
      await append(
        [
          {
            kind: "modified",
            part,
            how,
            what: words.what,
            limit: words.limit,
            limitMm: size(words.limitMm),
            takenMm: size(words.takenMm),
            result: words.result,
            agreed: words.agreed,
            pastReason,
          },
        ],
        { said: `Logged: ${part}, ${words.what}.` },
      );
      setWords({ ...words, takenMm: "", result: "" });
    });
  const past = problem instanceof Problem && problem.code === "pastTheLine";
  return (
    <>
      {job.treat.modified.length > 0 && (
        <Panel title="So far">
          <ul>
            {job.treat.modified.map((one) => (
              <li key={one.words} className="border-line/70 flex items-center gap-3 border-b py-1">
                <span className="min-w-0 flex-1">{one.words}</span>
                <Line limit={one.modification.limitMm} taken={one.modification.takenMm} />
                <Button
                  kind="quiet"
                  onClick={() => {
                    setPart(one.modification.first.part);
                    setHow(one.modification.first.how);
                    setWords({ ...NOTHING, what: one.modification.first.what });
                  }}
                >
                  Another go
                </Button>
              </li>
            ))}
          </ul>
        </Panel>
      )}
      <MendForm
        title="What differs from the factory now"
        note="it stands on the return sheet by itself"
        field={field}
        problem={problem}
        onSubmit={() => log()}
        action={before === undefined ? "Log it" : `Log go ${before.modification.goes + 1}`}
      >
        <PartInput job={job} value={part} onChange={setPart} placeholder="speed ring" />
        <Pick
          label="How"
          choices={choices("modificationKind")}
          value={how}
          onChange={(next) => setHow(next as Entry["how"])}
        />
        <TextField label="Which corner, hole or contact" placeholder="catching corner" {...text("what")} />
        {before === undefined ? (
          <div className="grid grid-cols-[minmax(0,2fr)_minmax(0,1fr)] gap-3">
            <TextField label="Up to where" placeholder="not past the scribed line" {...text("limit")} />
            <TextField label="At most, mm" inputMode="decimal" {...text("limitMm")} />
          </div>
        ) : (
          <p className="border-ready bg-ready-wash rounded-[3px] border-l-4 px-3 py-1.5">
            {before.words}
            {before.leftMm !== undefined && (
              <>
                . <b className="num">{before.leftMm.toFixed(2)} mm</b> left up to the line.
              </>
            )}
          </p>
        )}
        <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,2fr)] gap-3">
          <TextField label="Came off in this go, mm" inputMode="decimal" {...text("takenMm")} />
          <TextField label="What the try after it showed" placeholder="clears at 1/125" {...text("result")} />
        </div>
        {before === undefined && (
          <TextField
            label={
              job.ownerToAgree ? "How the owner agreed, before it was done" : "How the owner agreed, if asked"
            }
            placeholder="by telephone, on Tuesday"
            {...text("agreed")}
          />
        )}
      </MendForm>
      {past && (
        <AddLine
          blanks={[{ label: "Why did it go past the line?" }]}
          action="Past the line, and why"
          look="stop"
          onAdd={(why) => log(why)}
        />
      )}
    </>
  );
}

/** How near the file is to its line. */
function Line({ limit, taken }: { limit?: number; taken: number }) {
  if (limit === undefined) return null;
  const part = Math.min(1, taken / limit);
  return (
    <span className="bg-sunk border-line relative h-3.5 w-32 rounded-[2px] border" aria-hidden="true">
      <span
        className={`absolute inset-y-0 left-0 ${part >= 1 ? "bg-stop" : "bg-mark-line"}`}
        style={{ width: `${100 * part}%` }}
      />
    </span>
  );
}
