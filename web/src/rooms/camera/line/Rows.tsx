import type { FieldForm } from "../../../api/client";
import { Button } from "../../../ui/Button";
import { texts } from "../words";

type Row = Record<string, unknown>;

const HEADS = ["slot", "cross", "hex", "pinFace", "grub", "nut", "ring", "clip", "pin", "rivet"] as const;
const COLUMNS = {
  FASTENERS: ["count", "head", "diameterMm", "lengthMm", "size", "colour", "where"],
  LOOSE: ["count", "what"],
} as const;
const FIGURES = new Set(["count", "diameterMm", "lengthMm"]);

/** Fasteners or loose pieces, one type a row. */
export function Rows({
  field,
  value,
  onChange,
}: {
  field: FieldForm;
  value: unknown;
  onChange: (rows: Row[]) => void;
}) {
  const rows: Row[] = Array.isArray(value) ? (value as Row[]) : [];
  const columns: readonly string[] = field.type === "LOOSE" ? COLUMNS.LOOSE : COLUMNS.FASTENERS;
  const set = (at: number, name: string, text: string) => {
    const figure = Number(text.replace(",", "."));
    const said = FIGURES.has(name) && text !== "" && Number.isFinite(figure) ? figure : text;
    onChange(rows.map((row, index) => (index === at ? { ...row, [name]: said } : row)));
  };
  return (
    <fieldset className="col-span-full">
      <legend className="text-soft text-[13.5px]">{field.label}</legend>
      {rows.map((row, at) => (
        <div key={at} className="flex flex-wrap items-end gap-2 pb-1">
          {columns.map((name) => (
            <label key={name} className="text-soft flex flex-col text-[13px]">
              {texts.columns[name as keyof typeof texts.columns]}
              {name === "head" ? (
                <select
                  className="input"
                  value={typeof row.head === "string" ? row.head : "slot"}
                  onChange={(event) => set(at, name, event.target.value)}
                >
                  {HEADS.map((head) => (
                    <option key={head} value={head}>
                      {texts.heads[head]}
                    </option>
                  ))}
                </select>
              ) : (
                <input
                  className={`input ${FIGURES.has(name) ? "num w-[72px]" : "w-[130px]"}`}
                  defaultValue={
                    typeof row[name] === "number" || typeof row[name] === "string" ? String(row[name]) : ""
                  }
                  onBlur={(event) => set(at, name, event.target.value)}
                />
              )}
            </label>
          ))}
          <Button
            kind="quiet"
            about={String(at + 1)}
            onClick={() => onChange(rows.filter((_, index) => index !== at))}
          >
            {texts.remove}
          </Button>
        </div>
      ))}
      <Button
        onClick={() =>
          onChange([...rows, field.type === "LOOSE" ? { count: 1, what: "" } : { count: 1, head: "slot" }])
        }
      >
        {texts.addARow}
      </Button>
    </fieldset>
  );
}
