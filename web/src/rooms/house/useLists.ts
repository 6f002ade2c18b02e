import { useQuery } from "@tanstack/react-query";
import type { Schemas } from "../../api/client";
import { tablesQuery } from "../../api/queries";
import { useShopChanges } from "../../hands/shopChanges";

const NONE: Schemas["ListChanges"] = { words: [], functions: [], cells: [], rungs: [], nouns: [] };

/** Changes the short lists of the trade, or takes a change back. */
export const useLists = () =>
  useShopChanges("house", useQuery(tablesQuery).data, NONE, {
    made: (changes) => ({ kind: "listsChanged", changes }),
    takenBack: (id) => ({ kind: "listTakenBack", id }),
  });
