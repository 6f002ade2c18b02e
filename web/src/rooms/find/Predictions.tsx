import { useState } from "react";
import { useAppend } from "../../hands/append";
import type { JobView } from "../../api/client";
import { wordsOf } from "../../api/named";
import { AddLine } from "../../ui/AddLine";
import { Button } from "../../ui/Button";
import { figureOrSay } from "../../ui/figures";
import { Panel } from "../../ui/Panel";
import { StateMark } from "../../ui/State";
import { texts } from "./words";

type Prediction = JobView["find"]["predictions"][number];

/** What a look should show if one is right, said before it is taken; then held against what is seen. */
export function Predicted({ job }: { job: JobView }) {
  const append = useAppend(job.tag);
  const { predictions } = job.find;
  const [saying, setSaying] = useState(false);
  return (
    <Panel title={texts.predicted} note={texts.sayWhatYouExpectBefore}>
      {predictions.length > 0 && (
        <ul>
          {predictions.map((one) => (
            <OnePrediction key={one.id} job={job} prediction={one} />
          ))}
        </ul>
      )}
      {saying ? (
        <AddLine
          focus
          blanks={[
            { label: texts.whatYouExpectToSee, hint: texts.needleTwoSpeedsSlower },
            { label: texts.expectedValue, hint: "2" },
            { label: texts.plusOrMinus, hint: "0.33" },
            { label: texts.unit, hint: texts.stops, optional: true },
          ]}
          action={texts.savePrediction}
          onCancel={() => setSaying(false)}
          onAdd={async (what, expected, allowed, unit) => {
            const open = job.find.suspects.filter((one) => one.state === "OPEN").map((one) => one.what);
            await append(
              [
                {
                  kind: "predicted",
                  what,
                  expected: figureOrSay(expected),
                  allowed: figureOrSay(allowed),
                  unit,
                  bearsOn: open.slice(0, 10),
                },
              ],
              { said: texts.predictedOf(what, expected, unit) },
            );
            setSaying(false);
          }}
        />
      ) : (
        <Button className="self-start" onClick={() => setSaying(true)}>
          {texts.predictFirst}
        </Button>
      )}
    </Panel>
  );
}

function OnePrediction({ job, prediction }: { job: JobView; prediction: Prediction }) {
  const append = useAppend(job.tag);
  const { what, seen, held } = prediction;
  return (
    <li className="border-line/70 flex flex-col gap-1 border-b py-1.5">
      <span className="flex items-start gap-2">
        <StateMark mark={held === undefined ? "open" : held ? "done" : "not"} />
        <span className="min-w-0 flex-1">
          {what.what}: <b className="num">{what.expected}</b> ± {Number(what.allowed.toFixed(2))} {what.unit}
          {seen !== undefined && (
            <b className={held ? "text-done" : "text-stop"}>
              {" "}
              {texts.seen} <span className="num">{seen}</span>,{" "}
              {held ? texts.asPredicted : texts.notAsPredicted}
            </b>
          )}
          {what.bearsOn.length > 0 && (
            <span className="text-soft block text-[14px]">
              {texts.about(wordsOf(what.bearsOn).join(", "))}
            </span>
          )}
        </span>
      </span>
      {seen === undefined && (
        <AddLine
          className="pl-6"
          blanks={[{ label: texts.resultFor(what.what), hint: texts.result(what.unit) }]}
          action={texts.saveResult}
          onAdd={(typed) =>
            append([{ kind: "observed", predicted: prediction.id, seen: figureOrSay(typed), remark: "" }], {
              said: `${what.what}: ${typed} ${what.unit}.`,
            })
          }
        />
      )}
    </li>
  );
}
