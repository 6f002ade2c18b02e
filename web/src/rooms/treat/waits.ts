import type { Entry, Schemas } from "../../api/client";
import { named } from "../../api/named";
import { texts } from "./words";

type Kind = Pick<Schemas["WaitKind"], "id" | "label" | "minutes" | "latestMinutes" | "station" | "late">;

/** The entry that begins a wait of a usual kind. */
export function beginning(kind: Kind, part?: string): Entry {
  return {
    kind: "waitStarted",
    what: named(kind.label, kind.id),
    minutes: kind.minutes,
    latestMinutes: kind.latestMinutes,
    station: kind.station,
    late: kind.late,
    part,
  };
}

/** The entry that begins a wait in no place of its own that is never too late. */
export function simply(what: string, minutes: number, part?: string): Entry {
  return beginning({ id: "", label: what, minutes, latestMinutes: 0, station: "", late: "" }, part);
}

/** The entry that says a wait was seen to be over, or cut short. */
export function ending(waitId: string, over: boolean): Entry {
  return { kind: "waitEnded", waitId, remark: over ? "" : texts.endedEarlyInline };
}
