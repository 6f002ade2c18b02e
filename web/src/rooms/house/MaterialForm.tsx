import { useState } from "react";
import type { Schemas } from "../../api/client";
import { ownId } from "../../api/ids";
import { FormProblem, TextField } from "../../ui/Field";
import { Panel } from "../../ui/Panel";
import { useSubmit } from "../../ui/useSubmit";
import type { Tables } from "./tables";
import { SoItIsHere } from "./SoItIsHere";
import { useTables } from "./useTables";

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
  const { problem, field, submit } = useSubmit();
  const [label, setLabel] = useState(material?.label ?? "");
  const [words, setWords] = useState(material?.words.join(", ") ?? "");
  const save = () =>
    submit(async () => {
      const id = material?.id ?? ownId(label);
      await change(
        {
          materials: [
            {
              id,
              label,
              words: words
                .split(",")
                .map((one) => one.trim().toLowerCase())
                .filter((one) => one !== ""),
            },
          ],
        },
        `${label}: so it is here.`,
      );
      onDone(id);
    });
  return (
    <FormProblem value={field}>
      <Panel title={material?.label ?? "Another material"}>
        <form
          className="flex flex-col gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            void save();
          }}
        >
          <TextField
            label="What it is called"
            name="material"
            value={label}
            onChange={(event) => setLabel(event.target.value)}
          />
          <TextField
            label="Words in a part's name that point to it"
            value={words}
            placeholder="casting, body shell"
            onChange={(event) => setWords(event.target.value)}
          />
          <SoItIsHere
            problem={problem}
            disabled={label.trim() === ""}
            onTakeBack={
              material !== undefined && tables.changed.includes(material.id)
                ? () =>
                    void submit(async () => {
                      await takeBack(material.id);
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
