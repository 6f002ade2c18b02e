import { useState } from "react";
import type { Schemas } from "../../api/client";
import { useWords } from "../../api/queries";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/Field";
import { Panel } from "../../ui/Panel";
import { Pick } from "../../ui/Pick";
import { ProblemNote } from "../../ui/ProblemNote";
import { useSubmit } from "../../ui/useSubmit";
import type { Tables } from "./tables";
import { useTables } from "./useTables";

type Verdict = Schemas["VerdictWhy"]["verdict"];

/** One verdict with its reason. */
export function CellForm({
  tables,
  agent,
  material,
}: {
  tables: Tables;
  agent: Schemas["Agent"];
  material: Schemas["Material"];
}) {
  const { choices, word } = useWords();
  const { change } = useTables();
  const { problem, submit } = useSubmit();
  const before = agent.verdicts[material.id];
  const [verdict, setVerdict] = useState<Verdict>(before?.verdict ?? "NOT_LISTED");
  const [reason, setReason] = useState(before?.reason ?? "");
  const differs = tables.differences.find((one) => one.agent === agent.id && one.material === material.id);
  const save = () =>
    submit(() =>
      change(
        { agents: [{ ...agent, verdicts: { ...agent.verdicts, [material.id]: { verdict, reason } } }] },
        `${agent.label} on ${material.label}: ${word("verdict", verdict)}.`,
      ),
    );
  return (
    <Panel title={`${agent.label} on ${material.label}`}>
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        <Pick
          label="Verdict"
          choices={choices("verdict")}
          value={verdict}
          onChange={(next) => setVerdict(next as Verdict)}
        />
        <TextField
          label="Why"
          value={reason}
          placeholder="softens it"
          onChange={(event) => setReason(event.target.value)}
        />
        {differs !== undefined && (
          <p className="text-mark">It ships as “{word("verdict", differs.shipped)}”.</p>
        )}
        {problem !== undefined && <ProblemNote problem={problem} />}
        <Button kind="primary" type="submit" className="self-start">
          So it is here
        </Button>
      </form>
    </Panel>
  );
}
