import type { Schemas } from "../../api/client";
import { useNow } from "../../api/clock";
import { useWords } from "../../api/queries";
import { moment } from "../../ui/dates";
import { StateMark, type Mark } from "../../ui/State";
import { texts } from "./words";

type Row = Schemas["OilRow"];

const BECAUSE: Record<Row["origin"]["because"], string> = {
  LOGGED: "",
  MODEL: "",
  PARTS: texts.fromThisCamerasParts,
  FAMILY: texts.usualInSuchShutters,
};

const NEXT: Record<Row["stands"]["next"], { mark: Mark; words: string }> = {
  CLEAN: { mark: "open", words: texts.notCleanedHere },
  WAIT: { mark: "wait", words: texts.drying },
  CLEAN_AGAIN: { mark: "not", words: texts.cleanAgain },
  OIL: { mark: "ready", words: texts.ready },
  DONE: { mark: "done", words: texts.doneInline },
};

/** One point on the sheet: cleaned, dry, oiled, as far as it is, and what goes there. */
export function OilRow({
  id,
  row,
  lubricant,
  chosen,
  onChoose,
}: {
  id: string;
  row: Row;
  lubricant: string;
  chosen: boolean;
  onChoose: () => void;
}) {
  const now = useNow(30_000);
  const { word } = useWords();
  const next = NEXT[row.stands.next];
  const because =
    row.origin.because !== "MODEL"
      ? BECAUSE[row.origin.because]
      : row.origin.dry > 0
        ? texts.leftDryOnOfThisModel(row.origin.dry, row.origin.jobs)
        : texts.onOfThisModel(row.origin.jobs);
  return (
    <li
      id={id}
      role="option"
      aria-selected={chosen}
      onClick={onChoose}
      className={`border-line/70 grid min-h-[52px] cursor-pointer grid-cols-[minmax(0,5fr)_minmax(0,4fr)_minmax(0,4fr)] items-center gap-3 border-b px-2 py-1 ${chosen ? "bg-ready-wash outline-ready outline-2 -outline-offset-2" : "hover:bg-sunk"}`}
    >
      <span className="min-w-0">
        <b>{row.point.words}</b>
        <span className="text-soft block text-[13.5px]">
          {row.part.toLowerCase() === row.point.words.toLowerCase() ? "" : `${row.part} · `}
          {because}
        </span>
      </span>
      <span className={row.stands.next === "DONE" ? "text-soft" : "font-bold"}>
        {row.put.with ?? lubricant}
        {row.put.times > 1 && (
          <span className="text-stop block text-[13.5px]">{texts.timesTooMuch(row.put.times)}</span>
        )}
      </span>
      <span className="flex items-center gap-2">
        <StateMark mark={next.mark} />
        <span>
          {next.words}
          {row.stands.dryAt !== undefined && texts.until(moment(row.stands.dryAt, now))}
          {row.stands.dryRun !== undefined && row.stands.next !== "DONE" && (
            <span className="text-soft block text-[13.5px]">
              {texts.dryRun(word("dryRunResult", row.stands.dryRun))}
            </span>
          )}
        </span>
      </span>
    </li>
  );
}
