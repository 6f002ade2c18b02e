import { useState } from "react";
import { useAppend } from "../../hands/append";
import type { JobView, Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { useSubmit } from "../../ui/useSubmit";
import { texts } from "./words";

const KNOWN: Record<Schemas["PartMaterials"]["knownFrom"], string> = {
  SAID_HERE: "",
  SAID_OF_THE_MODEL: texts.fromAnotherOfThisModel,
  GUESSED: texts.guessedFromItsName,
};

/** What the part is made of, from where that is known, and the way to put it right for this and the next of its model. */
export function MadeOf({
  job,
  part,
  materials,
  known,
  all,
  onChange,
  onKept,
}: {
  job: JobView;
  part: string;
  materials: string[];
  /** Nothing where a hand has just chosen otherwise. */
  known?: Schemas["PartMaterials"]["knownFrom"];
  all: Schemas["Material"][];
  onChange: (materials: string[]) => void;
  onKept: () => void;
}) {
  const append = useAppend(job.tag);
  const { refused, submit } = useSubmit();
  const [open, setOpen] = useState(false);
  const shown = all.filter((material) => open || materials.includes(material.id));
  const keep = () =>
    submit(async () => {
      await append([{ kind: "madeOf", part, materials }], { said: texts.savedMaterialsOf(part) });
      setOpen(false);
      onKept();
    });
  return (
    <div className="flex flex-wrap items-center gap-1" role="group" aria-label={texts.materials}>
      <span className="text-soft mr-1 text-[13.5px]">{texts.madeOf}</span>
      {shown.map((material) => (
        <button
          key={material.id}
          type="button"
          aria-pressed={materials.includes(material.id)}
          onClick={() =>
            onChange(
              materials.includes(material.id)
                ? materials.filter((one) => one !== material.id)
                : [...materials, material.id],
            )
          }
          className={`min-h-11 rounded-[4px] border px-2 text-[13.5px] ${materials.includes(material.id) ? "border-mark-line bg-mark-wash text-mark font-bold" : "border-line bg-sheet"}`}
        >
          {material.label}
        </button>
      ))}
      <Button kind="quiet" onClick={() => setOpen(!open)}>
        {open ? texts.close : texts.addAnother}
      </Button>
      {known !== undefined && KNOWN[known] !== "" && (
        <span className="text-soft text-[13.5px]">{KNOWN[known]}</span>
      )}
      {known !== "SAID_HERE" && part.trim() !== "" && materials.length > 0 && (
        <Button onClick={() => void keep()}>{texts.save}</Button>
      )}
      {refused}
    </div>
  );
}
