import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import type { Schemas } from "../../api/client";
import { minutesQuery } from "../../api/plan";
import { minutesWords } from "../../ui/dates";
import { Empty, Panel } from "../../ui/Panel";
import { texts } from "./words";

type OfWork = Schemas["OfWork"];

/** What work really takes here, how well it was known beforehand, where the time goes, and how far forecasts were right. */
export function Minutes() {
  const page = useQuery(minutesQuery).data;
  if (page === undefined) return null;
  const { works, models } = page.here;
  const all = works.reduce((sum, one) => sum + one.all, 0);
  const longest = Math.max(1, ...works.map((one) => one.most));
  return (
    <div className="bay wide:grid-cols-[minmax(0,1fr)_420px] grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_340px] content-start gap-x-8 gap-y-5 overflow-y-auto px-5 py-4">
      <div className="col-span-2 flex items-baseline gap-4">
        <h1 className="text-[22px]">{texts.whatWorkTakes}</h1>
        <Link to="/plan" className="inline-flex min-h-11 items-center underline">
          {texts.plan}
        </Link>
        <span className="text-soft">{texts.fromCameras(page.jobs)}</span>
      </div>
      <div className="flex flex-col gap-6">
        <Panel title={texts.byKindOfWork}>
          {works.length === 0 && <Empty>{texts.nothingTimed}</Empty>}
          {works.length > 0 && (
            <table className="w-full text-[15px]">
              <thead>
                <tr className="text-soft text-left">
                  <th className="py-1 pr-3 font-normal">{texts.work}</th>
                  <th className="py-1 pr-3 font-normal">{texts.took}</th>
                  <th className="py-1 pr-3 font-normal">
                    <span className="sr-only">{texts.spread}</span>
                  </th>
                  <th className="py-1 pr-3 font-normal">{texts.againstEstimate}</th>
                  <th className="py-1 font-normal">{texts.inRange}</th>
                </tr>
              </thead>
              <tbody>
                {works.map((one) => (
                  <WorkRow key={one.work} of={one} longest={longest} />
                ))}
              </tbody>
            </table>
          )}
        </Panel>
        <Panel title={texts.whereTimeGoes}>
          <ul className="flex flex-col gap-1.5">
            {[...works]
              .sort((a, b) => b.all - a.all)
              .map((one) => (
                <li key={one.work} className="grid grid-cols-[110px_1fr_200px] items-center gap-3">
                  <span>{texts.workName(one.work)}</span>
                  <span className="bg-earth h-[14px] rounded-[2px]">
                    <span
                      className="bg-ready block h-full rounded-[2px]"
                      style={{ width: `${(100 * one.all) / Math.max(1, all)}%` }}
                    />
                  </span>
                  <span className="num text-right">
                    {minutesWords(Math.round(one.all))}, {Math.round((100 * one.all) / Math.max(1, all))} %
                  </span>
                </li>
              ))}
          </ul>
        </Panel>
      </div>
      <div className="flex flex-col gap-6">
        <Panel title={texts.howFarRight}>
          {page.forecasts === 0 ? (
            <Empty>{texts.noForecastYet}</Empty>
          ) : (
            <>
              <p className="text-soft text-[14px]">{texts.fromForecasts(page.forecasts)}</p>
              <ul>
                {page.said.map((one) => (
                  <li key={one.chance} className="border-line/70 border-b py-1.5 text-[15.5px]">
                    {texts.saidSo(Math.round(one.chance * 100), Math.round(one.so * 100))}
                  </li>
                ))}
              </ul>
            </>
          )}
        </Panel>
        <Panel title={texts.byModel}>
          <table className="w-full text-[15px]">
            <tbody>
              {models.slice(0, 20).map((one) => (
                <tr key={one.model} className="border-line/70 border-t">
                  <th scope="row" className="py-1 pr-3 text-left font-normal">
                    {one.model}
                  </th>
                  <td className="num py-1 pr-3 text-right">{minutesWords(Math.round(one.minutes))}</td>
                  <td className="py-1 text-right">{texts.times(one.ratio.toFixed(1))}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </Panel>
      </div>
    </div>
  );
}

function WorkRow({ of, longest }: { of: OfWork; longest: number }) {
  const place = (minutes: number) => (100 * minutes) / longest;
  return (
    <tr className="border-line/70 border-t">
      <th scope="row" className="py-1.5 pr-3 text-left font-normal">
        {texts.workName(of.work)} <span className="text-soft num text-[13px]">{of.count}</span>
      </th>
      <td className="py-1.5 pr-3 whitespace-nowrap">{minutesWords(Math.round(of.median))}</td>
      <td className="w-[34%] py-1.5 pr-3">
        <svg
          viewBox="0 0 100 12"
          preserveAspectRatio="none"
          className="h-3 w-full overflow-visible"
          role="img"
          aria-label={texts.range(minutesWords(Math.round(of.least)), minutesWords(Math.round(of.most)))}
        >
          <line
            x1={place(of.least)}
            x2={place(of.most)}
            y1="6"
            y2="6"
            className="stroke-ready"
            strokeWidth="2"
            vectorEffect="non-scaling-stroke"
          />
          <line
            x1={place(of.median)}
            x2={place(of.median)}
            y1="1"
            y2="11"
            className="stroke-ink"
            strokeWidth="3"
            vectorEffect="non-scaling-stroke"
          />
        </svg>
      </td>
      <td className="py-1.5 pr-3 whitespace-nowrap">
        {of.held === undefined ? "–" : texts.times(of.held.ratio.toFixed(1))}
      </td>
      <td className="py-1.5 whitespace-nowrap">
        {of.held === undefined
          ? texts.tooFew
          : texts.ofRange(Math.round(of.held.within * of.held.count), of.held.count)}
      </td>
    </tr>
  );
}
