import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { House } from "../../api/client";
import { labelSheetsQuery } from "../../api/queries";
import { ChoiceField } from "../../ui/Field";
import { texts } from "./words";

/** Labels with codes for the wells of one tray or of all, on a sheet that the shop has. */
export function WellLabels({ trays }: { trays: House["practice"]["trays"] }) {
  const sheets = useQuery(labelSheetsQuery).data ?? [];
  const [sheet, setSheet] = useState("a4-plain");
  const [tray, setTray] = useState("0");
  return (
    <div className="flex flex-wrap items-end gap-2">
      {trays.length > 1 && (
        <ChoiceField
          label={texts.labelsFor}
          wrap="w-[104px]"
          value={tray}
          choices={[
            { value: "0", label: texts.allTrays },
            ...trays.map((_, index) => ({ value: String(index + 1), label: texts.tray(index + 1) })),
          ]}
          onChange={(event) => setTray(event.target.value)}
        />
      )}
      <ChoiceField
        label={texts.wellLabelsOn}
        wrap="min-w-0 flex-1"
        value={sheet}
        choices={sheets.map((one) => ({ value: one.id, label: one.label }))}
        onChange={(event) => setSheet(event.target.value)}
      />
      <a
        href={`/api/labels/wells.pdf?sheet=${sheet}&tray=${tray}`}
        target="_blank"
        rel="noreferrer"
        className="border-line bg-sheet hover:border-ink inline-flex min-h-11 items-center rounded-[4px] border px-3.5"
      >
        {texts.printLabels}
      </a>
    </div>
  );
}
