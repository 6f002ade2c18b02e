import type { Entry } from "../api/client";
import { useShopLog, type ShopLog } from "./append";
import { texts } from "./words";

/**
 * Changes of something that ships with Ruvant, entered in one of the shop's own logs, and taking one of them back.
 *
 * @param shown what is shown of it; another window's changes since then are pointed out
 * @param none no change at all
 * @param entries how both are entered
 */
export function useShopChanges<Changes extends object>(
  log: ShopLog,
  shown: { lastSequence: number } | undefined,
  none: Changes,
  entries: { made: (changes: Changes) => Entry; takenBack: (id: string) => Entry },
) {
  const say = useShopLog(log);
  const basedOn = shown?.lastSequence;
  return {
    change: (changes: Partial<Changes>, said: string) =>
      say([entries.made({ ...none, ...changes })], said, basedOn),
    takeBack: (id: string) => say([entries.takenBack(id)], texts.resetToWhatShipsWith, basedOn),
  };
}
