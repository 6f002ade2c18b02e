import { useState } from "react";
import { useAppend } from "../../hands/append";
import type { JobView, PartView } from "../../api/client";
import { named } from "../../api/named";
import { AddLine } from "../../ui/AddLine";
import { Button } from "../../ui/Button";
import { Panel } from "../../ui/Panel";
import { StateMark } from "../../ui/State";
import { useSubmit } from "../../ui/useSubmit";

type Check = PartView["checks"][number];

/** The checks that must hold before a part goes on; each is made, or waived with a reason. */
export function Gate({ job, part }: { job: JobView; part: PartView }) {
  const append = useAppend(job.tag);
  const { refused, submit } = useSubmit();
  const open = part.checks.filter((check) => check.state === "OPEN").length;
  const answer = (check: Check, passed: boolean, reason = "") =>
    submit(() =>
      append([{ kind: "gateAnswered", part: part.name, check: check.what, passed, reason }], {
        said: passed ? `Checked: ${check.what.words}.` : `Waived: ${check.what.words}.`,
      }),
    );
  return (
    <Panel
      title="Before it goes on"
      note={
        part.checks.length === 0
          ? "no check"
          : `${open} of ${part.checks.length} open${open > 0 ? "; G: the next is seen" : ""}`
      }
    >
      <ul className="flex flex-col">
        {part.checks.map((check) => (
          <CheckRow key={check.what.id} check={check} answer={answer} />
        ))}
      </ul>
      <AddLine
        blanks={[{ label: "A check of your own", hint: "A check of your own: lever left of the post" }]}
        onAdd={(check) =>
          append([{ kind: "gateAdded", part: part.name, check: named(check) }], { said: "Check added." })
        }
      />
      {refused}
    </Panel>
  );
}

function CheckRow({
  check,
  answer,
}: {
  check: Check;
  answer: (check: Check, passed: boolean, reason?: string) => Promise<boolean>;
}) {
  const [asking, setAsking] = useState(false);
  return (
    <li className="border-line/70 flex flex-wrap items-center gap-2 border-b py-1">
      <StateMark mark={check.state === "OPEN" ? "open" : check.state === "PASSED" ? "done" : "left"} />
      <span className="min-w-0 flex-1">
        {check.what.words}
        {check.own && <span className="text-soft text-[13px]"> (own check)</span>}
        {check.state === "WAIVED" && (
          <span className="text-soft block text-[13.5px]">waived: {check.reason}</span>
        )}
      </span>
      {check.state === "OPEN" && !asking && (
        <>
          <Button onClick={() => void answer(check, true)}>Seen</Button>
          <Button kind="quiet" onClick={() => setAsking(true)}>
            Waive…
          </Button>
        </>
      )}
      {check.state === "OPEN" && asking && (
        <AddLine
          blanks={[{ label: `Why is “${check.what.words}” waived?`, hint: "Why is it waived?" }]}
          action="Waive"
          focus
          className="w-full"
          onAdd={(reason) => answer(check, false, reason)}
          onCancel={() => setAsking(false)}
        />
      )}
      {check.state !== "OPEN" && (
        <span className="text-soft text-[13.5px]">{check.state === "PASSED" ? "seen" : "waived"}</span>
      )}
    </li>
  );
}
