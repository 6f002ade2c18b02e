import type { Schemas } from "../../api/client";

export type AdjustView = Schemas["AdjustView"];
export type Plan = AdjustView["plan"];
