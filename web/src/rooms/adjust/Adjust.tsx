import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useSearchParams } from "react-router";
import { adjustersQuery } from "../../api/queries";
import { same, type Named } from "../../api/named";
import { ProblemNote } from "../../ui/ProblemNote";
import { useJob } from "../../hands/useJob";
import { SimulatedNote } from "../prove";
import { Adjusters } from "./Adjusters";
import { NextTurn } from "./NextTurn";
import { OrderPlot } from "./OrderPlot";
import { Results } from "./Results";
import { TriedSettings } from "./TriedSettings";
import { TurnsMap } from "./TurnsMap";
import { TurnsPlot } from "./TurnsPlot";
import { texts } from "./words";

/** Which adjuster, which way, how far. */
export function Adjust() {
  const job = useJob();
  const [search, setSearch] = useSearchParams();
  const choose = search.getAll("turn");
  const { data, error } = useQuery(adjustersQuery(job.tag, job.lastSequence, choose));
  const [asked, setAsked] = useState<{ adjuster: Named; at: number; sequence: number }>();
  if (data === undefined)
    return (
      <div className="p-6">
        {error ? <ProblemNote problem={error} /> : <p className="text-soft">{texts.loading}</p>}
      </div>
    );
  const { plan } = data;
  // what was asked about belongs to the setting at which it was asked
  const wish = asked?.sequence === job.lastSequence ? asked : undefined;
  const ask = (adjuster: Named, at: number) => setAsked({ adjuster, at, sequence: job.lastSequence });
  const pick = (ids: string[]) =>
    setSearch(new URLSearchParams(ids.map((id) => ["turn", id] as [string, string])), {
      replace: true,
    });
  const to = (adjuster: Named) =>
    same(wish?.adjuster, adjuster) ? wish?.at : plan.turns.find((turn) => same(turn.adjuster, adjuster))?.to;
  return (
    <div className="bay wide:grid-cols-[264px_minmax(0,1fr)_306px] grid h-full grid-cols-[220px_minmax(0,1fr)_268px]">
      <Adjusters job={job} view={data} onPick={pick} />
      <div className="flex min-h-0 flex-col gap-4 overflow-y-auto px-5 py-3">
        <SimulatedNote job={job} />
        <NextTurn job={job} view={data} asked={wish} onAsk={ask} />
        {plan.brackets.map((bracket) => (
          <OrderPlot key={bracket.result.id} bracket={bracket} plan={plan} />
        ))}
        {plan.map !== undefined && <TurnsMap field={plan.map} turns={plan.turns} />}
        {plan.slices.map((slice) => (
          <TurnsPlot
            key={slice.adjuster.id}
            slice={slice}
            to={to(slice.adjuster)}
            small={plan.slices.length > 1}
            onAsk={(at) => ask(slice.adjuster, at)}
          />
        ))}
      </div>
      <aside className="border-line bg-sheet flex min-h-0 flex-col gap-4 overflow-y-auto border-l px-4 py-3">
        <Results job={job} view={data} />
        <TriedSettings job={job} view={data} />
      </aside>
    </div>
  );
}
