import { useQueryClient } from "@tanstack/react-query";
import { tryAgain } from "../../api/queue";
import { hereQuery, type WhoIsHere } from "../../api/people";

/** Takes note of who came in or went: what others were shown is forgotten, and lines that waited may go. */
export function usePresence() {
  const client = useQueryClient();
  return (here: WhoIsHere) => {
    client.setQueryData(hereQuery.queryKey, here);
    client.removeQueries({ predicate: (query) => query.queryKey[0] !== "here" && !query.isActive() });
    void client.invalidateQueries({ predicate: (query) => query.queryKey[0] !== "here" });
    if (here.signedIn) tryAgain();
  };
}
