import { type Tables } from "./tables";
import { useQuery } from "@tanstack/react-query";
import { Link, useSearchParams } from "react-router";
import type { Schemas } from "../../api/client";
import { tablesQuery, useWords } from "../../api/queries";
import { Pick } from "../../ui/Pick";
import { AgentForm } from "./AgentForm";
import { CellForm } from "./CellForm";
import { MaterialForm } from "./MaterialForm";
import { type Opened, TradeWords } from "./TradeWords";
import { WaitKinds } from "./WaitKinds";
import { texts } from "./words";

type Agent = Schemas["Agent"];

const LOOKS: Record<string, string> = {
  OK: "text-done",
  CARE: "bg-mark-wash text-mark",
  NO: "bg-stop-wash text-stop font-bold",
  NOT_LISTED: "text-soft",
};

/** What each agent does to each material, and the waits: as it ships, and where this shop knows better. */
export function TablesPage() {
  const tables = useQuery(tablesQuery).data;
  const [search, setSearch] = useSearchParams();
  const view = search.get("view") ?? "agents";
  if (tables === undefined) return null;
  const list = search.get("list") as Opened["list"] | null;
  const opened = list === null ? undefined : { list, id: search.get("id") ?? "" };
  const go = (to: Record<string, string>) => setSearch({ view, ...to }, { replace: true });
  return (
    <div className="flex min-h-0 flex-1 flex-col">
      <div className="flex flex-wrap items-center gap-4 px-5 py-2.5">
        <h1 className="text-[22px]">{texts.tablesAndWords}</h1>
        <Pick
          small
          label={texts.table}
          choices={[
            { value: "agents", label: texts.agentsAndMaterials },
            { value: "waits", label: texts.waits },
            { value: "words", label: texts.tradeWords },
          ]}
          value={view}
          onChange={(next) => setSearch({ view: next }, { replace: true })}
        />
        <span className="text-soft">
          {tables.changed.length === 0
            ? texts.asItShips
            : texts.entriesChangedHereVerdictsDiffer(tables.changed.length, tables.differences.length)}
        </span>
        <Link to="/house" className="ml-auto inline-flex min-h-11 items-center underline">
          {texts.settings}
        </Link>
      </div>
      {view === "waits" ? (
        <WaitKinds tables={tables} />
      ) : view === "words" ? (
        <TradeWords
          tables={tables}
          opened={opened}
          onOpen={(one) => go(one === undefined ? {} : { list: one.list, id: one.id })}
        />
      ) : (
        <Matrix tables={tables} chosen={search} go={go} />
      )}
    </div>
  );
}

function Matrix({
  tables,
  chosen,
  go,
}: {
  tables: Tables;
  chosen: URLSearchParams;
  go: (to: Record<string, string>) => void;
}) {
  const { materials, agents } = tables.materials;
  const agentId = chosen.get("agent") ?? "";
  const materialId = chosen.get("material") ?? "";
  const agent = agents.find((one) => one.id === agentId);
  const material = materials.find((one) => one.id === materialId);
  return (
    <div className="bay grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_312px]">
      <div className="min-h-0 overflow-auto pl-5" tabIndex={0} role="group" aria-label={texts.verdicts}>
        <table className="border-separate border-spacing-0 text-[13.5px]">
          <thead>
            <tr>
              <th className="bg-mat sticky top-0 left-0 z-20 min-w-[132px] p-0 align-bottom">
                <span className="flex flex-col items-start gap-1 pb-1">
                  <AddButton label={texts.addAnAgentLabel} onClick={() => go({ agent: "new" })} />
                  <AddButton label={texts.addAMaterialLabel} onClick={() => go({ material: "new" })} />
                </span>
              </th>
              {materials.map((one) => (
                <th
                  key={one.id}
                  scope="col"
                  className="bg-mat sticky top-0 z-10 h-[132px] p-0 align-bottom font-normal"
                >
                  <button
                    type="button"
                    aria-pressed={one.id === materialId && agentId === ""}
                    onClick={() => go({ material: one.id })}
                    className={`wide:w-11 flex h-full w-[30px] rotate-180 items-center justify-start px-1 text-left leading-4 [writing-mode:vertical-rl] ${tables.changed.includes(one.id) ? "text-mark font-bold" : ""} ${one.id === materialId ? "font-bold underline" : ""}`}
                  >
                    {one.label}
                  </button>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {agents.map((one) => (
              <tr key={one.id}>
                <th scope="row" className="bg-mat border-line/70 sticky left-0 z-10 border-t p-0 text-left">
                  <button
                    type="button"
                    aria-pressed={one.id === agentId && materialId === ""}
                    onClick={() => go({ agent: one.id })}
                    className={`min-h-11 w-[132px] pr-2 text-left leading-4 ${tables.changed.includes(one.id) ? "text-mark" : ""} ${one.id === agentId ? "underline" : "font-normal"}`}
                  >
                    {one.label}
                  </button>
                </th>
                {materials.map((of) => (
                  <Cell
                    key={of.id}
                    agent={one}
                    material={of}
                    differs={tables.differences.find((two) => two.agent === one.id && two.material === of.id)}
                    chosen={one.id === agentId && of.id === materialId}
                    onChoose={() => go({ agent: one.id, material: of.id })}
                  />
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <aside
        tabIndex={0}
        aria-label={texts.oneEntry}
        className="border-line bg-sheet min-h-0 overflow-y-auto border-l px-4 py-3"
      >
        {agent !== undefined && material !== undefined && (
          <CellForm key={`${agentId} ${materialId}`} tables={tables} agent={agent} material={material} />
        )}
        {agentId !== "" && materialId === "" && (
          <AgentForm
            key={agentId}
            tables={tables}
            agent={agent}
            onDone={(id) => go(id === "" ? {} : { agent: id })}
          />
        )}
        {materialId !== "" && agentId === "" && (
          <MaterialForm
            key={materialId}
            tables={tables}
            material={material}
            onDone={(id) => go(id === "" ? {} : { material: id })}
          />
        )}
        {agentId === "" && materialId === "" && <p className="text-soft">{texts.pressAVerdictToRead}</p>}
      </aside>
    </div>
  );
}

function AddButton({ label, onClick }: { label: string; onClick: () => void }) {
  return (
    <button
      type="button"
      onClick={onClick}
      className="border-line bg-sheet min-h-11 rounded-[4px] border px-2.5 font-normal"
    >
      {label}
    </button>
  );
}

function Cell({
  agent,
  material,
  differs,
  chosen,
  onChoose,
}: {
  agent: Agent;
  material: Schemas["Material"];
  differs?: Schemas["Difference"];
  chosen: boolean;
  onChoose: () => void;
}) {
  const { word } = useWords();
  const said = agent.verdicts[material.id];
  const verdict = said?.verdict ?? "NOT_LISTED";
  return (
    <td className="border-line/70 border-t p-0">
      <button
        type="button"
        aria-pressed={chosen}
        aria-label={texts.verdictCell(
          agent.label,
          material.label,
          word("verdict", verdict),
          differs && word("verdict", differs.shipped),
        )}
        onClick={onChoose}
        className={`wide:w-11 h-11 w-[30px] text-center ${LOOKS[verdict]} ${chosen ? "outline-ink outline-2 -outline-offset-2" : ""}`}
      >
        {verdict === "NOT_LISTED" ? "·" : word("verdict", verdict)}
        {differs !== undefined && <span className="text-mark block text-[11px] leading-3">{texts.own}</span>}
      </button>
    </td>
  );
}
