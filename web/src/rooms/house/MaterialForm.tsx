import { z } from "zod";
import type { Schemas } from "../../api/client";
import { ownId } from "../../api/ids";
import { FormText } from "../../form/fields";
import { Form } from "../../form/Form";
import { SaveOrReset } from "../../form/SaveOrReset";
import { listOf, text } from "../../form/typed";
import { useFormOf } from "../../form/useFormOf";
import { Panel } from "../../ui/Panel";
import type { Tables } from "./tables";
import { useTables } from "./useTables";
import { texts } from "./words";

const MATERIAL = z.object({ material: text, words: listOf(",") });

/** A material, and the words in a part's name that point to it. */
export function MaterialForm({
  tables,
  material,
  onDone,
}: {
  tables: Tables;
  material?: Schemas["Material"];
  onDone: (id: string) => void;
}) {
  const { change, takeBack } = useTables();
  const form = useFormOf(
    MATERIAL,
    { material: material?.label ?? "", words: material?.words.join(", ") ?? "" },
    async ({ material: label, words }) => {
      const id = material?.id ?? ownId(label);
      const said = { id, label, words: words.map((one) => one.toLowerCase()) };
      await change({ materials: [said] }, texts.saved(label));
      onDone(id);
    },
    `material.${material?.id ?? ""}`,
  );
  return (
    <Panel title={material?.label ?? texts.addAMaterial}>
      <Form form={form} className="flex flex-col gap-3">
        <FormText form={form} name="material" label={texts.name} />
        <FormText
          form={form}
          name="words"
          label={texts.wordsInPartNamesThat}
          placeholder={texts.castingBodyShell}
        />
        <SaveOrReset
          form={form}
          disabled={form.watch("material").trim() === ""}
          onReset={
            material !== undefined && tables.changed.includes(material.id)
              ? () => takeBack(material.id).then(() => onDone(""))
              : undefined
          }
        />
      </Form>
    </Panel>
  );
}
