import { useAppend } from "../../hands/append";
import type { Entry, JobView } from "../../api/client";
import { same, type Named } from "../../api/named";
import { orSay } from "../../hands/notices";
import { AddLine } from "../../ui/AddLine";
import { Button } from "../../ui/Button";
import { Panel } from "../../ui/Panel";
import type { Diagnosis } from "./Likely";

/** What a confirmed cause asks next: what brought it about, what else it harmed, what the owner should know. */
export function CauseFollows({ job, diagnosis }: { job: JobView; diagnosis: Diagnosis }) {
  if (job.find.causes.length === 0) return null;
  return (
    <>
      {job.find.causes.map((cause) => (
        <OneCause
          key={cause.id}
          job={job}
          cause={cause.what}
          known={diagnosis.causes.find((one) => same(one.cause, cause.what))}
        />
      ))}
    </>
  );
}

function OneCause({
  job,
  cause,
  known,
}: {
  job: JobView;
  cause: Named;
  known?: Diagnosis["causes"][number];
}) {
  const append = useAppend(job.tag);
  const log = (entry: Entry, said: string) => orSay(append([entry], { said }));
  const roots = job.find.roots.filter((root) => same(root.what, cause));
  const told = job.handover.advice.some((advice) => advice.text === known?.advice);
  return (
    <Panel title={`What made it: ${cause.words}`} note="mend the root, or it comes back">
      {roots.length > 0 ? (
        <p>
          <b>{roots.map((root) => root.more).join("; ")}</b>
        </p>
      ) : (
        <div className="flex flex-wrap gap-1.5">
          {known?.roots.map((root) => (
            <Button key={root} onClick={() => log({ kind: "rootNamed", cause, root }, `Root: ${root}.`)}>
              {root}
            </Button>
          ))}
        </div>
      )}
      {roots.length === 0 && (
        <AddLine
          blanks={[{ label: "What brought it about", hint: "or say what brought it about" }]}
          action="That"
          onAdd={(root) => append([{ kind: "rootNamed", cause, root }], { said: `Root: ${root}.` })}
        />
      )}
      {known !== undefined && known.harmed.length > 0 && (
        <>
          <p className="text-soft text-[14px]">It may have harmed more; looks that show it:</p>
          <ul>
            {known.harmed.map(({ cause: harmed, look }) => (
              <li key={look.id} className="border-line/70 flex flex-wrap items-center gap-2 border-b py-1">
                <span className="min-w-0 flex-1">
                  <b>{harmed}</b>
                  <span className="text-soft block text-[14px]">
                    {look.words} · {Math.round(look.minutes)} min
                    {look.risk !== "" && <b className="text-stop"> · {look.risk}</b>}
                  </span>
                </span>
                {[true, false].map((seen) => (
                  <Button
                    key={String(seen)}
                    aria-label={`${look.words}: ${seen ? "seen" : "not seen"}`}
                    onClick={() =>
                      log(
                        {
                          kind: "looked",
                          look: look.id,
                          words: `${look.words}: ${look.seen}`,
                          seen,
                          sure: true,
                          remark: "",
                        },
                        `${look.words}: ${seen ? look.seen : "not seen"}.`,
                      )
                    }
                  >
                    {seen ? look.seen : "Not seen"}
                  </Button>
                ))}
              </li>
            ))}
          </ul>
        </>
      )}
      {known !== undefined && known.advice !== "" && (
        <p className="flex flex-wrap items-center gap-2">
          <span className="min-w-0 flex-1">For the owner: {known.advice}</span>
          {told ? (
            <span className="text-done">● on the return sheet</span>
          ) : (
            <Button onClick={() => log({ kind: "advised", advice: known.advice }, "On the return sheet.")}>
              Put on the sheet
            </Button>
          )}
        </p>
      )}
    </Panel>
  );
}
