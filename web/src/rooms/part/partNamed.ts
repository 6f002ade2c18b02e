import type { JobView } from "../../api/client";

/** The part of a job by its name, however it is capitalised. */
export const partNamed = (job: JobView | undefined, name: string) =>
  job?.parts.find((part) => part.name.toLowerCase() === name.trim().toLowerCase());
