import { z } from "zod";
import type { Schemas } from "../../api/client";
import { ownId } from "../../api/ids";
import { FormChoice, FormPickMany, FormText, FormTick } from "../../form/fields";
import { Form } from "../../form/Form";
import { SaveOrReset } from "../../form/SaveOrReset";
import { text, wholeOr } from "../../form/typed";
import { useFormOf } from "../../form/useFormOf";
import { Panel } from "../../ui/Panel";
import type { Tables } from "./tables";
import { useTables } from "./useTables";
import { texts } from "./words";

type Agent = Schemas["Agent"];

const AGENT = z.object({
  agent: text,
  use: text,
  flashOffMinutes: wholeOr(0),
  flammable: z.boolean(),
  waterBased: z.boolean(),
  caution: text,
  soils: z.array(text),
});

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
  const soils = tables.materials.soils;
  const form = useFormOf(
    AGENT,
    {
      agent: agent?.label ?? "",
      use: agent?.use ?? "",
      flashOffMinutes: String(agent?.flashOffMinutes ?? 10),
      flammable: agent?.flammable ?? false,
      waterBased: agent?.waterBased ?? false,
      caution: agent?.caution ?? "",
      soils:
        agent === undefined
          ? []
          : soils.filter(({ agents }) => agents.includes(agent.id)).map(({ id }) => id),
    },
    async ({ agent: label, soils: offered, ...rest }) => {
      const id = agent?.id ?? ownId(label);
      const moved = soils
        .filter((soil) => soil.agents.includes(id) !== offered.includes(soil.id))
        .map((soil) => ({
          ...soil,
          agents: offered.includes(soil.id) ? [...soil.agents, id] : soil.agents.filter((one) => one !== id),
        }));
      const said: Agent = { id, label, verdicts: agent?.verdicts ?? {}, ...rest };
      await change({ agents: [said], soils: moved }, texts.saved(label));
      onDone(id);
    },
    `agent.${agent?.id ?? ""}`,
  );
  return (
    <Panel title={agent?.label ?? texts.addAnAgent}>
      <Form form={form} className="flex flex-col gap-3">
        <FormText form={form} name="agent" label={texts.name} />
        <FormText form={form} name="use" label={texts.use} />
        <FormText form={form} name="flashOffMinutes" label={texts.flashOffTimeMinutes} inputMode="numeric" />
        <FormTick form={form} name="flammable" label={texts.itsVapourIsFlammable} />
        <FormTick form={form} name="waterBased" label={texts.waterBasedAllowedInThe} />
        <FormChoice
          form={form}
          name="caution"
          label={texts.cautionShownOnceADay}
          empty={texts.none}
          choices={tables.materials.cautions.map((one) => ({ value: one.id, label: one.label }))}
        />
        <div>
          <p className="text-soft pb-1 text-[13.5px]">{texts.offeredFor}</p>
          <FormPickMany
            form={form}
            name="soils"
            label={texts.offeredFor}
            choices={soils.map((soil) => ({ value: soil.id, label: soil.label }))}
          />
        </div>
        {agent === undefined && <p className="text-soft text-[14px]">{texts.itsVerdictsStartAsNot}</p>}
        <SaveOrReset
          form={form}
          disabled={form.watch("agent").trim() === ""}
          onReset={
            agent !== undefined && tables.changed.includes(agent.id)
              ? () => takeBack(agent.id).then(() => onDone(""))
              : undefined
          }
        />
      </Form>
    </Panel>
  );
}
