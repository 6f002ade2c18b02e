import { useQuery } from "@tanstack/react-query";
import { useEffect } from "react";
import { useLocation } from "react-router";
import { benchShows, phonesQuery } from "../api/phone";
import { jobQuery } from "../api/queries";
import { useAtHand } from "../hands/atHand";
import { benchId } from "../hands/bench";
import { useMay } from "../hands/signer";
import { useSettled } from "../ui/useSettled";
import { STOPS, placeOf } from "../valley/Path";

const SETTLED_MS = 400;

/** Tells phones that follow this bench what is open on it, as it changes; says nothing while no phone is paired. */
export function useBenchFocus(): void {
  const mayWork = useMay("BENCH");
  const phones = useQuery({ ...phonesQuery, enabled: mayWork }).data ?? [];
  const followed = phones.some((one) => one.bench === benchId());
  const [, , tag, place] = useLocation().pathname.split("/");
  const isCamera = useLocation().pathname.startsWith("/camera/");
  const job = useQuery({ ...jobQuery(tag ?? ""), enabled: followed && isCamera }).data;
  const { part, shows, speed } = useAtHand();
  const stop = STOPS.find((one) => placeOf(one) === place) ?? job?.currentStop;
  const focus = useSettled(
    JSON.stringify(isCamera ? { tag, stop, part, shows, speed } : { part: "", shows: "", speed: "" }),
    SETTLED_MS,
  );
  useEffect(() => {
    if (followed) void benchShows(benchId(), JSON.parse(focus) as never).catch(() => undefined);
  }, [followed, focus]);
}
