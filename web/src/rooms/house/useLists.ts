import { useQuery } from "@tanstack/react-query";
import type { Schemas } from "../../api/client";
import { tablesQuery } from "../../api/queries";
import { useShopLog } from "../../hands/append";

type Changes = Schemas["ListChanges"];

/** Changes the short lists of the trade, or takes a change back. */
export function useLists() {
  const say = useShopLog("house");
  const basedOn = useQuery(tablesQuery).data?.lastSequence;
  return {
    change: (changes: Partial<Changes>, said: string) =>
      say(
        [
          {
            kind: "listsChanged",
            changes: { words: [], functions: [], cells: [], rungs: [], nouns: [], ...changes },
          },
        ],
        said,
        basedOn,
      ),
    takeBack: (id: string) =>
      say([{ kind: "listTakenBack", id }], "Reset to what ships with Ruvant.", basedOn),
  };
}
