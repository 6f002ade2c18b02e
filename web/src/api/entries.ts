import type { Schemas } from "./client";

type Removed = Schemas["Removed"];

/** A removal with nothing noted but what is given. */
export function removed(part: string, more: Partial<Omit<Removed, "kind" | "part">>): Removed {
  return {
    kind: "removed",
    part,
    side: "TOP",
    covers: false,
    fasteners: [],
    joints: [],
    wells: [],
    setting: "",
    loose: [],
    hazards: [],
    remark: "",
    stack: [],
    ...more,
  };
}
