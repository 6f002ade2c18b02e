import { useQuery } from "@tanstack/react-query";
import type { Schemas } from "../../api/client";
import { tablesQuery } from "../../api/queries";
import { useShopLog } from "../../hands/append";

type Changes = Schemas["TableChanges"];

/** Changes the tables of agents, materials, soils and waits, or takes a change back. */
export function useTables() {
  const say = useShopLog("house");
  const basedOn = useQuery(tablesQuery).data?.lastSequence;
  return {
    change: (changes: Partial<Changes>, said: string) =>
      say(
        [
          {
            kind: "tablesChanged",
            changes: { materials: [], agents: [], soils: [], waits: [], ...changes },
          },
        ],
        said,
        basedOn,
      ),
    takeBack: (id: string) =>
      say([{ kind: "tableTakenBack", id }], "Reset to what ships with Ruvant.", basedOn),
  };
}
