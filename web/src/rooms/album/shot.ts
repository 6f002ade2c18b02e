import type { JobView } from "../../api/client";
import { texts } from "./words";

export type Shot = JobView["album"]["shots"][number];
export function altOf(shot: Shot): string {
  return (
    [shot.what.part, shot.what.shows].filter((word) => word !== undefined && word !== "").join(": ") ||
    texts.pictureLabel
  );
}
