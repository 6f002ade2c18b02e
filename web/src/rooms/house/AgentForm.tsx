import { useState } from "react";
import type { Schemas } from "../../api/client";
import { ownId } from "../../api/ids";
import { ChoiceField, FormProblem, TextField, Tick } from "../../ui/Field";
import { Panel } from "../../ui/Panel";
import { PickMany } from "../../ui/Pick";
import { useSubmit } from "../../ui/useSubmit";
import type { Tables } from "./tables";
import { SoItIsHere } from "./SoItIsHere";
import { useTables } from "./useTables";

type Agent = Schemas["Agent"];

const FRESH: Agent = {
  id: "",
  label: "",
  use: "",
  flashOffMinutes: 10,
  flammable: false,
  waterBased: false,
  caution: "",
  verdicts: {},
};

/** An agent: how long it flashes off, whether it burns, and for which soils it is offered. */
export function AgentForm({
  tables,
  agent,
  onDone,
}: {
  tables: Tables;
  agent?: Agent;
  onDone: (id: string) => void;
}) {
  const { change, takeBack } = useTables();
  const { problem, field, submit } = useSubmit();
  const [form, setForm] = useState<Agent>(agent ?? FRESH);
  const soils = tables.materials.soils;
  const [forSoils, setForSoils] = useState(
    agent === undefined ? [] : soils.filter((soil) => soil.agents.includes(agent.id)).map((soil) => soil.id),
  );
  const save = () =>
    submit(async () => {
      const id = agent?.id ?? ownId(form.label);
      const moved = soils
        .filter((soil) => soil.agents.includes(id) !== forSoils.includes(soil.id))
        .map((soil) => ({
          ...soil,
          agents: forSoils.includes(soil.id) ? [...soil.agents, id] : soil.agents.filter((one) => one !== id),
        }));
      await change({ agents: [{ ...form, id }], soils: moved }, `${form.label}: so it is here.`);
      onDone(id);
    });
  return (
    <FormProblem value={field}>
      <Panel title={agent?.label ?? "Another agent"}>
        <form
          className="flex flex-col gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            void save();
          }}
        >
          <TextField
            label="What it is called"
            name="agent"
            value={form.label}
            onChange={(event) => setForm({ ...form, label: event.target.value })}
          />
          <TextField
            label="What for"
            value={form.use}
            onChange={(event) => setForm({ ...form, use: event.target.value })}
          />
          <TextField
            label="Flashes off in, minutes"
            name="flashOffMinutes"
            inputMode="numeric"
            value={String(form.flashOffMinutes)}
            onChange={(event) =>
              setForm({ ...form, flashOffMinutes: Number(event.target.value.replace(/\D/g, "")) })
            }
          />
          <Tick
            label="Its vapour burns"
            checked={form.flammable}
            onChange={(event) => setForm({ ...form, flammable: event.target.checked })}
          />
          <Tick
            label="Water-based: may go into the open bath"
            checked={form.waterBased}
            onChange={(event) => setForm({ ...form, waterBased: event.target.checked })}
          />
          <ChoiceField
            label="Said once a day before it is used"
            empty="nothing"
            value={form.caution}
            choices={tables.materials.cautions.map((one) => ({ value: one.id, label: one.label }))}
            onChange={(event) => setForm({ ...form, caution: event.target.value })}
          />
          <div>
            <p className="text-soft pb-1 text-[13.5px]">Offered for</p>
            <PickMany
              label="Offered for"
              choices={soils.map((soil) => ({ value: soil.id, label: soil.label }))}
              value={forSoils}
              onChange={setForSoils}
            />
          </div>
          {agent === undefined && (
            <p className="text-soft text-[14px]">
              Its verdicts begin as “not listed”: press them in the table once it is there.
            </p>
          )}
          <SoItIsHere
            problem={problem}
            disabled={form.label.trim() === ""}
            onTakeBack={
              agent !== undefined && tables.changed.includes(agent.id)
                ? () =>
                    void submit(async () => {
                      await takeBack(agent.id);
                      onDone("");
                    })
                : undefined
            }
          />
        </form>
      </Panel>
    </FormProblem>
  );
}
