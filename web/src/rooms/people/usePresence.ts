import { useQueryClient, type Query } from "@tanstack/react-query";
import { tryAgain } from "../../api/queue";
import { hereQuery, type WhoIsHere } from "../../api/people";

/**
 * Takes note of who came in or went: what somebody else was shown is forgotten, and lines that waited may go. Where who came may
 * see less, also what is open is taken away until it is asked for anew; otherwise it stays, and what was typed with it.
 */
export function usePresence() {
  const client = useQueryClient();
  return (here: WhoIsHere) => {
    const before = client.getQueryData(hereQuery.queryKey);
    const seesLess = before?.rights.some((right) => !here.rights.includes(right)) ?? false;
    client.setQueryData(hereQuery.queryKey, here);
    client.removeQueries({ predicate: (query) => query.queryKey[0] !== "here" && !query.isActive() });
    const others = { predicate: (query: Query) => query.queryKey[0] !== "here" };
    void (seesLess ? client.resetQueries(others) : client.invalidateQueries(others));
    if (here.signedIn) tryAgain();
  };
}
