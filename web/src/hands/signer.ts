import { useQuery } from "@tanstack/react-query";
import { hereQuery, type Right } from "../api/people";
import { houseQuery } from "../api/queries";
import { storedValue } from "./stored";
import { texts } from "./words";

const chosen = storedValue("ruvant.signer", "");

/** Who signs what is logged in this browser: whoever is signed in, or who was chosen where nobody has to sign in. */
export function useSigner() {
  const people = useQuery(houseQuery).data?.practice.people ?? [];
  const here = useQuery(hereQuery).data;
  const stored = chosen.use();
  const signer = here?.name ?? (people.includes(stored) ? stored : (people[0] ?? texts.me));
  return {
    signer,
    people,
    /** Whether people sign in; then nobody can be chosen, only signed in. */
    signedIn: here?.name !== undefined,
    choose: chosen.write,
    next: () => chosen.write(people[(people.indexOf(signer) + 1) % Math.max(1, people.length)] ?? signer),
  };
}

/** Whether whoever is here may do something; until that is known, they may. */
export function useMay(right: Right): boolean {
  return useQuery(hereQuery).data?.rights.includes(right) ?? true;
}
