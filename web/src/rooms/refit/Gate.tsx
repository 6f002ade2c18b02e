import { useState } from "react";
import { useAppend } from "../../hands/append";
import type { JobView, PartView } from "../../api/client";
import { named } from "../../api/named";
import { AddLine } from "../../ui/AddLine";
import { Button } from "../../ui/Button";
import { Panel } from "../../ui/Panel";
import { StateMark } from "../../ui/State";
import { useSubmit } from "../../ui/useSubmit";
import { texts } from "./words";

type Check = PartView["checks"][number];

/** The checks that must hold before a part goes on; each is made, or waived with a reason. */
export function Gate({ job, part }: { job: JobView; part: PartView }) {
  const append = useAppend(job.tag);
  const { refused, submit } = useSubmit();
  const open = part.checks.filter((check) => check.state === "OPEN").length;
  const answer = (check: Check, passed: boolean, reason = "") =>
    submit(() =>
      append([{ kind: "gateAnswered", part: part.name, check: check.what, passed, reason }], {
        said: passed ? texts.checked(check.what.words) : texts.waived(check.what.words),
      }),
    );
  return (
    <Panel
      title={texts.beforeItGoesBackOn}
      note={part.checks.length === 0 ? texts.noChecks : texts.ofOpen(open, part.checks.length, open > 0)}
    >
      <ul className="flex flex-col">
        {part.checks.map((check) => (
          <CheckRow key={check.what.id} check={check} answer={answer} />
        ))}
      </ul>
      <AddLine
        blanks={[{ label: texts.yourOwnCheck, hint: texts.leverLeftOfThePost }]}
        onAdd={(check) =>
          append([{ kind: "gateAdded", part: part.name, check: named(check) }], { said: texts.checkAdded })
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
        {check.own && <span className="text-soft text-[13px]"> {texts.ownCheck}</span>}
        {check.state === "WAIVED" && (
          <span className="text-soft block text-[13.5px]">{texts.waivedOf(check.reason)}</span>
        )}
      </span>
      {check.state === "OPEN" && !asking && (
        <>
          <Button about={check.what.words} onClick={() => void answer(check, true)}>
            {texts.confirm}
          </Button>
          <Button kind="quiet" about={check.what.words} onClick={() => setAsking(true)}>
            {texts.waive}
          </Button>
        </>
      )}
      {check.state === "OPEN" && asking && (
        <AddLine
          blanks={[{ label: texts.whyDoYouWaive(check.what.words), hint: texts.whyDoYouWaiveIt }]}
          action={texts.waiveLabel}
          focus
          className="w-full"
          onAdd={(reason) => answer(check, false, reason)}
          onCancel={() => setAsking(false)}
        />
      )}
      {check.state !== "OPEN" && (
        <span className="text-soft text-[13.5px]">
          {check.state === "PASSED" ? texts.confirmed : texts.waivedInline}
        </span>
      )}
    </li>
  );
}
