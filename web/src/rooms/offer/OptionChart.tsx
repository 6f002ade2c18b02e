import { scaleLinear } from "d3-scale";
import type { OptionDate, OptionRow, TypedOption } from "../../api/offer";
import { money } from "../../api/money";
import { day } from "../../ui/dates";
import { oddsWords } from "../../ui/Odds";
import { texts } from "./words";

const COLUMNS =
  "grid grid-cols-[150px_minmax(0,1fr)_92px_104px_64px] wide:grid-cols-[170px_minmax(0,1fr)_104px_150px_72px] items-center gap-x-3";

/**
 * The options on one scale of money: a dot for what each costs on average, a line to what nine in ten stay below, a notch
 * for what it is worth paying, and the owner's limit across all of them.
 */
export function OptionChart({
  options,
  rows,
  dates,
  limitMinor,
  agreed,
  chosen,
  onChoose,
}: {
  options: TypedOption[];
  rows: OptionRow[];
  dates: OptionDate[] | undefined;
  limitMinor: number | undefined;
  agreed: string | undefined;
  chosen: string;
  onChoose: (id: string) => void;
}) {
  const of = (id: string) => rows.find((row) => row.id === id);
  const most = Math.max(
    1,
    limitMinor ?? 0,
    ...rows.map((row) => Math.max(row.figures.cost.value, row.figures.breakEvenMinor ?? 0)),
  );
  const x = scaleLinear([0, most * 1.06], [0, 96]).nice(5);
  const ticks = x.ticks(5);
  return (
    <div className="flex flex-col">
      <div className={`${COLUMNS} text-soft px-2 text-[13.5px]`} aria-hidden="true">
        <span />
        <span className="relative h-5">
          {ticks.map((tick) => (
            <span
              key={tick}
              className="num absolute -translate-x-1/2 text-[12.5px]"
              style={{ left: `${x(tick)}%` }}
            >
              {tick === 0 ? "0" : money(tick).replace(/[.,]00?0?$/, "")}
            </span>
          ))}
        </span>
        <span>{texts.done}</span>
        <span>{texts.works}</span>
        <span>{texts.lost}</span>
      </div>
      <div role="radiogroup" aria-label={texts.options} className="flex flex-col gap-1">
        {options.map((option) => {
          const row = of(option.id);
          const date = dates?.find((one) => one.id === option.id);
          return (
            <button
              key={option.id}
              type="button"
              role="radio"
              aria-checked={chosen === option.id}
              aria-label={row === undefined ? option.name : spoken(option.name, row, date)}
              onClick={() => onChoose(option.id)}
              className={`${COLUMNS} min-h-16 rounded-[4px] border px-2 text-left ${chosen === option.id ? "border-ready bg-ready-wash/60" : "border-line bg-sheet hover:border-ink"}`}
            >
              <span className="min-w-0">
                <b className="block truncate">{option.name}</b>
                {agreed === option.id && <span className="text-done text-[13.5px]">{texts.agreed}</span>}
              </span>
              <span className="relative block h-14">
                {ticks.map((tick) => (
                  <span
                    key={tick}
                    className="bg-line/70 absolute inset-y-0 w-px"
                    style={{ left: `${x(tick)}%` }}
                  />
                ))}
                {limitMinor !== undefined && (
                  <span
                    className="border-mark-line absolute inset-y-0 w-0 border-l-[3px] border-dotted"
                    style={{ left: `${x(limitMinor)}%` }}
                  />
                )}
                {row !== undefined && <Whisker row={row} x={x} />}
              </span>
              <span className="num text-[14px]">
                {dates === undefined
                  ? texts.beingPlanned
                  : date?.likely === undefined
                    ? texts.never
                    : day(date.likely)}
                {date?.safely !== undefined && date.safely !== date.likely && (
                  <span className="text-soft block font-sans text-[13px] whitespace-nowrap">
                    {texts.orBy(day(date.safely))}
                  </span>
                )}
              </span>
              <Chance row={row} />
              <span className="num text-[14px]">
                {row === undefined || row.figures.chanceLost === 0 ? (
                  <span className="text-soft">{texts.never}</span>
                ) : (
                  <b className="text-stop">{oddsWords(row.figures.chanceLost)}</b>
                )}
              </span>
            </button>
          );
        })}
      </div>
      <p className="text-soft px-2 pt-1 text-[13px]">
        {texts.whiskers}
        {limitMinor !== undefined && `; ${texts.limit(money(limitMinor))}`}
      </p>
    </div>
  );
}

function spoken(name: string, row: OptionRow, date: OptionDate | undefined) {
  const { figures } = row;
  return [
    name,
    `${texts.cost} ${money(figures.expectedMinor)}, ${texts.upTo(money(Math.round(figures.cost.value)))}`,
    date?.likely === undefined ? "" : `${texts.done} ${day(date.likely)}`,
    `${texts.works} ${oddsWords(figures.chanceWorks)}`,
    figures.chanceLost === 0 ? "" : `${texts.lost} ${oddsWords(figures.chanceLost)}`,
  ]
    .filter((one) => one !== "")
    .join(", ");
}

function Chance({ row }: { row: OptionRow | undefined }) {
  if (row?.known === undefined) return <span className="text-soft">{texts.never}</span>;
  return (
    <span className="text-[14px]">
      <b className="num">{oddsWords(row.figures.chanceWorks)}</b>
      <span className="text-soft block text-[12.5px] leading-4">
        {row.known.of === 0 ? texts.noneKnown : texts.known(row.known.worked, row.known.of)}
        {row.known.of > 0 && <span className="wide:inline hidden">, {texts.like[row.known.like]}</span>}
      </span>
    </span>
  );
}

function Whisker({ row, x }: { row: OptionRow; x: (minor: number) => number }) {
  const { expectedMinor, cost, breakEvenMinor } = row.figures;
  const from = x(expectedMinor);
  const to = x(cost.value);
  // the end may lie below the average where a costly course is rare
  const [left, right] = from < to ? [from, to] : [to, from];
  const even = breakEvenMinor !== undefined && breakEvenMinor > 0 ? x(breakEvenMinor) : undefined;
  return (
    <>
      <span
        className="bg-ready absolute top-[13px] h-[3px]"
        style={{ left: `${left}%`, width: `${right - left}%` }}
      />
      <span className="bg-ready absolute top-[8px] h-[13px] w-[3px]" style={{ left: `${to}%` }} />
      <span
        className="bg-ready border-sheet absolute top-[8px] size-[13px] -translate-x-1/2 rounded-full border-2"
        style={{ left: `${from}%` }}
      />
      {even !== undefined && (
        <span
          className="border-t-mark-line absolute top-0 size-0 -translate-x-1/2 border-x-[6px] border-t-[8px] border-x-transparent"
          style={{ left: `${Math.min(even, 100)}%` }}
        />
      )}
      <span
        className="num bg-sheet/80 absolute top-[27px] rounded-[2px] px-0.5 text-[13px] leading-4 whitespace-nowrap"
        style={left > 38 ? { right: `${Math.max(0, 100 - Math.max(right, 62))}%` } : { left: `${left}%` }}
      >
        <b>{money(expectedMinor)}</b>{" "}
        <span className="text-soft">{texts.upTo(money(Math.round(cost.value)))}</span>
      </span>
    </>
  );
}
