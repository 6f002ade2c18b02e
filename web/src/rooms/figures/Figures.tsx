import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import type { Schemas } from "../../api/client";
import { figuresQuery } from "../../api/customers";
import { useWords } from "../../api/queries";
import { BookTabs } from "../../ui/BookTabs";
import { figure } from "../../ui/figures";
import { Empty, Panel } from "../../ui/Panel";
import { MonthPlot, MonthTable } from "./MonthPlot";
import { texts } from "./words";

const MONTHS = 14;

/** How the shop is doing: hours and money by month, come-backs, and how good the estimates were. */
export function Figures() {
  const page = useQuery(figuresQuery(MONTHS)).data;
  if (page === undefined) return null;
  return (
    <div className="flex min-h-0 flex-1 flex-col gap-5 overflow-y-auto px-5 py-3">
      <h1 className="sr-only">{texts.title}</h1>
      <BookTabs />
      <MonthPlot months={page.months} currency={page.currency} />
      <MonthTable months={page.months} />
      <div className="bay grid grid-cols-2 items-start gap-x-8 gap-y-5">
        <ComeBacks page={page.comeBacks} />
        <Estimates page={page.estimates} />
      </div>
    </div>
  );
}

function ComeBacks({ page }: { page: Schemas["ComeBacks"] }) {
  const { word } = useWords();
  const groups = [
    { title: texts.byCause, rates: page.byCause },
    { title: texts.byModel, rates: page.byModel },
    { title: texts.byPerson, rates: page.byPerson },
  ];
  return (
    <Panel title={texts.comeBacks} note={texts.comeBacksNote}>
      {page.all.length === 0 && <Empty>{texts.noComeBack}</Empty>}
      {groups.map((group) => (
        <div key={group.title} className="flex flex-col gap-1">
          <h3 className="text-soft text-[14px]">{group.title}</h3>
          <ul>
            {group.rates.slice(0, 6).map((rate) => (
              <li
                key={rate.by}
                className="grid grid-cols-[minmax(0,1fr)_76px_160px_52px] items-center gap-3 text-[14.5px]"
              >
                <span className="truncate">{rate.by}</span>
                <span className="num text-right">{texts.again(rate.again, rate.of)}</span>
                <span aria-hidden="true" className="bg-sunk relative block h-4">
                  <span
                    className="bg-ready/40 absolute inset-y-[6px]"
                    style={{ left: `${100 * rate.low}%`, width: `${100 * (rate.high - rate.low)}%` }}
                  />
                  <span
                    className="bg-ready absolute inset-y-[3px] w-[3px]"
                    style={{ left: `${rate.of === 0 ? 0 : (100 * rate.again) / rate.of}%` }}
                  />
                </span>
                <span className="num text-soft text-right text-[13px]">
                  {`≤ ${Math.round(100 * rate.high)} %`}
                </span>
              </li>
            ))}
          </ul>
        </div>
      ))}
      {page.all.length > 0 && (
        <div className="flex flex-col gap-1">
          <h3 className="text-soft text-[14px]">{texts.latest}</h3>
          <ul className="text-[14.5px]">
            {page.all.slice(0, 8).map((one) => (
              <li key={one.tag} className="flex flex-wrap gap-x-2">
                <Link className="num underline" to={`/camera/${one.tag}`}>
                  {one.tag}
                </Link>
                <span className="text-soft num">{`← ${one.earlier}`}</span>
                <span>{one.model}</span>
                <b>{one.judged === undefined ? texts.unjudged : word("likeness", one.judged)}</b>
                {one.covered !== undefined && (
                  <span className="text-soft">{one.covered ? texts.covered : texts.notCovered}</span>
                )}
              </li>
            ))}
          </ul>
        </div>
      )}
    </Panel>
  );
}

function Estimates({ page }: { page: Schemas["EstimatesPage"] }) {
  const percent = (part: number) => `${Math.round(100 * part)} %`;
  return (
    <Panel title={texts.estimates} note={texts.estimatesNote}>
      {page.repairs > 0 && <p>{texts.repairs(page.worked, page.repairs)}</p>}
      {page.kinds.length === 0 ? (
        <Empty>{texts.noEstimates}</Empty>
      ) : (
        <table className="text-[14.5px]">
          <thead>
            <tr className="text-soft text-left text-[13.5px]">
              <th className="font-normal">{texts.work}</th>
              <th className="text-right font-normal">{texts.count}</th>
              <th className="text-right font-normal">{texts.took}</th>
              <th className="text-right font-normal">{texts.factor}</th>
              <th className="text-right font-normal">{texts.within}</th>
            </tr>
          </thead>
          <tbody>
            {page.kinds.map((kind) => (
              <tr key={kind.work} className="border-line/70 border-t">
                <th scope="row" className="py-1 text-left font-normal">
                  {texts.work_[kind.work]}
                </th>
                <td className="num text-right">{kind.count}</td>
                <td className="num text-right">{figure(kind.ratio, 2)}</td>
                <td className="num text-right font-bold">{figure(kind.factor, 2)}</td>
                <td className="num text-right">{percent(kind.within)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {page.kinds.length > 0 && <p className="text-soft text-[13.5px]">{texts.rightIs}</p>}
      {page.held !== undefined && (
        <p className="text-[14.5px]">
          {texts.held(page.held.count, percent(page.held.withinAsSaid), percent(page.held.within))}
        </p>
      )}
    </Panel>
  );
}
