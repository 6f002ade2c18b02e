import { useQuery } from "@tanstack/react-query";
import type { Schemas } from "../../api/client";
import { tablesQuery } from "../../api/queries";
import { useShopChanges } from "../../hands/shopChanges";

const NONE: Schemas["TableChanges"] = { materials: [], agents: [], soils: [], waits: [] };

/** Changes the tables of agents, materials, soils and waits, or takes a change back. */
export const useTables = () =>
  useShopChanges("house", useQuery(tablesQuery).data, NONE, {
    made: (changes) => ({ kind: "tablesChanged", changes }),
    takenBack: (id) => ({ kind: "tableTakenBack", id }),
  });
