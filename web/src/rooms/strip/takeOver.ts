import type { JobView, Schemas } from "../../api/client";
import { removed } from "../../api/entries";

/** A removal as earlier jobs of the model had it, into the free well. */
export const asUsual = (part: Schemas["KnownPart"], job: JobView) =>
  removed(part.name, {
    side: part.side,
    covers: part.covers,
    fasteners: part.fasteners,
    wells: job.freeWell === undefined || part.fasteners.length === 0 ? [] : [job.freeWell],
    hazards: part.hazards,
    state: part.state,
  });
