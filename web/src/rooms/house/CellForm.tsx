import { z } from "zod";
import type { Schemas } from "../../api/client";
import { useWords } from "../../api/queries";
import { Button } from "../../ui/Button";
import { FormPick, FormText } from "../../form/fields";
import { Form } from "../../form/Form";
import { oneOf, text } from "../../form/typed";
import { useFormOf } from "../../form/useFormOf";
import { Panel } from "../../ui/Panel";
import type { Tables } from "./tables";
import { useTables } from "./useTables";
import { texts } from "./words";

type Verdict = Schemas["VerdictWhy"]["verdict"];

const CELL = z.object({ verdict: oneOf<Verdict>(), reason: text });

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
  const before = agent.verdicts[material.id];
  const form = useFormOf(
    CELL,
    { verdict: before?.verdict ?? "NOT_LISTED", reason: before?.reason ?? "" },
    (said) =>
      change(
        { agents: [{ ...agent, verdicts: { ...agent.verdicts, [material.id]: said } }] },
        texts.verdictSaved(agent.label, material.label, word("verdict", said.verdict)),
      ),
    `verdict.${agent.id}.${material.id}`,
  );
  const differs = tables.differences.find((one) => one.agent === agent.id && one.material === material.id);
  return (
    <Panel title={texts.onIt(agent.label, material.label)}>
      <Form form={form} className="flex flex-col gap-3">
        <FormPick form={form} name="verdict" label={texts.verdict} choices={choices("verdict")} />
        <FormText form={form} name="reason" label={texts.why} placeholder={texts.softensIt} />
        {differs !== undefined && (
          <p className="text-mark">{texts.shipsAs(word("verdict", differs.shipped))}</p>
        )}
        {form.refused}
        <Button kind="primary" type="submit" className="self-start">
          {texts.save}
        </Button>
      </Form>
    </Panel>
  );
}
