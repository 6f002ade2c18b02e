import type { JobView } from "../../api/client";

export type Shot = JobView["album"]["shots"][number];
export function altOf(shot: Shot): string {
  return (
    [shot.what.part, shot.what.shows].filter((word) => word !== undefined && word !== "").join(": ") ||
    "Picture"
  );
}
