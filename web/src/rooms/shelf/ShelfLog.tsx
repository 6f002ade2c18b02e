import { useQueryClient } from "@tanstack/react-query";
import { takeTable } from "../../api/shelf";
import { notify } from "../../hands/notices";
import { useSigner } from "../../hands/signer";
import { Panel } from "../../ui/Panel";
import { useSubmit } from "../../ui/useSubmit";
import { ShopRecord } from "../record";
import { texts } from "./words";

/** The shelf's record; tables and labels go in and out beside it. */
export function ShelfLog() {
  return (
    <div className="bay grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_360px]">
      <ShopRecord log="shelf" />
      <aside className="border-line bg-sheet min-h-0 overflow-y-auto border-l px-4 py-3">
        <Tables />
      </aside>
    </div>
  );
}

function Tables() {
  const client = useQueryClient();
  const { signer } = useSigner();
  const { refused, submit } = useSubmit();
  const take = (which: "stock" | "catalogue", file: File) =>
    submit(async () => {
      const taken = await takeTable(which, signer, file);
      await client.invalidateQueries({ queryKey: ["shelf"] });
      notify({ kind: "done", text: texts.importedNewRowsChanged(taken.added, taken.changed) });
    });
  const file = (of: "stock" | "catalogue") => (
    <label className="border-line bg-sheet inline-flex min-h-11 cursor-pointer items-center rounded-[4px] border px-3.5 focus-within:outline-3 focus-within:outline-(--color-focus)">
      {of === "stock" ? texts.importStock : texts.importACatalogue}
      <input
        type="file"
        accept=".csv,text/csv"
        className="sr-only"
        onChange={(event) => {
          const picked = event.target.files?.[0];
          if (picked !== undefined) void take(of, picked);
          event.target.value = "";
        }}
      />
    </label>
  );
  const link = "inline-flex min-h-11 items-center underline";
  return (
    <Panel title={texts.filesAndLabels}>
      <p>
        <a className={link} href="/api/shelf/stock.csv">
          {texts.stockCsv}
        </a>{" "}
        ·{" "}
        <a className={link} href="/api/shelf/catalogue.csv">
          {texts.catalogueCsv}
        </a>{" "}
        ·{" "}
        <a className={link} href="/api/shelf/shelf.json">
          {texts.theWholeShelfJson}
        </a>
      </p>
      <div className="flex flex-wrap gap-2">
        {file("stock")}
        {file("catalogue")}
      </div>
      <p className="text-soft text-[14px]">{texts.aRowWithAKnown}</p>
      <p>
        <a className={link} href="/api/shelf/labels.pdf" target="_blank" rel="noreferrer">
          {texts.labelsForEverything}
        </a>
      </p>
      {refused}
    </Panel>
  );
}
