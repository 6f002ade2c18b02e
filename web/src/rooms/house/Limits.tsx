import type { House, Schemas } from "../../api/client";
import { useWords } from "../../api/queries";
import { texts } from "./words";

type Limits = Schemas["SpeedLimits"];

const COLUMNS: { name: keyof Limits; words: string }[] = [
  { name: "slowEv", words: texts.to1125 },
  { name: "fastEv", words: texts.faster },
  { name: "scatterEv", words: texts.scatter },
  { name: "taperSlowEv", words: texts.taperTo1250 },
  { name: "taperFastEv", words: texts.taperFaster },
];

/** How far off speeds may be, by family: the trade's usual figures until the house says otherwise. */
export function LimitsTable({
  house,
  limits,
  onChange,
}: {
  house: House;
  limits: House["practice"]["speeds"]["limits"];
  onChange: (limits: House["practice"]["speeds"]["limits"]) => void;
}) {
  const { word } = useWords();
  const families = (house.words.family ?? []).map((one) => one.value);
  return (
    <>
      <p className="text-soft text-[14px]">{texts.toleranceInEvEitherWay}</p>
      <table className="w-full text-[14.5px]">
        <thead>
          <tr className="text-soft text-left">
            <th className="py-1 pr-2 font-normal">{texts.family}</th>
            {COLUMNS.map((column) => (
              <th key={column.name} className="py-1 pr-2 font-normal">
                {column.words}
              </th>
            ))}
            <td />
          </tr>
        </thead>
        <tbody>
          {families.map((family) => {
            const own = limits[family];
            const shown = own ?? house.usualLimits[family]!;
            return (
              <tr key={family} className="border-line/70 border-t">
                <th scope="row" className="py-1 pr-2 text-left font-normal">
                  {word("family", family)}
                </th>
                {COLUMNS.map((column) => (
                  <td key={column.name} className="py-1 pr-2">
                    {column.name.startsWith("taper") && !family.startsWith("FOCAL") ? null : (
                      <input
                        key={own === undefined ? "usual" : "own"}
                        className={`input num w-[64px] ${own === undefined ? "text-soft" : "font-bold"}`}
                        aria-label={texts.familyWith(word("family", family), column.words)}
                        inputMode="decimal"
                        defaultValue={shown[column.name].toFixed(2)}
                        onChange={(event) => {
                          const value = Number(event.target.value.replace(",", "."));
                          if (Number.isFinite(value))
                            onChange({ ...limits, [family]: { ...shown, [column.name]: value } });
                        }}
                      />
                    )}
                  </td>
                ))}
                <td className="w-[90px] text-right">
                  {own === undefined ? (
                    <span className="text-soft">{texts.usual}</span>
                  ) : (
                    <button
                      type="button"
                      className="min-h-11 underline"
                      onClick={() =>
                        onChange(
                          Object.fromEntries(Object.entries(limits).filter(([name]) => name !== family)),
                        )
                      }
                    >
                      {texts.asUsual}
                    </button>
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </>
  );
}
