import { useAppend } from "../../hands/append";
import type { Entry, JobView } from "../../api/client";
import { same, type Named } from "../../api/named";
import { orSay } from "../../hands/notices";
import { AddLine } from "../../ui/AddLine";
import { Button } from "../../ui/Button";
import { Panel } from "../../ui/Panel";
import type { Diagnosis } from "./Likely";
import { texts } from "./words";

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
    <Panel title={texts.whatCausedIt(cause.words)} note={texts.repairTheRootCauseOr}>
      {roots.length > 0 ? (
        <p>
          <b>{roots.map((root) => root.more).join("; ")}</b>
        </p>
      ) : (
        <div className="flex flex-wrap gap-1.5">
          {known?.roots.map((root) => (
            <Button
              key={root}
              onClick={() => log({ kind: "rootNamed", cause, root }, texts.rootCauseWith(root))}
            >
              {root}
            </Button>
          ))}
        </div>
      )}
      {roots.length === 0 && (
        <AddLine
          blanks={[{ label: texts.rootCause, hint: texts.orTypeTheRootCause }]}
          action={texts.saveRootCause}
          onAdd={(root) => append([{ kind: "rootNamed", cause, root }], { said: texts.rootCauseOf(root) })}
        />
      )}
      {known !== undefined && known.harmed.length > 0 && (
        <>
          <p className="text-soft text-[14px]">{texts.itMayHaveDamagedMore}</p>
          <ul>
            {known.harmed.map(({ cause: harmed, look }) => (
              <li key={look.id} className="border-line/70 flex flex-wrap items-center gap-2 border-b py-1">
                <span className="min-w-0 flex-1">
                  <b>{harmed}</b>
                  <span className="text-soft block text-[14px]">
                    {texts.min(look.words, Math.round(look.minutes))}
                    {look.risk !== "" && <b className="text-stop"> · {look.risk}</b>}
                  </span>
                </span>
                {[true, false].map((seen) => (
                  <Button
                    key={String(seen)}
                    aria-label={texts.lookSaid(look.words, seen)}
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
                    {seen ? look.seen : texts.notSeen}
                  </Button>
                ))}
              </li>
            ))}
          </ul>
        </>
      )}
      {known !== undefined && known.advice !== "" && (
        <p className="flex flex-wrap items-center gap-2">
          <span className="min-w-0 flex-1">{texts.forTheOwner(known.advice)}</span>
          {told ? (
            <span className="text-done">{texts.onTheReturnSheet}</span>
          ) : (
            <Button
              onClick={() => log({ kind: "advised", advice: known.advice }, texts.addedToTheReturnSheet)}
            >
              {texts.putOnTheReturnSheet}
            </Button>
          )}
        </p>
      )}
    </Panel>
  );
}
