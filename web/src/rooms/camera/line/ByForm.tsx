import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { ChosenPiece, JobView, KindForm, Stop } from "../../../api/client";
import { readingQuery } from "../../../api/queries";
import { useAppend } from "../../../hands/append";
import { Button } from "../../../ui/Button";
import { ChoiceField } from "../../../ui/Field";
import { useSubmit } from "../../../ui/useSubmit";
import { ProblemNote } from "../../../ui/ProblemNote";
import { texts } from "../words";
import { sentence } from "./chosen";
import { FieldOf } from "./FieldOf";

/** Whatever a line can say, filled in field by field instead. */
export function ByForm({
  job,
  stop,
  forms,
  onClose,
}: {
  job: JobView;
  stop: Stop | undefined;
  forms: KindForm[];
  onClose: () => void;
}) {
  const [piece, setPiece] = useState<ChosenPiece>({ typed: "form", kind: "FINDING", fields: {} });
  const append = useAppend(job.tag);
  const { busy, problem, submit } = useSubmit();
  const chip = useQuery(readingQuery(job.tag, "", stop, [piece])).data?.chips[0];
  const form = forms.find((one) => one.kind === piece.kind);
  const begun = Object.keys(piece.fields).length > 0;
  const ready = chip !== undefined && chip.trouble === undefined;

  const log = () =>
    submit(async () => {
      if (!ready) return;
      await append(chip.entries, { said: sentence(chip.says) });
      onClose();
    });

  return (
    <section
      aria-label={texts.byFormTitle}
      className="border-line max-h-[60vh] overflow-y-auto border-b pb-3"
    >
      {problem !== undefined && <ProblemNote problem={problem} />}
      <div className="flex flex-wrap items-end gap-3">
        <ChoiceField
          label={texts.whatIsIt}
          value={piece.kind}
          autoFocus
          choices={forms.map((one) => ({ value: one.kind, label: one.label }))}
          onChange={(event) =>
            setPiece({ typed: "form", kind: event.target.value as ChosenPiece["kind"], fields: {} })
          }
        />
        <p
          aria-live="polite"
          className={`flex-1 pb-2 text-[14.5px] ${ready ? "text-ready font-bold" : begun ? "text-mark" : "text-soft"}`}
        >
          {chip === undefined ? "" : (chip.trouble?.message ?? sentence(chip.says))}
        </p>
        <Button kind="quiet" onClick={onClose}>
          {texts.done}
        </Button>
        <Button kind="primary" disabled={!ready || busy} onClick={() => void log()}>
          {texts.log}
        </Button>
      </div>
      <div className="grid grid-cols-[repeat(auto-fill,minmax(170px,1fr))] gap-x-4 gap-y-2 pt-3">
        {form?.fields.map((field) => (
          <FieldOf
            key={`${piece.kind}.${field.name}`}
            field={field}
            value={piece.fields[field.name]}
            job={job}
            onChange={(value) => {
              const fields = { ...piece.fields };
              if (value === "" || value === undefined) delete fields[field.name];
              else fields[field.name] = value;
              setPiece({ ...piece, fields });
            }}
          />
        ))}
      </div>
    </section>
  );
}
