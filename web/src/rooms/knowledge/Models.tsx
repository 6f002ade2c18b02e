import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { modelsQuery } from "../../api/queries";
import { Empty, Panel } from "../../ui/Panel";
import { texts } from "./words";

/** What we know: every model that came in, the commonest first. */
export function Models() {
  const models = useQuery(modelsQuery).data;
  return (
    <div className="min-h-0 flex-1 overflow-y-auto px-5 py-4">
      <div className="flex items-baseline gap-3 pb-3">
        <h1 className="text-[22px]">{texts.whatWeKnow}</h1>
        <Link to="/known/record" className="ml-auto inline-flex min-h-11 items-center underline">
          {texts.recordOfChanges}
        </Link>
        <Link to="/known/faults" className="inline-flex min-h-11 items-center underline">
          {texts.faultsAndLooks}
        </Link>
        <Link to="/known/adjusters" className="inline-flex min-h-11 items-center underline">
          {texts.adjusters}
        </Link>
      </div>
      <Panel title={texts.models} note={models === undefined ? undefined : `${models.length}`}>
        {models?.length === 0 && <Empty>{texts.nothingYetEveryCameraRepaired}</Empty>}
        <ul className="grid grid-cols-[repeat(auto-fill,minmax(260px,1fr))] gap-2">
          {models?.map((one) => (
            <li key={`${one.maker} ${one.model}`}>
              <Link
                to={`/known/model?${new URLSearchParams({ maker: one.maker, model: one.model })}`}
                className="border-line bg-sheet hover:border-ink flex min-h-[60px] items-center justify-between gap-3 rounded-[4px] border px-3 py-2"
              >
                <b className="truncate text-[16px]">
                  {one.maker} {one.model}
                </b>
                <span className="text-soft shrink-0 text-right text-[13.5px]">
                  <b className="num text-ink text-[16px]">{one.jobs}</b>{" "}
                  {one.jobs === 1 ? texts.job : texts.jobs}
                  {one.here > 0 && <span className="block">{texts.hereNow(one.here)}</span>}
                </span>
              </Link>
            </li>
          ))}
        </ul>
      </Panel>
    </div>
  );
}
