import type { JobView, PartView } from "../../api/client";

/** A part next to the one at hand, and whether it is known to lie over or under it or only came off before or after. */
export interface Neighbour {
  part: PartView;
  known: boolean;
}

/**
 * What lies next to a part, outward and inward. What is known to lie over it counts; without it, what came off the same
 * side just before and just after is named, and named as no more than that.
 */
export function neighboursOf(job: JobView, part: PartView): { over?: Neighbour; under?: Neighbour } {
  const here = job.parts.filter(
    (one) => one.removed.side === part.removed.side && one.removed.within === part.removed.within,
  );
  const at = here.indexOf(part);
  const over = job.parts.findLast((one) => part.over.includes(one.name));
  const under = job.parts.find((one) => one.over.includes(part.name));
  return { over: near(over, here[at - 1]), under: near(under, here[at + 1]) };
}

function near(known: PartView | undefined, followed: PartView | undefined): Neighbour | undefined {
  if (known !== undefined) return { part: known, known: true };
  return followed === undefined ? undefined : { part: followed, known: false };
}
