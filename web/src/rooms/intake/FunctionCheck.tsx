import { useRef, useState } from "react";
import { useAppend } from "../../hands/append";
import type { JobView, Schemas } from "../../api/client";
import { same, type Named } from "../../api/named";
import { useKeys } from "../../hands/keys";
import { orSay } from "../../hands/notices";
import { Panel } from "../../ui/Panel";
import { StateMark, type Mark } from "../../ui/State";
import { texts } from "./words";

type Result = Schemas["FunctionChecked"]["result"];

const ANSWERS: { result: Result; key: string; word: string; mark: Mark; look: string }[] = [
  { result: "WORKS", key: "w", word: "works", mark: "done", look: "bg-done-wash border-done text-done" },
  {
    result: "DOUBTFUL",
    key: "d",
    word: "doubtful",
    mark: "wait",
    look: "bg-mark-wash border-mark-line text-mark",
  },
  { result: "FAILS", key: "f", word: "fails", mark: "not", look: "bg-stop-wash border-stop text-stop" },
  {
    result: "NOT_TRIED",
    key: "x",
    word: texts.notTried,
    mark: "left",
    look: "bg-sunk border-soft text-soft",
  },
  {
    result: "NOT_FITTED",
    key: "n",
    word: texts.hasNone,
    mark: "left",
    look: "bg-sunk border-soft text-soft",
  },
];

/** Every function, one key an answer: arrows move, W works, D doubtful, F fails, X not tried, N not fitted. */
export function FunctionCheck({ job }: { job: JobView }) {
  const append = useAppend(job.tag);
  const rows = useRef<(HTMLLIElement | null)[]>([]);
  const [at, setAt] = useState(0);
  const known = new Map(job.intake.functions.map((one) => [one.function.id, one]));
  const extra = job.intake.functions
    .map((one) => one.function)
    .filter((name) => !job.functions.some((one) => same(one, name)));
  const names = [...job.functions, ...extra];
  const answered = names.filter((name) => known.has(name.id)).length;
  const move = (index: number) => {
    const next = Math.max(0, Math.min(names.length - 1, index));
    setAt(next);
    rows.current[next]?.focus();
  };
  const say = (name: Named, result: Result) =>
    orSay(
      append([{ kind: "functionChecked", function: name, result, remark: "" }], {
        said: `${name.words}: ${ANSWERS.find((one) => one.result === result)!.word}.`,
      }),
    );
  useKeys({ c: () => move(at) });
  return (
    <Panel title={texts.functionCheck} note={texts.ofAnsweredArrowsChooseW(answered, names.length)}>
      <ul aria-label={texts.functions}>
        {names.map((name, index) => {
          const result = known.get(name.id)?.result;
          return (
            <li
              key={name.id}
              ref={(row) => {
                rows.current[index] = row;
              }}
              tabIndex={index === at ? 0 : -1}
              aria-label={texts.functionAnswer(
                name.words,
                ANSWERS.find((one) => one.result === result)?.word ?? texts.noAnswerYet,
              )}
              onFocus={() => setAt(index)}
              onKeyDown={(event) => {
                const key = event.key.toLowerCase();
                const answer = ANSWERS.find((one) => one.key === key);
                if (event.target !== event.currentTarget || event.ctrlKey) return;
                if (key === "arrowdown") move(index + 1);
                else if (key === "arrowup") move(index - 1);
                else if (answer !== undefined) {
                  say(name, answer.result);
                  move(index + 1);
                } else return;
                event.preventDefault();
                event.stopPropagation();
              }}
              className="border-line/70 focus-visible:bg-ready-wash wide:grid-cols-[minmax(0,1fr)_auto] grid items-center gap-x-2 border-b px-1"
            >
              <span className="truncate text-[15px]">{name.words}</span>
              <span className="grid grid-cols-[62px_84px_58px_60px_44px] gap-[3px] py-[1px]">
                {ANSWERS.map((answer) => {
                  const on = result === answer.result;
                  return (
                    <button
                      key={answer.result}
                      type="button"
                      tabIndex={-1}
                      aria-pressed={on}
                      aria-label={`${name.words} ${answer.word}`}
                      onClick={() => say(name, answer.result)}
                      className={`flex min-h-11 items-center justify-center gap-1 rounded-[4px] border px-0 text-[13px] ${on ? `font-bold ${answer.look}` : "text-soft hover:border-line border-transparent"}`}
                    >
                      {on && <StateMark mark={answer.mark} />}
                      {answer.word}
                    </button>
                  );
                })}
              </span>
            </li>
          );
        })}
      </ul>
    </Panel>
  );
}
