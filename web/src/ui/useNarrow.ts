import { useSyncExternalStore } from "react";

const query = "(max-width: 1179px)";

/** Whether the window is a tablet's rather than a desk's. */
export function useNarrow(): boolean {
  return useSyncExternalStore(
    (changed) => {
      const media = window.matchMedia(query);
      media.addEventListener("change", changed);
      return () => media.removeEventListener("change", changed);
    },
    () => window.matchMedia(query).matches,
  );
}
