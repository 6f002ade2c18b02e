import { useQuery } from "@tanstack/react-query";
import { houseQuery } from "../api/queries";
import { storedValue } from "./stored";
import { texts } from "./words";

const chosen = storedValue("ruvant.signer", "");

/** Who signs what is logged in this browser. */
export function useSigner() {
  const people = useQuery(houseQuery).data?.practice.people ?? [];
  const stored = chosen.use();
  const signer = people.includes(stored) ? stored : (people[0] ?? texts.me);
  return {
    signer,
    people,
    choose: chosen.write,
    next: () => chosen.write(people[(people.indexOf(signer) + 1) % Math.max(1, people.length)] ?? signer),
  };
}
