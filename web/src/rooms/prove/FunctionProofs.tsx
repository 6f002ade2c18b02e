import { useAppend } from "../../hands/append";
import type { JobView } from "../../api/client";
import { named, type Named } from "../../api/named";
import { orSay } from "../../hands/notices";
import { AddLine } from "../../ui/AddLine";
import { Button } from "../../ui/Button";
import { Empty, Panel } from "../../ui/Panel";
import { StateMark } from "../../ui/State";

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
      said: `${name.words}: ${result === "WORKS" ? "works" : "fails"}.`,
    });
  const tried = (name: Named, result: "WORKS" | "FAILS") => orSay(prove(name, result));
  return (
    <Panel
      title="Worked at intake"
      note={worked.length === 0 ? undefined : `${open} of ${worked.length} to try`}
    >
      {names.length === 0 && <Empty>Nothing was noted as working at intake.</Empty>}
      <ul>
        {names.map((name) => {
          const proof = proofs.get(name.id);
          return (
            <li key={name.id} className="border-line/70 flex items-center gap-2 border-b">
              <StateMark mark={proof === undefined ? "open" : proof.result === "WORKS" ? "done" : "not"} />
              <span className="min-w-0 flex-1 truncate">{name.words}</span>
              {proof === undefined ? (
                <>
                  <Button kind="quiet" onClick={() => tried(name, "WORKS")}>
                    Works
                  </Button>
                  <Button kind="quiet" className="text-stop!" onClick={() => tried(name, "FAILS")}>
                    Fails
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
        blanks={[{ label: "Another function that works" }]}
        action="Works"
        onAdd={(name) => prove(named(name), "WORKS")}
      />
    </Panel>
  );
}
