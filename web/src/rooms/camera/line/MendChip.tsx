import { useEffect, useRef } from "react";
import type { Chip, ChosenPiece, JobView, KindForm } from "../../../api/client";
import { Button } from "../../../ui/Button";
import { Pick } from "../../../ui/Pick";
import { texts } from "../words";
import { FieldOf } from "./FieldOf";
import { withField } from "./chosen";

/** What a piece of the line is taken for, and its fields, to be corrected in place. */
export function MendChip({
  chip,
  forms,
  job,
  onChoose,
  onClose,
}: {
  chip: Chip;
  forms: KindForm[];
  job: JobView;
  onChoose: (piece: ChosenPiece) => void;
  onClose: () => void;
}) {
  const ways = useRef<HTMLDivElement>(null);
  // whoever opened it by key goes on by key
  useEffect(() => ways.current?.querySelector<HTMLElement>("[data-state=checked]")?.focus(), []);
  const form = forms.find((one) => one.kind === chip.kind);
  return (
    <section
      aria-label={texts.correctThisPiece}
      className="border-line -mx-1 max-h-[46vh] overflow-y-auto border-b px-1 pb-2"
      onKeyDown={(event) => {
        if (event.key !== "Escape") return;
        event.preventDefault();
        event.stopPropagation();
        onClose();
      }}
    >
      <div className="flex items-start justify-between gap-3">
        <p className="num text-soft py-2 text-[14px]">{chip.typed}</p>
        <Button kind="quiet" keyHint="Esc" onClick={onClose}>
          {texts.done}
        </Button>
      </div>
      <div ref={ways}>
        <Pick
          label={texts.takenFor}
          small
          choices={chip.ways.map((way, index) => ({
            value: String(index),
            label: named(way.label, way.fields),
          }))}
          value={String(chip.chosen)}
          onChange={(index) => {
            const way = chip.ways[Number(index)];
            onChoose({ typed: chip.typed, kind: way.kind, fields: way.fields });
          }}
        />
      </div>
      {form !== undefined && (
        <div className="grid grid-cols-[repeat(auto-fill,minmax(170px,1fr))] gap-x-4 gap-y-2 pt-3">
          {form.fields.map((field) => (
            <FieldOf
              key={`${chip.kind}.${field.name}`}
              field={field}
              value={chip.fields[field.name]}
              job={job}
              onChange={(value) => onChoose(withField(chip, field.name, value))}
            />
          ))}
        </div>
      )}
    </section>
  );
}

/** Two ways of one kind are told apart by what they are about. */
const named = (label: string, fields: Record<string, unknown>) => {
  const about = fields.part ?? fields.what ?? fields.function ?? fields.speed;
  return typeof about === "string" && about.length < 28 ? `${label}: ${about}` : label;
};
