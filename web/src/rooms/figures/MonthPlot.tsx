import { scaleLinear } from "d3-scale";
import { useState } from "react";
import type { Schemas } from "../../api/client";
import { money } from "../../api/money";
import { Button } from "../../ui/Button";
import { figure } from "../../ui/figures";
import { Empty, Panel } from "../../ui/Panel";
import { texts } from "./words";

type Month = Schemas["FiguresMonth"];
type Work = keyof typeof texts.work_;

const WIDTH = 1160;
const LEFT = 56;
const PLOT = 104;
const GAP = 30;
const WORKS = Object.keys(texts.work_) as Work[];

const minutesOf = (month: Month, works: Work[] = WORKS) =>
  works.reduce((sum, work) => sum + (month.minutes[work] ?? 0), 0);

const hours = (minutes: number) => figure(minutes / 60, minutes < 600 ? 1 : 0);

/** "2031-03" as people write it; a year is named where it begins. */
function monthWords(month: string, first: boolean) {
  const [year, number] = month.split("-").map(Number);
  const date = new Date(year, number - 1, 1);
  return date.toLocaleDateString(
    "en-GB",
    number === 1 || first ? { month: "short", year: "numeric" } : { month: "short" },
  );
}

/** Hours above and money below, month by month on one axis; cameras that came back are marked on their month. */
export function MonthPlot({ months, currency }: { months: Month[]; currency: string }) {
  // ticks are read in whole hours
  const most = Math.max(1, ...months.map((month) => minutesOf(month) / 60));
  const dearest = Math.max(1, ...months.map((month) => Math.max(month.billedMinor, month.paidMinor)));
  const y = scaleLinear([0, most], [PLOT, 0]).nice(3);
  const amount = scaleLinear([0, dearest], [PLOT, 0]).nice(3);
  const step = (WIDTH - LEFT) / months.length;
  const lower = PLOT + GAP + 20;
  const moneyless = months.every((month) => month.billedMinor === 0 && month.paidMinor === 0);
  const quiet = months.every((month) => minutesOf(month) === 0);
  return (
    <Panel
      title={texts.hours}
      note={
        <a className="underline" href="/api/figures/months.csv" download>
          {texts.csv}
        </a>
      }
    >
      {quiet && <Empty>{texts.noHours}</Empty>}
      <svg
        viewBox={`0 0 ${WIDTH} ${lower + PLOT + 8}`}
        className="w-full"
        role="img"
        aria-label={`${texts.hours}; ${texts.money(currency)}`}
      >
        <g transform="translate(0 8)">
          {y.ticks(3).map((tick) => (
            <g key={tick}>
              <line x1={LEFT} x2={WIDTH} y1={y(tick)} y2={y(tick)} className="stroke-line" />
              <text x={LEFT - 6} y={y(tick) + 4} textAnchor="end" className="num fill-soft text-[12px]">
                {texts.hour(figure(tick, 0))}
              </text>
            </g>
          ))}
          {months.map((month, at) => {
            const x = LEFT + at * step;
            const treat = minutesOf(month, ["TREAT", "ADJUST"]) / 60;
            const all = minutesOf(month) / 60;
            return (
              <g key={month.month}>
                <rect
                  x={x + step * 0.2}
                  width={step * 0.6}
                  y={y(all)}
                  height={PLOT - y(all)}
                  className="fill-earth"
                />
                <rect
                  x={x + step * 0.2}
                  width={step * 0.6}
                  y={y(treat)}
                  height={PLOT - y(treat)}
                  className="fill-ready"
                />
                {month.cameBack > 0 && (
                  <text
                    x={x + step / 2}
                    y={y(all) - 4}
                    textAnchor="middle"
                    className="fill-stop num text-[13px] font-bold"
                  >
                    {`↩ ${month.cameBack}`}
                  </text>
                )}
                <text x={x + step / 2} y={PLOT + 16} textAnchor="middle" className="fill-ink text-[12.5px]">
                  {monthWords(month.month, at === 0)}
                </text>
              </g>
            );
          })}
        </g>
        <g transform={`translate(0 ${lower})`}>
          {moneyless && (
            <text x={LEFT} y={PLOT / 2} className="fill-soft text-[14px]">
              {texts.noMoney}
            </text>
          )}
          {(moneyless ? [] : amount.ticks(3)).map((tick) => (
            <g key={tick}>
              <line x1={LEFT} x2={WIDTH} y1={amount(tick)} y2={amount(tick)} className="stroke-line" />
              <text x={LEFT - 6} y={amount(tick) + 4} textAnchor="end" className="num fill-soft text-[12px]">
                {money(tick).replace(/[.,]00?0?$/, "")}
              </text>
            </g>
          ))}
          {months.map((month, at) => {
            const x = LEFT + at * step;
            const bar = (from: number, minor: number, look: string) => (
              <rect
                x={x + step * from}
                width={step * 0.28}
                y={amount(Math.max(0, minor))}
                height={PLOT - amount(Math.max(0, minor))}
                className={look}
              />
            );
            return (
              <g key={month.month}>
                {bar(0.2, month.billedMinor, "fill-sheet stroke-ink")}
                {bar(0.52, month.paidMinor, "fill-done")}
              </g>
            );
          })}
        </g>
      </svg>
      <p className="text-soft flex flex-wrap gap-x-5 text-[13.5px]">
        <Key look="bg-ready" words={`${texts.work_.TREAT}, ${texts.work_.ADJUST.toLowerCase()}`} />
        <Key look="bg-earth" words={texts.allHours} />
        <Key look="bg-sheet border-ink border" words={texts.billed} />
        <Key look="bg-done" words={texts.paid} />
        <span>{`↩ ${texts.cameBack.toLowerCase()}`}</span>
      </p>
    </Panel>
  );
}

function Key({ look, words }: { look: string; words: string }) {
  return (
    <span className="flex items-center gap-1.5">
      <span aria-hidden="true" className={`inline-block size-3 ${look}`} />
      {words}
    </span>
  );
}

/** The same as a table, by month and kind. */
export function MonthTable({ months }: { months: Month[] }) {
  const [open, setOpen] = useState(false);
  if (!open)
    return (
      <Button className="self-start" onClick={() => setOpen(true)}>
        {texts.table}
      </Button>
    );
  return (
    <div className="overflow-x-auto">
      <table className="w-full text-[14px]">
        <thead>
          <tr className="text-soft text-[13px]">
            <th className="text-left font-normal">{texts.month}</th>
            {WORKS.map((work) => (
              <th key={work} className="px-1 text-right font-normal">
                {texts.work_[work]}
              </th>
            ))}
            <th className="px-1 text-right font-normal">{texts.returned}</th>
            <th className="px-1 text-right font-normal">{texts.billed}</th>
            <th className="px-1 text-right font-normal">{texts.paid}</th>
            <th className="px-1 text-right font-normal">{texts.cameBack}</th>
          </tr>
        </thead>
        <tbody>
          {months.map((month) => (
            <tr key={month.month} className="border-line/70 border-t">
              <th scope="row" className="py-1 text-left font-normal">
                {monthWords(month.month, true)}
              </th>
              {WORKS.map((work) => (
                <td key={work} className="num px-1 text-right">
                  {texts.hour(hours(month.minutes[work] ?? 0))}
                </td>
              ))}
              <td className="num px-1 text-right">{month.returned}</td>
              <td className="num px-1 text-right">{money(month.billedMinor)}</td>
              <td className="num px-1 text-right">{money(month.paidMinor)}</td>
              <td className="num px-1 text-right">{month.cameBack}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
