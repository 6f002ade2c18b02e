import { newId } from "../api/ids";

const KEPT = "ruvant.bench";

/** By which this window is told from others, for phones that follow it; the same over a reload. */
export function benchId(): string {
  const known = sessionStorage.getItem(KEPT);
  if (known !== null) return known;
  const fresh = newId().slice(0, 8);
  sessionStorage.setItem(KEPT, fresh);
  return fresh;
}
