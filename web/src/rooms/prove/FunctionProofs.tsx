import { useAppend } from "../../hands/append";
import type { JobView } from "../../api/client";
import { named, type Named } from "../../api/named";
import { orSay } from "../../hands/notices";
import { AddLine } from "../../ui/AddLine";
import { Button } from "../../ui/Button";
import { Empty, Panel } from "../../ui/Panel";
import { StateMark } from "../../ui/State";
import { texts } from "./words";

/** What worked at intake must work at return: each such function is tried again. */
export function FunctionProofs({ job }: { job: JobView }) {
  const append = useAppend(job.tag);
  const worked = job.intake.functions.filter((one) => one.result === "WORKS").map((one) => one.function);
  const proofs = new Map(job.prove.functions.map((one) => [one.function.id, one]));
  const all = [...worked, ...job.prove.functions.map((one) => one.function)];
  const names = [...new Map(all.map((one) => [one.id, one])).values()];
  const open = worked.filter((name) => !proofs.has(name.id)).length;
  const prove = (name: Named, result: "WORKS" | "FAILS") =>
    append([{ kind: "functionProved", function: name, result, remark: "" }], {
      said: texts.functionSaid(name.words, result === "WORKS"),
    });
  const tried = (name: Named, result: "WORKS" | "FAILS") => orSay(prove(name, result));
  return (
    <Panel
      title={texts.workedAtIntake}
      note={worked.length === 0 ? undefined : texts.ofToTry(open, worked.length)}
    >
      {names.length === 0 && <Empty>{texts.nothingWasNotedAsWorking}</Empty>}
      <ul>
        {names.map((name) => {
          const proof = proofs.get(name.id);
          return (
            <li key={name.id} className="border-line/70 flex items-center gap-2 border-b">
              <StateMark mark={proof === undefined ? "open" : proof.result === "WORKS" ? "done" : "not"} />
              <span className="min-w-0 flex-1 truncate">{name.words}</span>
              {proof === undefined ? (
                <>
                  <Button kind="quiet" about={name.words} onClick={() => tried(name, "WORKS")}>
                    {texts.works}
                  </Button>
                  <Button
                    kind="quiet"
                    about={name.words}
                    className="text-stop!"
                    onClick={() => tried(name, "FAILS")}
                  >
                    {texts.fails}
                  </Button>
                </>
              ) : (
                <span className="text-soft min-h-11 content-center pr-2 text-[14px]">
                  {proof.result.toLowerCase()}
                </span>
              )}
            </li>
          );
        })}
      </ul>
      <AddLine
        blanks={[{ label: texts.anotherFunctionThatWorks }]}
        action={texts.works}
        onAdd={(name) => prove(named(name), "WORKS")}
      />
    </Panel>
  );
}
